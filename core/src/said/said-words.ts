import { FRACTION, spelled } from '../units/amount';
import type { DecimalSign } from '../units/number-style';

/** A word of a line: a figure with its unit or without, a word, or the end of a clause. */
export type SaidWord = Figure | { readonly is: 'word'; readonly text: string } | { readonly is: 'end' };

/** A figure, with the unit that stands behind it. */
export interface Figure {
  readonly is: 'figure';
  readonly text: string;
  readonly unit: string | null;
}

/** A number with a fraction stands as one figure: "1 1/2". */
const WITH_FRACTION = new RegExp(`^${FRACTION}(?![\\d.,])`);
const UNITS = 'kilograms?|kilos?|kgs?|grams?|gr|g|pounds?|lbs?|ounces?|oz';
const UNIT = new RegExp(`^(?:${UNITS})\\b\\.?`, 'i');
/** "1 lb 2 oz" is one weight. */
const SMALLER = /^\s*(\d+(?:[.,]\d+)?(?:\s+\d+\/\d+)?)\s*(?:ounces?|oz|grams?|g)\b\.?/i;
const LARGE = /^(?:k|lb|po)/i;

/**
 * A line in words: figures, each with the unit written behind it, and all else. A comma before a
 * space parts two figures, whatever a comma is in this household.
 *
 * @example saidWords('8 packs, 1 lb 2 oz; bin 430 g', '.')
 */
export function saidWords(line: string, decimal: DecimalSign): SaidWord[] {
  const figure = decimal === '.' ? /^\d+(?:\.\d+)?/ : /^\d+(?:[.,]\d+)?/;
  const words: SaidWord[] = [];
  let rest = spelled(line).trim();
  while (rest !== '') {
    const ends = /^(?:[;\n]|\.(?=\s|$))\s*/.exec(rest);
    const number = WITH_FRACTION.exec(rest) ?? figure.exec(rest);
    const word = /^(?:×|st\.(?= )|\p{L}[\p{L}'’-]*)/iu.exec(rest);
    if (ends) {
      words.push({ is: 'end' });
      rest = rest.slice(ends[0].length);
    } else if (number) {
      const { read, length } = weightAt(rest, number[0]);
      words.push(read);
      rest = rest.slice(length);
    } else if (word) {
      words.push({ is: 'word', text: word[0].toLowerCase().replace('×', 'x') });
      rest = rest.slice(word[0].length);
    } else rest = rest.slice(1);
    rest = rest.replace(/^[\s,:()+&]+/, '');
  }
  return words;
}

/** A stretch of a line; one that means nothing is marked. */
export interface Stretch {
  readonly text: string;
  readonly isUnknown: boolean;
}

/**
 * A line as it was written, with the words that mean nothing on this piece apart from the rest.
 *
 * @example stretchesOf('steaks 320 glorp', ['glorp']) // 'steaks 320 ', and 'glorp' marked
 */
export function stretchesOf(line: string, unknown: readonly string[]): Stretch[] {
  const marked = new Set(unknown);
  return line
    .split(/(\p{L}[\p{L}'’-]*)/u)
    .filter((text) => text !== '')
    .map((text) => ({ text, isUnknown: marked.has(text.toLowerCase()) }));
}

function weightAt(rest: string, figure: string): { readonly read: SaidWord; readonly length: number } {
  const space = /^\s*/.exec(rest.slice(figure.length))?.[0].length ?? 0;
  const unit = UNIT.exec(rest.slice(figure.length + space))?.[0] ?? null;
  if (unit === null) return { read: { is: 'figure', text: figure, unit: null }, length: figure.length };
  const length = figure.length + space + unit.length;
  const smaller = LARGE.test(unit) ? SMALLER.exec(rest.slice(length)) : null;
  const all = length + (smaller?.[0].length ?? 0);
  return { read: { is: 'figure', text: rest.slice(0, all).replace(/\.$/, ''), unit }, length: all };
}
