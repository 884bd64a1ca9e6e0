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

const WEEK_MS = 7 * DAY_MS;

/** A moment as a clock on the wall shows it, `YYYY-MM-DDTHH:MM:SS`. */
export type Wall = string;

/**
 * As {@link instantAt}, for very many moments: a zone is asked once a week, and once a day only in a week
 * in which its clocks are changed. Clocks are changed by night: on the day itself it is asked at noon.
 *
 * @returns the moment so many days after the one that the clock shows, at which it shows the same hour
 * @example daylight('Europe/Paris')('2026-03-27T19:00:00', 2) // '2026-03-29T17:00:00.000Z'
 */
export function daylight(zone: string): (wall: Wall, laterDays: number) => Instant {
  const [weeks, days] = [new Map<number, number | null>(), new Map<number, number>()];
  const onDay = (dayMs: number): number =>
    remembered(days, dayMs, () => {
      const noon = instantAt(new Date(dayMs).toISOString().slice(0, 10), '12:00', zone);
      return Date.parse(noon) - dayMs - DAY_MS / 2;
    });
  /** Null where not all of its days have the same. */
  const inWeek = (weekMs: number): number | null =>
    remembered(weeks, weekMs, () => (onDay(weekMs) === onDay(weekMs + WEEK_MS) ? onDay(weekMs) : null));
  const begin = (of: number, ms: number): number => Math.floor(ms / of) * of;
  return (wall, laterDays) => {
    const ms = Date.parse(`${wall}.000Z`) + laterDays * DAY_MS;
    return new Date(ms + (inWeek(begin(WEEK_MS, ms)) ?? onDay(begin(DAY_MS, ms)))).toISOString();
  };
}

function remembered<K, T>(known: Map<K, T>, key: K, ask: () => T): T {
  const there = known.get(key);
  if (there !== undefined) return there;
  const answer = ask();
  known.set(key, answer);
  return answer;
}

/** How far the clocks of a zone are ahead of the universal time then. */
const aheadMs = (moment: number, zone: string): number => tzOffset(zone, new Date(moment)) * 60_000;

/**
 * The weekday, Monday is 1 and Sunday 7.
 *
 * @example weekdayOf('2026-11-25') // 3, a Wednesday
 */
export const weekdayOf = (date: IsoDate): number => noonOf(date).getUTCDay() || 7;
