import { groups, sum } from 'd3-array';
import type { SliceKind } from './wish';

/** A kind's name is no longer than this. */
const LONGEST_NAME = 60;

/** Someone who eats, and how much raw meat a plate is. */
export interface Appetite {
  readonly name: string;
  readonly plateG: number;
}

/**
 * A wish for a household: a slice for each eater's plate, as many dinners as the log gives, with
 * every dinner complete. Eaters with the same plate share a kind.
 *
 * @param massG what there is to slice
 * @returns no kinds where there is not one dinner
 * @example plates of 180 and 220 g, 2 kg: five of each
 */
export function demandKinds(eaters: readonly Appetite[], massG: number): SliceKind[] {
  const dinner = sum(eaters, ({ plateG }) => plateG);
  const dinners = dinner > 0 ? Math.floor(massG / dinner) : 0;
  if (dinners === 0) return [];
  return groups(eaters, ({ plateG }) => plateG).map(([plateG, names]) => ({
    name: names
      .map(({ name }) => name)
      .join(', ')
      .slice(0, LONGEST_NAME),
    targetG: plateG,
    count: [dinners * names.length, dinners * names.length] as const,
  }));
}
