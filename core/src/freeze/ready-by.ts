import type { Lot } from '../ledger/lot';
import { addHours, minutesBetween, type Instant } from '../units/date';
import type { ClockOf } from '../cold/household-clocks';
import { meatOf } from '../cold/meat-properties';
import { THAWING, thawingHours, type ThawingWay } from '../cold/thawing-time';

/** How a pack can be ready. */
export type ReadyWay = 'fresh' | 'thawed' | 'on-its-way' | ThawingWay;

/** Whether a pack can be in the pan at a moment, and how. */
export interface Ready {
  readonly lot: Lot;
  /** The gentlest way that is quick enough; null where none is, and it is cooked from frozen or another day. */
  readonly way: ReadyWay | null;
  /** Hours by that way; by cold water where none is quick enough. */
  readonly hours: number;
  /** The latest moment to take it out; null for what is out. */
  readonly outBy: Instant | null;
  /** Not before that moment, for what is still on its way. */
  readonly notBefore: Instant | null;
}

/**
 * What can be in the pan at a moment, oldest first: fresh or thawed already, on its way, in the
 * refrigerator, or in cold water. What is past its day is not offered.
 *
 * @param panAt when cooking starts: meat must be thawed then, and not when people sit down
 */
export function readyBy(packs: readonly Lot[], now: Instant, panAt: Instant, clockOf: ClockOf): Ready[] {
  const hoursLeft = minutesBetween(now, panAt) / 60;
  return packs.flatMap((lot): Ready[] => {
    const { state, overdue, readyAt } = clockOf(lot);
    if (overdue) return [];
    const is = (way: ReadyWay | null, hours: number, more: Partial<Ready> = {}): Ready[] => [
      { lot, way, hours, outBy: null, notBefore: null, ...more },
    ];
    if (state === 'fresh' || state === 'sealed') return is('fresh', 0);
    if (state === 'thawed') return is('thawed', 0);
    const hours = (way: ThawingWay): number =>
      thawingHours(lot.leftDg, lot.thicknessMm, THAWING[way], meatOf(lot.animal));
    if (state === 'thawing' && readyAt)
      return readyAt <= panAt ? is('on-its-way', 0, { notBefore: readyAt }) : is(null, hours('cold-water'));
    // What thaws in the refrigerator and is not through yet can go into cold water as well.
    const ways = Object.keys(THAWING) as ThawingWay[];
    const way = ways.find(
      (each) => (state === 'frozen' || each === 'cold-water') && hours(each) <= hoursLeft,
    );
    if (!way) return is(null, hours('cold-water'));
    return is(way, hours(way), { outBy: addHours(panAt, -hours(way)) });
  });
}
