import { addDays, type IsoDate } from '../units/date';
import { countUpTo, notesOf, type PriceBook } from './price-book';

/** How a price stands among those seen. */
export interface HowLow {
  /** How many of the prices seen were higher, and lower. */
  readonly higher: number;
  readonly lower: number;
  readonly seen: number;
  readonly since: IsoDate;
}

/** From fewer prices than this, "lower than most" would be chance. */
const LEAST_SEEN = 4;

/**
 * How low a price is among all seen of the item in the year up to a day: "lower than 9 of 10".
 *
 * @returns null where fewer than four were seen
 */
export function howLow(book: PriceBook, item: string, perKgMinor: number, on: IsoDate): HowLow | null {
  const notes = notesOf(book, item);
  const year = notes.slice(countUpTo(notes, addDays(on, -366)), countUpTo(notes, on));
  const [oldest] = year;
  if (!oldest || year.length < LEAST_SEEN) return null;
  const count = (which: (minor: number) => boolean): number =>
    year.filter((note) => which(note.perKgMinor)).length;
  return {
    higher: count((minor) => minor > perKgMinor),
    lower: count((minor) => minor < perKgMinor),
    seen: year.length,
    since: oldest.on,
  };
}
