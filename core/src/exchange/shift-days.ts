import { addDays, type IsoDate } from '../units/date';

/**
 * The same value with every date and time in it so many days later, weekdays without meat among them.
 *
 * @param value parsed JSON, such as a household's file before it is read
 * @example shiftDays({ on: '2026-02-27' }, 3) // { on: '2026-03-02' }
 */
export function shiftDays<T>(value: T, days: number): T {
  return dayShifter(days)(value);
}

/** The same for many values, of which most have the same few days. */
export function dayShifter(days: number): <T>(value: T) => T {
  const known = new Map<IsoDate, IsoDate>();
  const later = (day: IsoDate): IsoDate => {
    const moved = known.get(day) ?? addDays(day, days);
    known.set(day, moved);
    return moved;
  };
  const shift = (value: unknown): unknown => {
    if (typeof value === 'string') return shiftText(value, later);
    if (Array.isArray(value)) return value.map(shift);
    if (typeof value !== 'object' || value === null) return value;
    const moved: Record<string, unknown> = {};
    for (const [key, inner] of Object.entries(value))
      moved[key] =
        key === 'meatless' && Array.isArray(inner)
          ? inner.map((day: number) => weekday(day, days))
          : shift(inner);
    return moved;
  };
  return <T>(value: T) => shift(value) as T;
}

/** Weekdays go along, so that a plan still keeps off the days without meat. Monday is 1. */
function weekday(day: number, days: number): number {
  return ((((day - 1 + days) % 7) + 7) % 7) + 1;
}

const [A_DAY, A_MOMENT] = ['2026-03-01'.length, '2026-03-01T10:00:00.000Z'.length];

function shiftText(text: string, later: (day: IsoDate) => IsoDate): string {
  if (text.length !== A_DAY && text.length !== A_MOMENT) return text;
  const match = /^(\d{4}-\d{2}-\d{2})(T.*Z)?$/.exec(text);
  return match?.[1] ? later(match[1]) + (match[2] ?? '') : text;
}
