import { kindById } from '../catalogue/kinds';
import type { Lot } from '../ledger/lot';
import { slicesRequestSchema, type SlicesRequest } from './slices-request';
import { usualLog } from './usual-log';
import { usualWish } from './usual-wish';

/** What weighs nothing yet is planned as two kilograms, and nothing lighter than this is a log. */
const [UNKNOWN_G, LEAST_G] = [2000, 100];

/** As which kind a piece is drawn and sliced: its own, or the one that it was copied from. */
export function slicedAs(piece: Pick<Lot, 'kind'> | undefined): string | null {
  const kind = kindById(piece?.kind ?? null);
  return kind?.drawnAs ?? kind?.id ?? null;
}

/**
 * A first request for a piece: its usual shape, scaled to what lies on the board.
 *
 * @param plateG what a plate of the household weighs; null where nobody eats yet
 */
export function firstRequest(piece: Lot | undefined, plateG: number | null): SlicesRequest {
  const kind = slicedAs(piece);
  const massG = Math.max(LEAST_G, piece ? piece.leftDg / 10 : UNKNOWN_G);
  const log = usualLog(kind, massG, null);
  const { targetG, ...limits } = usualWish(kind, piece?.way ?? null, log, plateG);
  return slicesRequestSchema.parse({ ...log, ...limits, wish: { by: 'weight', targetG } });
}
