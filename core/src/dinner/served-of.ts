import type { Serving } from './meal';
import type { Lot } from '../ledger/lot';
import type { Plate } from '../cost/plates';
import { platesOf } from './plates-of';

/** Plates that come out of a pack by an amount of it. */
export function servedPlates(lot: Lot, amount: Serving['amount'], plate: Plate): number {
  const plates = platesOf(lot, plate);
  if (amount === 'all') return plates;
  if ('plates' in amount) return amount.plates;
  return lot.countLeft > 0 ? (plates * amount.count) / lot.countLeft : 0;
}

/** The share of what is left in a pack that an amount of it is. */
export function servedShare(lot: Lot, amount: Serving['amount']): number {
  if (amount === 'all') return 1;
  if ('plates' in amount) return lot.platesLeft > 0 ? amount.plates / lot.platesLeft : 1;
  return lot.countLeft > 0 ? amount.count / lot.countLeft : 1;
}
