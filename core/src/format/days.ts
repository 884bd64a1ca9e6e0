import { daysBetween, noonOf, type IsoDate } from '../units/date';
import { plural } from './plural';

const style = (options: Intl.DateTimeFormatOptions): Intl.DateTimeFormat =>
  new Intl.DateTimeFormat('en-GB', { ...options, timeZone: 'UTC' });
const WEEKDAY = style({ weekday: 'short', day: 'numeric', month: 'short' });
const DAY = style({ day: 'numeric', month: 'short' });
const MONTH_AND_YEAR = style({ month: 'long', year: 'numeric' });
const DAY_AND_YEAR = style({ day: 'numeric', month: 'short', year: 'numeric' });

/** A day of a plan: its weekday first. */
export const weekdayWords = (date: IsoDate): string => WEEKDAY.format(noonOf(date));

/** A day with its year, for what is read long after. */
export const dayAndYear = (date: IsoDate): string => DAY_AND_YEAR.format(noonOf(date));

/** The month of a day. */
export const monthWords = (date: IsoDate): string => MONTH_AND_YEAR.format(noonOf(date));

/** A day, without its year where that is this one. */
export function dayWords(date: IsoDate, today: IsoDate): string {
  return date.slice(0, 4) === today.slice(0, 4) ? DAY.format(noonOf(date)) : dayAndYear(date);
}

/**
 * How long ago a day was, or how far ahead.
 *
 * @example ageWords('2026-01-01', '2026-03-01') // '8 weeks ago'
 */
export function ageWords(date: IsoDate, today: IsoDate): string {
  const days = daysBetween(date, today);
  if (days === 0) return 'today';
  const size = Math.abs(days);
  const length =
    size < 14
      ? plural(size, 'day')
      : size < 70
        ? plural(Math.round(size / 7), 'week')
        : plural(Math.round(size / 30.4), 'month');
  return days > 0 ? `${length} ago` : `in ${length}`;
}
