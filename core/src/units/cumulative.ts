/**
 * The part of a whole amount that falls on a stretch of a mass, such that the stretches of a
 * mass taken one after another always sum to the amount: the running total is rounded, not the
 * pieces.
 *
 * @param amount whole number to be spread evenly over `of`
 * @param from where the stretch begins, 0 to `of`
 * @param to where it ends, `from` to `of`
 * @param of the whole mass, more than zero
 * @example stretchOf(10, 0, 1, 3) + stretchOf(10, 1, 2, 3) + stretchOf(10, 2, 3, 3) // 10
 */
export function stretchOf(amount: number, from: number, to: number, of: number): number {
  if (of === 0) return 0;
  return Math.round((amount * to) / of) - Math.round((amount * from) / of);
}
