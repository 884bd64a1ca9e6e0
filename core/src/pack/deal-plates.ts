import { max, min, sum } from 'd3-array';
import { differenceOut, OUT_OF_PLACE, plateOut, stepOf } from './out-of-place';

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
 * Deals everything in a pack to those who eat of it with the fewest grams out of place: what is not
 * cut further is tried every way where that is few; what is carved or ladled out fills the plates up
 * to one share of the appetites for all.
 *
 * @param sharedG a weight that can be divided as one likes
 * @example helpings of 205 and 150 g for appetites of 150 and 200: 150 and 205
 */
export function dealPlates(
  eaters: readonly { readonly name: string; readonly targetG: number }[],
  helpings: readonly Helping[],
  sharedG: number,
): DealtPlate[] {
  if (eaters.length === 0) return [];
  const order = [...helpings].sort((a, b) => b.massG - a.massG);
  const dealt =
    eaters.length ** order.length <= MOST_WAYS
      ? everyWay(eaters, order, sharedG)
      : largestFirst(eaters, order);
  const given = eaters.map((_, e) => order.filter((_helping, h) => dealt[h] === e));
  const filled = filledUp(
    eaters,
    given.map((own) => sum(own, ({ massG }) => massG)),
    sharedG,
  );
  return eaters.map(({ name, targetG }, e) => ({
    eater: name,
    targetG,
    massG: filled[e] as number,
    helpings: (given[e] as Helping[]).map(({ id }) => id),
  }));
}

type Eaters = readonly { readonly targetG: number }[];

function outOf(eaters: Eaters, masses: readonly number[]): number {
  const plates = eaters.map(({ targetG }, e) => ({ targetG, massG: masses[e] as number }));
  return (
    sum(plates, ({ targetG, massG }) => plateOut(targetG, massG)) +
    differenceOut(
      plates.map(({ targetG, massG }) => stepOf(targetG, massG)),
      sum(eaters, ({ targetG }) => targetG) / eaters.length,
    )
  );
}

/** As high as all can be filled to one share of their appetites; who has more already keeps it. */
function filledUp(eaters: Eaters, masses: readonly number[], sharedG: number): number[] {
  if (sharedG <= 0) return [...masses];
  const shares = eaters.map(({ targetG }, e) => (masses[e] as number) / targetG);
  const needed = (level: number): number =>
    sum(eaters, ({ targetG }, e) => Math.max(0, level - (shares[e] as number)) * targetG);
  const all = sum(eaters, ({ targetG }) => targetG);
  let [low, high] = [min(shares) ?? 0, (max(shares) ?? 0) + sharedG / all];
  for (let halving = 0; halving < 60; halving++) {
    const middle = (low + high) / 2;
    if (needed(middle) < sharedG) low = middle;
    else high = middle;
  }
  return eaters.map(({ targetG }, e) => Math.max(masses[e] as number, high * targetG));
}

function everyWay(eaters: Eaters, helpings: readonly Helping[], sharedG: number): number[] {
  let best: number[] = [];
  let least = Infinity;
  const to: number[] = [];
  const masses = eaters.map(() => 0);
  const deal = (h: number): void => {
    if (h === helpings.length) {
      const cost = outOf(eaters, filledUp(eaters, masses, sharedG));
      if (cost < least - 1e-9) [best, least] = [[...to], cost];
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

/** Whether a plate is so much less or more than its eater's that somebody would say so: under three quarters, over one and a half. */
export function isFarOff(massG: number, targetG: number): boolean {
  const { near, mostPlate } = OUT_OF_PLACE;
  return massG < targetG * (1 - near) - 0.5 || massG > targetG * mostPlate + 0.5;
}
