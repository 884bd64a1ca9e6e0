import { mean, sum } from 'd3-array';
import { daysBetween, type IsoDate } from '../units/date';

const YEAR_DAYS = 365.25;
/** From fewer or closer points a line would be chance. */
const LEAST = { points: 3, days: 180 };

/**
 * By how much a figure changes in a year: the slope of the least-squares line through its values.
 *
 * @returns null for fewer than three values, or where they span less than half a year
 * @example 0.70, 0.71 and 0.72 a year apart: 0.01
 */
export function yearlyTrend(
  points: readonly { readonly on: IsoDate; readonly value: number }[],
): number | null {
  const first = points.map(({ on }) => on).sort()[0];
  if (first === undefined || points.length < LEAST.points) return null;
  const years = points.map(({ on }) => daysBetween(first, on) / YEAR_DAYS);
  if (Math.max(...years) * YEAR_DAYS < LEAST.days) return null;
  const [middle, level] = [mean(years) ?? 0, mean(points, ({ value }) => value) ?? 0];
  const spread = sum(years, (year) => (year - middle) ** 2);
  return (
    points.reduce((sum, { value }, index) => sum + ((years[index] ?? 0) - middle) * (value - level), 0) /
    spread
  );
}
