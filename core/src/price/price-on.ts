import type { PriceNote } from '../journal/price-note';
import type { IsoDate } from '../units/date';

/**
 * The price of an item that counts on a day: the latest noted up to then, else the first noted
 * after it. Of several on one day, the lowest, since a buyer would have gone there.
 *
 * @returns undefined where no price of the item was ever noted
 */
export function priceOn(notes: readonly PriceNote[], item: string, on: IsoDate): PriceNote | undefined {
  const ofItem = notes.filter((note) => note.item === item);
  const before = ofItem.filter((note) => note.on <= on).sort((a, b) => compare(b.on, a.on) || a.perKgMinor - b.perKgMinor);
  const after = ofItem.filter((note) => note.on > on).sort((a, b) => compare(a.on, b.on) || a.perKgMinor - b.perKgMinor);
  return before[0] ?? after[0];
}

const compare = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);
