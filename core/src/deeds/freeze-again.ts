import { whyNotToFreeze } from '../cold/why';
import type { Cold } from '../cold/cold';
import type { Fact } from '../ledger/entry';
import type { Lot } from '../ledger/lot';
import type { IsoDate } from '../units/date';
import { failure, success, type Result } from '../units/result';
import type { Deed } from './deed';
import { packsAre } from './pack-names';

/**
 * Puts a pack that thaws, or lies in the refrigerator, into the freezer again, where that is safe: to where
 * it lay before.
 *
 * @param cold what its clock says
 * @param freezers the places of all freezers, the usual one first
 */
export function freezeAgain(pack: Lot, cold: Cold, freezers: readonly string[], on: IsoDate): Result<Deed> {
  if (cold.mayRefreeze === false) return failure(whyNotToFreeze(cold));
  const freezer = layIn(pack, freezers) ?? freezers[0];
  const facts: readonly Fact[] = [
    ...(freezer === undefined ? [] : [{ type: 'placed' as const, lot: pack.id, place: freezer }]),
    ...(pack.thawingDg > 0 ? [{ type: 'refrozen' as const, lot: pack.id, on }] : []),
  ];
  return facts.length === 0
    ? failure('Say first which freezer there is, under Places. Nothing was written down.')
    : success({ facts, say: `${packsAre([pack])} frozen again` });
}

/** The freezer that it lay in last. */
function layIn({ cold }: Lot, freezers: readonly string[]): string | undefined {
  return cold.findLast(({ place }) => place !== undefined && freezers.includes(place))?.place;
}
