import { isUsable } from '../catalogue/destination';
import type { Lot } from '../journal/lot';
import type { MassDg } from '../units/mass';

/**
 * Plates left in a pack: as counted when it was wrapped, else as many as its weight makes.
 *
 * @param plateDg what an average plate of the household weighs raw
 * @returns 0 for bones and fat
 */
export function platesOf(lot: Pick<Lot, 'destination' | 'platesLeft' | 'leftDg'>, plateDg: MassDg): number {
  if (!isUsable(lot.destination)) return 0;
  return lot.platesLeft > 0 ? lot.platesLeft : lot.leftDg / plateDg;
}
