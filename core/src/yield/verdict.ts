import { bisectLeft, sum } from 'd3-array';
import type { Minor } from '../units/money';
import { likelyWorth } from './approximate-worth';
import type { PartPrediction, Prediction } from './prediction';

/** The plain answer; open where prices that nobody knows could turn it. */
export type Answer = 'worth-it' | 'about-even' | 'leave-it' | 'open';

/** What would settle an open answer: from which price of these parts on it comes out ahead. */
export interface Settles {
  /** Parts of the kind whose shop price is asked for, the one that matters most first. */
  readonly parts: readonly string[];
  /** Smallest coins a kilogram as the shop sells them, unrounded: dearer than that, and it comes out ahead, */
  readonly perKgMinor: number;
  /** or, of what comes out even at least, is worth it. */
  readonly isWorthIt: boolean;
  /** The same for a piece that gives much of these parts and for one that gives little: four times in five between. */
  readonly lowMinor: number;
  readonly highMinor: number;
}

/** What a price means for a piece, given what a kilogram of it may be worth bought cut. */
export interface Verdict {
  readonly answer: Answer;
  /** Chance to come out ahead of the shop, 0 to 1; with prices missing, at least that. */
  readonly chance: number;
  /** Expected saving, and the range that holds four times in five; smallest coins. With prices missing, at least that. */
  readonly savingMinor: Minor;
  readonly lowMinor: Minor;
  readonly highMinor: Minor;
  /** Price a kilogram at which it is even money, smallest coins. */
  readonly breakEvenPerKgMinor: number;
  /** Null where the answer is not open. */
  readonly settles: Settles | null;
}

/** A saving below this share of the price is about even: an evening's work for small change. */
const EVEN = 0.05;
/** What nobody knows the price of costs between nothing and so many times what is asked for the piece, */
const MOST_TIMES = 4;
/** and no more than so many times the dearest main part that has a price; */
const MOST_OF_MAIN = 1.5;
/** a lesser part no more than that part itself. */
const MOST_OF_LESSER = 1;
/** The parts that settle an answer make up at least so much of what the unknown ones weigh in it. */
const SETTLING = 0.5;

/**
 * Weighs a price against what a piece may be worth.
 *
 * The answer is "worth it" when it comes out ahead at least three times in four and is expected
 * to save more than 5 % of what it costs, "leave it" when it is expected to lose as much, or to lose
 * at all and comes out ahead less than one time in three, and "about even" between; limits of our
 * own. Where the shop's price of usable parts is unknown, both ends of what it may be are tried:
 * nothing, and four times the price asked for the piece, as the shop sells them, or half as much
 * again as its dearest main part where that is less (for a lesser part no more than that part). Where
 * the two answers differ it is open, however small the part. What is given is worth it.
 *
 * @param worth smallest coins a kilogram as bought with missing prices at nothing, sorted, from {@link drawWorth}; not empty
 * @param perKgMinor what is asked for a kilogram
 * @param kg weight of the piece
 * @example ribeye at 21.90, only its thin ends priced: open; it settles at 26.33 for the steaks
 */
export function verdictOf(
  prediction: Pick<Prediction, 'parts' | 'model' | 'missing'>,
  worth: Float64Array,
  perKgMinor: number,
  kg: number,
): Verdict {
  const mean = sum(prediction.model.usual, (share, k) => share * (prediction.model.perKgMinor[k] ?? 0));
  const chance = 1 - bisectLeft(worth, perKgMinor) / worth.length;
  const at = (share: number): Minor =>
    Math.round(((worth[Math.round(share * (worth.length - 1))] ?? mean) - perKgMinor) * kg);
  const least = answerOf(chance, savingShare(mean, perKgMinor));
  const answer = mostHopeful(prediction, perKgMinor, least) === least ? least : 'open';
  return {
    answer,
    chance,
    savingMinor: Math.round((mean - perKgMinor) * kg),
    lowMinor: at(0.1),
    highMinor: at(0.9),
    breakEvenPerKgMinor: mean,
    settles: answer === 'open' ? whatSettles(prediction, perKgMinor, least) : null,
  };
}

/**
 * The answer alone, in closed form and at once, for where many are compared.
 *
 * @param perKgMinor what is asked for a kilogram
 */
export function answerAt(prediction: Predicted, perKgMinor: number): Answer {
  const { mean, chanceAbove } = likelyWorth(prediction.model);
  const least = answerOf(chanceAbove(perKgMinor), savingShare(mean, perKgMinor));
  return mostHopeful(prediction, perKgMinor, least) === least ? least : 'open';
}

function answerOf(chance: number, saving: number): Exclude<Answer, 'open'> {
  if (chance >= 0.75 && saving > EVEN) return 'worth-it';
  return saving < -EVEN || (saving < 0 && chance < 1 / 3) ? 'leave-it' : 'about-even';
}

/** What is saved as a share of the price; of a gift, without end. */
const savingShare = (mean: number, perKgMinor: number): number =>
  perKgMinor > 0 ? mean / perKgMinor - 1 : Infinity;

type Predicted = Pick<Prediction, 'parts' | 'model' | 'missing'>;

/** The answer with every missing price as high as it may be. */
function mostHopeful({ parts, model, missing }: Predicted, perKgMinor: number, least: Answer): Answer {
  if (missing.length === 0 || perKgMinor <= 0) return least;
  const main = Math.max(...parts.map(knownMain));
  const unknown = new Set(missing);
  const perKg = parts.map((part, k) =>
    unknown.has(part.part)
      ? Math.min(asWeHaveIt(part, MOST_TIMES * perKgMinor), main > 0 ? mostOf(part) * main : Infinity)
      : (model.perKgMinor[k] ?? 0),
  );
  const { mean, chanceAbove } = likelyWorth({ ...model, perKgMinor: perKg });
  return answerOf(chanceAbove(perKgMinor), savingShare(mean, perKgMinor));
}

const mostOf = ({ destination }: PartPrediction): number =>
  destination === 'main' ? MOST_OF_MAIN : MOST_OF_LESSER;

/** What a main part costs bought cut, as we have it; 0 where it is another or has no price. */
const knownMain = ({ destination, price }: PartPrediction): number =>
  destination === 'main' && price?.state === 'known' ? price.perKgMinor : 0;

/** What a kilogram of each key is worth with some parts at a price as the shop sells them. */
function withMissingAt(
  parts: readonly PartPrediction[],
  perKgMinor: readonly number[],
  missing: ReadonlySet<string>,
  price: number,
): number[] {
  return parts.map((part, k) => (missing.has(part.part) ? asWeHaveIt(part, price) : (perKgMinor[k] ?? 0)));
}

/** A shop's price brought to the state that ours is in: less what is thrown away, and what other parts in it have. */
const asWeHaveIt = (part: PartPrediction, perKgMinor: number): number =>
  Math.max(0, perKgMinor * perAsked(part) - lessOf(part));
const perAsked = ({ price }: PartPrediction): number =>
  1 / (1 - (price?.state === 'unknown' ? price.leftOn : 0));
const lessOf = ({ price }: PartPrediction): number => (price?.state === 'unknown' ? price.lessPerKg : 0);

/**
 * The price at which it is even money; of what is about even at least, the one at which it is worth it. With nothing priced it is that of the main parts, until they
 * are half of it, and the others count nothing; with some priced it is the one price that all missing
 * parts would have.
 *
 * @returns null where nothing is missing
 */
function whatSettles(
  { parts, model, missing }: Predicted,
  perKgMinor: number,
  least: Exclude<Answer, 'open'>,
): Settles | null {
  const goal = least === 'leave-it' ? perKgMinor : perKgMinor * (1 + EVEN);
  const isPriced = model.perKgMinor.some((value) => value > 0);
  const unknown = parts
    .filter(({ part }) => missing.includes(part))
    .sort((a, b) => b.share * perAsked(b) - a.share * perAsked(a));
  const asked = isPriced ? unknown : whatCarries(unknown);
  if (asked.length === 0) return null;
  const names = new Set(asked.map(({ part }) => part));
  const known = sum(parts, ({ share }, k) => share * (model.perKgMinor[k] ?? 0));
  const weight = sum(asked, (part) => part.share * perAsked(part));
  const less = sum(asked, (part) => part.share * lessOf(part));
  const likely = (price: number): ReturnType<typeof likelyWorth> =>
    likelyWorth({ ...model, perKgMinor: withMissingAt(parts, model.perKgMinor, names, price) });
  const even = Math.max(0, (goal - known + less) / weight);
  return {
    parts: asked.map(({ part }) => part),
    isWorthIt: least !== 'leave-it',
    perKgMinor: even,
    lowMinor: priceWhere((price) => likely(price).chanceAbove(goal) >= 0.1, even),
    highMinor: priceWhere((price) => likely(price).chanceAbove(goal) >= 0.9, even),
  };
}

/** The parts that make most of a piece, main ones first, until they are half of what is to be eaten. */
function whatCarries(unknown: readonly PartPrediction[]): PartPrediction[] {
  const isMain = ({ destination }: PartPrediction): number => (destination === 'main' ? 1 : 0);
  const ranked = [...unknown].sort((a, b) => isMain(b) - isMain(a));
  const enough = SETTLING * sum(unknown, ({ share }) => share);
  const carries: PartPrediction[] = [];
  for (const part of ranked) if (sum(carries, ({ share }) => share) < enough) carries.push(part);
  return carries;
}

/** The least price from which something holds that holds for all dearer ones, by bisection. */
function priceWhere(holds: (price: number) => boolean, near: number): number {
  if (holds(0)) return 0;
  let [low, high] = [0, Math.max(near * 2, 1)];
  while (!holds(high) && high < 1e12) [low, high] = [high, high * 2];
  for (let step = 0; step < 40 && high - low > 1e-2; step++) {
    const middle = (low + high) / 2;
    if (holds(middle)) high = middle;
    else low = middle;
  }
  return (low + high) / 2;
}
