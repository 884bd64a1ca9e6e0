import { failure, success, type Result } from '../units/result';
import * as z from 'zod';
import { minorDigits } from '../units/money';
import type { Quote } from '../price/quote';
import { readLabel } from '../price/read-label';
import { requestProblem } from '../units/request-problem';

const figure = z.union([z.string().trim().min(1), z.number().transform(String)]);
const requestSchema = z.strictObject({
  weight: figure.optional(),
  price: figure.optional(),
  total: figure.optional(),
  count: z
    .int({ error: 'count is a whole number' })
    .positive({ error: 'count is at least one' })
    .max(999, { error: 'count is at most 999' })
    .default(1),
  discount: z
    .strictObject({
      kind: z.enum(['off-total', 'per-unit', 'percent', 'multi-buy', 'reduced'], {
        error: 'kind is off-total, per-unit, percent, multi-buy or reduced',
      }),
      amount: figure,
      pay: figure.optional(),
    })
    .optional(),
  currency: z
    .string({ error: 'currency is a code such as EUR' })
    .regex(/^[A-Z]{3}$/, { error: 'currency is a code of three letters, such as EUR' }),
  decimal: z.enum(['.', ','], { error: 'decimal is "." or ","' }).default('.'),
});

const UNITS: Record<string, Quote['unit']> = {
  kg: 'kg',
  kilo: 'kg',
  lb: 'lb',
  pound: 'lb',
  '100g': '100g',
  '100 g': '100g',
  each: 'piece',
  piece: 'piece',
};

/** A price with what it is for: "4.99/lb", "4.99 per lb", "8 each". */
function priceOf(text: string, usual: Quote['unit']): { amount: string; unit: Quote['unit'] } | null {
  const [, amount = text, unit] = /^(.*?)(?:\/|\bper\b|(?=\beach\b))(.*)$/i.exec(text) ?? [];
  if (unit === undefined) return { amount, unit: usual };
  const known = UNITS[unit.trim().toLowerCase()];
  return known ? { amount, unit: known } : null;
}

/** The unit of a weight that names none: the one that the price is asked for, where that is a weight's. */
function unitOf(weight: string, price: string): 'kg' | 'lb' {
  if (/[a-z]/i.test(weight)) return /lb|pound|oz|ounce/i.test(weight) ? 'lb' : 'kg';
  return priceOf(price, 'kg')?.unit === 'lb' ? 'lb' : 'kg';
}

/**
 * What a purchase comes to, as the command line gives it out: through the same reading as at the
 * Counter. A price that names no unit is for the unit that the weight is written in, a weight that
 * names none is in the unit of the price, and what comes off each is off that unit, too.
 *
 * @returns weight, total and what is paid; or one clear sentence
 * @example { weight: '20 lb', price: '4.99/lb', currency: 'USD' } // totalMinor 9980
 */
export function purchaseReport(input: unknown): Result<object> {
  const parsed = requestSchema.safeParse(input);
  if (!parsed.success) return failure(requestProblem(parsed.error));
  const { weight = '', price = '', total = '', count, discount, currency, decimal } = parsed.data;
  if (!isCurrency(currency)) return failure(`currency: "${currency}" is no currency.`);
  const unit = unitOf(weight, price);
  const asked = priceOf(price, unit);
  const off = priceOf(discount?.kind === 'per-unit' ? discount.amount : '', asked?.unit ?? unit);
  if (!asked || !off) return failure('price: a price is for kg, lb, 100g or each, as in "4.99/lb".');
  const { purchase, wrong } = readLabel(
    {
      count: String(count),
      weight,
      price: asked.amount,
      pricedBy: asked.unit,
      total,
      discount: {
        kind: discount?.kind ?? 'none',
        amount: discount?.kind === 'per-unit' ? off.amount : (discount?.amount ?? ''),
        pay: discount?.pay ?? '',
        each: off.unit,
      },
    },
    { currency, decimal, unit },
  );
  const problem = Object.entries(wrong).find(([field, text]) => text !== '' && field !== 'total');
  if (problem) return failure(`${problem[0]}: ${problem[1]}`);
  if (!purchase) return failure('Two of weight, price and total are needed.');
  const { massDg, totalMinor, paidMinor } = purchase;
  return success({ massG: massDg / 10, totalMinor, paidMinor });
}

function isCurrency(code: string): boolean {
  try {
    minorDigits(code);
    return true;
  } catch {
    return false;
  }
}
