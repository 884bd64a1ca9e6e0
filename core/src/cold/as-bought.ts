import { animalOfKind } from '../catalogue/kinds';
import type { Entry, FactOf } from '../ledger/entry';
import { journalOf } from '../ledger/journal';
import type { Cold, ColdNow } from './cold';
import { clocksOf, type ClockRequest } from './household-clocks';

/**
 * Until when a piece would keep if it were bought so: asked at the counter, where a short date decides.
 *
 * @example a chicken with a use-by of tomorrow: cookBy tomorrow
 */
export function coldAsBought(
  fact: FactOf<'received'>,
  now: ColdNow,
  request: Pick<ClockRequest, 'settings' | 'dayOf'>,
): Cold | null {
  const entry: Entry = { ...fact, id: '-', at: now.instant, device: '-', seq: 0 };
  const { state } = journalOf([entry], animalOfKind);
  const lot = state.lots.get(fact.lot);
  return lot ? clocksOf({ ...request, state, places: new Map() }).at(lot, now) : null;
}
