import { isInFreezer, keepsUpTo } from '../cold/cold';
import type { ClockOf } from '../cold/household-clocks';
import { meatOf } from '../cold/meat-properties';
import { THAWING, thawingHours, type ThawingWay } from '../cold/thawing-time';
import type { Lot } from '../ledger/lot';
import { addHours, minutesBetween, type Instant, type IsoDate } from '../units/date';

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

/** When somebody wants to cook. */
export interface PanTime {
  readonly now: Instant;
  /** When cooking starts: meat must be thawed then, and not when people sit down. */
  readonly panAt: Instant;
  /** The day of it where the household is. */
  readonly on: IsoDate;
}

/**
 * What can be in the pan at a moment, oldest first: fresh or thawed already, on its way, in the
 * refrigerator, or in cold water. What is past its day then is not offered; what is on its way to be
 * frozen is fresh to its old last day, and hard or nothing after it.
 */
export function readyBy(packs: readonly Lot[], at: PanTime, clockOf: ClockOf): Ready[] {
  return packs.flatMap((lot) => readyOne(lot, at, clockOf));
}

function readyOne(lot: Lot, { now, panAt, on }: PanTime, clockOf: ClockOf): Ready[] {
  const cold = clockOf(lot);
  const { state, cookBy, readyAt, frozenAt } = cold;
  const is = (way: ReadyWay | null, hours: number, more: Partial<Ready> = {}): Ready[] => [
    { lot, way, hours, outBy: null, notBefore: null, ...more },
  ];
  const hours = (way: ThawingWay): number =>
    thawingHours(lot.leftDg, lot.thicknessMm, THAWING[way], meatOf(lot.animal));
  if (cold.toCheck || !keepsUpTo(cold, on)) return [];
  if (state === 'fresh' || state === 'sealed') return is('fresh', 0);
  if (state === 'freezing' && cookBy !== null && on <= cookBy) return is('fresh', 0);
  if (state === 'thawed') return is('thawed', 0);
  if (readyAt !== null && readyAt <= panAt) return is('on-its-way', 0, { notBefore: readyAt });
  // Nothing comes out before it is frozen: it would be as old as if it had never gone in.
  const from = state === 'freezing' ? (frozenAt ?? panAt) : now;
  const hoursLeft = minutesBetween(from > now ? from : now, panAt) / 60;
  // What thaws in the refrigerator and is not through yet can go into cold water as well.
  const ways = (Object.keys(THAWING) as ThawingWay[]).filter(
    (each) => isInFreezer(cold) || (each === 'cold-water' && cold.softAt === null),
  );
  const way = ways.find((each) => hours(each) <= hoursLeft);
  if (!way) return is(null, hours('cold-water'));
  return is(way, hours(way), { outBy: addHours(panAt, -hours(way)) });
}
