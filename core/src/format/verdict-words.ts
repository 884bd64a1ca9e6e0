import type { Answer, Verdict } from '../yield/verdict';
import type { Format } from './format';

/** A verdict as it is told: every figure of it, made in one place so that none contradicts another. */
export interface ToldVerdict {
  readonly word: string;
  /** What it comes to against the shop: "€27 dearer", "saves ≥ €8", "no difference". */
  readonly sum: string;
  /** Four times in five: "saves €4 to €11"; empty where that is no more than the sum says. */
  readonly range: string;
  /** How often it comes out ahead, with ≥ where prices are missing. */
  readonly chance: string;
  /** Price a unit at which it is even money: "even at ≥ €19.30". */
  readonly even: string;
  /** Which way it leans: what is drawn, and its colour, follow from this alone. */
  readonly leans: 'ahead' | 'even' | 'dearer' | 'open';
}

/** The plain answer, in words. */
const ANSWER_WORDS: Readonly<Record<Answer, string>> = {
  'worth-it': 'Worth it',
  'about-even': 'About even',
  'leave-it': 'Leave it',
  open: 'Open',
};

const LEANS: Readonly<Record<Answer, ToldVerdict['leans']>> = {
  'worth-it': 'ahead',
  'about-even': 'even',
  'leave-it': 'dearer',
  open: 'open',
};

/**
 * Tells a verdict in a household's own money. With prices missing what is saved is at least so much,
 * what it is dearer at most.
 *
 * @example worth it, 8.12 saved, a price missing: { word: 'Worth it', sum: 'saves ≥ €8', … }
 */
export function tellVerdict(verdict: Verdict, isMissing: boolean, format: Format): ToldVerdict {
  const { answer, savingMinor, lowMinor, highMinor, chance, breakEvenPerKgMinor } = verdict;
  const atLeast = isMissing ? '≥ ' : '';
  return {
    word: ANSWER_WORDS[answer],
    sum: sumWords(savingMinor, isMissing, format),
    range: rangeWords(lowMinor, highMinor, isMissing, format),
    chance: chanceWords(chance, isMissing),
    even: `even at ${atLeast}${unitOnly(breakEvenPerKgMinor, format)}`,
    leans: LEANS[answer],
  };
}

const unitOnly = (perKgMinor: number, format: Format): string =>
  format.perUnit(perKgMinor).split('/')[0] ?? '';

function sumWords(minor: number, isMissing: boolean, format: Format): string {
  const size = roughMoney(Math.abs(minor), format);
  if (!/[1-9]/.test(size)) return isMissing ? 'at least even' : 'no difference';
  return minor < 0 ? `${isMissing ? '≤ ' : ''}${size} dearer` : `saves ${isMissing ? '≥ ' : ''}${size}`;
}

/** An amount no finer than it is known: its cents only where it is little more than cents. */
function roughMoney(minor: number, format: Format): string {
  return Math.abs(minor) < 2 * 10 ** format.moneyDigits() ? format.money(minor) : format.wholeMoney(minor);
}

function rangeWords(low: number, high: number, isMissing: boolean, format: Format): string {
  const [from, to] = [roughMoney(low, format), roughMoney(high, format)];
  if (from === to || isMissing) return '';
  if (low >= 0) return `${from} to ${to} saved`;
  if (high <= 0) return `${roughMoney(-high, format)} to ${roughMoney(-low, format)} dearer`;
  return `${roughMoney(-low, format)} dearer to ${to} saved`;
}

/**
 * A chance as people say it, no finer than it is known. Where prices are missing it is at least so
 * much, which says nothing where it is small.
 */
function chanceWords(chance: number, isMissing: boolean): string {
  const hundred = Math.round(chance * 100);
  if (isMissing && hundred < 50) return '';
  if (hundred >= 99) return 'practically always';
  if (hundred <= 1) return 'practically never';
  const isTens = hundred >= 8 && hundred <= 92;
  const [times, of] = isTens ? [Math.round(chance * 10), 10] : [hundred, 100];
  return `${times === 1 ? 'once' : `${times} times`} in ${of}${isMissing ? ' or oftener' : ''}`;
}
