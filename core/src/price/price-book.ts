import { ascending, bisector } from 'd3-array';
import type { PriceNote } from './price-note';
import type { IsoDate } from '../units/date';

/** A note with the key of its register, so that it can be corrected and deleted. */
export type KeyedNote = PriceNote & { readonly key: string };

/** Every price that the household wrote down, by item, oldest first. */
export interface PriceBook {
  readonly byItem: ReadonlyMap<string, readonly KeyedNote[]>;
  readonly size: number;
}

const byDay = bisector<KeyedNote, IsoDate>((note, day) => ascending(note.on, day));

/**
 * Sorts prices into a book.
 *
 * @param notes key and note; a shop that was renamed counts under its new name
 * @param shopNames old names of shops and what each is called now
 */
export function priceBook(
  notes: Iterable<readonly [string, PriceNote]>,
  shopNames: ReadonlyMap<string, string> = new Map(),
): PriceBook {
  const byItem = new Map<string, KeyedNote[]>();
  let size = 0;
  for (const [key, note] of notes) {
    const keyed = { ...note, key, shop: shopNames.get(note.shop) ?? note.shop };
    const known = byItem.get(note.item);
    if (known) known.push(keyed);
    else byItem.set(note.item, [keyed]);
    size += 1;
  }
  for (const list of byItem.values()) list.sort((a, b) => ascending(a.on, b.on) || ascending(a.key, b.key));
  return { byItem, size };
}

/** The book with more notes in it, such as prices that were typed and are not written down yet. */
export function bookWith(book: PriceBook, more: readonly KeyedNote[]): PriceBook {
  if (more.length === 0) return book;
  const all = [...[...book.byItem.values()].flat(), ...more];
  return priceBook(all.map(({ key, ...note }) => [key, note] as const));
}

/** The notes of an item, oldest first. */
export function notesOf(book: PriceBook, item: string): readonly KeyedNote[] {
  return book.byItem.get(item) ?? [];
}

/** How many of an item's notes are from that day or earlier. */
export function countUpTo(notes: readonly KeyedNote[], day: IsoDate): number {
  return byDay.right(notes, day);
}
