import { failure, success, type Result } from '../units/result';
import { isChecked } from './check-digit';

/** Where something stands in a number: from the first digit, the last not included. */
export type Digits = readonly [from: number, to: number];

/** How a shop makes its price-and-weight numbers; each shop chooses for itself. */
export interface ShopLayout {
  /** All digits of the number, with its check digit. */
  readonly length: 12 | 13;
  readonly item: Digits;
  readonly value: Digits;
  readonly of: 'price' | 'weight';
  /** What one of the value's last digit is: smallest coins, or tenths of a gram. */
  readonly unit: number;
  /** A digit of its own that checks the value; null where there is none. */
  readonly innerCheck: number | null;
}

/** What a sticker's number says. */
export interface ShopReading {
  readonly item: string;
  readonly priceMinor: number | null;
  readonly massDg: number | null;
}

/** Weights are printed to the gram, to ten grams, or to a hundredth or thousandth of a pound (453.59237 g, exact). */
const WEIGHT_UNITS = [10, 100, 45.359237, 4.5359237] as const;
/** Lengths of the value in numbers that shops print (common practice). */
const VALUE_LENGTHS = [5, 4, 6] as const;

/**
 * A number from a shop's sticker: UPC-A that begins with 2, EAN-13 that begins with 20 to 29.
 *
 * @returns the digits, or what is wrong in one sentence
 * @source GS1 General Specifications: restricted circulation numbers (from memory)
 */
export function readShopNumber(text: string): Result<string> {
  const digits = text.replace(/[\s-]/g, '');
  if (!/^\d+$/.test(digits))
    return failure(`“${text.slice(0, 40)}” is no number. Type the digits under the bars.`);
  if (digits.length !== 12 && digits.length !== 13)
    return failure(
      `${digits.length} digits: a sticker with a price or a weight in it has 12 or 13. Type all of them.`,
    );
  if (!isChecked(digits))
    return failure('The last digit does not fit the others: one was read or typed wrong. Look again.');
  // A camera gives a 12-digit number as 13 digits with a nought before.
  const own = digits.length === 13 && digits.startsWith('02') ? digits.slice(1) : digits;
  if (!own.startsWith('2'))
    return failure(
      'This number names a product of fixed weight; its price is not in it. Type weight and price from the label.',
    );
  return success(own);
}

/** What a number says by a shop's layout; null where it is not of that length. */
export function readByLayout(
  digits: string,
  { length, item, value, of, unit }: ShopLayout,
): ShopReading | null {
  if (digits.length !== length) return null;
  const amount = Number(digits.slice(...value)) * unit;
  return {
    item: digits.slice(...item),
    priceMinor: of === 'price' ? Math.round(amount) : null,
    massDg: of === 'weight' ? Math.round(amount) : null,
  };
}

/**
 * The layouts that fit a number with the price and the weight printed beside it. One example mostly
 * leaves one; where it leaves several, another sticker of the shop tells them apart.
 *
 * @param printed price in smallest coins and weight in tenths of a gram, as far as they are known
 */
export function learnLayouts(
  digits: string,
  printed: { readonly priceMinor: number | null; readonly massDg: number | null },
): ShopLayout[] {
  const length = digits.length;
  if (length !== 12 && length !== 13) return [];
  const end = length - 1;
  const first = length === 12 ? 1 : 2;
  return VALUE_LENGTHS.flatMap((size) => {
    const value: Digits = [end - size, end];
    const number = Number(digits.slice(...value));
    if (number === 0) return [];
    return [false, true].flatMap((hasInner): ShopLayout[] => {
      const item: Digits = [first, end - size - (hasInner ? 1 : 0)];
      if (item[1] - item[0] < 4) return [];
      const shape = { length, item, value, innerCheck: hasInner ? end - size - 1 : null } as const;
      const byPrice =
        printed.priceMinor !== null && number === printed.priceMinor
          ? [{ ...shape, of: 'price' as const, unit: 1 }]
          : [];
      const byWeight =
        printed.massDg === null
          ? []
          : WEIGHT_UNITS.filter(
              (unit) => Math.abs(number * unit - (printed.massDg ?? 0)) <= unit / 2 + 1e-6,
            ).map((unit) => ({ ...shape, of: 'weight' as const, unit }));
      return [...byPrice, ...byWeight];
    });
  }).sort((a, b) => leadingNoughts(digits, a) - leadingNoughts(digits, b));
}

/** A value that fills its place is likelier than one behind noughts that belong to the item. */
function leadingNoughts(digits: string, { value, innerCheck }: ShopLayout): number {
  const field = digits.slice(...value);
  return (field.startsWith('00') ? 2 : 0) + (innerCheck === null ? 0 : 1);
}
