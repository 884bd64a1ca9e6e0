import type { Lot } from '../journal/lot';
import { meatOf } from './meat-properties';
import { THAWING, thawingHours, type ThawingWay } from './thawing-time';

/** Whether a pack can be thawed in time, and how. */
export interface Ready {
  readonly lot: Lot;
  /** The gentlest way that is quick enough; null where none is, and it is cooked from frozen or another day. */
  readonly way: ThawingWay | 'thawed' | null;
  /** Hours by that way; by cold water where none is quick enough. */
  readonly hours: number;
}

/**
 * What can be on the table in so many hours, oldest first: thawed or fresh already, in the
 * refrigerator, or in cold water.
 *
 * @param isThawed whether a pack has been thawing long enough, or was never frozen
 */
export function readyBy(packs: readonly Lot[], hoursLeft: number, isThawed: (pack: Lot) => boolean): Ready[] {
  return packs.map((lot): Ready => {
    if (isThawed(lot)) return { lot, way: 'thawed', hours: 0 };
    const hours = (way: ThawingWay): number =>
      thawingHours(lot.leftDg, lot.thicknessMm, way, meatOf(lot.animal));
    const way = (Object.keys(THAWING) as ThawingWay[]).find((each) => hours(each) <= hoursLeft);
    return way ? { lot, way, hours: hours(way) } : { lot, way: null, hours: hours('cold-water') };
  });
}
