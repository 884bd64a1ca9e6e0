import { sum } from 'd3-array';
import type { Kind, Mark, Way } from '../catalogue/kind-schema';

/** What is lost: liquid and unaccounted together. */
export const LOSS = 'loss';

/**
 * Shares of the weight bought, one a part of the way and {@link LOSS} last; each zero or more,
 * together one.
 */
export interface Composition {
  readonly keys: readonly string[];
  readonly shares: readonly number[];
}

/** The catalogue's typical shares of a way. */
export function typicalComposition(way: Pick<Way, 'shares' | 'lossShare'>): Composition {
  return normalised([...Object.keys(way.shares), LOSS], [...Object.values(way.shares), way.lossShare]);
}

/** The same with shares that sum to one. */
export function normalised(keys: readonly string[], shares: readonly number[]): Composition {
  const total = sum(shares);
  return {
    keys,
    shares: total > 0 ? shares.map((share) => share / total) : shares.map(() => 1 / shares.length),
  };
}

/**
 * The shares after what was seen on the piece has moved them, each mark by its stated amount and
 * never below nothing.
 *
 * @example a large oval (6 % from steaks to ends) on 70 % steaks, 10 % ends: 64 % and 16 %
 */
export function withMarks(
  composition: Composition,
  kind: Pick<Kind, 'marks'>,
  marks: readonly string[],
): Composition {
  const seen = kind.marks.filter(({ id }) => marks.includes(id));
  return seen.reduce(move, composition);
}

/** A part that is not on it, or less of it: all others are more in proportion. */
function leftOut({ keys, shares }: Composition, from: readonly string[], share: number): Composition {
  const out = keys.findIndex((key) => from.includes(key));
  const moved = Math.min(share, shares[out] ?? 0);
  const others = 1 - (shares[out] ?? 0);
  if (moved <= 0 || others <= 0) return { keys, shares };
  return {
    keys,
    shares: shares.map((each, at) => (at === out ? each - moved : each * (1 + moved / others))),
  };
}

function move(composition: Composition, mark: Mark): Composition {
  const { keys, shares } = composition;
  if (mark.to === 'all')
    return mark.from === 'all' ? composition : leftOut(composition, mark.from, mark.share);
  const { to: gains } = mark;
  const to = keys.findIndex((key) => gains.includes(key));
  const [beside] = gains;
  // What no way counts among its shares (giblets in the label's weight) comes beside them, and makes them less.
  if (to < 0 && mark.from === 'all' && beside !== undefined)
    return move({ keys: [...keys, beside], shares: [...shares, 0] }, mark);
  if (to < 0) return { keys, shares };
  if (mark.from === 'all') {
    const others = 1 - (shares[to] ?? 0);
    const moved = Math.min(mark.share, others);
    return {
      keys,
      shares: shares.map((share, at) =>
        at === to ? share + moved : share * (1 - (others > 0 ? moved / others : 0)),
      ),
    };
  }
  const from = keys.findIndex((key) => mark.from.includes(key));
  if (from < 0) return { keys, shares };
  const moved = Math.min(mark.share, shares[from] ?? 0);
  return {
    keys,
    shares: shares.map((share, at) => (at === to ? share + moved : at === from ? share - moved : share)),
  };
}
