import { bestSums, type BestSums, type Picked } from './best-sums';
import { eats, type EaterType } from './eater-types';
import type { ColumnSource } from './growing-program';
import { isPlate, OUT_OF_PLACE, plateOut, stepOf } from './out-of-place';
import type { Pieces } from './pack-units';
import { KG, type UnitRows } from './unit-rows';

/** What gains less is rounding. */
const GAIN = 1e-7;

type Visit = (choice: Choice, pieces: number, massG: number, bare: number, sums: BestSums) => void;

/** Pieces that may lie on a plate of a type together, and what that gives back. */
interface Choice {
  readonly type: number;
  readonly items: readonly number[];
  readonly backG: number;
}

/** Plates of portions: any pieces that their eater eats, between half a plate and one and a half. */
export function plateColumns(rows: UnitRows, mostPieces: number): ColumnSource {
  const { unit, types, pieceRows, plateRow, program, index } = rows;
  const choices = choicesOf(unit.pieces, types);
  if (choices.length === 0) return { gaining: () => undefined, within: () => true };
  const lightest = Math.min(...unit.pieces.filter(({ isPlated }) => isPlated).map(({ massG }) => massG));
  const mostOf = (type: number): number =>
    Math.floor((types[type] as EaterType).targetG * OUT_OF_PLACE.mostPlate);
  const mostG = Math.max(...types.map((_, t) => mostOf(t)));
  const most = Math.max(1, Math.min(mostPieces, Math.floor(mostG / lightest)));
  const worth = (prices: Float64Array, item: number): number =>
    (unit.pieces[item] as Pieces).leftG / KG + (prices[pieceRows[item] as number] as number);

  // What is collected is so throughout a unit: one an eater, whatever it weighs.
  const isCollected = unit.pieces.some((piece) => piece.isCollected);
  const add = ({ type, backG, items }: Choice, { items: at, counts }: Picked, massG: number): void => {
    const taken = at.map((item) => items[item] as number);
    const step = stepOf((types[type] as EaterType).targetG, massG);
    const leftG = taken.reduce(
      (sum, item, k) => sum + (unit.pieces[item] as Pieces).leftG * (counts[k] as number),
      0,
    );
    const out =
      plateOut(
        (types[type] as EaterType).targetG,
        massG,
        isCollected && taken.length === 1 && counts[0] === 1,
      ) -
      backG -
      leftG;
    program.add(
      `plate ${index} ${type} ${backG > 0} ${taken.map((item, k) => `${item}×${counts[k]}`).join()}`,
      { is: 'plate', unit: index, type, step, massG, items: taken, counts },
      out / KG,
      [
        ...taken.map((item, k) => [pieceRows[item] as number, counts[k] as number] as const),
        [plateRow(type, step), 1],
      ],
    );
  };

  /** Everything that may be a plate, with its reduced cost but for what the pieces are worth. */
  const each = (prices: Float64Array, visit: Visit): void => {
    const tables = new Map<string, BestSums>();
    for (const choice of choices) {
      const key = choice.items.join();
      const sums =
        tables.get(key) ??
        bestSums(
          choice.items.map((item) => {
            const { massG, ids } = unit.pieces[item] as Pieces;
            return { massG, worth: worth(prices, item), count: ids.length };
          }),
          mostG,
          most,
        );
      tables.set(key, sums);
      const { targetG } = types[choice.type] as EaterType;
      const least = Math.ceil(targetG * rows.leastShare);
      for (let massG = least; massG <= mostOf(choice.type); massG++)
        for (let pieces = 1; pieces <= most; pieces++) {
          if (sums.worth(pieces, massG) === -Infinity || !isPlate(targetG, massG, pieces)) continue;
          const row = prices[plateRow(choice.type, stepOf(targetG, massG))] as number;
          visit(
            choice,
            pieces,
            massG,
            (plateOut(targetG, massG, pieces === 1 && isCollected) - choice.backG) / KG - row,
            sums,
          );
        }
    }
  };

  const heavyOnes = (): void => {
    for (const choice of choices)
      for (const [at, item] of choice.items.entries()) {
        const { massG } = unit.pieces[item] as Pieces;
        if (massG >= (types[choice.type] as EaterType).targetG * rows.leastShare)
          add(choice, { items: [at], counts: [1] }, massG);
      }
  };
  heavyOnes();

  return {
    gaining: (prices) => {
      const best = new Map<number, { reduced: number; visit: Parameters<Visit> }>();
      each(prices, (...visit) => {
        const [{ type }, pieces, massG, bare, sums] = visit;
        const reduced = bare - sums.worth(pieces, massG);
        const row = plateRow(type, stepOf((types[type] as EaterType).targetG, massG));
        if (reduced < (best.get(row)?.reduced ?? -GAIN)) best.set(row, { reduced, visit });
      });
      for (const { visit } of best.values()) {
        const [choice, pieces, massG, , sums] = visit;
        for (const taken of sums.atLeast(pieces, massG, sums.worth(pieces, massG), 1))
          add(choice, taken, massG);
      }
    },
    within: (prices, gap, mostFound) => {
      let left = mostFound;
      each(prices, (choice, pieces, massG, bare, sums) => {
        if (left <= 0) return;
        for (const taken of sums.atLeast(pieces, massG, bare - gap, left)) {
          add(choice, taken, massG);
          left -= 1;
        }
      });
      return left > 0;
    },
  };
}

function choicesOf(pieces: readonly Pieces[], types: readonly EaterType[]): Choice[] {
  return types.flatMap((eater, type) => {
    const eaten = pieces.flatMap(({ part, isPlated }, item) => (isPlated && eats(eater, part) ? [item] : []));
    const liked = eaten.filter((item) => eater.likes.has((pieces[item] as Pieces).part));
    return [
      { type, items: eaten, backG: 0 },
      { type, items: liked, backG: eater.targetG * OUT_OF_PLACE.liked },
    ].filter(({ items }) => items.length > 0);
  });
}
