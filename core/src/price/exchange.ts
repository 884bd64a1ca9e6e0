import { minorDigits, roundHalfUp, type Currency, type Minor } from '../units/money';
import type { ReadLabel } from './read-label';

/** A currency in which a label is, and what one of it is worth in the household's own. */
export interface Exchange {
  readonly currency: Currency;
  readonly own: Currency;
  /** Units of the household's own for one unit of the other. */
  readonly rate: number;
}

/**
 * How many of the household's smallest coins one smallest coin of the other currency is.
 *
 * @example one pound is 1.17 euros: a penny is 1.17 cents; one euro is 162 yen, which have no coins: 1.62 yen
 */
export function coinsFor({ currency, own, rate }: Exchange): number {
  return rate * 10 ** (minorDigits(own) - minorDigits(currency));
}

/** A label in another currency as the household counts: each amount is changed, and rounded once. */
export function exchanged(read: ReadLabel, exchange: Exchange): ReadLabel {
  const coins = coinsFor(exchange);
  const change = (minor: Minor): Minor => roundHalfUp(minor * coins);
  return {
    ...read,
    paidPerKgMinor: read.paidPerKgMinor === null ? null : read.paidPerKgMinor * coins,
    asked: null,
    purchase: read.purchase && {
      ...read.purchase,
      perKgMinor: change(read.purchase.perKgMinor),
      totalMinor: change(read.purchase.totalMinor),
      paidMinor: change(read.purchase.paidMinor),
    },
  };
}
