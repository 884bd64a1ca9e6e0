import type { Lot } from '../ledger/lot';
import type { IsoDate } from '../units/date';
import { roundExact, sumExact, worthAt, type ExactMinor } from '../price/rate';
import type { Minor } from '../units/money';
import { isGap, type Pricing } from './part-price';
import { partPrice } from './pile-prices';

/** What lots would cost bought cut. */
export interface ShopWorth {
  readonly minor: Minor;
  /** False where the shop's price of some of it is unknown: then it is at least that. */
  readonly isComplete: boolean;
}

/**
 * What is left of some lots would cost in the shop on a day, bought cut. What the household would
 * not buy counts as nothing. Rounded once.
 */
export function shopWorth(lots: readonly Lot[], pricing: Pricing, on: IsoDate): ShopWorth {
  const worth: ExactMinor[] = [];
  let isComplete = true;
  for (const lot of lots) {
    const price = partPrice(pricing, lot, lot.destination, on);
    if (price.state === 'known') worth.push(worthAt(lot.leftDg, price.rate));
    else if (isGap(price, lot.destination)) isComplete = false;
  }
  return { minor: roundExact(sumExact(worth)), isComplete };
}
