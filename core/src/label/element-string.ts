import { failure, success, type Result } from '../units/result';
import { addDays, addMonths } from '../units/date';
import { isChecked } from './check-digit';

/** What an element string says of a piece; null where it does not. */
export interface Elements {
  readonly item: string | null;
  readonly massDg: number | null;
  /** In the currency's own unit, such as euros. */
  readonly price: number | null;
  readonly packedOn: string | null;
  readonly bestBefore: string | null;
  readonly expires: string | null;
}

/** Ends an element whose length is not fixed. */
const FNC1 = '\u001d';
/** Grams in a pound, tenths (exact). */
const DG_PER_LB = 4535.9237;

export interface Identifier {
  /** Digits of the identifier itself that matter; an n stands for any, and says where the point is. */
  readonly pattern: RegExp;
  /** Fixed length of what follows, or the most of it. */
  readonly length: number;
  readonly isFixed: boolean;
  readonly read?: (value: string, decimals: number) => Result<Partial<Elements>>;
}

type Identifiers = readonly Identifier[];

const date =
  (key: 'packedOn' | 'bestBefore' | 'expires') =>
  (value: string): Result<Partial<Elements>> => {
    const day = readDate(value);
    return day === null ? failure(`“${value}” is no date.`) : success({ [key]: day });
  };
const decimal = (value: string, decimals: number): number => Number(value) / 10 ** decimals;

/**
 * Application identifiers that stickers of meat carry.
 *
 * @source GS1 General Specifications (from memory)
 */
export const IDENTIFIERS: Identifiers = [
  {
    pattern: /^01/,
    length: 14,
    isFixed: true,
    read: (value) =>
      isChecked(value)
        ? success({ item: value })
        : failure('The item number’s check digit does not fit: it was read wrong.'),
  },
  { pattern: /^02/, length: 14, isFixed: true },
  { pattern: /^11/, length: 6, isFixed: true },
  { pattern: /^13/, length: 6, isFixed: true, read: date('packedOn') },
  { pattern: /^15/, length: 6, isFixed: true, read: date('bestBefore') },
  { pattern: /^17/, length: 6, isFixed: true, read: date('expires') },
  { pattern: /^10/, length: 20, isFixed: false },
  { pattern: /^21/, length: 20, isFixed: false },
  { pattern: /^37/, length: 8, isFixed: false },
  {
    pattern: /^310([0-5])/,
    length: 6,
    isFixed: true,
    read: (value, decimals) => success({ massDg: Math.round(decimal(value, decimals) * 10_000) }),
  },
  {
    pattern: /^320([0-5])/,
    length: 6,
    isFixed: true,
    read: (value, decimals) => success({ massDg: Math.round(decimal(value, decimals) * DG_PER_LB) }),
  },
  {
    pattern: /^392([0-9])/,
    length: 15,
    isFixed: false,
    read: (value, decimals) => success({ price: decimal(value, decimals) }),
  },
  {
    pattern: /^393([0-9])/,
    length: 18,
    isFixed: false,
    read: (value, decimals) => success({ price: decimal(value.slice(3), decimals) }),
  },
];

/**
 * Reads an element string, as a scanner gives it (parts ended by FNC1) or as it is printed
 * ("(01)…(3103)…").
 *
 * @returns what it says, or what is wrong in one sentence
 * @example readElements('(01)09506000134352(3103)001250') // massDg 12500
 */
export function readElements(text: string, known: Identifiers = IDENTIFIERS): Result<Elements> {
  const raw = text
    .trim()
    .replace(/^\][A-Za-z]\d/, '')
    .replace(/^\u001d/, '');
  const parts = raw.startsWith('(') ? bracketed(raw, known) : inSequence(raw, known);
  if (!parts.ok) return parts;
  let elements: Elements = {
    item: null,
    massDg: null,
    price: null,
    packedOn: null,
    bestBefore: null,
    expires: null,
  };
  for (const { identifier, value, decimals } of parts.value) {
    if (!/^\d+$/.test(value) && identifier.read)
      return failure(`“${value}” has other signs than digits in it: it was read wrong.`);
    const read: Result<Partial<Elements>> = identifier.read?.(value, decimals) ?? success({});
    if (!read.ok) return read;
    if (read.value.massDg === 0)
      return failure('A weight of nothing: it was read wrong. Hold it nearer, or type the weight.');
    elements = { ...elements, ...read.value };
  }
  return success(elements);
}

interface Part {
  readonly identifier: Identifier;
  readonly value: string;
  readonly decimals: number;
}

function identifierOf(
  text: string,
  known: Identifiers,
): { readonly identifier: Identifier; readonly digits: string; readonly decimals: number } | null {
  for (const identifier of known) {
    const match = identifier.pattern.exec(text);
    if (match) return { identifier, digits: match[0], decimals: Number(match[1] ?? 0) };
  }
  return null;
}

function bracketed(text: string, known: Identifiers): Result<Part[]> {
  const parts = [...text.matchAll(/\((\d{2,4})\)([^(]*)/g)];
  return collect(
    parts.map(([, digits = '', value = '']) => ({ digits, value: value.trim() })),
    known,
  );
}

function collect(
  pairs: readonly { readonly digits: string; readonly value: string }[],
  known: Identifiers,
): Result<Part[]> {
  const parts: Part[] = [];
  for (const { digits, value } of pairs) {
    const found = identifierOf(digits, known);
    if (!found || found.digits !== digits)
      return failure(`(${digits}) is not known here. Type weight and price from the label.`);
    const { identifier, decimals } = found;
    const { isFixed, length } = identifier;
    if (isFixed ? value.length !== length : value.length > length || value === '')
      return failure(
        `(${digits}) wants ${isFixed ? '' : 'at most '}${length} signs, and has ${value.length}.`,
      );
    parts.push({ identifier, value, decimals });
  }
  return parts.length === 0 ? failure('There is nothing in it that can be read.') : success(parts);
}

function inSequence(text: string, known: Identifiers): Result<Part[]> {
  const pairs: { digits: string; value: string }[] = [];
  let rest = text;
  while (rest !== '') {
    const found = identifierOf(rest, known);
    if (!found)
      return failure(
        `“${rest.slice(0, 12)}” begins with nothing that is known here. Type weight and price from the label.`,
      );
    const after = rest.slice(found.digits.length);
    const end = after.indexOf(FNC1);
    const { isFixed } = found.identifier;
    const length = isFixed ? found.identifier.length : end < 0 ? after.length : end;
    pairs.push({ digits: found.digits, value: after.slice(0, length) });
    rest = after.slice(length).replace(/^\u001d/, '');
  }
  return collect(pairs, known);
}

/** Year, month, day in two digits each; day 00 is the last of its month. Years 50 and later are of the century before. */
function readDate(value: string): string | null {
  const [year, month, day] = [value.slice(0, 2), value.slice(2, 4), value.slice(4, 6)].map(Number) as [
    number,
    number,
    number,
  ];
  const full = year >= 50 ? 1900 + year : 2000 + year;
  if (!(month >= 1 && month <= 12) || !/^\d{6}$/.test(value)) return null;
  const last = Number(addDays(addMonths(`${full}-${String(month).padStart(2, '0')}-01`, 1), -1).slice(8));
  if (day > last) return null;
  return `${full}-${String(month).padStart(2, '0')}-${String(day === 0 ? last : day).padStart(2, '0')}`;
}
