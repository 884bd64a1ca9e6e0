import type { Part, Way } from './kind-schema';

/** A bird has two legs; more of a part than this are sliced, and their number is the household's choice. */
export const MOST_GIVEN = 2;

/**
 * How many portions of a part one piece usually gives, cut this way: a rack gives eight single
 * chops, or four double ones.
 */
export function perPieceOf(part: Pick<Part, 'id' | 'perPiece'>, way: Pick<Way, 'perPiece'>): number {
  return way.perPiece?.[part.id] ?? part.perPiece ?? 1;
}
