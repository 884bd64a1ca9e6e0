import { sum } from 'd3-array';
import type { Composition } from './composition';

/** What is known of the shares that this household's pieces have. */
export interface Habit {
  readonly keys: readonly string[];
  /** The best estimate of the household's usual shares m. */
  readonly usual: readonly number[];
  /** How sure that is: m is Dirichlet(certainty · usual). */
  readonly certainty: number;
  /** How alike pieces are: the shares of one are Dirichlet(phi · m). */
  readonly phi: number;
  /** How many of the household's own pieces it rests on. */
  readonly pieces: number;
}

/** What the catalogue says before the household has weighed anything. */
export interface Prior {
  readonly typical: Composition;
  /** Concentration φ of pieces of this kind. */
  readonly phi: number;
  /** Whether the typical shares are only our estimate: the first to give way. */
  readonly estimated: boolean;
}

/** The catalogue's shares weigh as much as so many own pieces; estimates of ours. */
const PRIOR_PIECES = { known: 2, estimated: 1 };
/** The catalogue's φ weighs as much as so many own pieces. */
const PRIOR_PHI_PIECES = 5;

/**
 * What a household's own pieces and the catalogue say together. The shares of one piece scatter
 * around the household's usual shares m as Dirichlet(φ·m); m itself is uncertain.
 *
 * - m: the mean of the catalogue (as so many pieces) and of the own pieces. Where own pieces
 *   contradict the catalogue by more than scatter explains, the catalogue's weight shrinks by
 *   that factor, so a household that cuts differently is not held back by it.
 * - φ: from the variances of the shares, each m(1−m)/(φ+1) and weighed by its m, pooled with the
 *   catalogue's: the large parts, which the saving hangs on, decide.
 *   Identical pieces (no spread at all) only raise φ; they do not make it infinite.
 *
 * @param past what own pieces gave, over the same keys
 * @source Dirichlet moments; method of moments with pooled degrees of freedom
 * @example with no past: usual is the catalogue's, certainty is φ × 2
 */
export function habitOf({ typical, phi: priorPhi, estimated }: Prior, past: readonly Composition[]): Habit {
  const n = past.length;
  const priorPieces = estimated ? PRIOR_PIECES.estimated : PRIOR_PIECES.known;
  const { keys } = typical;
  if (n === 0 || keys.length < 2)
    return { keys, usual: typical.shares, certainty: priorPhi * priorPieces, phi: priorPhi, pieces: n };
  const mean = keys.map((_, k) => sum(past, ({ shares }) => shares[k] ?? 0) / n);
  const phi = learntPhi(typical.shares, priorPhi, mean, past);
  const weight = priorPieces / Math.max(1, contradiction(typical.shares, mean, phi, 1 / priorPieces + 1 / n));
  const usual = keys.map((_, k) => (weight * (typical.shares[k] ?? 0) + n * (mean[k] ?? 0)) / (weight + n));
  return { keys, usual, certainty: phi * (weight + n), phi, pieces: n };
}

/** Σ m(1−m): what the variances of shares sum to, times (φ + 1). */
const spreadOf = (shares: readonly number[]): number => sum(shares, (share) => share * (1 - share));
const squares = (a: readonly number[], b: readonly number[]): number =>
  a.reduce((sum, value, k) => sum + (value - (b[k] ?? 0)) ** 2, 0);

function learntPhi(
  typical: readonly number[],
  priorPhi: number,
  mean: readonly number[],
  past: readonly Composition[],
): number {
  const weights = spreadOf(mean) > 0 ? mean : typical;
  const expected = sum(weights, (share) => share * share * (1 - share));
  if (expected === 0) return priorPhi;
  const seen =
    sum(past, ({ shares }) =>
      shares.reduce((each, share, k) => each + (weights[k] ?? 0) * (share - (mean[k] ?? 0)) ** 2, 0),
    ) / expected;
  const variance = (PRIOR_PHI_PIECES / (priorPhi + 1) + seen) / (PRIOR_PHI_PIECES + past.length - 1);
  return 1 / variance - 1;
}

/** How many times farther the own mean lies from the catalogue than chance would put it. */
function contradiction(
  typical: readonly number[],
  mean: readonly number[],
  phi: number,
  pieces: number,
): number {
  const expected = (spreadOf(typical) * pieces) / (phi + 1);
  return expected > 0 ? squares(mean, typical) / expected : 1;
}

/**
 * The concentration of one next piece's shares with both doubts in it: the same mean and variance
 * as drawing m first and the piece then.
 *
 * 1/(s+1) = 1/(certainty+1) + certainty/((certainty+1)(φ+1))
 */
export function nextPieceConcentration({ certainty, phi }: Pick<Habit, 'certainty' | 'phi'>): number {
  return 1 / (1 / (certainty + 1) + certainty / ((certainty + 1) * (phi + 1))) - 1;
}
