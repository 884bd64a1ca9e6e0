import { whyNotToFreeze } from '../cold/why';
import { lotName } from '../catalogue/lot-name';
import type { ClockOf } from '../cold/household-clocks';
import type { Lot } from '../ledger/lot';
import { failure, success, type Result } from '../units/result';
import type { Deed } from './deed';
import { packsAre } from './pack-names';

/** The places of a household, and how long everything keeps. */
export interface Laying {
  /** What each place is called. */
  readonly names: ReadonlyMap<string, string>;
  /** The places that are freezers, or drawers of one; the usual one first. */
  readonly freezers: readonly string[];
  readonly clockOf: ClockOf;
}

/** Lays packs in a place. What is past its day, or must be cooked now, does not go into a freezer. */
export function move(
  packs: readonly Lot[],
  place: string,
  { names, freezers, clockOf }: Laying,
): Result<Deed> {
  const not = freezers.includes(place)
    ? packs.find((pack) => clockOf(pack).mayRefreeze === false)
    : undefined;
  if (not)
    return failure(`${lotName(not)} is not to be frozen. ${whyNotToFreeze(clockOf(not))} Nothing was moved.`);
  return success({
    facts: packs.map(({ id }) => ({ type: 'placed', lot: id, place })),
    say: `${packsAre(packs)} in ${names.get(place) ?? place}`,
  });
}
