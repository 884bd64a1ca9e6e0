import { rollups, sum } from 'd3-array';
import { OUT_OF_PLACE } from './out-of-place';
import type { PackPlan, PlannedPack } from './pack-plan';

/** What a person asks of a plan. */
export interface PlanTold {
  /** Packs for all who are wanted. */
  readonly dinners: number;
  /** Of them those in which nobody gets less than three quarters. */
  readonly full: number;
  /** Smaller packs, by for whom they are, as they are called. */
  readonly smaller: readonly { readonly name: string; readonly packs: number }[];
  /** Packs by number or by weight. */
  readonly others: number;
  /** Who gets less than three quarters, and in how many packs. */
  readonly less: readonly { readonly eater: string; readonly packs: number }[];
  /** Bags that are kept until there is enough in them. */
  readonly collecting: number;
  /** Portions that are cut in two. */
  readonly cuts: number;
  readonly left: PackPlan['left'];
  /** How many grams better a plan could be at most; 0 where it is proven that none is. */
  readonly betterG: number;
}

/** What plans for the animals on the table come to together; appetites by name, as they were asked. */
export function planTold(
  plans: readonly PackPlan[],
  appetites: readonly ReadonlyMap<string, number>[],
): PlanTold {
  const packs = plans.flatMap((plan, k) => plan.packs.map((pack) => ({ pack, appetite: appetites[k] })));
  const isLess = (massG: number, wantedG: number): boolean => massG < wantedG * (1 - OUT_OF_PLACE.near) - 0.5;
  const short = packs.flatMap(({ pack, appetite }) =>
    pack.plates
      .filter(({ eater, massG }) => isLess(massG, appetite?.get(eater) ?? 0))
      .map(({ eater }) => eater),
  );
  const dinners = packs.filter(({ pack }) => isDinner(pack));
  return {
    dinners: dinners.length,
    full: dinners.filter(({ pack, appetite }) =>
      pack.plates.every(({ eater, massG }) => !isLess(massG, appetite?.get(eater) ?? 0)),
    ).length,
    smaller: counted(
      packs.filter(({ pack }) => pack.isSmaller && pack.plates.length > 0).map(({ pack }) => pack.name),
    ).map(([name, count]) => ({ name, packs: count })),
    others: packs.filter(({ pack }) => pack.plates.length === 0).length,
    less: counted(short).map(([eater, count]) => ({ eater, packs: count })),
    collecting: sum(plans, ({ collecting }) => collecting.length),
    cuts: packs.flatMap(({ pack }) => pack.portions.filter((each) => typeof each !== 'string')).length / 2,
    left: plans.flatMap(({ left }) => left),
    betterG: sum(plans, ({ proven, outOfPlaceG, boundG }) => (proven ? 0 : outOfPlaceG - boundG)),
  };
}

function isDinner({ isSmaller, plates }: PlannedPack): boolean {
  return !isSmaller && plates.length > 0;
}

function counted(names: readonly string[]): [string, number][] {
  return rollups(
    names,
    (same) => same.length,
    (name) => name,
  );
}
