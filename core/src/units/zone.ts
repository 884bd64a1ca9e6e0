import { tzOffset } from '@date-fns/tz';
import { type Instant, type IsoDate, noonOf } from './date';

/** An hour of the day on a clock on the wall, `HH:MM`. */
export type ClockTime = string;

const DAY_MS = 86_400_000;

/**
 * The moment at which a clock on the wall shows a time on a day. A time that a clock leaves out in
 * spring is as much later; of one that it shows twice in autumn, the first is meant.
 *
 * @param zone of the time-zone database, such as `Europe/Paris`
 * @throws RangeError where there is no such day, time or zone
 * @example instantAt('2026-03-29', '19:00', 'Europe/Paris') // '2026-03-29T17:00:00.000Z'
 */
export function instantAt(date: IsoDate, time: ClockTime, zone: string): Instant {
  const wall = Date.parse(`${date}T${time}Z`);
  // A clock is changed at most once in two days: it goes as it did the day before, or as the day after.
  const [before, after] = [wall - DAY_MS, wall + DAY_MS].map((near) => wall - aheadMs(near, zone)) as [
    number,
    number,
  ];
  const isShownAt = (moment: number): boolean => moment + aheadMs(moment, zone) === wall;
  return new Date(!isShownAt(before) && isShownAt(after) ? after : before).toISOString();
}

/**
 * What a clock on the wall and a calendar show at a moment.
 *
 * @throws RangeError where there is no such moment or zone
 * @example wallAt('2026-03-29T17:00:00.000Z', 'Europe/Paris') // { date: '2026-03-29', time: '19:00' }
 */
export function wallAt(instant: Instant, zone: string): { readonly date: IsoDate; readonly time: ClockTime } {
  const moment = Date.parse(instant);
  const wall = new Date(moment + aheadMs(moment, zone)).toISOString();
  return { date: wall.slice(0, 10), time: wall.slice(11, 16) };
}

/** How far the clocks of a zone are ahead of the universal time then. */
const aheadMs = (moment: number, zone: string): number => tzOffset(zone, new Date(moment)) * 60_000;

/**
 * The weekday, Monday is 1 and Sunday 7.
 *
 * @example weekdayOf('2026-11-25') // 3, a Wednesday
 */
export const weekdayOf = (date: IsoDate): number => noonOf(date).getUTCDay() || 7;
