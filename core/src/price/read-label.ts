import { birdNumberToG, parseBirdNumber } from '../catalogue/bird-number';
import { exactMass, type ExactMass } from '../units/exact-mass';
import { MOST_DG, toDg } from '../units/mass';
import { parseMoney, type Currency, type Minor } from '../units/money';
import { parseNumber, type DecimalSign } from '../units/number-style';
import { massInDoubt } from '../units/mass-in-doubt';
import { parseExactMass, parseMass, type TypedMass } from '../units/parse-mass';
import { completePurchase, disagrees, type CompletePurchase, type LabelFigures } from './complete-purchase';
import { discountMinor, type Discount } from './discount';
import { MOST_ASKED, type Asked } from './price-note';
import { perKgOfQuote, type Quote } from './quote';
import { pricedAsTyped } from './typed-price';

/** The fields of a label as they were typed; empty where nothing was. */
export interface LabelText {
  readonly count: string;
  readonly weight: string;
  readonly price: string;
  readonly pricedBy: Quote['unit'];
  readonly total: string;
  readonly discount: {
    readonly kind: Discount['kind'];
    /** An amount, a percentage, or how many to buy. */
    readonly amount: string;
    /** How many of them are paid for. */
    readonly pay: string;
    /** What an amount off each is off. */
    readonly each: Quote['unit'];
  };
}

/** How this household writes figures. */
export interface LabelStyle {
  readonly currency: Currency;
  readonly decimal: DecimalSign;
  /** The unit of a weight that names none. */
  readonly unit: 'kg' | 'lb';
}

/** A weight as typed, and exactly. */
export type LabelMass = TypedMass & { readonly exact: ExactMass };

/** What a label comes to, with what is wrong with it field by field. */
export interface ReadLabel {
  readonly pieces: number;
  readonly mass: LabelMass | null;
  /** Smallest coins a kilogram once everything is off, unrounded, as far as it is known; null while a figure is refused. */
  readonly paidPerKgMinor: number | null;
  /** The price just as it is asked, where nothing is taken off. */
  readonly asked: Asked | null;
  /** Null while it is no whole purchase. */
  readonly purchase: (CompletePurchase & { readonly paidMinor: Minor }) | null;
  /** Whether price times weight is another total than the one that was typed; the typed one counts. */
  readonly disagrees: boolean;
  /** In words; empty where nothing is wrong. */
  readonly wrong: Readonly<Record<'weight' | 'price' | 'total' | 'discount' | 'count', string>>;
}

/**
 * Reads a label: two of weight, price and total give the third, and what is taken off gives what
 * is paid. Prices are multiplied in the unit in which they are asked and rounded once.
 *
 * @example 20 lb at 4.99 a pound: total and paid 99.80
 */
export function readLabel(typed: LabelText, style: LabelStyle): ReadLabel {
  const text = pricedAsTyped(typed);
  const pieces = /^[1-9]\d{0,2}$/.test(text.count.trim()) ? Number(text.count) : 0;
  const mass = massOf(text.weight, Math.max(1, pieces), style);
  const minor = filled(text.price) ? parseMoney(text.price, style.currency, style.decimal) : null;
  const quote = minor === null ? null : { minor, unit: text.pricedBy };
  const totalMinor = filled(text.total) ? parseMoney(text.total, style.currency, style.decimal) : null;
  const figures: LabelFigures = { mass, quote, count: pieces, totalMinor };
  const before = pieces > 0 ? completePurchase(figures) : null;
  const discount = discountOf(text.discount, style);
  const isTooMuch =
    before !== null &&
    (discount?.kind === 'off-total' || discount?.kind === 'reduced') &&
    discount.minor > before.totalMinor;
  const purchase =
    before && discount && !isTooMuch
      ? { ...before, paidMinor: before.totalMinor - discountMinor(discount, before, pieces) }
      : null;
  const wrong: ReadLabel['wrong'] = {
    count: pieces === 0 ? 'A whole number from 1.' : '',
    weight: wrongWeight(text.weight, mass, style),
    price: filled(text.price) ? wrongPrice(minor) : '',
    total:
      filled(text.total) && !(totalMinor !== null && totalMinor >= 0)
        ? 'That is not an amount of money.'
        : '',
    discount: isTooMuch
      ? tooMuchOff(text.discount.kind)
      : discount === null
        ? noDiscount(text.discount.kind)
        : '',
  };
  const isRefused = Object.values(wrong).some((problem) => problem !== '');
  const perKg = purchase ? (purchase.paidMinor * 10_000) / purchase.massDg : quote && perKgOfQuote(quote);
  return {
    pieces,
    mass,
    purchase,
    disagrees: disagrees(figures),
    paidPerKgMinor: isRefused ? null : perKg,
    asked: isRefused || discount?.kind !== 'none' ? null : askedOf(quote, mass, pieces),
    wrong,
  };
}

/** A price by the piece says nothing of a kilogram unless somebody has weighed it. */
function askedOf(quote: Quote | null, mass: LabelMass | null, pieces: number): Asked | null {
  if (!quote || quote.minor <= 0) return null;
  if (quote.unit !== 'piece') return quote;
  return mass ? { ...quote, eachDg: Math.max(1, Math.round(mass.massDg / Math.max(1, pieces))) } : null;
}

function wrongPrice(minor: number | null): string {
  if (minor === null || minor <= 0) return 'That is not a price. Write it like 24.50.';
  return minor > MOST_ASKED ? 'That is more than meat costs. Look at the figure.' : '';
}

const tooMuchOff = (kind: Discount['kind']): string =>
  kind === 'reduced' ? 'That is more than the total before.' : 'The discount is more than the total.';
const noDiscount = (kind: Discount['kind']): string =>
  kind === 'multi-buy'
    ? 'Like “buy 3, pay 2”: two whole numbers, the second smaller.'
    : 'That is not a discount.';

const filled = (text: string): boolean => text.trim() !== '';

/** A weight, or a bird’s number: birds of one size are sold by it. */
function massOf(text: string, pieces: number, { unit, decimal }: LabelStyle): LabelMass | null {
  const number = parseBirdNumber(text);
  if (number === null) {
    if (massInDoubt(text, unit, decimal) !== null) return null;
    const [mass, exact] = [parseMass(text, unit, decimal), parseExactMass(text, unit, decimal)];
    return mass && exact !== null ? { ...mass, exact } : null;
  }
  const grams = birdNumberToG(number) * pieces;
  return { massDg: toDg(grams, 'g'), exact: exactMass(grams, 'g'), typed: text.trim() };
}

function wrongWeight(text: string, mass: LabelMass | null, { unit, decimal }: LabelStyle): string {
  if (!filled(text)) return '';
  const meant = massInDoubt(text, unit, decimal);
  if (meant !== null) return `Is ${meant} meant? Write it so.`;
  if (mass === null) return `That is not a weight. Write it like 5.2 ${unit}, 4 lb 5 oz or 1250 g.`;
  if (mass.massDg > MOST_DG) return 'That is more than 500 kg. Look at the figure.';
  return mass.massDg <= 0 ? 'A weight is more than zero.' : '';
}

function discountOf(
  { kind, amount, pay, each }: LabelText['discount'],
  { currency, decimal }: LabelStyle,
): Discount | null {
  if (kind === 'none' || !filled(amount)) return { kind: 'none' };
  if (kind === 'percent') {
    const percent = parseNumber(amount, decimal);
    return percent !== null && percent >= 0 && percent <= 100 ? { kind, percent } : null;
  }
  if (kind === 'multi-buy') {
    const [buy, paid] = [Number(amount), Number(pay)];
    const isRight = Number.isInteger(buy) && Number.isInteger(paid) && paid > 0 && buy > paid;
    return isRight ? { kind, buy, pay: paid } : null;
  }
  const minor = parseMoney(amount, currency, decimal);
  if (minor === null || minor < 0) return null;
  return kind === 'per-unit' ? { kind, quote: { minor, unit: each } } : { kind, minor };
}
