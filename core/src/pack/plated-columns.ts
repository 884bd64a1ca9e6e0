import type { EaterType } from './eater-types';
import type { ColumnSource } from './growing-program';
import type { MealKind } from './meal-kinds';
import { differenceOut } from './out-of-place';
import { countTerms, isEatenBy, KG, STEPS, type UnitRows } from './unit-rows';

const GAIN = 1e-7;

/** Packs of plates: which shares of their appetites the eaters of a meal get, and how far apart they are. */
export function platedColumns(rows: UnitRows): ColumnSource {
  const { unit, types, meals, plateRow, program, index } = rows;
  const plated = unit.pieces.filter(({ isPlated }) => isPlated);
  const possible = rows.mealIndexes.filter(
    (m) =>
      plated.length > 0 &&
      canEat(
        meals[m] as MealKind,
        types,
        plated.map(({ part }) => part),
      ),
  );

  const add = (meal: number, plates: readonly (readonly [type: number, step: number])[]): void => {
    const { baseG } = meals[meal] as MealKind;
    const counts = new Map<number, number>();
    for (const [type, step] of plates) {
      const row = plateRow(type, step);
      counts.set(row, (counts.get(row) ?? 0) - 1);
    }
    program.add(
      `plated ${index} ${meal} ${plates.join(' ')}`,
      { is: 'plated', unit: index, meal, plates },
      (baseG + apart(meal, plates)) / KG,
      [...counts, ...countTerms(rows, meal)],
    );
  };
  const apart = (meal: number, plates: readonly (readonly [type: number, step: number])[]): number => {
    const { appetiteG, eaters } = meals[meal] as MealKind;
    return differenceOut(
      plates.map(([, step]) => step),
      appetiteG / eaters,
    );
  };
  const base = (meal: number, prices: Float64Array): number =>
    (meals[meal] as MealKind).baseG / KG -
    countTerms(rows, meal).reduce((sum, [row]) => sum + (prices[row] as number), 0);

  // A plate can always be packed alone, so that every choice of plates is a plan.
  for (const meal of possible) {
    const { slots, eaters } = meals[meal] as MealKind;
    if (eaters === 1) for (const step of STEPS) add(meal, [[slots.indexOf(1), step]]);
  }

  return {
    gaining: (prices) => {
      const cheapest = types.map((_, type) =>
        cheapestSteps(STEPS.map((step) => prices[plateRow(type, step)] as number)),
      );
      for (const meal of possible) {
        const { slots, appetiteG, eaters } = meals[meal] as MealKind;
        const start = base(meal, prices);
        const step = differenceOut([0, 1], appetiteG / eaters) / KG;
        for (const low of STEPS.keys()) {
          let [least, at] = [-GAIN, -1];
          for (let high = low; high < STEPS.length; high++) {
            let reduced = start + (high - low) * step;
            for (let t = 0; t < slots.length; t++)
              if (slots[t]) reduced += (slots[t] as number) * (cheapest[t]?.[low]?.[high]?.price as number);
            if (reduced < least) [least, at] = [reduced, high];
          }
          if (at < 0) continue;
          const plates = slots.flatMap((count, t) =>
            Array.from({ length: count }, () => [t, cheapest[t]?.[low]?.[at]?.step as number] as const),
          );
          add(meal, plates);
        }
      }
    },
    within: (prices, gap, mostFound) => {
      let left = mostFound;
      for (const meal of possible) {
        const slots = (meals[meal] as MealKind).slots.flatMap((count, type) =>
          Array.from({ length: count }, () => type),
        );
        const price = (type: number, step: number): number => prices[plateRow(type, step)] as number;
        const least = slots.map((type) => Math.min(...STEPS.map((step) => price(type, step))));
        const rest = slots.map((_, k) => least.slice(k).reduce((sum, value) => sum + value, 0));
        const plates: (readonly [number, number])[] = [];
        const choose = (k: number, sum: number): void => {
          if (left <= 0) return;
          const sofar = sum + apart(meal, plates) / KG;
          if (sofar + (rest[k] ?? 0) > gap + 1e-9) return;
          if (k === slots.length) {
            add(meal, [...plates]);
            left -= 1;
            return;
          }
          const type = slots[k] as number;
          const before = plates.at(-1);
          for (const step of STEPS) {
            // Eaters of one type are all the same: their plates rise.
            if (before?.[0] === type && step < before[1]) continue;
            plates.push([type, step]);
            choose(k + 1, sum + price(type, step));
            plates.pop();
          }
        };
        choose(0, base(meal, prices));
      }
      return left > 0;
    },
  };
}

/** The cheapest share between any two, by their places among the eighths. */
function cheapestSteps(prices: readonly number[]): { readonly price: number; readonly step: number }[][] {
  return prices.map((_, low) => {
    const row: { price: number; step: number }[] = [];
    for (let high = low; high < prices.length; high++) {
      const [before, price] = [row[high - 1], prices[high] as number];
      row[high] = before && before.price <= price ? before : { price, step: STEPS[high] as number };
    }
    return row;
  });
}

/** Whether everybody finds something to eat. */
function canEat(meal: MealKind, types: readonly EaterType[], parts: readonly string[]): boolean {
  return meal.slots.every(
    (count, t) =>
      count === 0 ||
      parts.some((part) =>
        isEatenBy({ ...meal, slots: types.map((_, k) => (k === t ? 1 : 0)) }, types, part),
      ),
  );
}
