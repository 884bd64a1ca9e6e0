import { settingsOf, valuesOf, type Household } from '../journal/household';
import { meanPlateDg } from '../journal/settings';
import { shopNames } from '../journal/shop-names';
import { priceBook } from '../price/price-book';
import type { Basis } from './carriers';

/** What a household's prices and choices give the schools to count with. */
export function basisOf(household: Pick<Household, 'records'>): Basis {
  const book = priceBook(valuesOf(household, 'price'), shopNames(household));
  return {
    pricing: { book, choices: valuesOf(household, 'item') },
    plateDg: meanPlateDg(settingsOf(household)),
  };
}
