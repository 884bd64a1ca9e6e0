import type { Kind, Way } from '../catalogue/kind-schema';
import { partOf } from '../catalogue/kinds';
import { perPieceOf } from '../catalogue/per-piece';
import type { Lot } from '../ledger/lot';
import { normals } from '../units/normals';
import type { MassDg } from '../units/mass';
import type { Uniform } from '../units/random';
import { partsInTurn } from './parts-in-turn';

/** How much one portion differs from the next, and one part from its usual share. */
const SPREAD = { portion: 0.07, part: 0.06 };
/** Less than this cannot be told from nothing on a kitchen scale. */
const LEAST_DG = 50;

type Piece = Pick<Lot, 'inDg' | 'leftDg' | 'count'>;

/**
 * Meat that is not there, to try the bench without a scale: what the next part, or the next
 * portion of it, could weigh. Never more than is left.
 *
 * @param part null for the drained piece
 */
export function virtualMassDg(
  kind: Kind,
  way: Way,
  piece: Piece,
  part: string | null,
  uniform: Uniform,
): MassDg {
  const normal = normals(uniform);
  if (part === null) return Math.round(piece.inDg * (1 - way.lossShare * (0.5 + 0.3 * uniform())));
  const known = partOf(kind, part);
  const perPiece = known ? perPieceOf(known, way) : 1;
  const acts = partsInTurn(kind, way).filter((act) => act.part === part).length;
  const usual =
    ((way.shares[part] ?? 0.02) * piece.inDg) / (known?.portion ? perPiece * piece.count : Math.max(1, acts));
  const drawn = usual * (1 + normal() * (known?.portion ? SPREAD.portion : SPREAD.part));
  return Math.max(LEAST_DG, Math.min(piece.leftDg, Math.round(drawn)));
}
