import { sum } from 'd3-array';
import { isUsable, type Destination } from '../ledger/destination';
import type { Kind, Way } from '../catalogue/kind-schema';
import { kindById, partOf } from '../catalogue/kinds';
import type { CostBasis } from '../cost/carriers';
import { isGap, type PartPrice } from '../cost/part-price';
import { heapsOfShares, pilePrices } from '../cost/pile-prices';
import { bonelessShare } from '../cost/plates';
import type { State } from '../ledger/replay';
import type { IsoDate } from '../units/date';
import type { MassDg } from '../units/mass';
import { likelyWorth } from './approximate-worth';
import { betaQuantile } from './beta';
import { LOSS, typicalComposition, withMarks } from './composition';
import type { WorthModel } from './draw-worth';
import { habitOf, nextPieceConcentration, type Habit } from './habit';
import { pastCompositions } from './piece-composition';

/** A piece that is not bought yet. */
export interface PredictionFor {
  readonly massDg: MassDg;
  /** What was seen on it: ids of the kind's marks. */
  readonly marks: readonly string[];
  readonly on: IsoDate;
}

/** What one part is expected to come to, with the range that holds four times in five. */
export interface PartPrediction {
  /** A part of the kind, or "loss". */
  readonly part: string;
  readonly destination: Destination | null;
  readonly share: number;
  readonly low: number;
  readonly high: number;
  readonly massDg: number;
  readonly price: PartPrice | null;
}

/** What is expected of a piece; all of it in closed form, at once. */
export interface Prediction {
  readonly habit: Habit;
  readonly parts: readonly PartPrediction[];
  readonly usable: { readonly share: number; readonly low: number; readonly high: number };
  /** Raw boneless meat to eat, as a share of the weight bought: what plates are made of. */
  readonly meat: { readonly share: number; readonly low: number; readonly high: number };
  /** Worth of a kilogram as bought, bought cut: mean and standard deviation, smallest coins. */
  readonly worthPerKg: { readonly mean: number; readonly deviation: number };
  /** Usable parts whose shop price is unknown: the worth is then a lower bound. */
  readonly missing: readonly string[];
  /** What the draws need. */
  readonly model: WorthModel;
}

/** So much of what is usable has a price before a piece has a worth; of our own. */
const ENOUGH_KNOWN = 0.5;
/** Four times in five. */
const RANGE = [0.1, 0.9] as const;

/** A kind and one of its ways. */
export interface KindAndWay {
  readonly kind: Kind;
  readonly way: Way;
}

/** The kind and way with these ids, or null where one is unknown. */
export function kindAndWay(kindId: string, wayId: string): KindAndWay | null {
  const kind = kindById(kindId);
  const way = kind?.ways.find(({ id }) => id === wayId);
  return kind && way ? { kind, way } : null;
}

/** What the catalogue and the household's own finished pieces of one way teach. Reads every piece: worth keeping. */
export function habitOfWay(state: State, { kind, way }: KindAndWay): Habit {
  const past = pastCompositions(state, kind.id, way.id).map(({ composition }) => composition);
  return habitOf({ typical: typicalComposition(way), phi: kind.scatter.phi, estimated: way.estimated }, past);
}

/**
 * What to expect of a piece: shares, ranges and worth, from what was learnt and what was seen on
 * it. Each share of the next piece is Beta with the concentration s of both doubts; the worth is
 * linear in the shares, so its mean and variance follow from theirs.
 *
 * The state in which the household buys the kind, where its lesser parts go, and whether skin is eaten, are as it
 * last said.
 *
 * @param learnt see {@link habitOfWay}
 */
export function predict(
  { kind }: KindAndWay,
  learnt: Habit,
  { pricing, wishes, plate }: Pick<CostBasis, 'pricing' | 'wishes'> & Partial<Pick<CostBasis, 'plate'>>,
  { marks, massDg, on }: PredictionFor,
): Prediction {
  const { states = [], goes = {} } = wishes?.get(kind.id) ?? {};
  const { keys, shares: usual } = withMarks({ keys: learnt.keys, shares: learnt.usual }, kind, [
    ...marks,
    ...states,
  ]);
  const habit = { ...learnt, keys, usual };
  const s = nextPieceConcentration(habit);
  const heaps = heapsOfShares(keys, usual, (part) =>
    part === LOSS ? null : (goes[part] ?? partOf(kind, part)?.destination ?? null),
  );
  const prices = pilePrices(pricing, { kind: kind.id, animal: kind.animal }, heaps, on);
  const parts = keys.map((part, k): PartPrediction => {
    const share = usual[k] ?? 0;
    const [low, high] = rangeOf(share, s);
    const { destination = null } = heaps[k] ?? {};
    return { part, destination, share, low, high, massDg: share * massDg, price: prices[k] ?? null };
  });
  const usableShare = sum(parts, ({ destination, share }) =>
    destination && isUsable(destination) ? share : 0,
  );
  const [low, high] = rangeOf(usableShare, s);
  const boneless = parts.map(({ part, destination }) =>
    destination ? bonelessShare({ kind: kind.id, part, destination }, plate?.skin) : 0,
  );
  const meat = likelyWorth({ usual, certainty: habit.certainty, phi: habit.phi, perKgMinor: boneless });
  const perKgMinor = parts.map(({ price }) => (price?.state === 'known' ? price.perKgMinor : 0));
  return {
    habit,
    parts,
    usable: { share: usableShare, low, high },
    meat: { share: meat.mean, low: meat.quantile(RANGE[0]), high: meat.quantile(RANGE[1]) },
    worthPerKg: worthMoments(usual, perKgMinor, s),
    missing: parts.flatMap(({ part, price, destination }) =>
      price && destination && isGap(price, destination) ? [part] : [],
    ),
    model: { usual, certainty: habit.certainty, phi: habit.phi, perKgMinor },
  };
}

/**
 * Whether enough of a piece has a price to say what it is worth: half of what is usable. A bound from
 * less than that is true, and tells nobody anything.
 */
export function isWorthKnown({ parts, usable }: Pick<Prediction, 'parts' | 'usable'>): boolean {
  const known = sum(parts, ({ destination, share, price }) =>
    destination && isUsable(destination) && price !== null && price.state !== 'unknown' ? share : 0,
  );
  return usable.share > 0 && known >= ENOUGH_KNOWN * usable.share;
}

function rangeOf(share: number, s: number): [number, number] {
  return [
    betaQuantile(RANGE[0], s * share, s * (1 - share)),
    betaQuantile(RANGE[1], s * share, s * (1 - share)),
  ];
}

/** Mean and deviation of Σ share × value, for Dirichlet shares: Var = (Σ m v² − (Σ m v)²) ÷ (s + 1). */
function worthMoments(
  usual: readonly number[],
  values: readonly number[],
  s: number,
): { mean: number; deviation: number } {
  const mean = sum(usual, (share, k) => share * (values[k] ?? 0));
  const square = sum(usual, (share, k) => share * (values[k] ?? 0) ** 2);
  return { mean, deviation: Math.sqrt(Math.max(0, square - mean * mean) / (s + 1)) };
}
