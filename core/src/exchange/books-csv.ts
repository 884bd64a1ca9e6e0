import { NO_PART, type BookedPart, type BookedPeriod, type BookedPiece } from './booked';
import type { Column } from './figures-csv';

/** A saving that is at least so much is told; with prices missing a loss is not known, and an open piece has none yet. */
const knownSaving = ({ lot, comparison: { savedMinor, isKnown, complete } }: BookedPiece): number | null =>
  lot.closed && isKnown && (complete || savedMinor >= 0) ? savedMinor : null;

const yesNo = (is: boolean): string => (is ? 'yes' : 'no');

/** Every piece, a line each. */
export const PIECE_COLUMNS: readonly Column<BookedPiece>[] = [
  { head: 'id', is: 'text', of: ({ lot }) => lot.id },
  { head: 'kind', is: 'text', of: ({ kind }) => kind },
  { head: 'count', is: 'number', of: ({ lot }) => lot.count },
  { head: 'bought on', is: 'text', of: ({ lot }) => lot.on },
  { head: 'shop', is: 'text', of: ({ shop }) => shop },
  { head: 'weight', is: 'mass', of: ({ lot }) => lot.inDg },
  { head: 'paid', is: 'money', of: ({ lot }) => lot.paidMinor },
  { head: 'price', is: 'money-per-mass', of: ({ perKgMinor }) => perKgMinor },
  { head: 'yield (%)', is: 'number', of: (piece) => Math.round(piece.yield * 1000) / 10 },
  { head: 'usable', is: 'mass', of: ({ usableDg }) => usableDg },
  { head: 'usable meat costs', is: 'money-per-mass', of: ({ perUsableKgMinor }) => perUsableKgMinor },
  {
    head: 'bought cut',
    is: 'money',
    of: ({ comparison }) => (comparison.worthMinor > 0 ? comparison.worthMinor : null),
  },
  {
    head: 'saved',
    is: 'money',
    of: knownSaving,
  },
  {
    head: 'worth it up to',
    is: 'money-per-mass',
    of: ({ comparison }) => (comparison.worthMinor > 0 ? comparison.breakEvenPerKgMinor : null),
  },
  { head: 'all prices known', is: 'text', of: ({ comparison }) => yesNo(comparison.complete) },
  { head: 'minutes', is: 'number', of: ({ minutes }) => minutes },
];

/** One piece, part by part. */
export const PART_COLUMNS: readonly Column<BookedPart>[] = [
  { head: 'part', is: 'text', of: ({ name }) => name ?? NO_PART },
  { head: 'goes to', is: 'text', of: ({ destination }) => destination },
  { head: 'count', is: 'number', of: ({ count }) => count },
  { head: 'weight', is: 'mass', of: ({ massDg }) => massDg },
  { head: 'cost by shop prices', is: 'money', of: ({ minor }) => minor['store-value'] },
  { head: 'cost by weight', is: 'money', of: ({ minor }) => minor['by-weight'] },
  { head: 'cost, cheap parts first', is: 'money', of: ({ minor }) => minor['by-product-credit'] },
  { head: 'cost by dinner', is: 'money', of: ({ minor }) => minor['by-dinner'] },
  { head: 'shop item', is: 'text', of: ({ line }) => line?.price.item?.name ?? null },
  {
    head: 'shop asks',
    is: 'money-per-mass',
    of: ({ line }) => (line?.price.state === 'known' ? line.price.going.perKgMinor : null),
  },
  {
    head: 'trimmed like ours',
    is: 'money-per-mass',
    of: ({ line }) => (line?.price.state === 'known' ? line.price.perKgMinor : null),
  },
  { head: 'bought cut', is: 'money', of: ({ line }) => line?.worthMinor ?? null },
];

/** Totals, a line a month or a year. */
export const PERIOD_COLUMNS: readonly Column<BookedPeriod>[] = [
  { head: 'period', is: 'text', of: ({ name }) => name },
  { head: 'pieces', is: 'number', of: ({ totals }) => totals.pieces },
  { head: 'bought', is: 'mass', of: ({ totals }) => totals.receivedDg },
  { head: 'paid', is: 'money', of: ({ totals }) => totals.paidMinor },
  { head: 'usable', is: 'mass', of: ({ totals }) => totals.usableDg },
  { head: 'dinners', is: 'number', of: ({ dinners }) => Math.round(dinners * 10) / 10 },
  {
    head: 'saved',
    is: 'money',
    of: ({ totals: { savedMinor, complete } }) => (complete || savedMinor >= 0 ? savedMinor : null),
  },
  { head: 'all prices known', is: 'text', of: ({ totals }) => yesNo(totals.complete) },
];
