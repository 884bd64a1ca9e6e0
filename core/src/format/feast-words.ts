import type { OwnFeastRule } from '../feast/feast-schemas';
import { noonOf } from '../units/date';
import { dayWords } from './days';

const NTH = { 1: 'first', 2: 'second', 3: 'third', 4: 'fourth', [-1]: 'last' } as const;
const nameOf = (options: Intl.DateTimeFormatOptions, on: string): string =>
  new Intl.DateTimeFormat('en-GB', { ...options, timeZone: 'UTC' }).format(noonOf(on));
/** In a leap year, so that a 29 February has its day. */
const dayIn = (month: number, day: number): string =>
  `2028-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`;
/** The third of January 2028 is a Monday. */
const MONDAY = 3;

/**
 * How a feast comes back, in words.
 *
 * @example feastRuleWords({ by: 'weekday', month: 11, weekday: 4, nth: 4 }) // 'the fourth Thursday of November'
 */
export function feastRuleWords(rule: OwnFeastRule): string {
  switch (rule.by) {
    case 'day': {
      const on = dayIn(rule.month, rule.day);
      return `every ${dayWords(on, on)}`;
    }
    case 'weekday':
      return `the ${NTH[rule.nth]} ${nameOf({ weekday: 'long' }, dayIn(1, MONDAY + rule.weekday - 1))} of ${nameOf({ month: 'long' }, dayIn(rule.month, 1))}`;
    case 'easter':
      if (rule.offset === 0) return 'at Easter';
      return `${Math.abs(rule.offset)} days ${rule.offset < 0 ? 'before' : 'after'} Easter`;
  }
}
