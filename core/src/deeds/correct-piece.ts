import type { FactOf } from '../ledger/entry';
import { purchaseTotals } from '../ledger/bought-together';
import type { Lot } from '../ledger/lot';
import { failure, success, type Result } from '../units/result';
import type { IsoDate } from '../units/date';
import type { Minor } from '../units/money';
import type { TypedMass } from '../units/parse-mass';
import { kindById } from '../catalogue/kinds';
import type { Deed } from './deed';

/** What was bought, as it should have been written down. */
export interface PieceBought {
  readonly mass: TypedMass;
  readonly count: number;
  readonly paidMinor: Minor;
  readonly shop: string;
  readonly grade: string;
  readonly way: string;
  readonly on: IsoDate;
}

/**
 * What is written down of a purchase; of what was split since, of all of it together.
 *
 * @param lot the piece that is looked at: its way is its own
 * @param together the pieces that came as one with it
 * @param typed its weight as it was typed; empty where nobody knows
 */
export function pieceBought(lot: Lot, typed = '', together: readonly Lot[] = [lot]): PieceBought {
  const { inDg, count, paidMinor } = purchaseTotals(together);
  return {
    mass: { massDg: inDg, typed },
    count,
    paidMinor,
    shop: lot.shop ?? '',
    grade: lot.grade ?? '',
    way: lot.way ?? '',
    on: lot.on ?? '',
  };
}

/**
 * The facts that put right what was written down when a piece was bought: nothing but what is another
 * now. All that came of it stays, where it still fits.
 *
 * @returns in words why not, where nothing is another
 */
export function correctionOf(
  lot: Lot,
  right: PieceBought,
  together: readonly Lot[] = [lot],
): Result<FactOf<'corrected'>[]> {
  const was = pieceBought(lot, '', together);
  const [shop, grade] = [right.shop.trim(), right.grade.trim()];
  const set: FactOf<'corrected'>['set'] = {
    ...(right.mass.massDg === was.mass.massDg ? {} : { massDg: right.mass.massDg, typed: right.mass.typed }),
    ...(right.count === was.count ? {} : { count: right.count }),
    ...(right.paidMinor === was.paidMinor ? {} : { paidMinor: right.paidMinor }),
    ...(shop === was.shop || shop === '' ? {} : { shop }),
    ...(grade === was.grade || grade === '' ? {} : { grade }),
    ...(right.on === was.on || right.on === '' ? {} : { on: right.on }),
  };
  const way = right.way === was.way || right.way === '' ? {} : { way: right.way };
  // What was split off has a way of its own; all else is of the purchase.
  const sets =
    lot.made === lot.came
      ? [{ entry: lot.made, set: { ...set, ...way } }]
      : [
          { entry: lot.came, set },
          { entry: lot.made, set: way },
        ];
  const facts = sets
    .filter((each) => Object.keys(each.set).length > 0)
    .map((each) => ({ type: 'corrected', ...each }) as const);
  return facts.length === 0
    ? failure('Nothing of it is another. What was written down stands.')
    : success(facts);
}

/** Puts right what was written down when a piece was bought. */
export function correctPiece(lot: Lot, right: PieceBought, together: readonly Lot[] = [lot]): Result<Deed> {
  const correction = correctionOf(lot, right, together);
  return correction.ok
    ? success({ facts: correction.value, say: `${kindById(lot.kind)?.name ?? 'The piece'} put right.` })
    : correction;
}
