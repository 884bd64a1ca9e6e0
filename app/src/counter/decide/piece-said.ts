import type { FactOf } from '@core/ledger/entry';
import type { AnswerNow } from '../answer/answer-now';
import type { ReadyCut } from '../answer/ready-cut';
import type { AsWrapped } from '../piece/as-wrapped';
import type { PieceAsked } from '../piece/piece-asked';

/** The piece as far as it has been said, as it would be received. */
export function pieceSaid(
  piece: PieceAsked,
  wrapped: AsWrapped,
  readyCut: ReadyCut,
  answer: AnswerNow,
): FactOf<'received'> {
  return {
    type: 'received',
    lot: '-',
    kind: piece.kind()?.id ?? '',
    count: piece.pieces(),
    massDg: answer.massDg(),
    paidMinor: 0,
    shop: readyCut.shop().trim() || undefined,
    grade: piece.grade() ?? undefined,
    way: piece.wayId(),
    on: answer.on(),
    until: piece.until() || undefined,
    dated: (piece.until() && piece.dated()) || undefined,
    kept: wrapped.kept() || undefined,
  };
}
