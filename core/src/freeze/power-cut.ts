import { type Lot, totalDg } from '../ledger/lot';
import type { Place } from '../cold/place';

/** Hours that the cold holds with the door shut, by how full a freezer is; and a refrigerator's. */
const COLD_HOLDS_H = { full: 48, half: 24, refrigerator: 4 } as const;

/** How long the cold holds somewhere, as far as anything published says. */
export type Holds =
  /** A published figure. */
  | { readonly hours: number; readonly says: 'published' }
  /** Between the two published figures, by how full it is: ours. */
  | { readonly hours: number; readonly says: 'between' }
  /** Less than half full: under 24 hours, and nobody knows how much. */
  | { readonly hours: null; readonly says: 'under-24' }
  /** Nobody knows how full it is: 24 to 48 hours if it is half full or more. */
  | { readonly hours: null; readonly says: 'unknown' };

/**
 * How long a place stays cold without power, its door shut.
 *
 * @param share how full it is, 0 to 1; null where nobody knows
 * @source USDA FSIS, Keep Your Food Safe During Emergencies (from memory): 48 h full, 24 h half full, a
 *   refrigerator 4 h; between them a straight line, which is ours
 * @example coldHolds({ cold: 'freezer' }, 0.75) // { hours: 36, says: 'between' }
 */
export function coldHolds({ cold }: Pick<Place, 'cold'>, share: number | null): Holds {
  if (cold === 'refrigerator') return { hours: COLD_HOLDS_H.refrigerator, says: 'published' };
  if (share === null) return { hours: null, says: 'unknown' };
  if (share >= 1) return { hours: COLD_HOLDS_H.full, says: 'published' };
  if (share < 0.5) return { hours: null, says: 'under-24' };
  const hours = COLD_HOLDS_H.half + (COLD_HOLDS_H.full - COLD_HOLDS_H.half) * ((share - 0.5) / 0.5);
  return share === 0.5 ? { hours, says: 'published' } : { hours: Math.round(hours), says: 'between' };
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
