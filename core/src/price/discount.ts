import type { MassDg } from '../units/mass';
import { roundHalfUp, type Minor } from '../units/money';
import { labelTotal } from './label-total';

/** The ways in which shops take something off. */
export type Discount =
  | { readonly kind: 'none' }
  /** So much less for each kilogram. */
  | { readonly kind: 'per-unit'; readonly perKgMinor: Minor }
  /** So many per cent off the total. */
  | { readonly kind: 'percent'; readonly percent: number }
  /** "Save x": a fixed amount off the total. */
  | { readonly kind: 'off-total'; readonly minor: Minor }
  /** Buy so many, pay for fewer (three for two); pieces beyond a full set are paid for. */
  | { readonly kind: 'multi-buy'; readonly buy: number; readonly pay: number; readonly count: number };

/**
 * What a discount takes off a label total, to the coin: each label's arithmetic rounds half up,
 * as tills do.
 *
 * @param massDg weight of all
 * @param totalMinor the label total before it
 * @returns smallest coins, never more than the total
 * @example discountMinor({ kind: 'multi-buy', buy: 3, pay: 2, count: 3 }, 51_000, 2550) // 850
 */
export function discountMinor(discount: Discount, massDg: MassDg, totalMinor: Minor): Minor {
  return Math.min(totalMinor, takenOff(discount, massDg, totalMinor));
}

function takenOff(discount: Discount, massDg: MassDg, totalMinor: Minor): Minor {
  switch (discount.kind) {
    case 'none':
      return 0;
    case 'per-unit':
      return labelTotal(massDg, discount.perKgMinor);
    case 'percent':
      return roundHalfUp((totalMinor * discount.percent) / 100);
    case 'off-total':
      return discount.minor;
    case 'multi-buy':
      return roundHalfUp(
        (totalMinor * Math.floor(discount.count / discount.buy) * (discount.buy - discount.pay)) /
          Math.max(1, discount.count),
      );
  }
}
