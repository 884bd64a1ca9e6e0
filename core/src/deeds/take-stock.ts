import { foundFacts, stockTakeFacts, type WhyMissing } from '../freeze/stock-take';
import type { Lot } from '../ledger/lot';
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
    say: `${missing.length} ${missing.length === 1 ? 'pack' : 'packs'} put right`,
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
