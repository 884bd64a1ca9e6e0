import { bonelessShare } from '@core/cost/plates';
import type { PartPrediction } from '@core/yield/prediction';

/**
 * How many packs of the household's size a part makes, bone taken out; one at least.
 *
 * @param packDg boneless meat in a pack
 */
export function packsOf({ part, destination, massDg }: PartPrediction, kind: string, packDg: number): number {
  const meatDg = destination ? massDg * bonelessShare({ kind, part, destination }) : 0;
  return Math.max(1, Math.round(meatDg / packDg));
}
