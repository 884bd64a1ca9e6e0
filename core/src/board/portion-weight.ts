import { sum } from 'd3-array';
import type { Kind, Way } from '../catalogue/kind-schema';
import { partOf } from '../catalogue/kinds';
import { MOST_GIVEN, perPieceOf } from '../catalogue/per-piece';
import type { Lot } from '../ledger/lot';
import type { WeightAsked } from './meant-weight';
import type { Off } from './next-part';

/** More than this nobody cuts of one piece. */
const MOST = 100;

/**
 * What one portion of a part weighs on this piece: as the plan of cuts has it, else as those that are
 * off do, else its usual share through its usual number.
 *
 * @param plannedG the next slice of a plan, g; null where nothing is planned
 * @param off what came off before
 * @returns null where the part is not portions, or nobody knows its share
 * @example a strip loin of 5 kg, 70 % steaks, usually twelve of them: 2917 tenths of a gram
 */
export function portionAsked(
  kind: Kind,
  way: Way,
  piece: Pick<Lot, 'inDg' | 'count'>,
  part: string,
  off: readonly Off[],
  plannedG: number | null,
): WeightAsked['portion'] {
  const known = partOf(kind, part);
  if (known?.portion === undefined) return null;
  const own = off.filter((each) => each.part === part);
  const [count, usual] = [sum(own, (each) => each.count), perPieceOf(known, way) * piece.count];
  const offDg = sum(own, (each) => each.massDg) / Math.max(1, count);
  const massDg = (plannedG ?? 0) * 10 || offDg || ((way.shares[part] ?? 0) * piece.inDg) / usual;
  const isGiven = perPieceOf(known, way) <= MOST_GIVEN;
  return massDg > 0
    ? {
        massDg,
        name: known.portion,
        several: known.portions ?? known.portion,
        most: isGiven ? usual - count : MOST,
      }
    : null;
}
