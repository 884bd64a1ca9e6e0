import type { Station } from './profile';
import { girthOf, type Section } from './section';

/** A place along a log as it is typed: two of its width, its height and the tape round it, in mm. */
export interface MeasuredPlace {
  readonly atMm: number;
  readonly widthMm?: number | undefined;
  readonly heightMm?: number | undefined;
  readonly girthMm?: number | undefined;
}

/** The two sizes that are measured at each place. */
export const MEASURED_WITH = {
  ruler: ['widthMm', 'heightMm'],
  'tape and width': ['widthMm', 'girthMm'],
  'tape and height': ['heightMm', 'girthMm'],
} as const;

export type MeasuredWith = keyof typeof MEASURED_WITH;

/** With what a log was measured: what its first taped place says, else a ruler. */
export function measuredWith(places: readonly MeasuredPlace[]): MeasuredWith {
  const taped = places.find(({ girthMm }) => girthMm !== undefined);
  if (!taped) return 'ruler';
  return taped.widthMm === undefined ? 'tape and height' : 'tape and width';
}

/**
 * A place with known width and height, said as it would have been measured. One without a size, as
 * at a pointed end, has no girth to put a tape round and keeps its width and height.
 *
 * @example a circle of 100 mm with a tape: 314 mm round
 */
export function placeAs(
  { atMm, widthMm, heightMm }: Station,
  section: Section,
  by: MeasuredWith,
): MeasuredPlace {
  if (by === 'ruler' || widthMm === 0 || heightMm === 0) return { atMm, widthMm, heightMm };
  const girthMm = Math.round(girthOf(section, widthMm, heightMm));
  return by === 'tape and width' ? { atMm, widthMm, girthMm } : { atMm, heightMm, girthMm };
}
