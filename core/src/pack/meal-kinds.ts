import { sum } from 'd3-array';
import { eats, type EaterType } from './eater-types';
import { OUT_OF_PLACE } from './out-of-place';
import type { PackRequest } from './pack-request';

/** A pack by who eats of it. */
export interface MealKind {
  /** Index of the wanted kind; null for one that is smaller than those wanted. */
  readonly wanted: number | null;
  /** How many eaters of each type. */
  readonly slots: readonly number[];
  readonly eaters: number;
  /** What they want together, g. */
  readonly appetiteG: number;
  /** What each pack of it costs before anything is in it, g. */
  readonly baseG: number;
}

/** More different smaller packs than this are not looked at; then only those for one, two and three. */
const MOST_SMALLER = 200;

/**
 * The packs that are wanted for some parts: each for those of its eaters who eat one of them, every
 * smaller one for some of the household, and those that go by weight.
 */
export function mealKinds(
  { packs, eaters }: Pick<PackRequest, 'packs' | 'eaters'>,
  types: readonly EaterType[],
  parts: readonly string[],
): MealKind[] {
  const slotsOf = (names: readonly string[]): number[] =>
    types.map((type) =>
      parts.some((part) => eats(type, part)) ? names.filter((name) => type.names.includes(name)).length : 0,
    );
  const kind = (wanted: number | null, slots: readonly number[]): MealKind => {
    const appetiteG = sum(slots, (count, t) => count * (types[t] as EaterType).targetG);
    return {
      wanted,
      slots,
      eaters: sum(slots),
      appetiteG,
      baseG: OUT_OF_PLACE.pack + (wanted === null ? appetiteG * OUT_OF_PLACE.smaller : 0),
    };
  };
  const wanted = packs
    .flatMap(({ eaters: names }, k) => (names ? [kind(k, slotsOf(names))] : []))
    .filter((each) => each.eaters > 0);
  const most = Math.max(0, ...wanted.map((each) => each.eaters));
  const named = new Set(packs.flatMap(({ eaters: names = [] }) => names));
  const household = slotsOf(eaters.flatMap(({ name, guest }) => (!guest && named.has(name) ? [name] : [])));
  const known = new Set(wanted.map(({ slots }) => slots.join()));
  const smaller = subsetsOf(household).filter(
    (slots) => sum(slots) > 0 && sum(slots) < most && !known.has(slots.join()),
  );
  const byWeight = packs.flatMap(({ massG }, k) =>
    massG === undefined
      ? []
      : [
          {
            ...kind(
              k,
              types.map(() => 0),
            ),
            appetiteG: massG,
          },
        ],
  );
  return [
    ...wanted,
    ...byWeight,
    ...(smaller.length > MOST_SMALLER ? smaller.filter((slots) => sum(slots) <= 3) : smaller).map((slots) =>
      kind(null, slots),
    ),
  ];
}

function subsetsOf(counts: readonly number[]): number[][] {
  return counts.reduce<number[][]>(
    (all, count) =>
      all.flatMap((slots) => Array.from({ length: count + 1 }, (_, taken) => [...slots, taken])),
    [[]],
  );
}
