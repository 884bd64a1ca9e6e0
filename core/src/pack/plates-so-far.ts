import { isUsable } from '../catalogue/destination';
import { kindById, partOf } from '../catalogue/kinds';
import type { Lot } from '../journal/lot';
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
  const meatDg = cuts.reduce((sum, { kind, part, destination, inDg }) => {
    const bone = partOf(kindById(kind), part)?.bone ?? 0;
    return sum + (isUsable(destination) ? inDg * (1 - bone) : 0);
  }, 0);
  return meatDg / plateDg;
}
