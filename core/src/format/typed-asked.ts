import { MOST_ASKED, type Asked } from '../price/price-note';
import { typedPrice } from '../price/typed-price';
import type { Format } from './format';

/**
 * A typed price above nothing, as it is asked: for the household's unit where none is written behind it.
 *
 * @returns null where it is none, or more than meat costs
 * @example typedAsked('8.49', format of pounds and dollars) // { minor: 849, unit: 'lb' }
 */
export function typedAsked(text: string, format: Pick<Format, 'style' | 'priceUnit'>): Asked | null {
  const price = typedPrice(text, format.style());
  const isPrice = price !== null && price.minor > 0 && price.minor <= MOST_ASKED;
  return isPrice ? { minor: price.minor, unit: price.unit ?? format.priceUnit() } : null;
}
