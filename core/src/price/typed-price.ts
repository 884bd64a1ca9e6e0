import { parseMoney, type Currency, type Minor } from '../units/money';
import type { DecimalSign } from '../units/number-style';
import type { Quote } from './quote';

/** A price as it was typed, with the unit that stands behind it. */
export interface TypedPrice {
  readonly minor: Minor;
  /** Null where none was written. */
  readonly unit: Quote['unit'] | null;
}

/** What a price is written for: "8.49/lb", "8.49 per pound", "1.29 / 100 g", "5.90 each". */
const UNITS: readonly (readonly [unit: Quote['unit'], words: RegExp])[] = [
  ['100g', /^100 ?g(?:r|rams?)?$/],
  ['kg', /^(?:1 ?)?(?:kgs?|kilos?|kilograms?)$/],
  ['lb', /^(?:1 ?)?(?:lbs?|pounds?)$/],
  ['piece', /^(?:each|ea|pc|pcs|piece|one)$/],
];
const BEHIND =
  /^(.*\d)\s*(?:(?:\/|per\b|an?\b|the\b|for\b)\s*(?:an?\s+|the\s+)?([\da-z][\da-z ]*?)|(each|ea|apiece))\.?\s*$/i;

/**
 * Splits a price from the unit that is written behind it.
 *
 * @returns the amount as it stands, and the unit; undefined for one that meat is not priced by here
 * @example priceParts('8.49/lb') // { amount: '8.49', unit: 'lb' }
 */
export function priceParts(text: string): { amount: string; unit: Quote['unit'] | null | undefined } {
  const [, amount, behind, each] = BEHIND.exec(text.trim()) ?? [];
  if (amount === undefined) return { amount: text, unit: null };
  if (each !== undefined) return { amount, unit: 'piece' };
  const word = (behind ?? '').toLowerCase().replace(/\s+/g, ' ').trim();
  return { amount, unit: UNITS.find(([, words]) => words.test(word))?.[0] };
}

/**
 * Reads a price as people write it, with what it is asked for or without.
 *
 * @returns null where it is no amount of money, or for something else than a kg, a lb, 100 g or one
 * @example typedPrice('$8.49 / lb', { currency: 'USD', decimal: '.' }) // { minor: 849, unit: 'lb' }
 */
export function typedPrice(
  text: string,
  { currency, decimal }: { readonly currency: Currency; readonly decimal: DecimalSign },
): TypedPrice | null {
  const { amount, unit } = priceParts(text);
  const minor = unit === undefined ? null : parseMoney(amount, currency, decimal);
  return minor === null || unit === undefined ? null : { minor, unit };
}

/** A price and the unit beside it, as fields have them. */
export interface PriceFields {
  readonly price: string;
  readonly pricedBy: Quote['unit'];
}

/**
 * A unit that is written behind the price is what it is priced by, whatever is chosen beside it.
 *
 * @example pricedAsTyped({ price: '8.49/lb', pricedBy: 'kg' }) // { price: '8.49', pricedBy: 'lb' }
 */
export function pricedAsTyped<T extends PriceFields>(text: T): T {
  const { amount, unit } = priceParts(text.price);
  return unit ? { ...text, price: amount, pricedBy: unit } : text;
}

/**
 * What changes in the fields when one of them does: a unit written behind the price is chosen beside
 * it, and one that is chosen takes the place of one that is written.
 *
 * @example priceFieldsAfter({ price: '8.49/lb', pricedBy: 'lb' }, { pricedBy: 'kg' }) // { pricedBy: 'kg', price: '8.49' }
 */
export function priceFieldsAfter<T extends Partial<PriceFields>>(now: PriceFields, change: T): T {
  if (change.price !== undefined) {
    const { unit } = priceParts(change.price);
    return unit ? { ...change, pricedBy: unit } : change;
  }
  return change.pricedBy === undefined ? change : { ...change, price: priceParts(now.price).amount };
}
