import { isUsable } from '../ledger/destination';
import { platesIn, type Plate } from '../cost/plates';
import type { Lot } from '../ledger/lot';

/**
 * Plates left in a pack: as counted when it was wrapped, else as many as its weight without the bone makes.
 *
 * @param plate an average plate of the household
 * @returns 0 for bones and fat
 */
export function platesOf(
  lot: Pick<Lot, 'kind' | 'part' | 'destination' | 'platesLeft' | 'leftDg'>,
  plate: Plate,
): number {
  if (!isUsable(lot.destination)) return 0;
  return lot.platesLeft > 0 ? lot.platesLeft : platesIn(lot, lot.leftDg, plate);
}
