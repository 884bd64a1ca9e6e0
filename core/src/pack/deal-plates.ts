import { sum } from 'd3-array';

/** Something to put on a plate. */
export interface Helping {
  readonly id: string;
  readonly massG: number;
}

/** What an eater gets of a pack. */
export interface DealtPlate {
  readonly eater: string;
  readonly targetG: number;
  readonly massG: number;
  readonly helpings: readonly string[];
}

/** As many ways to deal are tried; beyond, the largest goes to whom most is missing. */
const MOST_WAYS = 60_000;

/**
 * Deals everything in a pack to those who eat of it, as near to their appetites as can be: what is
 * not cut further is tried every way where that is few, heaps fill up what is missing. As few plates
 * as can be are farther off than the tolerance.
 *
 * @param heapG a weight that can be divided as one likes
 * @example helpings of 205 and 150 g for appetites of 150 and 200: 150 and 205
 */
export function dealPlates(
  eaters: readonly { readonly name: string; readonly targetG: number }[],
  helpings: readonly Helping[],
  heapG: number,
  tolerance: number,
): DealtPlate[] {
  if (eaters.length === 0) return [];
  const order = [...helpings].sort((a, b) => b.massG - a.massG);
  const dealt =
    eaters.length ** order.length <= MOST_WAYS
      ? everyWay(eaters, order, heapG, tolerance)
      : largestFirst(eaters, order);
  const given = eaters.map((_, e) => order.filter((_helping, h) => dealt[h] === e));
  const masses = given.map((own) => sum(own, ({ massG }) => massG));
  const filled = fill(eaters, masses, heapG);
  return eaters.map(({ name, targetG }, e) => ({
    eater: name,
    targetG,
    massG: filled[e] as number,
    helpings: (given[e] as Helping[]).map(({ id }) => id),
  }));
}

type Eaters = readonly { readonly targetG: number }[];

/** A plate beyond the tolerance is worse than any that are within it. */
const BEYOND = 100;

function off(eaters: Eaters, masses: readonly number[], tolerance: number): number {
  return eaters.reduce((sum, { targetG }, e) => {
    const share = Math.abs((masses[e] as number) - targetG) / targetG;
    return sum + share + (share > tolerance + 1e-9 ? BEYOND : 0);
  }, 0);
}

/** Fills up to each appetite, whoever lacks most of theirs first; what is over goes to all in proportion. */
function fill(eaters: Eaters, masses: readonly number[], heapG: number): number[] {
  const filled = [...masses];
  let left = heapG;
  const lacking = eaters
    .map(({ targetG }, e) => ({
      e,
      lacks: Math.max(0, targetG - (masses[e] as number)),
      share: 1 - (masses[e] as number) / targetG,
    }))
    .sort((a, b) => b.share - a.share);
  for (const { e, lacks } of lacking) {
    const given = Math.min(left, lacks);
    filled[e] = (filled[e] as number) + given;
    left -= given;
  }
  const all = sum(eaters, ({ targetG }) => targetG);
  return filled.map((mass, e) => mass + (left * (eaters[e]?.targetG ?? 0)) / all);
}

function everyWay(eaters: Eaters, helpings: readonly Helping[], heapG: number, tolerance: number): number[] {
  let best: number[] = [];
  let least = Infinity;
  const to: number[] = [];
  const masses = eaters.map(() => 0);
  const deal = (h: number): void => {
    if (h === helpings.length) {
      const cost = off(eaters, fill(eaters, masses, heapG), tolerance);
      if (cost < least - 1e-12) [best, least] = [[...to], cost];
      return;
    }
    const { massG } = helpings[h] as Helping;
    for (const e of eaters.keys()) {
      to[h] = e;
      masses[e] = (masses[e] as number) + massG;
      deal(h + 1);
      masses[e] = (masses[e] as number) - massG;
    }
  };
  deal(0);
  return best;
}

function largestFirst(eaters: Eaters, helpings: readonly Helping[]): number[] {
  const lacks = eaters.map(({ targetG }) => targetG);
  return helpings.map(({ massG }) => {
    const e = lacks.indexOf(Math.max(...lacks));
    lacks[e] = (lacks[e] as number) - massG;
    return e;
  });
}
