import { addDays, type IsoDate } from '../units/date';
import { weekdayOf } from '../units/zone';

/** So many of each are kept: the last days, the last of each week before, the last of each month before. */
const KEPT = { days: 7, weeks: 8, months: 12 };

/** The Monday of a day's week. */
function weekOf(day: IsoDate): IsoDate {
  return addDays(day, 1 - weekdayOf(day));
}

/**
 * Which rolling copies stay: of the latest days seven, of weeks eight, of months twelve, each by its
 * last copy. One copy may stand for a day, a week and a month. Today's stays whatever days there are: a clock that
 * was ahead may have left copies of days to come.
 *
 * @param days the days of which there are copies, in any order
 * @param today stays, if there is one of it
 * @returns those that stay, the latest first
 * @example a copy every day for a year: 7 days, then one a week, then one a month, 20 or so in all
 */
export function copiesKept(days: readonly IsoDate[], today: IsoDate): IsoDate[] {
  const latestFirst = [...new Set(days)].sort().reverse();
  const last = (count: number, groupOf: (day: IsoDate) => string): IsoDate[] => {
    const byGroup = new Map<string, IsoDate>();
    for (const day of latestFirst) if (!byGroup.has(groupOf(day))) byGroup.set(groupOf(day), day);
    return [...byGroup.values()].slice(0, count);
  };
  const kept = new Set([
    today,
    ...last(KEPT.days, (day) => day),
    ...last(KEPT.weeks, weekOf),
    ...last(KEPT.months, (day) => day.slice(0, 7)),
  ]);
  return latestFirst.filter((day) => kept.has(day));
}
