import { sum } from 'd3-array';
import { eats, type EaterType } from './eater-types';
import type { GrowingProgram } from './growing-program';
import type { MealKind } from './meal-kinds';
import { LEAST_STEP, MOST_STEP, OUT_OF_PLACE } from './out-of-place';
import type { PackMeaning } from './pack-meaning';
import type { PackUnit } from './pack-units';

/** Grams are said to the program in kilograms, so that its numbers are near one. */
export const KG = 1000;

/** Appetites are told apart by eighths: from half a plate to one and a half. */
export const STEPS = Array.from({ length: MOST_STEP - LEAST_STEP + 1 }, (_, k) => LEAST_STEP + k);

/** A unit in the program: its rows, and which packs may be made of it. */
export interface UnitRows {
  readonly index: number;
  readonly unit: PackUnit;
  readonly types: readonly EaterType[];
  readonly meals: readonly MealKind[];
  /** Indexes of the meals that the unit may go into. */
  readonly mealIndexes: readonly number[];
  readonly program: GrowingProgram<PackMeaning>;
  /** What is there of each class of pieces. */
  readonly pieceRows: readonly number[];
  /** Plates made = plates packed, by type and eighths. */
  readonly plateRow: (type: number, step: number) => number;
  /** What is there of the heap, and the room in its packs at three levels. */
  readonly poolRow: number;
  readonly roomRows: readonly number[];
  /** The row that counts a wanted kind. */
  readonly countRows: ReadonlyMap<number, readonly number[]>;
  /** The least share of its appetite that makes a plate. */
  readonly leastShare: number;
}

/** Rows for a unit: what is there, and that what is made is packed. */
export function unitRows(
  index: number,
  unit: PackUnit,
  types: readonly EaterType[],
  meals: readonly MealKind[],
  program: GrowingProgram<PackMeaning>,
  countRows: UnitRows['countRows'],
): UnitRows {
  const pieceRows = unit.pieces.map(({ ids }) => program.row('≤', ids.length));
  const isPlated = unit.pieces.some((piece) => piece.isPlated);
  const first = isPlated ? types.flatMap(() => STEPS.map(() => program.row('=', 0)))[0] : undefined;
  const poolRow = unit.pool ? program.row('≤', unit.pool.massG / KG) : -1;
  const isCollected = unit.pieces.some((piece) => piece.isCollected) || (unit.pool?.isCollected ?? false);
  return {
    index,
    unit,
    types,
    meals,
    mealIndexes: meals.flatMap((meal, m) => (isFor(meal, unit, isCollected) ? [m] : [])),
    program,
    pieceRows,
    plateRow: (type, step) => (first ?? 0) + type * STEPS.length + step - LEAST_STEP,
    poolRow,
    roomRows: unit.pool ? [0, 1, 2].map(() => program.row('≤', 0)) : [],
    countRows,
    leastShare: isCollected ? OUT_OF_PLACE.dinner : OUT_OF_PLACE.leastPlate,
  };
}

/** What is collected makes dinners that are wanted, and no smaller ones. */
function isFor({ wanted }: MealKind, { kinds }: PackUnit, isCollected: boolean): boolean {
  return wanted === null ? !isCollected && kinds.length > 0 : kinds.includes(wanted);
}

/** Whether everybody who eats of a meal eats a part. */
export function isEatenBy({ slots }: MealKind, types: readonly EaterType[], part: string): boolean {
  return slots.every((count, t) => count === 0 || eats(types[t] as EaterType, part));
}

/** What liked parts give back to a shared pack of these parts, g. */
export function likedBack(
  { slots }: MealKind,
  types: readonly EaterType[],
  parts: readonly string[],
): number {
  return sum(slots, (count, t) => {
    const { likes, targetG } = types[t] as EaterType;
    return parts.every((part) => likes.has(part)) ? count * targetG * OUT_OF_PLACE.liked : 0;
  });
}

/** What a pack of a meal takes of the rows that count the wanted kinds. */
export function countTerms({ countRows, meals }: UnitRows, meal: number): (readonly [number, number])[] {
  const { wanted } = meals[meal] as MealKind;
  return wanted === null ? [] : (countRows.get(wanted) ?? []).map((row) => [row, 1] as const);
}
