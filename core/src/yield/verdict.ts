import { bisectLeft } from 'd3-array';
import type { Minor } from '../units/money';

/** The plain answer. */
export type Answer = 'worth-it' | 'about-even' | 'leave-it';

/** What a price means for a piece, given what a kilogram of it may be worth bought cut. */
export interface Verdict {
  readonly answer: Answer;
  /** Chance to come out ahead of the shop, 0 to 1. */
  readonly chance: number;
  /** Expected saving, and the range that holds four times in five; smallest coins. */
  readonly savingMinor: Minor;
  readonly lowMinor: Minor;
  readonly highMinor: Minor;
  /** Price a kilogram at which it is even money, smallest coins. */
  readonly breakEvenPerKgMinor: number;
}

/** A saving below this share of the price is about even: an evening's work for small change. */
const EVEN = 0.05;

/**
 * Weighs a price against what a piece may be worth.
 *
 * The answer is "worth it" when it comes out ahead at least three times in four and is expected
 * to save more than 5 % of what it costs, "leave it" when it comes out ahead less than one time
 * in three or is expected to lose as much, and "about even" between; limits of our own.
 *
 * @param worth smallest coins a kilogram as bought, sorted, from {@link drawWorth}; not empty
 * @param perKgMinor what is asked for a kilogram
 * @param kg weight of the piece
 */
export function verdictOf(worth: Float64Array, perKgMinor: number, kg: number): Verdict {
  const mean = worth.reduce((sum, value) => sum + value, 0) / worth.length;
  const chance = chanceAhead(worth, perKgMinor);
  const at = (share: number): Minor =>
    Math.round(((worth[Math.round(share * (worth.length - 1))] ?? mean) - perKgMinor) * kg);
  const savingMinor = Math.round((mean - perKgMinor) * kg);
  return {
    answer: answerOf(chance, mean / perKgMinor - 1),
    chance,
    savingMinor,
    lowMinor: at(0.1),
    highMinor: at(0.9),
    breakEvenPerKgMinor: mean,
  };
}

/** Chance that what a kilogram is worth lies above what is asked for it. */
export function chanceAhead(worth: Float64Array, perKgMinor: number): number {
  return 1 - bisectLeft(worth, perKgMinor) / worth.length;
}

function answerOf(chance: number, saving: number): Answer {
  if (chance >= 0.75 && saving > EVEN) return 'worth-it';
  return chance < 1 / 3 || saving < -EVEN ? 'leave-it' : 'about-even';
}
