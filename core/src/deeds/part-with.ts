import type { Lot } from '../ledger/lot';
import type { IsoDate } from '../units/date';
import type { Deed } from './deed';
import { packNames } from './pack-names';

/** Why something is thrown away. A new reason is a line here. */
export const WHY_THROWN = [
  'freezer burn',
  'past its date',
  'thawed too long',
  'torn or open',
  'does not smell right',
  'other',
] as const;

/** Gives packs away, whole. */
export function giveAway(packs: readonly Lot[], on: IsoDate): Deed {
  return {
    facts: packs.map(({ id }) => ({ type: 'given', lot: id, amount: 'all', on })),
    say: `${packNames(packs)} given away`,
  };
}

/** Throws packs away, whole: what they cost is a loss in the Books, under the reason. */
export function throwAway(packs: readonly Lot[], reason: string, on: IsoDate): Deed {
  return {
    facts: packs.map(({ id }) => ({ type: 'discarded', lot: id, amount: 'all', on, reason })),
    say: `${packNames(packs)} thrown away`,
  };
}
