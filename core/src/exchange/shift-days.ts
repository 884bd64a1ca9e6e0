import { addDays } from '../units/date';

/**
 * The same file with every date and time so many days later; so the demo household always ends
 * today. Works on the parsed file, before it is read.
 */
export function shiftDays<T>(file: T, days: number): T {
  return shift(file, days) as T;
}

function shift(value: unknown, days: number): unknown {
  if (Array.isArray(value)) return value.map((inner) => shift(inner, days));
  if (typeof value === 'object' && value !== null) {
    return Object.fromEntries(
      Object.entries(value).map(([key, inner]) => [
        key,
        key === 'meatless' && Array.isArray(inner)
          ? inner.map((day: number) => weekday(day, days))
          : shift(inner, days),
      ]),
    );
  }
  return typeof value === 'string' ? shiftText(value, days) : value;
}

/** Weekdays go along, so that a plan still keeps off the days without meat. Monday is 1. */
function weekday(day: number, days: number): number {
  return ((((day - 1 + days) % 7) + 7) % 7) + 1;
}

function shiftText(text: string, days: number): string {
  const match = /^(\d{4}-\d{2}-\d{2})(T.*Z)?$/.exec(text);
  return match?.[1] ? addDays(match[1], days) + (match[2] ?? '') : text;
}
