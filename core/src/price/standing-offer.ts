import { addDays, type IsoDate } from '../units/date';
import { countUpTo, notesOf, type KeyedNote, type PriceBook } from './price-book';

/** An offer is taken to stand for so long after it was noted; an estimate of our own. */
const OFFER_DAYS = 10;

/**
 * The lowest offer of an item that was noted in the last days, and may stand still.
 *
 * @returns null where none was
 */
export function standingOffer(book: PriceBook, item: string, today: IsoDate): KeyedNote | null {
  const notes = notesOf(book, item);
  const recent = notes
    .slice(countUpTo(notes, addDays(today, -OFFER_DAYS)), countUpTo(notes, today))
    .filter(({ offer }) => offer);
  return recent.sort((a, b) => a.perKgMinor - b.perKgMinor)[0] ?? null;
}
