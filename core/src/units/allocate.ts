import { sum } from 'd3-array';
import type { Minor } from './money';

/**
 * Splits a whole amount by weights so that the shares sum to it exactly: each share is rounded
 * down, and what is left goes out one by one to the largest remainders, the earlier one first.
 *
 * @param total whole number, zero or more
 * @param weights zero or more each, not all zero (unless there are none)
 * @returns one whole share a weight
 * @throws RangeError for a negative or fractional total, or weights that cannot carry it
 * @source largest-remainder (Hamilton) method
 * @example allocate(100, [1, 1, 1]) // [34, 33, 33]
 */
export function allocate(total: Minor, weights: readonly number[]): Minor[] {
  if (!Number.isInteger(total) || total < 0) throw new RangeError(`cannot split ${total}`);
  if (weights.some((weight) => !Number.isFinite(weight) || weight < 0))
    throw new RangeError('a weight is negative');
  const whole = sum(weights);
  if (whole === 0) {
    if (total === 0) return weights.map(() => 0);
    throw new RangeError('nothing carries the amount');
  }
  const exact = weights.map((weight) => (total * weight) / whole);
  const shares = exact.map(Math.floor);
  const left = total - sum(shares);
  const order = exact.map((value, index) => ({ index, rest: value - (shares[index] ?? 0) }));
  order.sort((a, b) => b.rest - a.rest || a.index - b.index);
  for (const { index } of order.slice(0, left)) shares[index] = (shares[index] ?? 0) + 1;
  return shares;
}
