import type { Meal } from '@core/dinner/meal';
import type { Bought } from './happening';
import { BREAKWATER, HOLLIS } from './shops';

/** The moment at which the story stands still until somebody opens it: a Tuesday, before dinner. */
export const NOW = '2027-06-01T18:00:00';
/** Dinner that day, and when it is over. */
export const DINNER = { on: '2027-06-01', over: '19:30' } as const;

/** Kept for a feast of the harbour that is still to come. */
export const FOR_THE_FEAST: Bought = {
  what: 'bought',
  on: '2027-04-24',
  kind: 'lamb-rack',
  way: 'half-racks',
  count: 2,
  eachG: 860,
  at: HOLLIS,
};
export const FEAST = 'the harbour supper';

/** What the dinners of these days come from. */
export const FOR_THE_WEEK: Bought = {
  what: 'bought',
  on: '2027-05-07',
  kind: 'top-round',
  way: 'steaks-and-cubes',
  eachG: 8000,
  at: BREAKWATER,
  says: 'Three dinners of steaks, a roast, and the rest for the pot.',
};

/** Bought yesterday: one pack of it is to be cooked or frozen today. */
export const YESTERDAY: Bought = {
  what: 'bought',
  on: '2027-05-31',
  kind: 'whole-chicken',
  way: 'eight-pieces',
  count: 2,
  eachG: 2120,
  at: HOLLIS,
};

/** Bought yesterday in their bags, and cut just now: one lies on the table, one is on the board. */
export const ON_THE_TABLE: Bought = {
  what: 'bought',
  on: '2027-05-31',
  kind: 'pork-loin',
  way: 'chops',
  eachG: 3950,
  at: BREAKWATER,
};
export const ON_THE_BOARD: Bought = {
  what: 'bought',
  on: '2027-05-31',
  kind: 'strip-loin',
  way: 'trim-first',
  eachG: 5270,
  at: BREAKWATER,
  says: 'Much softer fat than the last one.',
};
/** Minutes ago at which each was begun, and how many weighings of the second are done. */
export const BEGUN = { table: 62, board: 20, weighings: 8 } as const;

/** A day of the week's plan, counted from the next dinner: what is eaten by its part, and how that is said. */
export interface Planned {
  readonly days: number;
  /** The part of the piece that the week's dinners come from. */
  readonly part: string | null;
  /** How many packs of it; one where nothing is said. */
  readonly packs?: number;
  readonly meal: Partial<Meal>;
}

/** Half of a week is planned. Before it: what there was the last time. */
export const WEEK: readonly Planned[] = [
  { days: -1, part: 'cubes', meal: {} },
  { days: 0, part: 'steaks', meal: {} },
  { days: 1, part: null, meal: { meatless: true } },
  { days: 2, part: 'steaks', meal: { absent: ['Pia'] } },
  { days: 5, part: 'roast', packs: 2, meal: { guests: 2 } },
];
