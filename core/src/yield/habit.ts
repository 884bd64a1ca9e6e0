import { sum } from 'd3-array';
import { LOSS, type Composition } from './composition';

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

/** So many times farther than scatter explains, a piece is odd: four is seldom chance. Of our own. */
const ODD = 4;
/**
 * An odd piece alone changes no share by more than this part of it. Worth it is five per cent ahead, so
 * one odd piece moves the answer by one step at most; two that are alike may go on.
 */
const MOST_ALONE = 0.045;
/** The doubt of what contradicts is at most so many times as wide, as a concentration. */
const MOST_WIDER = 10;

/**
 * What a household's own pieces and the catalogue say together. The shares of one piece scatter
 * around the household's usual shares m as Dirichlet(φ·m); m itself is uncertain.
 *
 * - m: the mean of the catalogue (as so many pieces) and of the own pieces. Where own pieces
 *   contradict the catalogue by more than scatter explains, the catalogue's weight shrinks by
 *   that factor, so a household that cuts differently is not held back by it.
 * - One odd piece, far from all others and like none of them, counts for little, and the doubt widens.
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
  const phi = learntPhi(typical.shares, priorPhi, meanOf(keys, past), past);
  const odd = past.filter((piece) => isOdd(piece, past, typical.shares, priorPieces, priorPhi));
  const base = trusted(
    { keys, typical: typical.shares, priorPieces, phi },
    past.filter((piece) => !odd.includes(piece)),
  );
  const { usual, weight } = withOdd(base, odd);
  return { keys, usual, certainty: (phi * weight) / wider(odd, base.usual, priorPhi), phi, pieces: n };
}

/** Usual shares, and as how many pieces they count. */
interface Trusted {
  readonly keys: readonly string[];
  readonly usual: readonly number[];
  readonly weight: number;
}

const meanOf = (keys: readonly string[], pieces: readonly Composition[]): number[] =>
  keys.map((_, k) => sum(pieces, ({ shares }) => shares[k] ?? 0) / pieces.length);

/** The catalogue and the pieces that are like what is known, together. */
function trusted(
  prior: {
    readonly keys: readonly string[];
    readonly typical: readonly number[];
    readonly priorPieces: number;
    readonly phi: number;
  },
  pieces: readonly Composition[],
): Trusted {
  const { keys, typical, priorPieces, phi } = prior;
  const n = pieces.length;
  if (n === 0) return { keys, usual: typical, weight: priorPieces };
  const mean = meanOf(keys, pieces);
  const weight = priorPieces / Math.max(1, contradiction(typical, mean, phi, 1 / priorPieces + 1 / n));
  const usual = keys.map((_, k) => (weight * (typical[k] ?? 0) + n * (mean[k] ?? 0)) / (weight + n));
  return { keys, usual, weight: weight + n };
}

/** Far from the catalogue and all other pieces together, and like none of these. */
function isOdd(
  piece: Composition,
  past: readonly Composition[],
  typical: readonly number[],
  priorPieces: number,
  phi: number,
): boolean {
  const others = past.filter((other) => other !== piece);
  const weight = priorPieces + others.length;
  const rest = typical.map(
    (share, k) => (priorPieces * share + sum(others, ({ shares }) => shares[k] ?? 0)) / weight,
  );
  const isFar = contradiction(rest, piece.shares, phi, 1 + 1 / weight) > ODD;
  return isFar && !others.some(({ shares }) => contradiction(rest, piece.shares, phi, 2, shares) <= ODD);
}

/** Each odd piece moves what is usual as far as one alone may. */
function withOdd(base: Trusted, odd: readonly Composition[]): Trusted {
  return odd.reduce(({ keys, usual, weight }, { shares }) => {
    const most = keys.map((key, k) => {
      const [share, far] = [usual[k] ?? 0, Math.abs((shares[k] ?? 0) - (usual[k] ?? 0))];
      const least = MOST_ALONE * share;
      return key === LOSS || far <= least ? 1 : (least * weight) / (far - least);
    });
    const counts = Math.min(1, ...most) / odd.length;
    return {
      keys,
      usual: usual.map((share, k) => (weight * share + counts * (shares[k] ?? 0)) / (weight + counts)),
      weight: weight + counts,
    };
  }, base);
}

/** How much less sure what is usual is where a piece contradicts it. */
function wider(odd: readonly Composition[], usual: readonly number[], phi: number): number {
  const farthest = Math.max(1, ...odd.map(({ shares }) => contradiction(usual, shares, phi, 1) / ODD));
  return Math.min(MOST_WIDER, farthest);
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

/**
 * How many times farther shares lie from others than chance would put them.
 *
 * @param pieces variances of so many pieces: of one, and of the mean that it is held against
 * @param from what they are held against, where that is not what is usual
 */
function contradiction(
  usual: readonly number[],
  shares: readonly number[],
  phi: number,
  pieces: number,
  from: readonly number[] = usual,
): number {
  const expected = (spreadOf(usual) * pieces) / (phi + 1);
  return expected > 0 ? squares(shares, from) / expected : 1;
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
