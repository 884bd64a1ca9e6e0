import type { Lot } from '../ledger/lot';
import type { Deed } from './deed';
import { packsAre } from './pack-names';

/**
 * Lays packs in a place.
 *
 * @param names what each place is called
 */
export function move(packs: readonly Lot[], place: string, names: ReadonlyMap<string, string>): Deed {
  return {
    facts: packs.map(({ id }) => ({ type: 'placed', lot: id, place })),
    say: `${packsAre(packs)} in ${names.get(place) ?? place}`,
  };
}
