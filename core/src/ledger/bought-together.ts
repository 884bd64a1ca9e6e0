import type { Lot } from './lot';
import type { State } from './replay';

/** A purchase as it was made, whatever was split off it since. */
export interface PurchaseTotals {
  readonly count: number;
  readonly inDg: number;
  readonly paidMinor: number;
}

/**
 * The pieces that came as one with a piece, itself among them, in the order in which they were split off.
 *
 * @example four birds of which two went another way: two lots
 */
export function boughtTogether({ lots }: Pick<State, 'lots'>, piece: Lot): readonly Lot[] {
  const together = [...lots.values()].filter(({ form, came }) => form === 'piece' && came === piece.came);
  return together.length > 0 ? together : [piece];
}

/** What they came to together: to the tenth of a gram and the coin what was bought. */
export function purchaseTotals(together: readonly Lot[]): PurchaseTotals {
  const sum = (of: (lot: Lot) => number): number => together.reduce((total, lot) => total + of(lot), 0);
  return {
    count: sum(({ count }) => count),
    inDg: sum(({ inDg }) => inDg),
    paidMinor: sum(({ paidMinor }) => paidMinor ?? 0),
  };
}
