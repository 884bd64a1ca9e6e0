import { Temporal } from 'temporal-polyfill';
import type { Instant, IsoDate } from './date';

/** An hour of the day on a clock on the wall, `HH:MM`. */
export type ClockTime = string;

/**
 * The moment at which a clock on the wall shows a time on a day. A time that a clock leaves out in
 * spring is as much later; of one that it shows twice in autumn, the first is meant.
 *
 * @param zone of the time-zone database, such as `Europe/Paris`
 * @example instantAt('2026-03-29', '19:00', 'Europe/Paris') // '2026-03-29T17:00:00.000Z'
 */
export function instantAt(date: IsoDate, time: ClockTime, zone: string): Instant {
  return text(Temporal.PlainDateTime.from(`${date}T${time}`).toZonedDateTime(zone).toInstant());
}

/**
 * What a clock on the wall and a calendar show at a moment.
 *
 * @example wallAt('2026-03-29T17:00:00.000Z', 'Europe/Paris') // { date: '2026-03-29', time: '19:00' }
 */
export function wallAt(instant: Instant, zone: string): { readonly date: IsoDate; readonly time: ClockTime } {
  const wall = Temporal.Instant.from(instant).toZonedDateTimeISO(zone);
  return {
    date: wall.toPlainDate().toString(),
    time: wall.toPlainTime().toString({ smallestUnit: 'minute' }),
  };
}

const text = (instant: Temporal.Instant): Instant => instant.toString({ smallestUnit: 'millisecond' });

/**
 * The weekday, Monday is 1 and Sunday 7.
 *
 * @example weekdayOf('2026-11-25') // 3, a Wednesday
 */
export function weekdayOf(date: IsoDate): number {
  return Temporal.PlainDate.from(date).dayOfWeek;
}
