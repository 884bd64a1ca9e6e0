import { addDays, daysBetween, type IsoDate } from '../units/date';
import { notesOfGrade } from './of-grade';
import { countUpTo, notesOf, type KeyedNote, type PriceBook } from './price-book';
import { middleRate, perKg, rateOf, type Rate } from './rate';

/** Prices older than this say little about today; an estimate of our own. */
const RECENT_DAYS = 60;

/** What an item goes for, and what that rests on. */
export interface GoingPrice {
  /** Smallest coins a kilogram, unrounded. */
  readonly perKgMinor: number;
  /** The same exactly, as it was asked. */
  readonly rate: Rate;
  /** The latest note of each shop that counted. */
  readonly notes: readonly KeyedNote[];
  /** Days from the newest of them to the day asked for; negative where only later prices are known. */
  readonly ageDays: number;
}

/**
 * The going price of an item on a day: the median of what each shop last asked in the 60 days up
 * to then, so that one shop's offer or slip of the pen moves it little. Where nothing is that
 * recent, the nearest note counts, an earlier one before a later one.
 *
 * @param grade a grade or mark to which it belongs; null where none is said, see {@link notesOfGrade}
 * @returns null where no price of the item was ever noted
 * @example three shops' last prices 27.90, 26.50 and 12.00 (an offer): 26.50
 */
export function goingPrice(
  book: PriceBook,
  item: string,
  on: IsoDate,
  grade: string | null = null,
): GoingPrice | null {
  const notes = notesOfGrade(notesOf(book, item), grade);
  if (notes.length === 0) return null;
  const upTo = countUpTo(notes, on);
  const recent = latestOfShops(notes, upTo, addDays(on, -RECENT_DAYS));
  const nearest = notes[upTo - 1] ?? notes[upTo];
  const counted = recent.length > 0 ? recent : nearest ? [nearest] : [];
  const newest = counted[0];
  if (!newest) return null;
  const rate = medianRate(counted.map(rateOf));
  return { perKgMinor: perKg(rate), rate, notes: counted, ageDays: daysBetween(newest.on, on) };
}

/**
 * The middle of several rates, exactly.
 *
 * @param rates one at least
 */
export function medianRate(rates: readonly Rate[]): Rate {
  const sorted = [...rates].sort((a, b) => perKg(a) - perKg(b));
  const [low, high] = [sorted[(sorted.length - 1) >> 1] as Rate, sorted[sorted.length >> 1] as Rate];
  return low === high ? low : middleRate(low, high);
}

function latestOfShops(notes: readonly KeyedNote[], upTo: number, since: IsoDate): KeyedNote[] {
  const latest = new Map<string, KeyedNote>();
  for (let at = upTo - 1; at >= 0; at--) {
    const note = notes[at];
    if (!note || note.on < since) break;
    if (!latest.has(note.shop)) latest.set(note.shop, note);
  }
  return [...latest.values()];
}
