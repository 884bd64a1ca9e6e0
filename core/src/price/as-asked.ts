import { roundHalfUp } from '../units/money';
import type { Asked, PriceNote } from './price-note';
import { perKg, rateAsked } from './rate';

/**
 * A price as a note carries it: as it was asked, and a kilogram in whole coins beside it for who reads
 * only that.
 *
 * @returns null for a piece or a pack of which nobody knows the weight
 * @example asAsked({ minor: 849, unit: 'lb' }) // { perKgMinor: 1872, asked: { minor: 849, unit: 'lb' } }
 */
export function asAsked(asked: Asked): Pick<PriceNote, 'perKgMinor' | 'asked'> | null {
  const rate = rateAsked(asked);
  return rate && { perKgMinor: Math.max(1, roundHalfUp(perKg(rate))), asked };
}
