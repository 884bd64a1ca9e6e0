import { sum } from 'd3-array';
import type { Kind, Way } from '../catalogue/kind-schema';
import { partOf } from '../catalogue/kinds';
import { MOST_GIVEN, perPieceOf } from '../catalogue/per-piece';
import type { Lot } from '../ledger/lot';
import { DONE, type Off } from './next-part';

/**
 * The part that is packed now and goes on: what comes off goes into pack after pack, until as many of
 * it are there as the animal gives, or its usual weight is.
 *
 * @param off what came off so far, in the order of weighing
 * @returns null where it is all there, and the way goes on
 * @example 4 birds, two packs of two thighs: 'thighs', for eight come of them
 */
export function stillInHand(
  kind: Kind,
  way: Way,
  piece: Pick<Lot, 'inDg' | 'count' | 'leftDg'>,
  off: readonly Off[],
): string | null {
  const part = off.at(-1)?.part ?? '';
  const [known, share] = [partOf(kind, part), way.shares[part] ?? 0];
  if (!known || share === 0 || piece.leftDg === 0) return null;
  const own = off.filter((each) => each.part === part);
  const given =
    perPieceOf(known, way) <= MOST_GIVEN && known.portion !== undefined ? perPieceOf(known, way) : null;
  const isThere =
    given === null
      ? sum(own, ({ massDg }) => massDg) >= DONE * share * piece.inDg
      : sum(own, ({ count }) => count) >= given * piece.count;
  return isThere ? null : part;
}
