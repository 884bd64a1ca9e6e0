import { normals } from '../units/normals';
import { seededUniform } from '../units/random';
import { drawGamma } from './gamma-draws';
import type { Habit } from './habit';

/** What the draws need: the habit and what a kilogram of each of its keys is worth. */
export interface WorthModel extends Pick<Habit, 'usual' | 'certainty' | 'phi'> {
  /** Smallest coins a kilogram, one a key. */
  readonly perKgMinor: readonly number[];
}

/** Enough for a chance to the nearest per cent. */
export const USUAL_DRAWS = 20_000;

/** So many pieces are drawn around each draw of the usual shares: the same distribution for a third less work. */
const PIECES_A_HABIT = 4;

/**
 * What a kilogram of the next piece, as bought, may be worth bought cut: draws the household's
 * usual shares, then the piece's shares around them.
 *
 * It does not depend on the price or weight of the piece, so a slider moves over one set of draws.
 *
 * @param count how many draws
 * @param seed the same seed gives the same draws on every machine
 * @param progress told now and then how many are done
 * @returns smallest coins a kilogram as bought, sorted
 */
export function drawWorth(
  model: WorthModel,
  count: number,
  seed: number,
  progress?: (done: number) => void,
): Float64Array {
  const uniform = seededUniform(seed);
  const normal = normals(uniform);
  const { usual, certainty, phi, perKgMinor } = model;
  const size = usual.length;
  const habit = new Float64Array(size);
  const worth = new Float64Array(count);
  let habitSum = 0;
  for (let draw = 0; draw < count; draw++) {
    if (draw % PIECES_A_HABIT === 0) {
      habitSum = 0;
      for (let k = 0; k < size; k++)
        habitSum += habit[k] = drawGamma(certainty * (usual[k] as number), uniform, normal);
    }
    let [pieceSum, value] = [0, 0];
    for (let k = 0; k < size; k++) {
      const share = drawGamma((phi * (habit[k] as number)) / habitSum, uniform, normal);
      pieceSum += share;
      value += share * (perKgMinor[k] as number);
    }
    worth[draw] = pieceSum > 0 ? value / pieceSum : 0;
    if (progress && draw % 5000 === 4999) progress(draw + 1);
  }
  return worth.sort();
}
