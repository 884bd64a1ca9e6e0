import { addDays, type IsoDate } from '../units/date';
import { countUpTo, notesOf, type KeyedNote, type PriceBook } from './price-book';

/**
 * The lowest price seen of an item in the year up to a day: how good it gets.
 *
 * @returns null where none was seen
 */
export function bestSeen(book: PriceBook, item: string, on: IsoDate): KeyedNote | null {
  const notes = notesOf(book, item);
  const year = notes.slice(countUpTo(notes, addDays(on, -366)), countUpTo(notes, on));
  return year.reduce<KeyedNote | null>(
    (best, note) => (best && best.perKgMinor <= note.perKgMinor ? best : note),
    null,
  );
}
