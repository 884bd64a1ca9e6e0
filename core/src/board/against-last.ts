import { mean } from 'd3-array';
import type { Composition } from '../yield/composition';

/** So many pieces are remembered; older ones were bought and cut otherwise. */
const REMEMBERED = 4;
/** Two pieces are chance; less than so many points is no difference. */
const [ENOUGH_PIECES, TELLING] = [2, 0.02];

/** How a part of the piece on the board compares with the household's last ones. */
export interface AgainstLast {
  readonly pieces: number;
  /** Its mean share of their weight. */
  readonly share: number;
  /** So much more of it this time, as a share of the weight; less than zero: less. */
  readonly more: number;
}

/**
 * What the last pieces say of a part: "your last four had 3 points less fat".
 *
 * @param past what the household's finished pieces of this way gave, oldest first
 * @param share what came off as this part so far, of the weight bought
 * @param isAll whether no more of it is expected: having less says nothing before
 * @returns null where there is nothing to tell
 * @example 17 % fat where the last four had 14 % on average: { pieces: 4, share: 0.14, more: 0.03 }
 */
export function againstLast(
  past: readonly Composition[],
  part: string,
  share: number,
  isAll: boolean,
): AgainstLast | null {
  const shares = past
    .slice(-REMEMBERED)
    .flatMap(({ keys, shares: of }) => (keys.includes(part) ? [of[keys.indexOf(part)] ?? 0] : []));
  if (shares.length < ENOUGH_PIECES || share <= 0) return null;
  const usual = mean(shares) ?? 0;
  const more = share - usual;
  if (Math.abs(more) < TELLING || (more < 0 && !isAll)) return null;
  return { pieces: shares.length, share: usual, more };
}
