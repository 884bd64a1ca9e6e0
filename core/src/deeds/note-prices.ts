import type { PieceBasis } from '../cost/piece-basis';
import type { LotId } from '../ledger/lot';
import { medianRate } from '../price/going-price';
import type { PriceNote } from '../price/price-note';
import { perKg, rateOf } from '../price/rate';
import { valuesOf, type Household } from '../records/household';
import type { NewRecord } from '../records/record';
import { failure, success, type Result } from '../units/result';
import type { Deed } from './deed';

/** Notes what shops asked. */
export function notePrices(notes: readonly PriceNote[], say: string, newId: () => string): Deed {
  return { records: notes.map((value) => ({ type: 'price', key: newId(), value })), say };
}

/**
 * Puts a price in the place of one that was noted, and with it what closed pieces counted with that
 * price: all of it or none.
 *
 * @example a strip steak noted at 14.99 instead of 16.99: the note, and the basis of the loin that was closed with it
 */
export function correctPrice(household: Household, key: string, value: PriceNote, say: string): Deed {
  return {
    records: [{ type: 'price', key, value }, ...basesWith(household, key, value)],
    say,
  };
}

/** Closed pieces that counted with a note. */
export function piecesWith(household: Household, key: string): LotId[] {
  return [...valuesOf(household, 'basis')].flatMap(([piece, { prices }]) =>
    prices.some(({ notes }) => notes.includes(key)) ? [piece] : [],
  );
}

function basesWith(household: Household, key: string, value: PriceNote): NewRecord[] {
  const noted = valuesOf(household, 'price');
  noted.set(key, value);
  const bases = valuesOf(household, 'basis');
  return piecesWith(household, key).flatMap((piece): NewRecord[] => {
    const basis = bases.get(piece);
    if (!basis) return [];
    const prices = basis.prices.map((price) => (price.notes.includes(key) ? priceOf(price, noted) : price));
    return [{ type: 'basis', key: piece, value: { ...basis, prices } }];
  });
}

/** The middle of the same notes, as they are now; one that is of another item now says nothing of this one. */
function priceOf(
  price: PieceBasis['prices'][number],
  noted: ReadonlyMap<string, PriceNote>,
): PieceBasis['prices'][number] {
  const ofItem = price.notes.filter((key) => noted.get(key)?.item === price.item);
  const notes = ofItem.flatMap((key) => noted.get(key) ?? []);
  const [one] = notes;
  // Nothing is left of it: what it counted with stands.
  if (!one) return { ...price, notes: [] };
  return {
    item: price.item,
    perKg: perKg(medianRate(notes.map(rateOf))),
    ...(notes.length === 1 && one.asked ? { asked: one.asked } : {}),
    notes: ofItem,
  };
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
