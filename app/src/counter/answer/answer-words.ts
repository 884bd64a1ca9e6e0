import type { Answer } from '@core/yield/verdict';

/** The plain answer, in words. */
export const ANSWER_WORDS: Record<Answer, string> = {
  'worth-it': 'Worth it',
  'about-even': 'About even',
  'leave-it': 'Leave it',
  open: 'Open',
};

/** With a price unknown, a saving is at least so much, and a loss at most. */
export function boundSign(savingMinor: number, isMissing: boolean): string {
  return !isMissing ? '' : savingMinor < 0 ? '≤ ' : '≥ ';
}
