/**
 * Grams out of place: the one measure that a plan of packs makes least. Boneless grams as they are
 * eaten. Every number of it stands here; they are our own (estimates), judged by twelve tables of
 * real kitchens worked by hand (`kitchen-tables.ts`).
 */
export const OUT_OF_PLACE = {
  /** A gram that is missing counts a half up to a quarter of the appetite, since side dishes make it up … */
  lackNear: 0.5,
  near: 0.25,
  /** … and once beyond. */
  lackFar: 1,
  /** A gram over the appetite counts twice: it is taken from another dinner. */
  over: 2,
  /** What is carved or ladled out at the table is tomorrow's cold cuts: a quarter; and one shank is one shank. */
  overShared: 0.25,
  /** Of a heap nobody minds an eighth more; what is more could be another pack. */
  overHeap: 0.125,
  /** People compare plates: half the difference of the shares in a pack, to the nearest eighth, since nobody sees less. */
  difference: 0.5,
  eighths: 8,
  /** An edible gram on nobody's plate … */
  left: 1,
  /** … and in a pack that is added to until it makes a dinner; a little more than cold cuts, since smaller packs come before it. */
  collected: 0.3,
  /** A cut that somebody has to make, g. */
  cut: 20,
  /** One more pack to wrap, write on and find, g. */
  pack: 5,
  /** A plate in a pack that is smaller than the kinds wanted, of its appetite. */
  smaller: 0.25,
  /** What a plate of liked parts gives back, of its appetite. */
  liked: 0.25,
  /** Less than half of an appetite is no plate. */
  leastPlate: 0.5,
  /** Several pieces are no plate beyond one and a half appetites; one piece that heavy is carved. */
  mostPlate: 1.5,
  /** What is collected makes no dinner below three quarters of what everyone eats. */
  dinner: 0.75,
} as const;

/**
 * What a plate is out of place by.
 *
 * @param isShared carved or ladled out at the table
 * @example 147 g for an appetite of 180 g: 16.5; 113 g: 44.5; 200 g: 40, of a roast 5
 */
export function plateOut(appetiteG: number, massG: number, isShared = false): number {
  const { lackNear, near, lackFar, over, overShared } = OUT_OF_PLACE;
  if (massG >= appetiteG) return (massG - appetiteG) * (isShared ? overShared : over);
  const lack = appetiteG - massG;
  const nearG = Math.min(lack, appetiteG * near);
  return nearG * lackNear + (lack - nearG) * lackFar;
}

/**
 * What a pack that is shared at the table is out of place by: in proportion to the appetites, so as
 * one plate for all. What is over counts little where it cannot be less: of one piece that all eat of
 * who are wanted, or of a heap.
 *
 * @param pieces how many pieces it is; 0 for a heap
 * @param isSmaller for fewer eaters than the kinds that are wanted
 * @example a roast of 850 g for 720 g: 32.5; two of 500 g: 560
 */
export function sharedOut(appetiteG: number, massG: number, pieces: number, isSmaller: boolean): number {
  return plateOut(appetiteG, massG, pieces === 0 || (pieces === 1 && !isSmaller));
}

/** The least and the most eighths that are told apart: half a plate, and one and a half. */
export const LEAST_STEP = OUT_OF_PLACE.leastPlate * OUT_OF_PLACE.eighths;
export const MOST_STEP = OUT_OF_PLACE.mostPlate * OUT_OF_PLACE.eighths;

/**
 * A plate's share of its appetite in eighths, as people compare them.
 *
 * @example 147 g of 180 g: 7
 */
export function stepOf(appetiteG: number, massG: number): number {
  const step = Math.round((massG / appetiteG) * OUT_OF_PLACE.eighths);
  return Math.max(LEAST_STEP, Math.min(MOST_STEP, step));
}

/**
 * What the difference of the plates of one pack is out of place by.
 *
 * @param steps the plates' shares in eighths
 * @param meanG the eaters' mean appetite
 * @example shares of 6 and 7 eighths, 180 g: 11.25
 */
export function differenceOut(steps: readonly number[], meanG: number): number {
  if (steps.length < 2) return 0;
  const apart = Math.max(...steps) - Math.min(...steps);
  return (apart / OUT_OF_PLACE.eighths) * meanG * OUT_OF_PLACE.difference;
}

/** Whether so much is a plate for somebody: a single piece may be as heavy as it is. */
export function isPlate(appetiteG: number, massG: number, pieces: number): boolean {
  const { leastPlate, mostPlate } = OUT_OF_PLACE;
  return massG >= appetiteG * leastPlate && (pieces === 1 || massG <= appetiteG * mostPlate);
}
