/** A calendar day, `YYYY-MM-DD`, where the household is. */
export type IsoDate = string;
/** A moment, ISO 8601 in UTC with milliseconds. */
export type Instant = string;

const DAY_MS = 86_400_000;
const atNoon = (date: IsoDate): number => Date.parse(`${date}T12:00:00Z`);
/** Days are written with four digits for the year: none comes after this one. */
const LAST_DAY: IsoDate = '9999-12-31';

/** The day of a moment in UTC, the last one where it lies beyond. */
function dayAt(ms: number): IsoDate {
  return ms > atNoon(LAST_DAY) ? LAST_DAY : new Date(ms).toISOString().slice(0, 10);
}

/**
 * Whole days from one calendar day to another; no clock and no daylight saving in it.
 *
 * @example daysBetween('2026-02-27', '2026-03-02') // 3
 */
export function daysBetween(from: IsoDate, to: IsoDate): number {
  return Math.round((atNoon(to) - atNoon(from)) / DAY_MS);
}

/**
 * Minutes from one moment to another, unrounded.
 *
 * @example minutesBetween('2026-01-01T10:00:00.000Z', '2026-01-01T10:01:30.000Z') // 1.5
 */
export function minutesBetween(from: Instant, to: Instant): number {
  return (Date.parse(to) - Date.parse(from)) / 60_000;
}

/** The moment a millisecond later. */
export function justAfter(instant: Instant): Instant {
  return new Date(Date.parse(instant) + 1).toISOString();
}

/** The middle of a day, for what writes days from moments. */
export function noonOf(date: IsoDate): Date {
  return new Date(atNoon(date));
}

/** The calendar day so many days later (earlier when negative). */
export function addDays(date: IsoDate, days: number): IsoDate {
  return dayAt(atNoon(date) + days * DAY_MS);
}

/**
 * The calendar day so many months later; the last day of a shorter month.
 *
 * @example addMonths('2026-01-31', 1) // '2026-02-28'
 */
export function addMonths(date: IsoDate, months: number): IsoDate {
  const [year = 0, month = 1, day = 1] = date.split('-').map(Number);
  const lastDay = new Date(Date.UTC(year, month + months, 0, 12)).getUTCDate();
  return dayAt(Date.UTC(year, month - 1 + months, Math.min(day, lastDay), 12));
}

/** The moment so many hours later, true hours and not those of a clock on the wall; earlier when negative. */
export function addHours(instant: Instant, hours: number): Instant {
  return new Date(Date.parse(instant) + Math.round(hours * 3_600_000)).toISOString();
}
