import { exactMass } from '../units/exact-mass';
import { roundHalfUp, type Minor } from '../units/money';
import type { CompletePurchase } from './complete-purchase';
import { tillTotal, type Quote } from './quote';

/** The ways in which shops take something off. */
export type Discount =
  | { readonly kind: 'none' }
  /** So much less for each kilogram, pound or piece. */
  | { readonly kind: 'per-unit'; readonly quote: Quote }
  /** So many per cent off the total. */
  | { readonly kind: 'percent'; readonly percent: number }
  /** "Save x": a fixed amount off the total. */
  | { readonly kind: 'off-total'; readonly minor: Minor }
  /** A new sticker over the old one: so much in all, as its date is short. */
  | { readonly kind: 'reduced'; readonly minor: Minor }
  /** Buy so many, pay for fewer (three for two); pieces beyond a full set are paid for. */
  | { readonly kind: 'multi-buy'; readonly buy: number; readonly pay: number };

/**
 * What a discount takes off a label total, to the coin: each label's arithmetic rounds half up,
 * as tills do.
 *
 * @param count how many pieces
 * @returns smallest coins, never more than the total
 * @example three pieces for two, 25.50 in all: 8.50
 */
export function discountMinor(discount: Discount, purchase: CompletePurchase, count: number): Minor {
  return Math.min(purchase.totalMinor, takenOff(discount, purchase, count));
}

function takenOff(
  discount: Discount,
  { exact, massDg, totalMinor }: Pick<CompletePurchase, 'exact' | 'massDg' | 'totalMinor'>,
  count: number,
): Minor {
  switch (discount.kind) {
    case 'none':
      return 0;
    case 'per-unit':
      return tillTotal(discount.quote, exact ?? exactMass(massDg / 10, 'g'), count) ?? 0;
    case 'percent':
      return roundHalfUp((totalMinor * discount.percent) / 100);
    case 'off-total':
      return discount.minor;
    case 'reduced':
      return Math.max(0, totalMinor - discount.minor);
    case 'multi-buy':
      return roundHalfUp(
        (totalMinor * Math.floor(count / discount.buy) * (discount.buy - discount.pay)) / Math.max(1, count),
      );
  }
}
