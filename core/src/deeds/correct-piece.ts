import type { FactOf } from '../ledger/entry';
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
 * What is written down of a piece that was bought.
 *
 * @param typed its weight as it was typed; empty where nobody knows
 */
export function pieceBought(lot: Lot, typed = ''): PieceBought {
  return {
    mass: { massDg: lot.inDg, typed },
    count: lot.count,
    paidMinor: lot.paidMinor ?? 0,
    shop: lot.shop ?? '',
    grade: lot.grade ?? '',
    way: lot.way ?? '',
    on: lot.on ?? '',
  };
}

/**
 * The fact that puts right what was written down when a piece was bought: nothing but what is another
 * now. All that came of it stays, where it still fits.
 *
 * @returns in words why not, where nothing is another
 */
export function correctionOf(lot: Lot, right: PieceBought): Result<FactOf<'corrected'>> {
  const was = pieceBought(lot);
  const [shop, grade] = [right.shop.trim(), right.grade.trim()];
  const set: FactOf<'corrected'>['set'] = {
    ...(right.mass.massDg === was.mass.massDg ? {} : { massDg: right.mass.massDg, typed: right.mass.typed }),
    ...(right.count === was.count ? {} : { count: right.count }),
    ...(right.paidMinor === was.paidMinor ? {} : { paidMinor: right.paidMinor }),
    ...(shop === was.shop || shop === '' ? {} : { shop }),
    ...(grade === was.grade || grade === '' ? {} : { grade }),
    ...(right.way === was.way || right.way === '' ? {} : { way: right.way }),
    ...(right.on === was.on || right.on === '' ? {} : { on: right.on }),
  };
  return Object.keys(set).length === 0
    ? failure('Nothing of it is another. What was written down stands.')
    : success({ type: 'corrected', entry: lot.made, set });
}

/** Puts right what was written down when a piece was bought. */
export function correctPiece(lot: Lot, right: PieceBought): Result<Deed> {
  const fact = correctionOf(lot, right);
  return fact.ok
    ? success({ facts: [fact.value], say: `${kindById(lot.kind)?.name ?? 'The piece'} put right.` })
    : fact;
}
