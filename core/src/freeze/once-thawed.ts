import type { Lot } from '../journal/lot';
import { addDays, daysBetween, type IsoDate } from '../units/date';
import { keepingOf, SHORTEST_DAYS } from './keeping';
import { meatOf } from './meat-properties';
import { thawingHours } from './thawing-time';

type Thawing = Pick<
  Lot,
  | 'animal'
  | 'destination'
  | 'part'
  | 'kind'
  | 'form'
  | 'name'
  | 'leftDg'
  | 'thicknessMm'
  | 'thawingDg'
  | 'thawingOn'
  | 'thawingWay'
>;

/** Days that it takes in a refrigerator, begun ones whole. */
function daysToThaw(lot: Thawing): number {
  return Math.ceil(thawingHours(lot.leftDg, lot.thicknessMm, 'refrigerator', meatOf(lot.animal)) / 24);
}

/** Whether all of it has been out for as long as it takes. */
export function isThawed(lot: Thawing, today: IsoDate): boolean {
  if (lot.thawingOn === null || lot.thawingDg < lot.leftDg || lot.leftDg === 0) return false;
  return lot.thawingWay === 'cold-water' || daysBetween(lot.thawingOn, today) >= daysToThaw(lot);
}

/**
 * The last day on which to cook what is thawing: in the refrigerator, the shorter published time
 * from when it is thawed; out of cold water, the day itself.
 *
 * @source USDA FSIS, The Big Thaw (from memory): birds and ground 1 to 2 days, red-meat cuts 3 to 5
 * @returns null where nothing is thawing
 */
export function thawedUntil(lot: Thawing): IsoDate | null {
  if (lot.thawingOn === null || lot.thawingDg === 0) return null;
  if (lot.thawingWay === 'cold-water') return lot.thawingOn;
  return addDays(lot.thawingOn, daysToThaw(lot) + (keepingOf(lot)?.days ?? SHORTEST_DAYS)[0]);
}

/**
 * Why what is thawing cannot go back into the freezer; null where it may.
 *
 * @source USDA FSIS, The Big Thaw (from memory): thawed in the refrigerator it may be frozen again
 *   while it keeps, losing some quality; thawed in cold water it is cooked first
 */
export function whyNotRefreeze(lot: Thawing, today: IsoDate): string | null {
  const until = thawedUntil(lot);
  if (until === null) return 'It is not thawing.';
  if (lot.thawingWay === 'cold-water')
    return 'It was thawed in cold water: cook it first, then it may be frozen.';
  return today > until
    ? 'It has been thawed for longer than it keeps. Look at it, and when in doubt throw it out.'
    : null;
}
