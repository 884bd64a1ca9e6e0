import { sum } from 'd3-array';
import type { Kind, Way } from '../catalogue/kind-schema';
import { partOf } from '../catalogue/kinds';
import { MOST_GIVEN, perPieceOf } from '../catalogue/per-piece';
import type { Lot } from '../ledger/lot';
import type { MassDg } from '../units/mass';
import type { Off } from './next-part';

/**
 * How many of a part a weight is: both thighs on the scale at once are two. Only where the animal
 * gives their number; how many steaks make a weight nobody can tell.
 *
 * @param off what came off before
 * @example a bird of 2.36 kg, 370 g of thighs: 2
 */
export function likelyCount(
  kind: Kind,
  way: Way,
  piece: Pick<Lot, 'inDg' | 'count'>,
  weighed: { readonly part: string; readonly massDg: MassDg },
  off: readonly Off[],
): number {
  const part = partOf(kind, weighed.part);
  if (part?.portion === undefined || perPieceOf(part, way) > MOST_GIVEN) return 1;
  const given = perPieceOf(part, way) * piece.count;
  const usualDg = ((way.shares[part.id] ?? 0) * piece.inDg) / given;
  const before = sum(off, (each) => (each.part === part.id ? each.count : 0));
  const likely = usualDg > 0 ? Math.round(weighed.massDg / usualDg) : 1;
  return Math.max(1, Math.min(likely, given - before));
}
