import type { PriceNote } from './price-note';
import { goingPrice } from './going-price';
import { isSameGrade } from './of-grade';
import { notesOf, type KeyedNote, type PriceBook } from './price-book';

/** Something to ask before a price is written down. */
export type PriceQuestion =
  | { readonly code: 'same-day'; readonly other: KeyedNote }
  | {
      readonly code: 'far-off';
      readonly going: number;
      readonly times: number;
      readonly meant: 'lb' | '100g' | 'kg' | null;
    };

/** A price this many times above or below what an item goes for is a slip more often than news. */
const FAR_OFF = 4;
/** Factors that a wrong unit makes, and what was meant when the price is that much too low or high. */
const UNIT_SLIPS: readonly [factor: number, meant: 'lb' | '100g' | 'kg'][] = [
  [10, '100g'],
  [2.2046, 'lb'],
  [0.1, 'kg'],
  [0.4536, 'kg'],
];

/** What to ask about a price: a second one of the same day, or one that is far from what the item goes for. */
export function priceQuestions(book: PriceBook, note: PriceNote, ownKey?: string): PriceQuestion[] {
  const questions: PriceQuestion[] = [];
  const other = notesOf(book, note.item).find(
    (each) =>
      each.on === note.on &&
      each.shop === note.shop &&
      isSameGrade(each.grade, note.grade) &&
      each.key !== ownKey,
  );
  if (other && other.perKgMinor !== note.perKgMinor) questions.push({ code: 'same-day', other });
  const going = goingPrice(book, note.item, note.on, note.grade);
  if (going && isFarOff(note.perKgMinor / going.perKgMinor)) {
    questions.push({
      code: 'far-off',
      going: going.perKgMinor,
      times: note.perKgMinor / going.perKgMinor,
      meant: slipOf(note.perKgMinor / going.perKgMinor),
    });
  }
  return questions;
}

const isFarOff = (times: number): boolean => times >= FAR_OFF || times <= 1 / FAR_OFF;

function slipOf(times: number): 'lb' | '100g' | 'kg' | null {
  const close = UNIT_SLIPS.find(([factor]) => Math.abs(Math.log(times * factor)) < 0.35);
  return close?.[1] ?? null;
}
