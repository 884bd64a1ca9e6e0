import type { PriceNote } from '../price/price-note';
import { perKg, rateOf } from '../price/rate';
import type { Format } from './format';

/** A price that was noted, exactly as it was asked, in the unit the household knows. */
export function notedPrice(note: Pick<PriceNote, 'perKgMinor' | 'asked'>, format: Format): string {
  return format.perUnit(perKg(rateOf(note)));
}
