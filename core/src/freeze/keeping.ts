import { isBird } from '../ledger/animal';
import type { Destination } from '../ledger/destination';
import type { Lot } from '../ledger/lot';
import { addMonths, type IsoDate } from '../units/date';

/** How long something keeps: its quality in a freezer (held at −18 °C it stays safe beyond), and itself in a refrigerator. */
export interface Keeping {
  readonly id: string;
  readonly name: string;
  /** Shortest and longest of the published range in a freezer, months. */
  readonly months: readonly [number, number];
  /** Shortest and longest in a refrigerator, fresh or once thawed, days. */
  readonly days: readonly [number, number];
}

const keeping = (id: string, name: string, months: Keeping['months'], days: Keeping['days']): Keeping => ({
  id,
  name,
  months,
  days,
});

/**
 * Times for quality at −18 °C and for a refrigerator at 4 °C.
 *
 * @source USDA FSIS and FoodSafety.gov cold storage chart (from memory)
 */
const RED_WHOLE = keeping('red-whole', 'steaks, chops, roasts', [4, 12], [3, 5]);
const GROUND = keeping('ground', 'ground meat, stew meat', [3, 4], [1, 2]);
const WHOLE_BIRD = keeping('whole-bird', 'whole bird', [12, 12], [1, 2]);
const BIRD_PIECES = keeping('bird-pieces', 'bird pieces', [9, 9], [1, 2]);

const CUT_SMALL: ReadonlySet<Destination> = new Set<Destination>(['grind', 'stew', 'thin']);
/** Nothing is published for raw bones and rendered fat. */
const UNPUBLISHED: ReadonlySet<Destination> = new Set<Destination>(['stock', 'render', 'liquid', 'bin']);

/** What is not known is kept as short as the shortest. */
export const SHORTEST_DAYS: Keeping['days'] = [1, 2];

/**
 * How long a lot keeps for quality, by what it is.
 *
 * @returns null where nothing is published, or where it is not known what animal it is
 */
export function keepingOf(
  lot: Pick<Lot, 'animal' | 'destination' | 'part' | 'kind' | 'form' | 'name'>,
): Keeping | null {
  if (UNPUBLISHED.has(lot.destination)) return null;
  if (CUT_SMALL.has(lot.destination)) return GROUND;
  if (lot.animal === null) return null;
  if (!isBird(lot.animal)) return RED_WHOLE;
  return lot.kind !== null && lot.part === null && lot.name === null ? WHOLE_BIRD : BIRD_PIECES;
}

/**
 * The day up to which something is best that is frozen on a day: the longest published time.
 *
 * @returns null where it is not known when it was frozen, or nothing is published
 * @example a steak frozen on 2026-01-10 is best before 2027-01-10
 */
export function bestIfFrozen(lot: Parameters<typeof keepingOf>[0], frozenOn: IsoDate | null): IsoDate | null {
  const keeping = keepingOf(lot);
  return keeping && frozenOn ? addMonths(frozenOn, keeping.months[1]) : null;
}
