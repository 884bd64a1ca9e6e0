import { bonelessShare, type Plate } from '@core/cost/plates';
import type { PartPrediction } from '@core/yield/prediction';

/**
 * How many packs of the household's size a part makes, bone taken out, and skin where it is left; one at least.
 *
 * @param pack the meat in a pack
 */
export function packsOf({ part, destination, massDg }: PartPrediction, kind: string, pack: Plate): number {
  const meatDg = destination ? massDg * bonelessShare({ kind, part, destination }, pack.skin) : 0;
  return Math.max(1, Math.round(meatDg / pack.dg));
}
