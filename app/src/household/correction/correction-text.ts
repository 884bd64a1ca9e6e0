import { massDoubt, typedMass } from '@core/format/typed-mass';
import type { PieceBought } from '@core/deeds/correct-piece';
import type { Format } from '@core/format/format';
import { exactMass } from '@core/units/exact-mass';
import { parseExactMass } from '@core/units/parse-mass';
import { failure, success, type Result } from '@core/units/result';
import { typedPrice } from '@core/price/typed-price';
import { tillTotal } from '@core/price/quote';

/** What was bought, as it is typed anew. A price, if one is typed, says what was paid. */
export interface CorrectionText {
  readonly weight: string;
  readonly count: string;
  readonly price: string;
  readonly off: string;
  readonly paid: string;
  readonly shop: string;
  readonly grade: string;
  readonly way: string;
  readonly on: string;
}

/** Which field cannot be read, and why. */
export interface Unread {
  readonly field: keyof CorrectionText;
  readonly says: string;
}

/** As it was typed, ready to be typed over. */
export function textOf(bought: PieceBought, format: Format): CorrectionText {
  return {
    weight: bought.mass.typed || format.mass(bought.mass.massDg),
    count: String(bought.count),
    price: '',
    off: '',
    paid: format.money(bought.paidMinor),
    shop: bought.shop,
    grade: bought.grade,
    way: bought.way,
    on: bought.on,
  };
}

/**
 * Reads what was typed. A field that says what it said stays to the last gram, whatever it was typed as.
 */
export function readCorrection(
  text: CorrectionText,
  was: PieceBought,
  format: Format,
): Result<PieceBought, Unread> {
  const wrong = (field: keyof CorrectionText, says: string): Result<never, Unread> =>
    failure({ field, says });
  const before = textOf(was, format);
  const mass = text.weight === before.weight ? was.mass : typedMass(text.weight, 'large', format);
  if (!mass || mass.massDg <= 0)
    return wrong('weight', massDoubt(text.weight, 'large', format) ?? 'That is not a weight.');
  if (!/^[1-9]\d{0,2}$/.test(text.count.trim())) return wrong('count', 'A whole number from 1.');
  const paid = paidOf(text, before, was, format);
  if (!paid.ok) return paid;
  const { shop, grade, way, on } = text;
  return success({ mass, count: Number(text.count), paidMinor: paid.value, shop, grade, way, on });
}

function paidOf(
  text: CorrectionText,
  before: CorrectionText,
  was: PieceBought,
  format: Format,
): Result<number, Unread> {
  if (text.price.trim() === '') {
    const paid = text.paid === before.paid ? was.paidMinor : format.parseMoney(text.paid);
    return paid === null || paid < 0
      ? failure({ field: 'paid', says: 'That is not an amount of money.' })
      : success(paid);
  }
  const { minor = 0, unit: by = null } = typedPrice(text.price, format.style()) ?? {};
  if (minor <= 0) return failure({ field: 'price', says: 'That is not a price.' });
  const off = text.off.trim() === '' ? 0 : format.parseMoney(text.off);
  const { decimal, unit } = format.labelStyle();
  const typed = text.weight === before.weight ? null : parseExactMass(text.weight, unit, decimal);
  const total =
    tillTotal(
      { minor, unit: by ?? unit },
      typed ?? exactMass(was.mass.massDg / 10, 'g'),
      Number(text.count),
    ) ?? 0;
  return off === null || off < 0 || off > total
    ? failure({ field: 'off', says: 'That is more than the total, or no amount.' })
    : success(total - off);
}
