import { sum } from 'd3-array';

/**
 * Plates of a heap that weigh so much together, as near to their targets as can be: the largest
 * plates give or take first, since a gram is the smallest share of them.
 *
 * @returns the masses in the order of the targets; null where the tolerance does not reach
 * @example targets 200 and 100 g with 280 g: 180 and 100
 */
export function heapPlates(targets: readonly number[], massG: number, tolerance: number): number[] | null {
  const masses = [...targets];
  let off = massG - sum(targets);
  const order = targets
    .map((_, index) => index)
    .sort((a, b) => (targets[b] as number) - (targets[a] as number));
  for (const index of order) {
    const room = (targets[index] as number) * tolerance;
    const change = Math.max(-room, Math.min(room, off));
    masses[index] = (masses[index] as number) + change;
    off -= change;
  }
  return Math.abs(off) < 1e-6 ? masses : null;
}
