import type { Lot } from '../ledger/lot';
import type { IsoDate } from '../units/date';
import { roundHalfUp, type Minor } from '../units/money';
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
 * not buy counts as nothing.
 */
export function shopWorth(lots: readonly Lot[], pricing: Pricing, on: IsoDate): ShopWorth {
  let [minor, isComplete] = [0, true];
  for (const lot of lots) {
    const price = partPrice(pricing, lot, lot.destination, on);
    if (price.state === 'known') minor += roundHalfUp((price.perKgMinor * lot.leftDg) / 10_000);
    else if (isGap(price, lot.destination)) isComplete = false;
  }
  return { minor, isComplete };
}
