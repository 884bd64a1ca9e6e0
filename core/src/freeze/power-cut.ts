import type { Lot } from '../journal/lot';
import { totalDg } from '../journal/lot';
import type { Place } from '../journal/record';

/** Hours that the cold holds with the door shut, by how full a freezer is; and a refrigerator's. */
export const COLD_HOLDS_H = { full: 48, half: 24, refrigerator: 4 } as const;

export type Fullness = 'full' | 'half';

/**
 * How long a place stays cold without power, its door shut.
 *
 * @source USDA FSIS, Keep Your Food Safe During Emergencies (from memory)
 */
export function coldHoldsH(place: Pick<Place, 'cold'>, fullness: Fullness): number {
  return place.cold === 'refrigerator' ? COLD_HOLDS_H.refrigerator : COLD_HOLDS_H[fullness];
}

/**
 * What to look at first once the power is back: what lay in a refrigerator or was thawing, then
 * the thinnest and lightest, which are warm first.
 */
export function checkFirst(packs: readonly Lot[], places: ReadonlyMap<string, Pick<Place, 'cold'>>): Lot[] {
  const rank = (pack: Lot): number =>
    places.get(pack.place ?? '')?.cold === 'refrigerator' || pack.thawingDg > 0 ? 0 : 1;
  const size = (pack: Lot): number => (pack.thicknessMm ?? 40) * Math.cbrt(totalDg(pack));
  return [...packs].sort((a, b) => rank(a) - rank(b) || size(a) - size(b) || (a.id < b.id ? -1 : 1));
}
