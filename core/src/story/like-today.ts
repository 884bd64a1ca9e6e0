import { addDays, daysBetween, type IsoDate } from '../units/date';

const [WEEK, YEAR] = [7, 364];

/**
 * The day of a story's last year that is most like a day: the same weekday, and the season within half
 * a week. From it to that day are whole weeks.
 *
 * @param until the last day of the story, of which at least a year and a week are told
 * @example likeToday('2027-12-25', '2027-05-29') // '2026-12-26', a Saturday as well
 */
export function likeToday(today: IsoDate, until: IsoDate): IsoDate {
  const year = Number(until.slice(0, 4));
  const seasons = [year - 1, year].map((of) => inYear(of, today));
  const weeks = Math.floor(daysBetween(until, today) / WEEK);
  const latest = addDays(today, -WEEK * weeks);
  const candidates = Array.from({ length: YEAR / WEEK + 1 }, (_, nth) => addDays(latest, -WEEK * (nth + 1)));
  const off = (candidate: IsoDate): number =>
    Math.min(...seasons.map((season) => Math.abs(daysBetween(season, candidate))));
  return candidates.reduce((best, each) => (off(each) < off(best) ? each : best));
}

/** The same day of another year; 29 February is the first of March where there is none. */
function inYear(year: number, day: IsoDate): IsoDate {
  return addDays(`${year}${day.slice(4, 8)}01`, Number(day.slice(8)) - 1);
}
