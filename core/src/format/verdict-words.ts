import type { Answer, Verdict } from '../yield/verdict';
import type { Format } from './format';

/** A verdict as it is told: every figure of it, made in one place so that none contradicts another. */
export interface ToldVerdict {
  readonly word: string;
  /** What it comes to against the shop: "Saves €8 or more", "Costs €27 more", "A few cents either way". */
  readonly sum: string;
  /** Four times in five: "€4 to €11 saved"; empty where that is no more than the sum says. */
  readonly range: string;
  /** How often the answer is right: "Cheaper 9 times in 10"; empty where no chance is told. */
  readonly chance: string;
  /** Which way it leans: what is drawn, and its colour, follow from this alone. */
  readonly leans: 'ahead' | 'even' | 'dearer' | 'open';
}

/** The plain answer, in words. */
const ANSWER_WORDS: Readonly<Record<Answer, string>> = {
  'worth-it': 'Worth it',
  'about-even': 'About the same',
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
 * Tells a verdict in a household's own money: word, sum and chance from one answer. With prices missing
 * it saves so much or more, and costs up to so much more.
 *
 * @example worth it, 8.12 saved, a price missing: { word: 'Worth it', sum: 'Saves €8 or more', … }
 */
export function tellVerdict(verdict: Verdict, isMissing: boolean, format: Format): ToldVerdict {
  const { answer, lowMinor, highMinor, chance } = verdict;
  return {
    word: ANSWER_WORDS[answer],
    sum: answer === 'open' ? 'one price decides' : sumWords(verdict, isMissing, format),
    range: answer === 'open' || isMissing ? '' : rangeWords(lowMinor, highMinor, format),
    chance: chanceWords(answer, chance, isMissing),
    leans: LEANS[answer],
  };
}

function sumWords({ answer, savingMinor }: Verdict, isMissing: boolean, format: Format): string {
  const size = roughMoney(Math.abs(savingMinor), format);
  const isSmall = Math.abs(savingMinor) < 2 * 10 ** format.moneyDigits();
  if (answer === 'about-even' && isSmall) return 'A few cents either way';
  if (!/[1-9]/.test(size)) return isMissing ? 'The same or better' : 'No difference';
  if (savingMinor < 0) return `Costs ${isMissing ? 'up to ' : ''}${size} more`;
  return `Saves ${size}${isMissing ? ' or more' : ''}`;
}

/** An amount no finer than it is known: its cents only where it is little more than cents. */
export function roughMoney(minor: number, format: Format): string {
  return Math.abs(minor) < 2 * 10 ** format.moneyDigits() ? format.money(minor) : format.wholeMoney(minor);
}

function rangeWords(low: number, high: number, format: Format): string {
  const [from, to] = [roughMoney(low, format), roughMoney(high, format)];
  if (from === to) return '';
  if (low >= 0) return `${from} to ${to} saved`;
  if (high <= 0) return `${roughMoney(-high, format)} to ${roughMoney(-low, format)} more`;
  return `Between ${roughMoney(-low, format)} more and ${to} saved`;
}

/** From this chance on it is told as almost sure. */
const ALMOST_SURE = 0.95;

/**
 * A chance as people say it, no finer than it is known; none where it is about the same or open, and of
 * what is to be left only where every price is known.
 */
function chanceWords(answer: Answer, chance: number, isMissing: boolean): string {
  if (answer === 'worth-it')
    return `Cheaper ${oftenWords(chance)}${isMissing && chance < ALMOST_SURE ? ' or more' : ''}`;
  if (answer !== 'leave-it' || isMissing || chance > 0.45) return '';
  return `Dearer ${oftenWords(1 - chance)}`;
}

function oftenWords(chance: number): string {
  return chance >= ALMOST_SURE ? 'almost surely' : `${Math.min(9, Math.round(chance * 10))} times in 10`;
}
