import { addDays, daysBetween, noonOf, type IsoDate } from '../units/date';
import { failure, success, type Result } from '../units/result';
import { dayAndYear } from './days';

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];

/** A calendar day that exists, or null: there is no 31 February. */
function dayOf(year: number, month: number, day: number): IsoDate | null {
  const date = `${String(year).padStart(4, '0')}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`;
  const isMonth = month >= 1 && month <= 12 && day >= 1 && day <= 31 && year >= 1900 && year <= 2999;
  return isMonth && noonOf(date).toISOString().startsWith(date) ? date : null;
}

const fullYear = (year: string): number => (year.length === 2 ? 2000 + Number(year) : Number(year));

/** The days that can be meant. */
export interface DayLimits {
  readonly earliest?: IsoDate | undefined;
  readonly latest?: IsoDate | undefined;
}

interface Reading extends DayLimits {
  readonly today: IsoDate;
}

/** Of the years in which such a day can be meant, the nearest; where it can be in none, this one. */
function nearest(month: number, day: number, { today, earliest, latest }: Reading): IsoDate | null {
  const year = Number(today.slice(0, 4));
  const [first] = [year - 1, year, year + 1]
    .flatMap((each) => dayOf(each, month, day) ?? [])
    .filter((each) => (!earliest || each >= earliest) && (!latest || each <= latest))
    .sort((a, b) => Math.abs(daysBetween(a, today)) - Math.abs(daysBetween(b, today)));
  return first ?? dayOf(year, month, day);
}

function placed(year: string | undefined, month: number, day: number, by: Reading): IsoDate | null {
  return year === undefined ? nearest(month, day, by) : dayOf(fullYear(year), month, day);
}

const ORDINAL = '(\\d{1,2})(?:st|nd|rd|th)?';
const YEAR = '(?:[ ,./-]+(\\d{4}|\\d{2}))?';
const DAY_FIRST = new RegExp(`^${ORDINAL}[ .-]*([a-z]{3,9})\\.?${YEAR}$`);
const MONTH_FIRST = new RegExp(`^([a-z]{3,9})\\.? *${ORDINAL}${YEAR}$`);
const FIGURES = new RegExp(`^(\\d{1,2})([./-])(\\d{1,2})(?:\\2(\\d{4}|\\d{2})?)?$`);

const monthOf = (word: string | undefined): number => MONTHS.findIndex((each) => word?.startsWith(each)) + 1;

/**
 * A day as people write it: `26 Nov`, `Nov 26, 2026`, `2026-11-26`, `26.11.`, `26/11/26`, `today`,
 * `yesterday`, `tomorrow`. Without a year it is the nearest such day within the limits. Two figures that could be read
 * either way about (`3/4`) are asked about and not guessed; with full stops the day comes first, as
 * wherever dates are written so.
 *
 * @example readDay('26 nov', '2026-11-30') // { ok: true, value: '2026-11-26' }
 */
export function readDay(text: string, today: IsoDate, limits: DayLimits = {}): Result<IsoDate> {
  const by = { ...limits, today };
  const typed = text.trim().toLowerCase().replace(/\s+/g, ' ');
  const words: Record<string, number> = { today: 0, yesterday: -1, tomorrow: 1 };
  const away = Object.hasOwn(words, typed) ? words[typed] : undefined;
  if (away !== undefined) return success(addDays(today, away));
  const iso = /^(\d{4})[-./](\d{1,2})[-./](\d{1,2})$/.exec(typed);
  const dayFirst = DAY_FIRST.exec(typed);
  const monthFirst = MONTH_FIRST.exec(typed);
  const found = iso
    ? dayOf(Number(iso[1]), Number(iso[2]), Number(iso[3]))
    : dayFirst
      ? placed(dayFirst[3], monthOf(dayFirst[2]), Number(dayFirst[1]), by)
      : monthFirst
        ? placed(monthFirst[3], monthOf(monthFirst[1]), Number(monthFirst[2]), by)
        : null;
  if (found) return success(found);
  const figures = FIGURES.exec(typed);
  return figures ? inFigures(figures, by) : failure(noDay(text, today));
}

function inFigures([text, one, sign, two, year]: RegExpExecArray, by: Reading): Result<IsoDate> {
  const [first, second] = [Number(one), Number(two)];
  const dayFirst = placed(year, second, first, by);
  const monthFirst = sign === '.' ? null : placed(year, first, second, by);
  if (dayFirst && monthFirst && dayFirst !== monthFirst)
    return failure(`Is ${dayAndYear(dayFirst)} meant, or ${dayAndYear(monthFirst)}? Write it so.`);
  const only = dayFirst ?? monthFirst;
  return only ? success(only) : failure(noDay(text, by.today));
}

const noDay = (text: string, today: IsoDate): string =>
  `“${text.trim()}” is no day. Write it as ${dayAndYear(today)}, or ${today}.`;
