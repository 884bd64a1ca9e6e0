import type { Amount } from '../ledger/entry';
import type { Lot } from '../ledger/lot';
import type { IsoDate } from '../units/date';
import type { Deed } from './deed';
import { packNames } from './pack-names';

/** Eats of packs: all, or so much of each; it leaves the stock at its cost. */
export function eat(packs: readonly Lot[], amount: Amount, on: IsoDate): Deed {
  const some = amount === 'all' ? '' : 'A part of ';
  return {
    facts: packs.map(({ id }) => ({ type: 'eaten', lot: id, amount, on })),
    say: `${some}${packNames(packs)} eaten`,
  };
}
