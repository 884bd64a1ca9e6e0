import { isUsable } from '../ledger/destination';
import { platesIn } from '../cost/plates';
import type { Lot } from '../ledger/lot';
import type { MassDg } from '../units/mass';

/**
 * Plates left in a pack: as counted when it was wrapped, else as many as its weight without the bone makes.
 *
 * @param plateDg what an average plate of the household weighs raw and boneless
 * @returns 0 for bones and fat
 */
export function platesOf(
  lot: Pick<Lot, 'kind' | 'part' | 'destination' | 'platesLeft' | 'leftDg'>,
  plateDg: MassDg,
): number {
  if (!isUsable(lot.destination)) return 0;
  return lot.platesLeft > 0 ? lot.platesLeft : platesIn(lot, lot.leftDg, plateDg);
}
