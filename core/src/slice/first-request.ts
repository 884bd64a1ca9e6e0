import { mean } from 'd3-array';
import { kindById } from '../catalogue/kinds';
import type { Lot } from '../ledger/lot';
import { slicesRequestSchema, type SlicesRequest } from './slices-request';
import { usualLog } from './usual-log';
import type { Appetite } from './demand';
import { usualPlates, usualWish } from './usual-wish';

/** What weighs nothing yet is planned as two kilograms, and nothing lighter than this is a log. */
const [UNKNOWN_G, LEAST_G] = [2000, 100];

/** As which kind a piece is drawn and sliced: its own, or the one that it was copied from. */
export function slicedAs(piece: Pick<Lot, 'kind'> | undefined): string | null {
  const kind = kindById(piece?.kind ?? null);
  return kind?.drawnAs ?? kind?.id ?? null;
}

/**
 * A first request for a piece: its usual shape, scaled to what lies on the board; a steak for each
 * eater where that comes out, else slices as the kind's usually are.
 *
 * @param eaters who eats of it, and how much
 */
export function firstRequest(piece: Lot | undefined, eaters: readonly Appetite[]): SlicesRequest {
  const kind = slicedAs(piece);
  const massG = Math.max(LEAST_G, piece ? piece.leftDg / 10 : UNKNOWN_G);
  const log = usualLog(kind, massG, null);
  const way = piece?.way ?? null;
  const plateG = mean(eaters, (eater) => eater.plateG) ?? null;
  const { targetG, ...limits } = usualWish(kind, way, log, plateG);
  const kinds = usualPlates(kind, way, log, eaters);
  const wish = kinds.length > 0 ? { by: 'mix', kinds } : { by: 'weight', targetG };
  return slicesRequestSchema.parse({ ...log, ...limits, wish });
}
