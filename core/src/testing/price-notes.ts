import { priceBook, type PriceBook } from '../price/price-book';
import type { PriceNote } from '../price/price-note';

/** What strip steak cost on a day. */
export function priceNote(
  on: string,
  perKgMinor: number,
  shop = 'Hollis Lane Farm',
  over: Partial<PriceNote> = {},
): PriceNote {
  return { item: 'strip-steak', shop, perKgMinor, on, ...over };
}

/** A book of some notes. */
export function bookOf(...notes: readonly PriceNote[]): PriceBook {
  return priceBook(notes.map((each, index) => [`k${index}`, each]));
}
