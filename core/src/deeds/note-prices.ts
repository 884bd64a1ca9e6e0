import type { PriceNote } from '../price/price-note';
import { failure, success, type Result } from '../units/result';
import type { Deed } from './deed';

/** Notes what shops asked. */
export function notePrices(notes: readonly PriceNote[], say: string, newId: () => string): Deed {
  return { records: notes.map((value) => ({ type: 'price', key: newId(), value })), say };
}

/** Puts a price in the place of one that was noted. */
export function correctPrice(key: string, value: PriceNote, say: string): Deed {
  return { records: [{ type: 'price', key, value }], say };
}

/** Takes a price out of the book. */
export function deletePrice(key: string): Deed {
  return { records: [{ type: 'price', key, value: null }], say: 'Deleted.' };
}

/** A shop is called otherwise now, or is the same as another: both go under one name. */
export function renameShop(from: string, to: string, key: string): Result<Deed> {
  const name = to.trim();
  if (from === '' || name === '' || from === name)
    return failure('Choose a shop, and type what it is called now.');
  return success({
    records: [{ type: 'shop', key, value: { from, to: name } }],
    say: `${from} is ${name} now, everywhere.`,
  });
}
