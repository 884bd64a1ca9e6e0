import { likedBack, countTerms, isEatenBy, KG, STEPS, type UnitRows } from './unit-rows';
import type { EaterType } from './eater-types';
import type { MealKind } from './meal-kinds';
import { OUT_OF_PLACE, plateOut, sharedOut } from './out-of-place';
import type { Pool } from './pack-units';

/** What a gram of a heap that is packed saves, since it would be collected. */
const SAVED = OUT_OF_PLACE.collected;

/**
 * Packs of a heap: each with the least that makes it one, and grams more in all of them together.
 * All packs of a heap are filled alike, in proportion to what their eaters want; that is best, since
 * what is missing counts more the more it is.
 */
export function heapColumns(rows: UnitRows): void {
  const { unit, types, meals, program, index, poolRow, roomRows } = rows;
  const { pool } = unit;
  if (!pool) return;
  for (const meal of rows.mealIndexes) {
    const kind = meals[meal] as MealKind;
    if (!unit.parts.every((part) => isEatenBy(kind, types, part))) continue;
    const leastG = Math.max(kind.appetiteG * rows.leastShare, pool.minG);
    if (leastG > Math.min(pool.maxG, pool.massG) + 1e-9) continue;
    const roomsG = roomsOf(kind.appetiteG, leastG, pool);
    const out =
      kind.baseG +
      sharedOut(kind.appetiteG, leastG, 0, kind.wanted === null) -
      likedBack(kind, types, unit.parts);
    program.add(
      `heap ${index} ${meal}`,
      { is: 'heap', unit: index, meal, leastG, roomsG },
      (out - leastG * SAVED) / KG,
      [
        [poolRow, leastG / KG],
        ...roomRows.map((row, level) => [row, -(roomsG[level] as number) / KG] as const),
        ...countTerms(rows, meal),
      ],
    );
  }
  const { lackFar, lackNear, overShared } = OUT_OF_PLACE;
  for (const [level, slope] of [-lackFar, -lackNear, overShared].entries())
    program.add(
      `fill ${index} ${level}`,
      { is: 'fill', unit: index, level: level as 0 | 1 | 2 },
      slope - SAVED,
      [
        [poolRow, 1],
        [roomRows[level] as number, 1],
      ],
      false,
    );
  if (unit.pieces.some(({ isPlated }) => isPlated)) ladles(rows);
}

/** Beside plates of portions a heap comes in eighths of an appetite; nobody weighs it finer there. */
function ladles({ unit, types, program, index, poolRow, plateRow, leastShare }: UnitRows): void {
  for (const [type, { targetG }] of (types as readonly EaterType[]).entries()) {
    if (unit.pool?.heaps.some(({ part }) => types[type]?.never.has(part))) continue;
    for (const step of STEPS) {
      const massG = (targetG * step) / OUT_OF_PLACE.eighths;
      if (step > OUT_OF_PLACE.eighths || massG < targetG * leastShare) continue;
      program.add(
        `ladle ${index} ${type} ${step}`,
        { is: 'ladle', unit: index, type, step, massG },
        (plateOut(targetG, massG) - massG * SAVED) / KG,
        [
          [poolRow, massG / KG],
          [plateRow(type, step), 1],
        ],
      );
    }
  }
}

/** From the least up to three quarters of the appetite, up to all of it, and up to an eighth more. */
function roomsOf(appetiteG: number, leastG: number, { maxG }: Pool): [number, number, number] {
  const { near, overHeap } = OUT_OF_PLACE;
  const ends = [appetiteG * (1 - near), appetiteG, appetiteG * (1 + overHeap)].map((end) =>
    Math.min(end, maxG),
  );
  const room = (level: number, from: number): number =>
    Math.max(0, (ends[level] as number) - Math.max(leastG, from));
  return [room(0, 0), room(1, ends[0] as number), room(2, ends[1] as number)];
}
