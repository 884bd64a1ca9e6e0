/** Something of which up to so many can be taken: whole grams, and what one is worth. */
export interface SumItem {
  readonly massG: number;
  readonly worth: number;
  readonly count: number;
}

/** How many of which items. */
export interface Picked {
  readonly items: readonly number[];
  readonly counts: readonly number[];
}

/** The most that so many pieces of exactly so many grams are worth, for every number and mass. */
export interface BestSums {
  /** −∞ where no pieces weigh so much. */
  readonly worth: (pieces: number, massG: number) => number;
  /**
   * Everything that weighs exactly so much and is worth at least so much.
   *
   * @param most after so many it stops
   */
  readonly atLeast: (pieces: number, massG: number, worth: number, most: number) => Picked[];
}

/** Worths that differ by less are the same. */
const SAME = 1e-9;

/**
 * Sums of pieces by dynamic programming over whole grams, one item after the other; everything that
 * reaches a worth is found by going back through them, and only where something is to be found.
 *
 * @param most grams
 * @param mostPieces pieces
 * @source Bellman 1957, the bounded knapsack (from memory)
 * @example of 70, 80 and 90 g worth 1 each, two pieces of 160 g are worth 2: 70 and 90
 */
export function bestSums(items: readonly SumItem[], most: number, mostPieces: number): BestSums {
  const width = most + 1;
  const layer = (mostPieces + 1) * width;
  const table = new Float64Array((items.length + 1) * layer).fill(-Infinity);
  table[0] = 0;
  for (const [i, { massG, worth, count }] of items.entries()) {
    const [before, now] = [i * layer, (i + 1) * layer];
    table.copyWithin(now, before, now);
    for (let taken = 1; taken <= Math.min(count, mostPieces); taken++) {
      const grams = taken * massG;
      for (let pieces = taken; pieces <= mostPieces; pieces++) {
        const from = before + (pieces - taken) * width;
        const to = now + pieces * width + grams;
        for (let mass = 0; mass + grams <= most; mass++) {
          const value = (table[from + mass] as number) + taken * worth;
          if (value > (table[to + mass] as number)) table[to + mass] = value;
        }
      }
    }
  }
  const last = items.length * layer;
  return {
    worth: (pieces, massG) => table[last + pieces * width + massG] as number,
    atLeast: (pieces, massG, worth, mostFound) => {
      const found: Picked[] = [];
      const [chosen, counts]: [number[], number[]] = [[], []];
      const back = (i: number, k: number, mass: number, needed: number): void => {
        if (found.length >= mostFound) return;
        const best = table[i * layer + k * width + mass] as number;
        if (best === -Infinity || best < needed - SAME) return;
        if (i === 0) {
          found.push({ items: [...chosen], counts: [...counts] });
          return;
        }
        const item = items[i - 1] as SumItem;
        back(i - 1, k, mass, needed);
        for (let taken = 1; taken <= Math.min(item.count, k) && taken * item.massG <= mass; taken++) {
          chosen.push(i - 1);
          counts.push(taken);
          back(i - 1, k - taken, mass - taken * item.massG, needed - taken * item.worth);
          chosen.pop();
          counts.pop();
        }
      };
      back(items.length, pieces, massG, worth);
      return found;
    },
  };
}
