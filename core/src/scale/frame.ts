import { toDg } from '../units/mass';
import type { MassUnit } from '../units/unit';

/** One line of a scale, understood. */
export type Frame =
  | { readonly massDg: number; readonly isStable: boolean | null; readonly isOverload: false }
  | { readonly massDg: 0; readonly isStable: false; readonly isOverload: true };

const STABLE = new Set(['st', 's', 'stable']);
const UNSTABLE = new Set(['us', 'sd', 'd', 'u', 'm', 'dyn', 'unstable']);
/** Gross, net, tare: which of them is shown changes nothing in the figure. */
const NEUTRAL = new Set(['gs', 'nt', 'g', 'n', 'b', 'tr', 'gross', 'net', 'wt', 'w']);
const OVERLOAD = new Set(['ol', 'oload', 'overload', '+ol', 'over']);
const UNITS: Readonly<Record<string, MassUnit>> = { g: 'g', kg: 'kg', lb: 'lb', lbs: 'lb', oz: 'oz' };
/** A sign, digits with a point or comma, and perhaps the unit on its heels. */
const FIGURE = /^([+-]?)(\d{1,7}(?:[.,]\d{1,5})?)([a-z]{1,3})?$/;

/**
 * Reads one line as most kitchen and shop scales send it: marks for steady or moving, a sign, a
 * figure, a unit, in any order of spaces and commas. A line without a unit is no weight: guessing
 * it could be wrong thirty-fold.
 *
 * @returns null for a line that is no weight
 * @source the common ASCII line formats; from memory
 * @example readFrame('ST,GS,+  1.234kg') // 12340 dg, stable
 * @example readFrame('US,NT,-   12 g') // −120 dg, moving
 * @example readFrame('372.0 g ?') // 3720 dg, moving
 */
export function readFrame(line: string): Frame | null {
  const isQuestioned = line.includes('?');
  const words = separated(line.replaceAll('?', ' ').toLowerCase()).split(/\s+/).filter(Boolean);
  if (words.length === 0) return null;
  if (words.some((word) => OVERLOAD.has(word))) return { massDg: 0, isStable: false, isOverload: true };
  const at = words.findIndex((word) => FIGURE.test(word));
  const [, sign = '', digits = '', attached] = FIGURE.exec(words[at] ?? '') ?? [];
  const unit = UNITS[attached ?? words[at + 1] ?? ''];
  if (digits === '' || unit === undefined) return null;
  const marks = marksOf(words.slice(0, at), words.slice(at + (attached ? 1 : 2)));
  if (marks === null) return null;
  const size = toDg(Number(digits.replace(',', '.')), unit);
  const isStable = isQuestioned || marks.isUnstable ? false : marks.isStable ? true : null;
  return { massDg: sign === '-' || marks.isNegative ? -size : size, isStable, isOverload: false };
}

/** Commas part words but within a figure ("1,234 kg" is one and a bit); a lone sign belongs to what follows. */
function separated(line: string): string {
  return line.replace(/,(?!\d)|(?<!\d),/g, ' ').replace(/([+-])\s+(?=\d)/g, '$1');
}

function marksOf(
  before: readonly string[],
  after: readonly string[],
): { isStable: boolean; isUnstable: boolean; isNegative: boolean } | null {
  const marks = { isStable: false, isUnstable: false, isNegative: false };
  for (const word of [...before, ...after]) {
    if (STABLE.has(word)) marks.isStable = true;
    else if (UNSTABLE.has(word)) marks.isUnstable = true;
    else if (word === '-') marks.isNegative = true;
    else if (!NEUTRAL.has(word) && word !== '+') return null;
  }
  return marks;
}
