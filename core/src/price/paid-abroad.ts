import type { EntryOf } from '../ledger/entry';
import { boughtTogether, purchaseTotals } from '../ledger/bought-together';
import type { Journal } from '../ledger/journal';
import type { Lot } from '../ledger/lot';
import { roundHalfUp, type Currency } from '../units/money';
import { coinsFor } from './exchange';

/** What the label of a piece said in another currency, and the rate at which it was turned into the household's. */
export type PaidAbroad = NonNullable<EntryOf<'received'>['foreign']>;

/**
 * What was paid for a piece in another currency: to tell where its price comes from.
 *
 * @param own the household's currency
 * @returns null where it was bought in the household's own, and where what was paid was put right
 *   since, so that the two no longer agree
 * @example a piece for £58.00 at 1.17, which the household counts as €67.86:
 *   { currency: 'GBP', minor: 5800, rate: 1.17 }
 */
export function paidAbroad(journal: Journal, piece: Lot, own: Currency): PaidAbroad | null {
  const entry = journal.entries.find(({ id }) => id === piece.came);
  if (entry?.type !== 'received' || !entry.foreign) return null;
  const { currency, minor, rate } = entry.foreign;
  const paidMinor = roundHalfUp(minor * coinsFor({ currency, own, rate }));
  const whole = purchaseTotals(boughtTogether(journal.state, piece));
  return paidMinor === whole.paidMinor ? entry.foreign : null;
}
