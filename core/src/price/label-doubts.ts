import { exactMass } from '../units/exact-mass';
import { fromDg, toDg, type MassDg } from '../units/mass';
import { massInDoubt } from '../units/mass-in-doubt';
import { minorDigits, parseMoney, type Minor } from '../units/money';
import { parseMass } from '../units/parse-mass';
import { perKgOfQuote, tillTotal } from './quote';
import { pricedAsTyped } from './typed-price';
import type { LabelStyle, LabelText, ReadLabel } from './read-label';

/** What is known of such a piece before anything is typed. */
export interface KnownOfPiece {
  /** Smallest coins a kilogram; null where no price of it was ever written down. */
  readonly goingPerKg: number | null;
  /** Usual weight of one, grams. */
  readonly usualG: readonly [low: number, high: number];
}

/** What would be typed instead. */
export type Mended = Partial<Pick<LabelText, 'price' | 'weight' | 'total'>>;

/** Something about a label that can be read, and is probably not what was meant. */
export type LabelDoubt =
  /** Nothing is asked for it. */
  | { readonly code: 'gift'; readonly mended: Mended }
  /** The point was left out: 1545 for 15.45. */
  | { readonly code: 'cents'; readonly mended: Mended }
  /** A weight stands in the field of the price. */
  | { readonly code: 'weight-in-price'; readonly mended: Mended }
  | { readonly code: 'swapped'; readonly mended: Mended }
  /** Its sign makes sense only if it is meant the other way. */
  | { readonly code: 'sign'; readonly mended: Mended }
  /** The point was left out of a weight, or it is in the small unit: 4850 for 4.850 kg. */
  | {
      readonly code: 'weight-point';
      readonly usualDg: readonly [MassDg, MassDg];
      readonly mended: Mended;
    }
  /** Unusual as it stands, and usual in the other unit. */
  | {
      readonly code: 'other-unit';
      readonly usualDg: readonly [MassDg, MassDg];
      readonly mended: Mended;
    }
  /** Price times weight is another total than the label's. */
  | { readonly code: 'three'; readonly tillMinor: Minor; readonly totalMinor: Minor };

/** A price so many times what the piece goes for is one without its point. */
const WITHOUT_POINT = [25, 400] as const;
/** Whole units of money a kilogram from which a price without a point is asked about where nothing is known. */
const DEAR = 300;
/** A swapped price is nearer to what the piece goes for by this factor, as a logarithm. */
const CLOSER = Math.log(1.5);
/** A price that names a unit of weight. */
const HAS_WEIGHT_UNIT = /\d\s*(kg|kilos?|g|lbs?|oz|pounds?)\b/i;

/**
 * What deserves a second look on a label as it is typed, the gravest first. None of it is an error
 * that can be told from the text alone: it is what a slip of the thumb makes of a label, seen by what
 * such a piece usually weighs and goes for. Each says what would be typed instead.
 *
 * @example price "1545", no point, a piece that goes for 15.00: cents, mended to "15.45"
 */
export function labelDoubts(
  typed: LabelText,
  read: ReadLabel,
  style: LabelStyle,
  known: KnownOfPiece,
): LabelDoubt[] {
  const text = pricedAsTyped(typed);
  return [
    isGift(text, style),
    weightInPrice(text),
    swapped(text, read, style, known),
    cents(text, read, style, known),
    sign(text, style),
    weightPoint(text, read, style, known),
    otherUnit(text, read, style, known),
    three(text, read, style),
  ].filter((doubt) => doubt !== null);
}

const bare = (text: string): boolean => /^[\d.,\s]+$/.test(text.trim());

function isGift({ price, total }: LabelText, { currency, decimal }: LabelStyle): LabelDoubt | null {
  const isNothing = price.trim() !== '' && parseMoney(price, currency, decimal) === 0;
  return isNothing && total.trim() === '' ? { code: 'gift', mended: { price: '', total: '0' } } : null;
}

function weightInPrice({ price, weight }: LabelText): LabelDoubt | null {
  return HAS_WEIGHT_UNIT.test(price) && weight.trim() === ''
    ? { code: 'weight-in-price', mended: { price: '', weight: price.trim() } }
    : null;
}

/** What a price comes to a kilogram; by the piece, of a piece as heavy as typed, or as usual. */
function perKgOf(
  minor: Minor,
  { pricedBy }: LabelText,
  { mass, pieces }: ReadLabel,
  { usualG: [low, high] }: KnownOfPiece,
): number {
  const perKg = perKgOfQuote({ minor, unit: pricedBy });
  if (perKg !== null) return perKg;
  const eachDg = mass ? mass.massDg / Math.max(1, pieces) : toDg((low + high) / 2, 'g');
  return (minor * 10_000) / eachDg;
}

function cents(
  text: LabelText,
  read: ReadLabel,
  { currency, decimal }: LabelStyle,
  known: KnownOfPiece,
): LabelDoubt | null {
  const digits = text.price.replace(/\p{Sc}/gu, '').trim();
  if (minorDigits(currency) !== 2 || !/^\d{3,6}$/.test(digits)) return null;
  const minor = Number(digits) * 100;
  const perKg = perKgOf(minor, text, read, known);
  const [least, most] = WITHOUT_POINT;
  const times = known.goingPerKg === null ? null : perKg / known.goingPerKg;
  const isOne = times === null ? perKg >= DEAR * 100 : times >= least && times <= most;
  const price = `${digits.slice(0, -2)}${decimal}${digits.slice(-2)}`;
  return isOne ? { code: 'cents', mended: { price } } : null;
}

function swapped(
  text: LabelText,
  read: ReadLabel,
  { currency, decimal, unit }: LabelStyle,
  known: KnownOfPiece,
): LabelDoubt | null {
  if (!bare(text.price) || !bare(text.weight) || text.total.trim() !== '') return null;
  const [price, asPrice] = [text.price, text.weight].map((each) => parseMoney(each, currency, decimal));
  const [weight, asWeight] = [text.weight, text.price].map((each) => parseMass(each, unit, decimal));
  if (!price || !asPrice || !weight || !asWeight) return null;
  const count = Math.max(1, read.pieces);
  const isHeavy = isUnusual(weight.massDg / count, known);
  if (!isHeavy || isUnusual(asWeight.massDg / count, known)) return null;
  const offBy = (minor: Minor): number =>
    known.goingPerKg === null ? 0 : Math.abs(Math.log(perKgOf(minor, text, read, known) / known.goingPerKg));
  // What would be dear for any meat is no price that was meant.
  if (known.goingPerKg === null && perKgOf(asPrice, text, read, known) >= DEAR * 100) return null;
  if (known.goingPerKg !== null && offBy(asPrice) + CLOSER > offBy(price)) return null;
  return { code: 'swapped', mended: { price: text.weight.trim(), weight: text.price.trim() } };
}

/** So far from usual that it is a slip more often than a piece. */
function isUnusual(eachDg: MassDg, { usualG: [low, high] }: KnownOfPiece): boolean {
  const grams = fromDg(eachDg, 'g');
  return grams < low / 2 || grams > high * 1.5;
}

function sign({ weight }: LabelText, { unit, decimal }: LabelStyle): LabelDoubt | null {
  const meant = massInDoubt(weight, unit, decimal);
  return meant === null ? null : { code: 'sign', mended: { weight: meant } };
}

/** Digits alone that are far too heavy, and usual with a point among them. */
function weightPoint(
  { weight }: LabelText,
  { pieces }: ReadLabel,
  { unit, decimal }: LabelStyle,
  { usualG: [low, high] }: KnownOfPiece,
): LabelDoubt | null {
  const digits = weight.trim();
  const grams = (text: string): number =>
    fromDg(parseMass(text, unit, decimal)?.massDg ?? 0, 'g') / Math.max(1, pieces);
  if (!/^\d{3,6}$/.test(digits) || grams(digits) <= high * 1.5) return null;
  const pointed = [1, 2, 3]
    .filter((places) => places < digits.length)
    .map((places) => `${digits.slice(0, -places)}${decimal}${digits.slice(-places)} ${unit}`)
    .filter((text) => grams(text) >= low && grams(text) <= high);
  const off = (text: string): number => Math.abs(Math.log(grams(text) / Math.sqrt(low * high)));
  const [meant] = pointed.sort((a, b) => off(a) - off(b));
  const usualDg = [toDg(low, 'g'), toDg(high, 'g')] as const;
  return meant === undefined ? null : { code: 'weight-point', usualDg, mended: { weight: meant } };
}

function otherUnit(
  { weight }: LabelText,
  { mass, pieces }: ReadLabel,
  { unit, decimal }: LabelStyle,
  { usualG: [low, high] }: KnownOfPiece,
): LabelDoubt | null {
  if (!mass || !bare(weight)) return null;
  const other = unit === 'kg' ? 'lb' : 'kg';
  const isUsual = (massDg: MassDg): boolean => {
    const grams = fromDg(massDg, 'g') / Math.max(1, pieces);
    return grams >= low && grams <= high;
  };
  const meant = parseMass(weight, other, decimal);
  if (isUsual(mass.massDg) || !meant || !isUsual(meant.massDg)) return null;
  const usualDg = [toDg(low, 'g'), toDg(high, 'g')] as const;
  return { code: 'other-unit', usualDg, mended: { weight: `${weight.trim()} ${other}` } };
}

function three(text: LabelText, read: ReadLabel, { currency, decimal }: LabelStyle): LabelDoubt | null {
  const minor = parseMoney(text.price, currency, decimal);
  const totalMinor = parseMoney(text.total, currency, decimal);
  if (!read.disagrees || minor === null || totalMinor === null) return null;
  const exact = read.mass?.exact ?? exactMass(0, 'g');
  const tillMinor = tillTotal({ minor, unit: text.pricedBy }, exact, read.pieces);
  return tillMinor === null ? null : { code: 'three', tillMinor, totalMinor };
}
