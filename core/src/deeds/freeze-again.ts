import type { Cold } from '../cold/cold-clock';
import type { Fact } from '../ledger/entry';
import type { Lot } from '../ledger/lot';
import type { IsoDate } from '../units/date';
import { failure, success, type Result } from '../units/result';
import type { Deed } from './deed';
import { packsAre } from './pack-names';

/**
 * Puts a pack that thaws, or lies in the refrigerator, into the freezer again, where that is safe.
 *
 * @param cold what its clock says
 * @param freezer where it goes; null where the household has none
 */
export function freezeAgain(pack: Lot, cold: Cold, freezer: string | null, on: IsoDate): Result<Deed> {
  if (cold.mayRefreeze === false) return failure(cold.why);
  const facts: readonly Fact[] = [
    ...(pack.thawingDg > 0 ? [{ type: 'refrozen' as const, lot: pack.id, on }] : []),
    ...(freezer === null ? [] : [{ type: 'placed' as const, lot: pack.id, place: freezer }]),
  ];
  return facts.length === 0
    ? failure('Say first which freezer there is, under Places. Nothing was written down.')
    : success({ facts, say: `${packsAre([pack])} frozen again` });
}
