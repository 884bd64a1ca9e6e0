import type { Kind, Way } from '../catalogue/kind-schema';
import { betaQuantile } from '../yield/beta';
import { nextPieceConcentration, type Habit } from '../yield/habit';
import { usualRanges } from '../yield/usual-range';

/** Where a part of a piece usually lies, as shares of the weight bought: least and most, four times in five. */
export interface PartRange {
  readonly catalogue: readonly [number, number];
  /** The household's own; null before it has cut a piece of this kind this way. */
  readonly own: readonly [number, number] | null;
}

/**
 * The usual range of every part of a way, the catalogue's and the household's own side by side.
 *
 * @param habit what the household's own pieces teach
 */
export function partRanges(kind: Pick<Kind, 'scatter'>, way: Way, habit: Habit): Map<string, PartRange> {
  const s = nextPieceConcentration(habit);
  const own = (part: string): PartRange['own'] => {
    const share = habit.usual[habit.keys.indexOf(part)];
    if (habit.pieces === 0 || share === undefined) return null;
    return [betaQuantile(0.1, s * share, s * (1 - share)), betaQuantile(0.9, s * share, s * (1 - share))];
  };
  return new Map(
    [...usualRanges(kind, way)].map(([part, catalogue]) => [part, { catalogue, own: own(part) }]),
  );
}
