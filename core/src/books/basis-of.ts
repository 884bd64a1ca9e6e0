import { settingsOf, valuesOf, type Household } from '../records/household';
import { plateOf } from '../pack/eater';
import { shopNames } from '../records/shop-names';
import { priceBook } from '../price/price-book';
import type { CostBasis } from '../cost/carriers';

/** What a household's prices and choices give the methods to count with. */
export function basisOf(household: Pick<Household, 'records'>): CostBasis {
  const book = priceBook(valuesOf(household, 'price'), shopNames(household));
  return {
    pricing: { book, choices: valuesOf(household, 'item') },
    plate: plateOf(settingsOf(household)),
    isByPound: settingsOf(household).system === 'imperial',
    closed: valuesOf(household, 'basis'),
    wishes: valuesOf(household, 'wish'),
  };
}
