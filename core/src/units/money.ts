import { formatNumber, parseNumber, type DecimalSign } from './number-style';

/** An amount in whole smallest coins of the household's currency. Fields end in `Minor`. */
export type Minor = number;

/** An ISO 4217 currency code, such as EUR. */
export type Currency = string;

/**
 * How many decimals a currency's coins have (ISO 4217 minor units, as the platform knows them).
 *
 * @throws RangeError when the code is not three letters
 * @example minorDigits('EUR') // 2
 * @example minorDigits('JPY') // 0
 */
export function minorDigits(currency: Currency): number {
  const known = DIGITS.get(currency);
  if (known !== undefined) return known;
  const digits = readDigits(currency);
  DIGITS.set(currency, digits);
  return digits;
}

/** Asked for every amount on every screen, and slow to find out. */
const DIGITS = new Map<Currency, number>();

function readDigits(currency: Currency): number {
  return (
    new Intl.NumberFormat('en', { style: 'currency', currency }).resolvedOptions().maximumFractionDigits ?? 2
  );
}

/** Rounds half up, away from zero for what is negative, as tills do. */
export function roundHalfUp(value: number): number {
  // A product such as 1.005 * 100 falls a hair short of the half it stands for.
  const nudged = Math.abs(value) * (1 + Number.EPSILON * 4);
  return Math.sign(value) * Math.floor(nudged + 0.5) + 0;
}

/**
 * Reads an amount of money as typed, without or with the currency's code or sign.
 *
 * @returns smallest coins, or null when it cannot be read or has too many decimals
 * @example parseMoney('75.34', 'EUR', '.') // 7534
 */
export function parseMoney(text: string, currency: Currency, decimal: DecimalSign): Minor | null {
  const bare = text.replace(/\p{Sc}/gu, '').replace(new RegExp(`^\\s*${currency}|${currency}\\s*$`, 'i'), '');
  const value = parseNumber(bare, decimal);
  if (value === null) return null;
  const coins = value * 10 ** minorDigits(currency);
  const whole = Math.round(coins);
  return Math.abs(coins - whole) < 1e-6 * Math.max(1, Math.abs(coins)) ? whole : null;
}

/**
 * An amount of money as a person reads it.
 *
 * @example formatMoney(7534, 'EUR', '.') // '€75.34'
 */
export function formatMoney(minor: Minor, currency: Currency, decimal: DecimalSign): string {
  const digits = minorDigits(currency);
  const sign = minor < 0 ? '−' : '';
  return `${sign}${currencySign(currency)}${formatNumber(Math.abs(minor) / 10 ** digits, digits, decimal)}`;
}

/** The sign that goes before an amount: € for EUR, or the code and a space where there is no sign. */
export function currencySign(currency: Currency): string {
  const known = SIGNS.get(currency);
  if (known !== undefined) return known;
  const sign = readSign(currency);
  SIGNS.set(currency, sign);
  return sign;
}

const SIGNS = new Map<Currency, string>();

function readSign(currency: Currency): string {
  const parts = new Intl.NumberFormat('en', {
    style: 'currency',
    currency,
    currencyDisplay: 'narrowSymbol',
  }).formatToParts(0);
  const sign = parts.find((part) => part.type === 'currency')?.value ?? currency;
  return /[a-z]/i.test(sign) ? `${sign}\u00a0` : sign;
}
