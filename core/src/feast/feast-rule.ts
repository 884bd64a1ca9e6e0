import { gregorianEaster, orthodoxEaster } from 'date-easter';
import { addDays, daysBetween, noonOf, type IsoDate } from '../units/date';
import { weekdayOf } from '../units/zone';
import { EASTER_DAYS, type OwnFeastRule } from './feast-schemas';

/** Calendars by which feasts are kept beside the civil one, as Unicode calls them, and how it writes their months. */
const MONTHS = { 'islamic-umalqura': 'numeric', hebrew: 'long', chinese: 'numeric' } as const;
type FeastCalendar = keyof typeof MONTHS;

/** How any feast comes back: also by Easter of the Orthodox churches, or a day of another calendar. */
export type FeastRule =
  | OwnFeastRule
  | { readonly by: 'orthodox-easter'; readonly offset: number }
  | {
      readonly by: 'calendar';
      readonly calendar: FeastCalendar;
      readonly month: string;
      readonly day: number;
    };

const two = (value: number): string => String(value).padStart(2, '0');
const civil = ({ year, month: of, day }: { year: number; month: number; day: number }): IsoDate =>
  `${year}-${two(of)}-${two(day)}`;

/**
 * The days of a civil year on which a feast falls: one, none, or two where another calendar's year
 * is shorter. A 29 February is the 28th where there is none.
 *
 * Easter by Gauss's rule in the library; other calendars by the Unicode data in the browser. That of
 * Islam is Umm al-Qura, reckoned ahead: where the moon is sighted it may be a day off.
 *
 * @example feastDates({ by: 'weekday', month: 11, weekday: 4, nth: 4 }, 2026) // ['2026-11-26']
 */
export function feastDates(rule: FeastRule, year: number): IsoDate[] {
  switch (rule.by) {
    case 'day':
      return [addDays(`${year}-${two(rule.month)}-01`, Math.min(rule.day, lengthOf(year, rule.month)) - 1)];
    case 'easter':
      return [addDays(civil(gregorianEaster(year)), rule.offset)];
    case 'orthodox-easter':
      return [addDays(civil(orthodoxEaster(year)), rule.offset)];
    case 'weekday':
      return [nthWeekday(year, rule)];
    case 'calendar':
      return daysInCalendar(rule.calendar, year).get(`${rule.day} ${rule.month}`) ?? [];
  }
}

const lengthOf = (year: number, of: number): number =>
  Number(addDays(of === 12 ? `${year + 1}-01-01` : `${year}-${two(of + 1)}-01`, -1).slice(8));

function nthWeekday(year: number, { month: of, weekday, nth }: OwnFeastRule & { by: 'weekday' }): IsoDate {
  const first = `${year}-${two(of)}-01`;
  const earliest = addDays(first, (weekday - weekdayOf(first) + 7) % 7);
  if (nth > 0) return addDays(earliest, (nth - 1) * 7);
  const fifth = addDays(earliest, 28);
  return fifth.slice(0, 7) === first.slice(0, 7) ? fifth : addDays(earliest, 21);
}

const reckoned = new Map<string, Map<string, IsoDate[]>>();

/** By day and month of another calendar, the days of a civil year; reckoned once. */
function daysInCalendar(calendar: FeastCalendar, year: number): Map<string, IsoDate[]> {
  const key = `${calendar} ${year}`;
  const known = reckoned.get(key);
  if (known) return known;
  const byDay = new Map<string, IsoDate[]>();
  const format = new Intl.DateTimeFormat('en', {
    calendar,
    month: MONTHS[calendar],
    day: 'numeric',
    timeZone: 'UTC',
  });
  for (let on = `${year}-01-01`; on <= `${year}-12-31`; on = addDays(on, 1)) {
    const parts = format.formatToParts(noonOf(on));
    const partOf = (type: string): string => parts.find((part) => part.type === type)?.value ?? '';
    const named = `${partOf('day')} ${partOf('month')}`;
    byDay.set(named, [...(byDay.get(named) ?? []), on]);
  }
  reckoned.set(key, byDay);
  return byDay;
}

/** The ways in which a feast on that day may come back, for a household to choose from. */
export function rulesOn(on: IsoDate): OwnFeastRule[] {
  const [year, of, day] = on.split('-').map(Number) as [number, number, number];
  const nth = Math.ceil(day / 7);
  const isLast = day + 7 > lengthOf(year, of);
  const offset = daysBetween(civil(gregorianEaster(year)), on);
  return [
    { by: 'day', month: of, day },
    { by: 'weekday', month: of, weekday: weekdayOf(on), nth: (isLast ? -1 : nth) as 1 | 2 | 3 | 4 | -1 },
    ...(Math.abs(offset) <= EASTER_DAYS ? [{ by: 'easter', offset } as const] : []),
  ];
}
