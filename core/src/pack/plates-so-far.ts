import { sum } from 'd3-array';
import { platesIn } from '../cost/plates';
import type { Lot } from '../ledger/lot';
import type { MassDg } from '../units/mass';

/**
 * How many plates of this household what came off so far makes: usable meat without its bone,
 * over the mean plate.
 *
 * @param plateDg mean raw, boneless plate of the eaters
 * @example 3.5 kg of shoulder, 83 % usable, plates of 225 g: 12.9
 */
export function platesSoFar(
  cuts: readonly Pick<Lot, 'kind' | 'part' | 'destination' | 'inDg'>[],
  plateDg: MassDg,
): number {
  if (plateDg <= 0) return 0;
  return sum(cuts, (cut) => platesIn(cut, cut.inDg, plateDg));
}
