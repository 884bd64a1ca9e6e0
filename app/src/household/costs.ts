import { computed, inject, type Signal } from '@angular/core';
import { costOfLots } from '@core/cost/cost-of-lots';
import type { LotCost } from '@core/cost/lot-cost';
import { COST_METHODS } from '@core/cost/method';
import type { LotId } from '@core/ledger/lot';
import { HouseholdStore } from './household-store';

type Costs = Signal<ReadonlyMap<LotId, LotCost>>;

/** One for each household that is open. */
const known = new WeakMap<object, Costs>();

/**
 * What every lot cost, under the household's method: every page that says what something cost asks here.
 * Not the store: the frame around the pages loads without it.
 */
export function costsOfLots(): Costs {
  const store = inject(HouseholdStore);
  const costs =
    known.get(store) ??
    computed(() => costOfLots(store.state(), COST_METHODS[store.costMethod()], store.basis()));
  known.set(store, costs);
  return costs;
}
