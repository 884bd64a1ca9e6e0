import { eats, type EaterType } from './eater-types';
import { isPlate, OUT_OF_PLACE, plateOut, stepOf } from './out-of-place';
import { KG, type UnitRows } from './unit-rows';

/** One portion cut in two for two plates, each as large a share of its appetite. */
export function halvesColumns({
  unit,
  types,
  pieceRows,
  plateRow,
  program,
  index,
  leastShare,
}: UnitRows): void {
  for (const [item, { part, massG, mayCut, isPlated, leftG }] of unit.pieces.entries()) {
    if (!mayCut || !isPlated) continue;
    for (const [a, first] of types.entries())
      for (const [b, second] of types.entries()) {
        if (b < a || !eats(first, part) || !eats(second, part)) continue;
        const halves = halvesOf(massG, first, second);
        const targets = [first.targetG, second.targetG] as const;
        if (
          !halves.every(
            (half, k) => half >= targets[k as 0 | 1] * leastShare && isPlate(targets[k as 0 | 1], half, 2),
          )
        )
          continue;
        const out = halves.reduce(
          (sum, half, k) => sum + plateOut(targets[k as 0 | 1], half),
          OUT_OF_PLACE.cut,
        );
        const back = [first, second].reduce(
          (sum, { likes, targetG }) => sum + (likes.has(part) ? targetG * OUT_OF_PLACE.liked : 0),
          0,
        );
        const steps = halves.map((half, k) => stepOf(targets[k as 0 | 1], half)) as [number, number];
        const made = [plateRow(a, steps[0]), plateRow(b, steps[1])] as const;
        program.add(
          `halves ${index} ${item} ${a} ${b}`,
          { is: 'halves', unit: index, piece: item, types: [a, b], steps },
          (out - back - leftG) / KG,
          [
            [pieceRows[item] as number, 1],
            ...(made[0] === made[1] ? [[made[0], 2] as const] : made.map((row) => [row, 1] as const)),
          ],
        );
      }
  }
}

/** Whole grams for each of two, in proportion to their appetites. */
export function halvesOf(massG: number, first: EaterType, second: EaterType): [number, number] {
  const half = Math.round((massG * first.targetG) / (first.targetG + second.targetG));
  return [half, massG - half];
}
