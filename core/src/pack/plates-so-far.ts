import { sum } from 'd3-array';
import { platesIn, type Plate } from '../cost/plates';
import type { Lot } from '../ledger/lot';

/**
 * How many plates of this household what came off so far makes: usable meat without its bone,
 * over the mean plate.
 *
 * @param plate an average plate of the household
 * @example 3.5 kg of shoulder, 83 % usable, plates of 225 g: 12.9
 */
export function platesSoFar(
  cuts: readonly Pick<Lot, 'kind' | 'part' | 'destination' | 'inDg'>[],
  plate: Plate,
): number {
  if (plate.dg <= 0) return 0;
  return sum(cuts, (cut) => platesIn(cut, cut.inDg, plate));
}
