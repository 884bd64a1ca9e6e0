import { sum } from 'd3-array';
import { betaCdf, betaQuantile } from './beta';
import type { WorthModel } from './draw-worth';
import { nextPieceConcentration } from './habit';

/** How a sum of shares times values is likely to come out. */
export interface Likely {
  readonly mean: number;
  /** The chance that it lies above a value. */
  readonly chanceAbove: (value: number) => number;
  /** What it stays below with a chance of p. */
  readonly quantile: (p: number) => number;
}

/**
 * What a kilogram of the next piece may be worth, in closed form and at once: a Beta between the
 * cheapest and the dearest of its parts with the mean and variance that the worth has. Exact
 * where parts have two values only, close elsewhere. Values other than prices do as well: with the
 * boneless share of each part it is the meat that a kilogram gives.
 *
 * @source moments of Dirichlet shares: Var = (Σ m v² − (Σ m v)²) ÷ (s + 1)
 */
export function likelyWorth(model: WorthModel): Likely {
  const { usual, perKgMinor } = model;
  const [low, high] = [Math.min(...perKgMinor), Math.max(...perKgMinor)];
  const shareOf = (value: number): number => (high > low ? (value - low) / (high - low) : 0);
  const meanShare = sum(usual, (share, k) => share * shareOf(perKgMinor[k] ?? low));
  const square = sum(usual, (share, k) => share * shareOf(perKgMinor[k] ?? low) ** 2);
  const variance = Math.max(0, square - meanShare * meanShare) / (nextPieceConcentration(model) + 1);
  const mean = low + meanShare * (high - low);
  if (!(variance > 1e-18))
    return { mean, chanceAbove: (value) => (mean > value ? 1 : 0), quantile: () => mean };
  const size = (meanShare * (1 - meanShare)) / variance - 1;
  const [a, b] = [size * meanShare, size * (1 - meanShare)];
  return {
    mean,
    chanceAbove: (value) => 1 - betaCdf(shareOf(value), a, b),
    quantile: (p) => low + (high - low) * betaQuantile(p, a, b),
  };
}

/** How many quantiles stand in for the draws. */
const POINTS = 41;

/**
 * Quantiles of {@link likelyWorth}, for what is shown until the draws of {@link drawWorth} are there.
 *
 * @returns smallest coins a kilogram as bought, sorted
 */
export function approximateWorth(model: WorthModel): Float64Array {
  const { quantile } = likelyWorth(model);
  return Float64Array.from({ length: POINTS }, (_, point) => quantile((point + 0.5) / POINTS));
}
