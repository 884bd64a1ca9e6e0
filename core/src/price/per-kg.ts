import { convert } from '../units/convert';
import { fromDg, type MassDg } from '../units/mass';
import type { PriceUnit } from './price-note';
import { roundHalfUp } from '../units/money';

/**
 * The price a kilogram that a price in some unit stands for, in smallest coins.
 *
 * @param minor what is asked for one unit
 * @param eachDg mass of one piece or pack, where that is the unit
 * @returns null where a piece or pack has no weight
 * @example perKgOf(100, '100g', null) // 1000
 */
export function perKgOf(minor: number, unit: PriceUnit, eachDg: MassDg | null): number | null {
  if (unit === 'kg') return roundHalfUp(minor);
  if (unit === '100g') return roundHalfUp(minor * 10);
  if (unit === 'lb') return roundHalfUp(minor / convert(1, 'lb', 'kg'));
  return eachDg !== null && eachDg > 0 ? roundHalfUp(minor / fromDg(eachDg, 'kg')) : null;
}
