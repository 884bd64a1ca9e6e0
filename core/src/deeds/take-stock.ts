import { foundFacts, stockTakeFacts, type WhyMissing } from '../freeze/stock-take';
import type { Lot } from '../ledger/lot';
import { readShortNumber, shortNumber } from '../label/short-number';
import { failure, success, type Result } from '../units/result';
import type { IsoDate } from '../units/date';
import type { Deed } from './deed';
import { packNames } from './pack-names';

/**
 * Puts the journal right after a stock-take.
 *
 * @param why what became of each pack that is not there
 */
export function takeStock(missing: readonly Lot[], why: ReadonlyMap<string, WhyMissing>, on: IsoDate): Deed {
  return {
    facts: stockTakeFacts(missing, why, on),
    say: `${missing.length} ${missing.length === 1 ? 'pack' : 'packs'} written off`,
  };
}

/**
 * A pack that should lie elsewhere, or was written down as gone, lies here.
 *
 * @param massDg what it weighs, where it was written down as gone
 */
export function findHere(pack: Lot, place: string, massDg: number): Deed {
  return { facts: foundFacts(pack, place, massDg), say: `${packNames([pack])} lies here` };
}

/** What a number on a label names at a stock-take: packs that should lie here, or one that should not. */
export type Numbered = { readonly here: readonly Lot[] } | { readonly elsewhere: Lot };

/**
 * The packs with the number on a label. One that was written down as gone counts as lying elsewhere.
 *
 * @param text as typed or scanned
 * @param stock what should lie in the cold; `lots` all that there ever was
 */
export function packsByNumber(
  text: string,
  place: string,
  { stock, lots }: { readonly stock: readonly Lot[]; readonly lots: Iterable<Lot> },
): Result<Numbered> {
  const number = readShortNumber(text);
  const all = stock.filter((pack) => shortNumber(pack.id) === number);
  const here = all.filter((pack) => (pack.place ?? '') === place);
  if (here.length > 0) return success({ here });
  const gone = (): Lot | undefined =>
    [...lots].findLast((lot) => lot.form === 'pack' && shortNumber(lot.id) === number);
  const elsewhere = all[0] ?? gone();
  return elsewhere
    ? success({ elsewhere })
    : failure(`No pack has the number ${number.slice(0, 12)}. Without a label, enter it as a pack.`);
}
