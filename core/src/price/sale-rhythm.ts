import { group } from 'd3-array';
import { addDays, daysBetween, type IsoDate } from '../units/date';
import { feastDays } from '../feast/feasts';
import type { Feasts } from '../feast/feast-schemas';
import { countUpTo, notesOf, type KeyedNote, type PriceBook } from './price-book';

/** A time of the year at which an item was on offer in earlier years. */
export interface Season {
  readonly id: string;
  /** "Easter", or a month's name. */
  readonly name: string;
  /** Years in which prices of that time were noted, and in how many of them one was an offer. */
  readonly years: number;
  readonly offered: number;
  /** When it comes next. */
  readonly next: IsoDate;
  /** How likely an offer is then, 0 to 1: (offered + 1) ÷ (years + 2). */
  readonly likely: number;
  /** The deepest offer seen then, as a share below that year's median; null where never offered. */
  readonly depth: number | null;
}

/** Two years are the least from which a yearly rhythm can be told from chance. */
const LEAST_DAYS = 700;
/** Offers for a feast stand in the three weeks before it; an estimate. */
const BEFORE_FEAST_DAYS = 21;
const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
];

interface Window {
  readonly id: string;
  readonly name: string;
  readonly from: IsoDate;
  readonly to: IsoDate;
}

function windowsOf(year: number, kept: Feasts): Window[] {
  const feasts = feastDays(kept, year).map(({ id, name, on }) => ({
    id,
    name,
    from: addDays(on, -BEFORE_FEAST_DAYS),
    to: on,
  }));
  const months = MONTHS.map((name, index) => {
    const from = `${year}-${String(index + 1).padStart(2, '0')}-01`;
    const to =
      index === 11 ? `${year}-12-31` : addDays(`${year}-${String(index + 2).padStart(2, '0')}-01`, -1);
    return { id: `month-${index + 1}`, name, from, to };
  });
  return [...feasts, ...months];
}

/**
 * The rhythm of an item's sales: feast days and months at which it was on offer in earlier years,
 * the likeliest first, and when each comes next. Feasts stand before the months that they fall in.
 *
 * The chance is Laplace's rule of succession: two offers in two years make three in four.
 *
 * @param on today
 * @param feasts of the household
 * @returns nothing where the notes span less than two years, or nothing recurs
 */
export function saleRhythm(book: PriceBook, item: string, on: IsoDate, feasts: Feasts): Season[] {
  const all = notesOf(book, item);
  const notes = all.slice(0, countUpTo(all, on));
  const [first] = notes;
  if (!first || daysBetween(first.on, on) < LEAST_DAYS) return [];
  const years = range(Number(first.on.slice(0, 4)), Number(on.slice(0, 4)) + 1);
  const windows = group(
    years.flatMap((year) => windowsOf(year, feasts)),
    ({ id }) => id,
  );
  const seasons = [...windows].map(([id, ofId]) => seasonOf(id, ofId, notes, on));
  return seasons
    .filter((season): season is Season => season !== null && season.offered >= 2)
    .sort((a, b) => b.likely - a.likely || (a.next < b.next ? -1 : 1));
}

function seasonOf(
  id: string,
  windows: readonly Window[],
  notes: readonly KeyedNote[],
  on: IsoDate,
): Season | null {
  const past = windows
    .filter(({ to }) => to <= on)
    .map((window) => ({
      window,
      seen: notes.filter((note) => note.on >= window.from && note.on <= window.to),
    }));
  const observed = past.filter(({ seen }) => seen.length > 0);
  const offers = observed.filter(({ seen }) => seen.some(({ offer }) => offer));
  const next = windows.find(({ to }) => to > on);
  if (!next || observed.length === 0) return null;
  const depths = offers.flatMap(({ window, seen }) => depthOf(seen, notes, window));
  return {
    id,
    name: next.name,
    years: observed.length,
    offered: offers.length,
    next: next.from > on ? next.from : on,
    likely: (offers.length + 1) / (observed.length + 2),
    depth: depths.length > 0 ? Math.max(...depths) : null,
  };
}

/** How far the cheapest offer of a window lay below the regular prices of half a year around it. */
function depthOf(seen: readonly KeyedNote[], notes: readonly KeyedNote[], { from, to }: Window): number[] {
  const around = notes
    .filter((note) => !note.offer && note.on >= addDays(from, -90) && note.on <= addDays(to, 90))
    .map(({ perKgMinor }) => perKgMinor);
  const regular = [...around].sort((a, b) => a - b)[Math.floor(around.length / 2)];
  const lowest = Math.min(...seen.filter(({ offer }) => offer).map(({ perKgMinor }) => perKgMinor));
  return regular && lowest < regular ? [1 - lowest / regular] : [];
}

const range = (from: number, to: number): number[] =>
  Array.from({ length: to - from + 1 }, (_, index) => from + index);
