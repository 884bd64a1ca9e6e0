import { extent } from 'd3-array';
import { addDays, type IsoDate } from '../units/date';
import { countUpTo, notesOf, type PriceBook } from './price-book';

/**
 * The lowest and the highest price of an item that was seen in the year up to a day, smallest coins a
 * kilogram; of older ones where there is none so young.
 *
 * @returns null where none was ever noted
 */
export function seenSpan(book: PriceBook, item: string, on: IsoDate): readonly [number, number] | null {
  const notes = notesOf(book, item);
  const year = notes.slice(countUpTo(notes, addDays(on, -366)), countUpTo(notes, on));
  const [low, high] = extent(year.length > 0 ? year : notes, ({ perKgMinor }) => perKgMinor);
  return low === undefined || high === undefined ? null : [low, high];
}
