import { bestSums, type BestSums, type Picked } from './best-sums';
import type { ColumnSource } from './growing-program';
import type { MealKind } from './meal-kinds';
import { OUT_OF_PLACE, sharedOut } from './out-of-place';
import type { Pieces } from './pack-units';
import { countTerms, isEatenBy, KG, likedBack, type UnitRows } from './unit-rows';

const GAIN = 1e-7;

/** Pieces that one pack shares at the table, and what that gives back. */
interface Choice {
  readonly meal: number;
  readonly items: readonly number[];
  readonly backG: number;
}

/** Packs of what is carved: one piece for several plates, in proportion to their appetites. */
export function sharedColumns(rows: UnitRows, mostPieces: number): ColumnSource {
  const { unit, meals, pieceRows, program, index } = rows;
  const choices = choicesOf(rows);
  if (choices.length === 0) return { gaining: () => undefined, within: () => true };
  const lightest = Math.min(...unit.pieces.filter(({ isCarved }) => isCarved).map(({ massG }) => massG));
  const mostOf = (meal: number): number =>
    Math.floor((meals[meal] as MealKind).appetiteG * OUT_OF_PLACE.mostPlate);
  const mostG = Math.max(...choices.map(({ meal }) => mostOf(meal)));
  const plates = Math.max(...choices.map(({ meal }) => (meals[meal] as MealKind).eaters || mostPieces));
  const most = Math.min(mostPieces * plates, Math.floor(mostG / lightest));
  const leastOf = (meal: number): number => Math.ceil((meals[meal] as MealKind).appetiteG * rows.leastShare);

  const add = ({ meal, backG, items }: Choice, { items: at, counts }: Picked, massG: number): void => {
    const taken = at.map((item) => items[item] as number);
    const pieces = counts.reduce((sum, count) => sum + count, 0);
    const leftG = taken.reduce(
      (sum, item, k) => sum + (unit.pieces[item] as Pieces).leftG * (counts[k] as number),
      0,
    );
    const { appetiteG, baseG, wanted } = meals[meal] as MealKind;
    program.add(
      `shared ${index} ${meal} ${backG} ${taken.map((item, k) => `${item}×${counts[k]}`).join()}`,
      { is: 'shared', unit: index, meal, items: taken, counts },
      (baseG + sharedOut(appetiteG, massG, pieces, wanted === null) - backG - leftG) / KG,
      [
        ...taken.map((item, k) => [pieceRows[item] as number, counts[k] as number] as const),
        ...countTerms(rows, meal),
      ],
    );
  };
  for (const choice of choices)
    for (const [at, item] of choice.items.entries()) {
      const { massG } = unit.pieces[item] as Pieces;
      if (massG >= leastOf(choice.meal)) add(choice, { items: [at], counts: [1] }, massG);
    }
  if (most < 2) return { gaining: () => undefined, within: () => true };

  /** Several pieces in one pack that may cost little enough, at these prices. */
  const each = (
    prices: Float64Array,
    visit: (choice: Choice, sums: BestSums, pieces: number, massG: number, bare: number) => void,
  ): void => {
    const tables = new Map<string, BestSums>();
    for (const choice of choices) {
      const key = choice.items.join();
      const sums = tables.get(key) ?? sumsOf(choice, prices);
      tables.set(key, sums);
      const { appetiteG, baseG } = meals[choice.meal] as MealKind;
      const start =
        (baseG - choice.backG) / KG -
        countTerms(rows, choice.meal).reduce((sum, [row]) => sum + (prices[row] as number), 0);
      for (let massG = leastOf(choice.meal); massG <= mostOf(choice.meal); massG++) {
        const bare = start + sharedOut(appetiteG, massG, 2, false) / KG;
        for (let pieces = 2; pieces <= most; pieces++)
          if (sums.worth(pieces, massG) > -Infinity) visit(choice, sums, pieces, massG, bare);
      }
    }
  };
  const sumsOf = ({ items }: Choice, prices: Float64Array): BestSums =>
    bestSums(
      items.map((item) => {
        const { massG, ids, leftG } = unit.pieces[item] as Pieces;
        return {
          massG,
          worth: leftG / KG + (prices[pieceRows[item] as number] as number),
          count: ids.length,
        };
      }),
      mostG,
      most,
    );

  return {
    gaining: (prices) => {
      const best = new Map<number, { reduced: number; add: () => void }>();
      each(prices, (choice, sums, pieces, massG, bare) => {
        const worth = sums.worth(pieces, massG);
        if (bare - worth >= (best.get(choice.meal)?.reduced ?? -GAIN)) return;
        best.set(choice.meal, {
          reduced: bare - worth,
          add: () => sums.atLeast(pieces, massG, worth, 1).forEach((taken) => add(choice, taken, massG)),
        });
      });
      for (const found of best.values()) found.add();
    },
    within: (prices, gap, mostFound) => {
      let left = mostFound;
      each(prices, (choice, sums, pieces, massG, bare) => {
        if (left <= 0 || bare - sums.worth(pieces, massG) > gap + 1e-9) return;
        for (const taken of sums.atLeast(pieces, massG, bare - gap, left)) {
          add(choice, taken, massG);
          left -= 1;
        }
      });
      return left > 0;
    },
  };
}

/** For every meal what all of its eaters eat; and of that what some of them like, where it is not all. */
function choicesOf(rows: UnitRows): Choice[] {
  const { unit, types, meals, mealIndexes } = rows;
  return mealIndexes.flatMap((meal) => {
    const kind = meals[meal] as MealKind;
    const eaten = unit.pieces.flatMap(({ part, isCarved }, item) =>
      isCarved && isEatenBy(kind, types, part) ? [item] : [],
    );
    const partsOf = (items: readonly number[]): string[] => [
      ...new Set(items.map((item) => (unit.pieces[item] as Pieces).part)),
    ];
    const liked = partsOf(eaten).map((part) =>
      eaten.filter((item) => (unit.pieces[item] as Pieces).part === part),
    );
    return [eaten, ...(liked.length > 1 ? liked : [])]
      .filter((items) => items.length > 0)
      .map((items) => ({ meal, items, backG: likedBack(kind, types, partsOf(items)) }))
      .filter(({ items, backG }) => items === eaten || items.length === eaten.length || backG > 0);
  });
}
