import { failure, success, type Result } from '../units/result';
import { SHOP_ITEMS, type ShopItem } from '../catalogue/shop-items';
import { PRICE_UNITS, priceNoteSchema, type PriceNote, type PriceUnit } from '../price/price-note';
import { perKgOf } from '../price/per-kg';
import { notesOf, type PriceBook } from '../price/price-book';
import { minorDigits, type Currency } from '../units/money';
import { parseNumber, type DecimalSign } from '../units/number-style';
import { priceQuestions } from '../price/price-questions';
import { writtenWith } from '../units/written-with';
import { readCsv, writeCsv } from './csv';

/** The columns of a price file, in docs/price-file.md. */
const PRICE_COLUMNS = [
  'item',
  'shop',
  'date',
  'price',
  'unit',
  'weight_g',
  'offer',
  'note',
  'grade',
] as const;
const NEEDED = ['item', 'shop', 'date', 'price'] as const;

/** Larger than what every shop of a country asked in a year; read as a mistake rather than for minutes. */
const MOST_BYTES = 30 * 1024 * 1024;
/** More than this are not taken over with one press. */
export const MOST_PRICES = 20_000;
/** So much of the way is done when the table is split into lines; so many are read between two words of it. */
const [PARSED, AT_ONCE] = [0.3, 2000];

/** Why a file of prices of this size is not read, or null. Can be asked before it is loaded. */
export function priceSizeProblem(bytes: number): string | null {
  if (bytes <= MOST_BYTES) return null;
  const megabytes = Math.round(bytes / 1024 / 1024);
  return `It is ${megabytes} MB. Prices are read up to ${MOST_BYTES / 1024 / 1024} MB: split it, or choose another file.`;
}

/** A line that cannot be taken, and why. */
export interface BadLine {
  readonly line: number;
  readonly reason: string;
}

/** What a price file holds. Nothing has been written. */
export interface PriceFile {
  readonly good: readonly { readonly line: number; readonly note: PriceNote }[];
  readonly bad: readonly BadLine[];
  /** Lines that the book has already, to the letter. */
  readonly known: number;
  /** The sign before fractions that the file was read with. */
  readonly decimal: DecimalSign;
  /** Whether the file itself says so; else "13.950" may be thirteen or thousands. */
  readonly isSure: boolean;
  /** Lines whose price is far from what the item goes for, of those that are good. */
  readonly farOff: readonly number[];
}

/**
 * Reads prices from CSV. Every line is checked by itself: what is wrong is reported by its number
 * with the reason, what is right is offered. A file has one way of writing numbers: what can be read
 * one way only decides for all of it.
 *
 * @param decimal the sign before fractions, where the file does not say it by itself
 * @param told is told how far it is, 0 to 1
 * @returns the lines, or as text why the file has none
 */
export function readPriceCsv(
  text: string,
  book: PriceBook,
  currency: Currency,
  decimal: DecimalSign,
  items: readonly ShopItem[] = SHOP_ITEMS,
  told: (share: number) => void = () => undefined,
): Result<PriceFile> {
  const { columns, lines, delimiter } = readCsv(text);
  const missing = NEEDED.filter((name) => !columns.includes(name));
  if (missing.length > 0)
    return failure(
      `The first line must name the columns; ${missing.join(', ')} ${missing.length === 1 ? 'is' : 'are'} missing. Known are ${PRICE_COLUMNS.join(', ')}.`,
    );
  const numbers = lines.flatMap(({ cells }) => [cells['price'] ?? '', cells['weight_g'] ?? '']);
  const written = writtenWith(numbers);
  if (written !== null && typeof written === 'object')
    return failure(
      `The file writes numbers in two ways: “${written.point}” and “${written.comma}”. Give all of them one sign before fractions.`,
    );
  // Where cells are parted by commas, a comma in a number would have needed quotes.
  const sign = written ?? (delimiter === ',' ? '.' : decimal);
  const isSure = written !== null || delimiter === ',' || !numbers.some((number) => /[.,]/.test(number));
  const good: { line: number; note: PriceNote }[] = [];
  const bad: BadLine[] = [];
  const seen = knownPrices(book);
  const coins = 10 ** minorDigits(currency);
  let known = 0;
  for (const [nth, { line, cells }] of lines.entries()) {
    if (nth % AT_ONCE === 0) told(PARSED + (1 - PARSED) * (nth / lines.length));
    const note = noteOf(cells, coins, sign, items);
    if (!note.ok) bad.push({ line, reason: note.problem });
    else if (seen.has(identity(note.value))) known += 1;
    else {
      seen.add(identity(note.value));
      good.push({ line, note: note.value });
    }
  }
  const farOff = good
    .filter(({ note }) => priceQuestions(book, note).some(({ code }) => code === 'far-off'))
    .map(({ line }) => line);
  return success({ good, bad, known, decimal: sign, isSure, farOff });
}

const identity = ({ item, shop, on, perKgMinor, grade = '' }: PriceNote): string =>
  `${item}\n${shop}\n${on}\n${perKgMinor}\n${grade}`;

function knownPrices(book: PriceBook): Set<string> {
  return new Set([...book.byItem.values()].flat().map(identity));
}

function noteOf(
  cells: Readonly<Record<string, string>>,
  coins: number,
  decimal: DecimalSign,
  items: readonly ShopItem[],
): Result<PriceNote> {
  const item = itemOf(cells['item'] ?? '', items);
  if (!item) return failure(`“${cells['item'] ?? ''}” is no known item`);
  const unit = unitOf(cells['unit'] ?? '');
  if (!unit) return failure(`“${cells['unit']}” is no unit; known are ${PRICE_UNITS.join(', ')}`);
  const price = parseNumber(cells['price'] ?? '', decimal);
  if (price === null || price <= 0) return failure(`“${cells['price'] ?? ''}” is no price`);
  const grams =
    (cells['weight_g'] ?? '').trim() === '' ? null : parseNumber(cells['weight_g'] ?? '', decimal);
  const eachDg = grams === null ? null : Math.round(grams * 10);
  const perKgMinor = perKgOf(price * coins, unit, eachDg);
  if (perKgMinor === null) return failure(`a price for a ${unit} needs weight_g`);
  const [note, grade] = [(cells['note'] ?? '').trim(), (cells['grade'] ?? '').trim()];
  const parsed = priceNoteSchema.safeParse({
    item,
    shop: (cells['shop'] ?? '').trim(),
    on: (cells['date'] ?? '').trim(),
    perKgMinor,
    ...askedIn(price * coins, unit, eachDg),
    ...(unit === 'kg' ? {} : { typed: `${cells['price']?.trim()}/${unit}` }),
    ...(isYes(cells['offer'] ?? '') ? { offer: true } : {}),
    ...(note ? { note } : {}),
    ...(grade ? { grade } : {}),
  });
  return parsed.success ? success(parsed.data) : failure(faultOf(parsed.error.issues[0]?.path[0]));
}

/** The price as it was asked; without, where it is no whole number of coins. */
function askedIn(minor: number, unit: PriceUnit, eachDg: number | null): Pick<PriceNote, 'asked'> {
  const whole = Math.round(minor);
  const isWhole = Math.abs(whole - minor) < 1e-6 * Math.max(1, minor) && whole > 0;
  const isCounted = unit === 'piece' || unit === 'pack';
  return isWhole ? { asked: { minor: whole, unit, ...(isCounted && eachDg ? { eachDg } : {}) } } : {};
}

function faultOf(field: PropertyKey | undefined): string {
  if (field === 'on') return 'the date must be like 2026-11-24';
  if (field === 'shop') return 'the shop has no name, or one of over 200 letters';
  return field === 'perKgMinor' || field === 'asked'
    ? 'the price is too small or too large'
    : `${String(field)} cannot be read`;
}

const isYes = (text: string): boolean => /^(yes|y|true|1|offer|x)$/i.test(text.trim());

function itemOf(text: string, items: readonly ShopItem[]): string | undefined {
  const wanted = text.trim().toLowerCase();
  return items.find(({ id, name }) => id === wanted || name.toLowerCase() === wanted)?.id;
}

function unitOf(text: string): PriceUnit | undefined {
  const wanted = text.trim().toLowerCase().replace(/\s/g, '');
  return wanted === '' ? 'kg' : PRICE_UNITS.find((unit) => unit === wanted);
}

/** Every price of a book as CSV, by item and day, as it was asked; older ones a kilogram each. */
export function writePriceCsv(book: PriceBook, currency: Currency): string {
  const digits = minorDigits(currency);
  const notes = [...book.byItem.keys()].sort().flatMap((item) => notesOf(book, item));
  const rows = notes.map((note) => [
    note.item,
    note.shop,
    note.on,
    ((note.asked?.minor ?? note.perKgMinor) / 10 ** digits).toFixed(digits),
    note.asked?.unit ?? 'kg',
    note.asked?.eachDg === undefined ? null : note.asked.eachDg / 10,
    note.offer ? 'yes' : null,
    note.note ?? null,
    note.grade ?? null,
  ]);
  return writeCsv([...PRICE_COLUMNS], rows);
}
