import { settingsOf, valuesOf, type Household } from '../records/household';
import { plateOf } from '../pack/eater';
import { shopNames } from '../records/shop-names';
import type { LotId } from '../ledger/lot';
import { takenBackPieces } from '../ledger/taken-back';
import { priceBook } from '../price/price-book';
import type { CostBasis } from '../cost/carriers';

/** What a household's prices and choices give the methods to count with. */
export function basisOf(household: Pick<Household, 'records' | 'journal'>): CostBasis {
  return basisWithout(household, takenBackPieces(household.journal));
}

/**
 * The same, for who knows already which purchases were taken back: a price that came with one goes and
 * comes with it.
 */
export function basisWithout(
  household: Pick<Household, 'records'>,
  takenBack: ReadonlySet<LotId>,
): CostBasis {
  const noted = [...valuesOf(household, 'price')].filter(([, { lot }]) => !takenBack.has(lot ?? ''));
  const book = priceBook(new Map(noted), shopNames(household));
  return {
    pricing: { book, choices: valuesOf(household, 'item') },
    plate: plateOf(settingsOf(household)),
    isByPound: settingsOf(household).system === 'imperial',
    closed: valuesOf(household, 'basis'),
    wishes: valuesOf(household, 'wish'),
  };
}
