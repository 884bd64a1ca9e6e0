import { parseNumber, type DecimalSign } from './number-style';

/** Fractions that are one sign, as telephones put them in the place of "1/2". */
const SIGNS: Readonly<Record<string, string>> = {
  '¼': '1/4',
  '½': '1/2',
  '¾': '3/4',
  '⅓': '1/3',
  '⅔': '2/3',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

/** A fraction as it stands in a text, a whole number before it or not: "3/8", "1 1/2", "1-1/2". */
export const FRACTION = '(?:\\d+(?:\\s+|-))?\\d+\\s*/\\s*\\d+';

/**
 * A text with its fractions spelled in figures.
 *
 * @example spelled('1½ lb') // '1 1/2 lb'
 */
export function spelled(text: string): string {
  return text
    .replace(/(\d)?\s*([¼½¾⅓⅔⅛⅜⅝⅞])/g, (_, whole: string | undefined, sign: string) =>
      [whole, SIGNS[sign]].filter(Boolean).join(' '),
    )
    .replace(/\u2044/g, '/');
}

/**
 * A number as it is said of weights and lengths: decimal, or with a fraction as rulers and cooks have it.
 *
 * @returns null where it is none
 * @example parseAmount('1 1/2', '.') // 1.5
 */
export function parseAmount(text: string, decimal: DecimalSign): number | null {
  const parts = /^\s*(?:(\d+)(?:\s+|-))?(\d+)\s*\/\s*(\d+)\s*$/.exec(spelled(text));
  if (!parts) return parseNumber(text, decimal);
  const [whole, over, under] = [Number(parts[1] ?? 0), Number(parts[2]), Number(parts[3])];
  return under === 0 ? null : whole + over / under;
}
