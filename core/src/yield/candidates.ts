import { sum } from 'd3-array';
import type { CostBasis } from '../cost/carriers';
import { labelTotal } from '../price/label-total';
import type { Asked } from '../price/price-note';
import { rateAsked, roundExact, worthAt } from '../price/rate';
import type { IsoDate } from '../units/date';
import type { MassDg } from '../units/mass';
import type { Minor } from '../units/money';
import type { Habit } from './habit';
import type { MinutesOf } from './own-minutes';
import { isWorthKnown, predict, type KindAndWay, type Prediction } from './prediction';
import { slipCost, type SlipCost } from './slip-cost';
import { answerAt, type Answer } from './verdict';

/** An actual piece that could be bought, of any kind. */
export interface Candidate extends KindAndWay {
  readonly id: string;
  readonly massDg: MassDg;
  readonly perKgMinor: number;
  /** The same as it is asked, where somebody typed it: a till multiplies that. */
  readonly asked?: Asked | undefined;
  readonly marks: readonly string[];
  /** Its grade or quality mark, where one was said. */
  readonly grade?: string | null;
}

/** What a candidate is expected to come to. Of all kinds alike: what a portion costs, and what it would cost bought cut. */
export interface ComparedCandidate {
  readonly candidate: Candidate;
  readonly prediction: Prediction;
  readonly answer: Answer;
  readonly paidMinor: Minor;
  /** Portions that it makes, unrounded: what is paid is so many times what one costs. */
  readonly portions: number;
  /** Smallest coins a portion, unrounded, and the range that holds four times in five. */
  readonly portionMinor: number;
  readonly portionRange: readonly [low: number, high: number];
  /** The same portion bought cut; null where too little of it has a price. */
  readonly shopPortionMinor: number | null;
  /** Prices of parts are missing: bought cut it costs that, or more. */
  readonly isLowerBound: boolean;
  /** What a portion, and all of it, costs less than bought cut; null while the answer is open. */
  readonly savedPortionMinor: number | null;
  readonly savedMinor: number | null;
  readonly minutes: number;
  /** What is on no plate, and kept: bones and trimmings for stock, fat to melt. */
  readonly keptDg: MassDg;
  /** What is on no plate, and thrown away or lost. */
  readonly lostDg: MassDg;
  /** What a slip of the knife costs; null where the main cut has no price. */
  readonly slip: SlipCost | null;
}

/** What candidates are compared with. */
export interface ComparedBy {
  readonly habitOf: (asked: KindAndWay) => Habit;
  readonly basis: Pick<CostBasis, 'pricing' | 'wishes' | 'plate'>;
  readonly minutesOf: MinutesOf;
  readonly on: IsoDate;
  /** How much goes wrong in a slip. */
  readonly slipDg: MassDg;
}

/**
 * Candidates of any kinds side by side, the one that saves most a portion first; those whose answer is
 * open last, the cheapest portion first.
 *
 * @example a loin of 5 kg at 15.00 that gives 80 % meat worth 18.30 a kilogram, plates of 190 g:
 *   21 portions at 3.56, bought cut 4.35; 0.78 saved on each
 */
export function compareCandidates(candidates: readonly Candidate[], by: ComparedBy): ComparedCandidate[] {
  return candidates
    .map((candidate) => compared(candidate, by))
    .sort(
      (a, b) =>
        Number(a.savedPortionMinor === null) - Number(b.savedPortionMinor === null) ||
        (b.savedPortionMinor ?? 0) - (a.savedPortionMinor ?? 0) ||
        a.portionMinor - b.portionMinor,
    );
}

function compared(candidate: Candidate, by: ComparedBy): ComparedCandidate {
  const { massDg, perKgMinor, marks, kind, way, grade = null } = candidate;
  const { plate } = by.basis;
  const basis = { ...by.basis, pricing: { ...by.basis.pricing, grade } };
  const prediction = predict(candidate, by.habitOf(candidate), basis, { massDg, marks, on: by.on });
  const { meat, worthPerKg, parts, missing } = prediction;
  /** Smallest coins a portion where a kilogram of the piece is so many. */
  const aPortion = (perKg: number, share = meat.share): number => (perKg * plate.dg) / 10_000 / share;
  const answer = answerAt(prediction, perKgMinor);
  const isPriced = isWorthKnown(prediction);
  const isKnown = isPriced && answer !== 'open';
  const saved = worthPerKg.mean - perKgMinor;
  const massOf = (is: (to: string | null) => boolean): MassDg =>
    Math.round(sum(parts, (part) => (is(part.destination) ? part.massDg : 0)));
  return {
    candidate,
    prediction,
    answer,
    paidMinor: paidFor(candidate),
    portions: (massDg * meat.share) / plate.dg,
    portionMinor: aPortion(perKgMinor),
    portionRange: [aPortion(perKgMinor, meat.high), aPortion(perKgMinor, meat.low)],
    shopPortionMinor: isPriced ? aPortion(worthPerKg.mean) : null,
    isLowerBound: missing.length > 0,
    savedPortionMinor: isKnown ? aPortion(saved) : null,
    savedMinor: isKnown ? (saved * massDg) / 10_000 : null,
    minutes: by.minutesOf(kind, way),
    keptDg: massOf((to) => to === 'stock' || to === 'render'),
    lostDg: massOf((to) => to === null || to === 'bin' || to === 'liquid'),
    slip: slipCost(prediction, kind, basis.pricing, { slipDg: by.slipDg, on: by.on }),
  };
}

function paidFor({ asked, massDg, perKgMinor }: Candidate): Minor {
  const rate = asked && rateAsked(asked);
  return rate ? roundExact(worthAt(massDg, rate)) : labelTotal(massDg, perKgMinor);
}
