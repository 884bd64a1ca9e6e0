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
  /** Smallest coins a kilogram as the shop sells them, unrounded: dearer than that, and it comes out ahead. */
  readonly perKgMinor: number;
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
/** What nobody knows the price of costs between nothing and so many times what is asked for the piece. */
const MOST_TIMES = 4;

/**
 * Weighs a price against what a piece may be worth.
 *
 * The answer is "worth it" when it comes out ahead at least three times in four and is expected
 * to save more than 5 % of what it costs, "leave it" when it comes out ahead less than one time
 * in three or is expected to lose as much, and "about even" between; limits of our own. Where the
 * shop's price of usable parts is unknown, both ends of what it may be are tried: nothing, and
 * four times the price asked for the piece, as the shop sells them. If they disagree, it is open.
 *
 * @param worth smallest coins a kilogram as bought with missing prices at nothing, sorted, from {@link drawWorth}; not empty
 * @param perKgMinor what is asked for a kilogram
 * @param kg weight of the piece
 * @example ribeye at 21.90, only its thin ends priced: open; it settles at 24.23 for the steaks
 */
export function verdictOf(
  prediction: Pick<Prediction, 'parts' | 'model' | 'missing'>,
  worth: Float64Array,
  perKgMinor: number,
  kg: number,
): Verdict {
  const mean = sum(worth) / worth.length;
  const chance = 1 - bisectLeft(worth, perKgMinor) / worth.length;
  const at = (share: number): Minor =>
    Math.round(((worth[Math.round(share * (worth.length - 1))] ?? mean) - perKgMinor) * kg);
  const least = answerOf(chance, mean / perKgMinor - 1);
  const answer = least === mostHopeful(prediction, perKgMinor, least) ? least : 'open';
  return {
    answer,
    chance,
    savingMinor: Math.round((mean - perKgMinor) * kg),
    lowMinor: at(0.1),
    highMinor: at(0.9),
    breakEvenPerKgMinor: mean,
    settles: answer === 'open' ? whatSettles(prediction, perKgMinor) : null,
  };
}

/**
 * The answer alone, in closed form and at once, for where many are compared.
 *
 * @param perKgMinor what is asked for a kilogram
 */
export function answerAt(prediction: Predicted, perKgMinor: number): Answer {
  const { mean, chanceAbove } = likelyWorth(prediction.model);
  const least = answerOf(chanceAbove(perKgMinor), mean / perKgMinor - 1);
  return least === mostHopeful(prediction, perKgMinor, least) ? least : 'open';
}

function answerOf(chance: number, saving: number): Exclude<Answer, 'open'> {
  if (chance >= 0.75 && saving > EVEN) return 'worth-it';
  return chance < 1 / 3 || saving < -EVEN ? 'leave-it' : 'about-even';
}

type Predicted = Pick<Prediction, 'parts' | 'model' | 'missing'>;

/** The answer with every missing price as high as it may be. */
function mostHopeful({ parts, model, missing }: Predicted, perKgMinor: number, least: Answer): Answer {
  if (missing.length === 0) return least;
  const perKg = withMissingAt(parts, model.perKgMinor, new Set(missing), MOST_TIMES * perKgMinor);
  const { mean, chanceAbove } = likelyWorth({ ...model, perKgMinor: perKg });
  return answerOf(chanceAbove(perKgMinor), mean / perKgMinor - 1);
}

/** What a kilogram of each key is worth with some parts at a price as the shop sells them. */
function withMissingAt(
  parts: readonly PartPrediction[],
  perKgMinor: readonly number[],
  missing: ReadonlySet<string>,
  price: number,
): number[] {
  return parts.map((part, k) => (missing.has(part.part) ? asWeHaveIt(part, price) : (perKgMinor[k] ?? 0)));
}

/** A shop's price brought to the state that ours is in. */
const asWeHaveIt = ({ price }: PartPrediction, perKgMinor: number): number =>
  perKgMinor / (1 - (price?.state === 'unknown' ? price.leftOn : 0));

/**
 * The price at which it is even money. With nothing priced it is the main part's, and the others
 * count nothing; with some priced it is the one price that all missing parts would have.
 *
 * @returns null where nothing is missing
 */
function whatSettles({ parts, model, missing }: Predicted, perKgMinor: number): Settles | null {
  const isPriced = model.perKgMinor.some((value) => value > 0);
  const unknown = parts
    .filter(({ part }) => missing.includes(part))
    .sort((a, b) => b.share * asWeHaveIt(b, 1) - a.share * asWeHaveIt(a, 1));
  const asked = isPriced ? unknown : [mainOf(unknown) ?? unknown[0]].filter((part) => part !== undefined);
  if (asked.length === 0) return null;
  const names = new Set(asked.map(({ part }) => part));
  const known = sum(parts, ({ share }, k) => share * (model.perKgMinor[k] ?? 0));
  const weight = sum(asked, (part) => part.share * asWeHaveIt(part, 1));
  const likely = (price: number): ReturnType<typeof likelyWorth> =>
    likelyWorth({ ...model, perKgMinor: withMissingAt(parts, model.perKgMinor, names, price) });
  const even = Math.max(0, (perKgMinor - known) / weight);
  return {
    parts: asked.map(({ part }) => part),
    perKgMinor: even,
    lowMinor: priceWhere((price) => likely(price).quantile(0.9), perKgMinor, even),
    highMinor: priceWhere((price) => likely(price).quantile(0.1), perKgMinor, even),
  };
}

function mainOf(parts: readonly PartPrediction[]): PartPrediction | undefined {
  return parts
    .filter(({ destination }) => destination === 'main')
    .reduce<PartPrediction | undefined>(
      (best, part) => (best && best.share >= part.share ? best : part),
      undefined,
    );
}

/** The price at which a worth that grows with it reaches what is asked, by bisection. */
function priceWhere(worthAt: (price: number) => number, perKgMinor: number, near: number): number {
  if (worthAt(0) >= perKgMinor) return 0;
  let [low, high] = [0, Math.max(near * 2, 1)];
  while (worthAt(high) < perKgMinor && high < 1e12) [low, high] = [high, high * 2];
  for (let step = 0; step < 40 && high - low > 1e-3; step++) {
    const middle = (low + high) / 2;
    if (worthAt(middle) < perKgMinor) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
