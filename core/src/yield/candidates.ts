import { sum } from 'd3-array';
import { partOf } from '../catalogue/kinds';
import type { CostBasis } from '../cost/carriers';
import { labelTotal } from '../price/label-total';
import type { Asked } from '../price/price-note';
import { rateAsked, roundExact, worthAt } from '../price/rate';
import type { IsoDate } from '../units/date';
import type { MassDg } from '../units/mass';
import type { Minor } from '../units/money';
import type { Habit } from './habit';
import { isWorthKnown, predict, type KindAndWay } from './prediction';
import { answerAt } from './verdict';

/** An actual piece that could be bought. */
export interface Candidate {
  readonly id: string;
  readonly massDg: MassDg;
  readonly perKgMinor: number;
  /** The same as it is asked, where somebody typed it: a till multiplies that. */
  readonly asked?: Asked;
  readonly marks: readonly string[];
}

/** What a candidate is expected to come to. */
export interface RankedCandidate {
  readonly candidate: Candidate;
  readonly usableShare: number;
  readonly usableDg: MassDg;
  readonly mainDg: MassDg;
  readonly paidMinor: Minor;
  /** Expected cost of a usable kilogram, smallest coins, unrounded. */
  readonly perUsableKgMinor: number;
  /** Even money for a kilogram of it; null where too little of it has a price. */
  readonly evenPerKgMinor: number | null;
  /** With prices missing it is even at that, or higher. */
  readonly isLowerBound: boolean;
  /** Null where prices that nobody knows could turn the answer. */
  readonly savingMinor: number | null;
}

/** Costs of a usable kilogram within half a per cent are the same to a buyer. */
export const SAME_COST = 0.005;
const step = ({ perUsableKgMinor }: RankedCandidate): number =>
  Math.round(Math.log(perUsableKgMinor) / SAME_COST);
const perKg = ({ savingMinor, candidate }: RankedCandidate): number => (savingMinor ?? 0) / candidate.massDg;

/**
 * Candidates of one kind and way by the expected cost of a usable kilogram, the cheapest first;
 * where that is the same, by what a kilogram saves against the shop, since a piece with less of
 * the main cut is worth less.
 */
export function rankCandidates(
  asked: KindAndWay,
  habit: Habit,
  basis: Pick<CostBasis, 'pricing' | 'wishes'>,
  candidates: readonly Candidate[],
  on: IsoDate,
): RankedCandidate[] {
  const ranked = candidates.map((candidate): RankedCandidate => {
    const { massDg, marks, perKgMinor, asked: typed } = candidate;
    const rate = typed && rateAsked(typed);
    const prediction = predict(asked, habit, basis, { massDg, marks, on });
    const { usable, parts, worthPerKg } = prediction;
    const mains = parts.filter(({ part }) => partOf(asked.kind, part)?.destination === 'main');
    return {
      candidate,
      usableShare: usable.share,
      usableDg: Math.round(usable.share * massDg),
      mainDg: Math.round(sum(mains, (part) => part.massDg)),
      paidMinor: rate ? roundExact(worthAt(massDg, rate)) : labelTotal(massDg, perKgMinor),
      perUsableKgMinor: perKgMinor / usable.share,
      isLowerBound: prediction.missing.length > 0,
      evenPerKgMinor: isWorthKnown(prediction) ? worthPerKg.mean : null,
      savingMinor:
        answerAt(prediction, perKgMinor) === 'open'
          ? null
          : ((worthPerKg.mean - perKgMinor) * massDg) / 10_000,
    };
  });
  return ranked.sort((a, b) => step(a) - step(b) || perKg(b) - perKg(a));
}
