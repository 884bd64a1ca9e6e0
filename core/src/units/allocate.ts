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
  let whole = 0;
  for (const weight of weights) {
    if (!Number.isFinite(weight) || weight < 0) throw new RangeError('a weight is negative');
    whole += weight;
  }
  if (whole === 0) {
    if (total === 0) return weights.map(() => 0);
    throw new RangeError('nothing carries the amount');
  }
  let left = total;
  const rests: number[] = [];
  const shares = weights.map((weight) => {
    const exact = (total * weight) / whole;
    const share = Math.floor(exact);
    rests.push(exact - share);
    left -= share;
    return share;
  });
  if (left === 0) return shares;
  const order = rests.map((_, index) => index);
  order.sort((a, b) => (rests[b] ?? 0) - (rests[a] ?? 0) || a - b);
  for (const index of order.slice(0, left)) shares[index] = (shares[index] ?? 0) + 1;
  return shares;
}
