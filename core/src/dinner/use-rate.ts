import { sum } from 'd3-array';
import type { Animal } from '../ledger/animal';
import type { State } from '../ledger/replay';
import { daysBetween, type IsoDate } from '../units/date';
import type { Plate } from '../cost/plates';
import { platesOf } from './plates-of';
import { isUsable } from '../ledger/destination';

/** How fast something is eaten, in plates a week. */
export interface UseRate {
  /** Weeks looked at that have meat of any kind in them; holidays and gaps are not among them. */
  readonly weeks: number;
  readonly aWeek: number;
  /** Where the true pace lies nine times in ten. */
  readonly low: number;
  readonly high: number;
}

/** What is asked about: an animal, and a kind of piece where it is known. */
export interface Eaten {
  readonly animal: Animal | null;
  readonly kind: string | null;
}

const WEEKS = 26;
/** Fewer weeks, or fewer dinners of it, claim nothing. */
const LEAST_WEEKS = 6;
const LEAST_DINNERS = 4;
/** Of a normal distribution, nine in ten lie within so many standard deviations. */
const NINE_IN_TEN = 1.645;

/**
 * How fast a household eats of something, from the half year up to a day. Weeks in which nothing
 * at all was eaten (a holiday, or nothing written down) do not count as weeks. The spread is that of
 * the weeks themselves, so that feasts widen it.
 *
 * @param plate an average plate, for what was eaten by weight
 * @returns null where too little is known to say: under six weeks, or under four dinners of it
 * @example ten weeks of five plates each: { weeks: 10, aWeek: 5, low: 5, high: 5 }
 */
export function useRate(state: State, of: Eaten, today: IsoDate, plate: Plate): UseRate | null {
  const all = new Set<number>();
  const byWeek = new Map<number, number>();
  let dinners = 0;
  for (const lot of state.lots.values()) {
    if (!isUsable(lot.destination)) continue;
    const isIt = lot.animal === of.animal && lot.kind === of.kind;
    for (const { way, on, plates, massDg } of lot.flows) {
      const week = way === 'eaten' && on ? Math.floor(daysBetween(on, today) / 7) : -1;
      if (week < 0 || week >= WEEKS) continue;
      all.add(week);
      if (!isIt) continue;
      dinners += 1;
      byWeek.set(
        week,
        (byWeek.get(week) ?? 0) +
          (plates > 0 ? plates : platesOf({ ...lot, platesLeft: 0, leftDg: massDg }, plate)),
      );
    }
  }
  if (all.size < LEAST_WEEKS || dinners < LEAST_DINNERS) return null;
  const values = [...all].map((week) => byWeek.get(week) ?? 0);
  const aWeek = sum(values) / values.length;
  const variance = sum(values, (value) => (value - aWeek) ** 2) / (values.length - 1);
  const doubt = NINE_IN_TEN * Math.sqrt(variance / values.length);
  return { weeks: values.length, aWeek, low: Math.max(0, aWeek - doubt), high: aWeek + doubt };
}

/** How many weeks an amount lasts: at the fastest and at the slowest pace; null for never. */
export function weeksLeft(
  plates: number,
  { low, high }: Pick<UseRate, 'low' | 'high'>,
): { readonly least: number; readonly most: number | null } {
  return { least: high > 0 ? plates / high : Infinity, most: low > 0 ? plates / low : null };
}
