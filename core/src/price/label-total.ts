import { fromDg, type MassDg } from '../units/mass';
import { roundHalfUp, type Minor } from '../units/money';

/**
 * What a label says: weight times unit price, rounded half up to the smallest coin.
 *
 * @param perKgMinor smallest coins a kilogram
 * @source price-computing scales, NIST Handbook 44 §2.20 (from memory)
 * @example labelTotal(54200, 1390) // 7534: 5.420 kg at 13.90
 */
export function labelTotal(massDg: MassDg, perKgMinor: Minor): Minor {
  return roundHalfUp(fromDg(massDg, 'kg') * perKgMinor);
}

/**
 * The price a kilogram that a total stands for, in smallest coins, rounded half up.
 *
 * @param massDg more than zero
 * @example unitPrice(54200, 7534) // 1390
 */
export function unitPrice(massDg: MassDg, totalMinor: Minor): Minor {
  return roundHalfUp(totalMinor / fromDg(massDg, 'kg'));
}
