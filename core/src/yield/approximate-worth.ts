import type { WorthModel } from './draw-worth';
import { betaQuantile } from './beta';
import { nextPieceConcentration } from './habit';

/** How many quantiles stand in for the draws. */
const POINTS = 41;

/**
 * What a kilogram of the next piece may be worth, in closed form and at once: a Beta between the
 * cheapest and the dearest of its parts with the mean and variance that the worth has. Exact
 * where parts have two values only, close elsewhere; the draws of {@link drawWorth} replace it.
 *
 * @returns quantiles, smallest coins a kilogram as bought, sorted
 */
export function approximateWorth(model: WorthModel): Float64Array {
  const { usual, perKgMinor } = model;
  const [low, high] = [Math.min(...perKgMinor), Math.max(...perKgMinor)];
  if (!(high > low)) return new Float64Array(POINTS).fill(low);
  const shareOf = (value: number): number => (value - low) / (high - low);
  const mean = usual.reduce((sum, share, k) => sum + share * shareOf(perKgMinor[k] ?? low), 0);
  const square = usual.reduce((sum, share, k) => sum + share * shareOf(perKgMinor[k] ?? low) ** 2, 0);
  const variance = Math.max(0, square - mean * mean) / (nextPieceConcentration(model) + 1);
  if (!(variance > 0)) return new Float64Array(POINTS).fill(low + mean * (high - low));
  const size = (mean * (1 - mean)) / variance - 1;
  return Float64Array.from(
    { length: POINTS },
    (_, point) => low + (high - low) * betaQuantile((point + 0.5) / POINTS, size * mean, size * (1 - mean)),
  );
}
