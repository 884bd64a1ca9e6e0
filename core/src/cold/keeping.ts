import { kindById, partOf } from '../catalogue/kinds';
import { isBird } from '../ledger/animal';
import type { Destination } from '../ledger/destination';
import type { Prepared } from '../ledger/entry';
import type { Lot } from '../ledger/lot';
import { addDays, addMonths, daysBetween, type IsoDate } from '../units/date';

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
 * @source USDA FSIS and FoodSafety.gov cold storage chart (from memory); what is tenderised, injected or
 *   brined counts in a refrigerator as ground, which is ours
 */
const KEEPING = {
  redWhole: keeping('red-whole', 'steaks, chops, roasts', [4, 12], [3, 5]),
  ground: keeping('ground', 'ground meat', [3, 4], [1, 2]),
  diced: keeping('diced', 'diced, strips, stew meat', [3, 4], [1, 2]),
  tenderised: keeping('tenderised', 'tenderised, injected or brined', [4, 12], [1, 2]),
  sausage: keeping('sausage', 'raw sausage', [1, 2], [1, 2]),
  organ: keeping('organ', 'giblets and organ meat', [3, 4], [1, 2]),
  wholeBird: keeping('whole-bird', 'whole bird', [12, 12], [1, 2]),
  birdPieces: keeping('bird-pieces', 'bird pieces', [9, 9], [1, 2]),
} as const;

/** What each way of preparing counts as; slices cut one way as the steak that they are. */
const PREPARED: Readonly<Record<Exclude<Prepared, 'slices'>, Keeping>> = {
  diced: KEEPING.diced,
  tenderised: KEEPING.tenderised,
  sausage: KEEPING.sausage,
  organ: KEEPING.organ,
};
const CUT_SMALL: Readonly<Partial<Record<Destination, Keeping>>> = {
  grind: KEEPING.ground,
  stew: KEEPING.diced,
  thin: KEEPING.diced,
};
/** Nothing is published for raw bones and rendered fat. */
const UNPUBLISHED: ReadonlySet<Destination> = new Set<Destination>(['stock', 'render', 'liquid', 'bin']);

/** What is not known is kept as short as the shortest. */
export const SHORTEST_DAYS: Keeping['days'] = [1, 2];

type What = Pick<Lot, 'animal' | 'destination' | 'part' | 'kind' | 'form' | 'name' | 'prepared'>;

/**
 * How long a lot keeps for quality, by what it is.
 *
 * @returns null where nothing is published, or where it is not known what animal it is
 */
export function keepingOf(lot: What): Keeping | null {
  const { animal, destination } = lot;
  const prepared = lot.prepared ?? partOf(kindById(lot.kind), lot.part)?.prepared ?? null;
  if (prepared !== null && prepared !== 'slices') return PREPARED[prepared];
  if (UNPUBLISHED.has(destination)) return null;
  const small = prepared === 'slices' && destination === 'thin' ? undefined : CUT_SMALL[destination];
  if (small) return small;
  if (animal === null) return null;
  if (!isBird(animal)) return KEEPING.redWhole;
  return lot.kind !== null && lot.part === null && lot.name === null ? KEEPING.wholeBird : KEEPING.birdPieces;
}

/**
 * The stricter of two, in the freezer and in the refrigerator: what is mixed keeps as short as what
 * keeps shortest in it.
 *
 * @param b null where nothing is published
 */
export function stricter(a: Keeping | null, b: Keeping | null): Keeping | null {
  if (a === null || b === null) return null;
  const shorter = (x: readonly [number, number], y: readonly [number, number]) =>
    x[1] < y[1] || (x[1] === y[1] && x[0] <= y[0]) ? x : y;
  const [months, days] = [shorter(a.months, b.months), shorter(a.days, b.days)];
  if (months === a.months && days === a.days) return a;
  return months === b.months && days === b.days ? b : { ...a, months, days };
}

/** Months in a freezer that count: the middle of the published range. */
export function middleMonths({ months: [least, most] }: Keeping): number {
  return (least + most) / 2;
}

/**
 * The day up to which something is best that is frozen on a day: the middle of the published range.
 *
 * @returns null where it is not known when it was frozen, or nothing is published
 * @example a steak (4 to 12 months) frozen on 2026-01-10 is best before 2026-09-10
 */
export function bestIfFrozen(of: Keeping | null, frozenOn: IsoDate | null): IsoDate | null {
  if (!of || !frozenOn) return null;
  const middle = middleMonths(of);
  const whole = addMonths(frozenOn, Math.floor(middle));
  if (Number.isInteger(middle)) return whole;
  return addDays(whole, Math.floor(daysBetween(whole, addMonths(frozenOn, Math.ceil(middle))) / 2));
}

/** The first and the last day of the published range, for something frozen on a day. */
export function rangeIfFrozen(
  of: Keeping | null,
  frozenOn: IsoDate | null,
): readonly [IsoDate, IsoDate] | null {
  return of && frozenOn ? [addMonths(frozenOn, of.months[0]), addMonths(frozenOn, of.months[1])] : null;
}
