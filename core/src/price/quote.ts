import type { PriceUnit } from './price-note';
import { convert } from '../units/convert';
import { priced, type ExactMass } from '../units/exact-mass';
import type { MassDg } from '../units/mass';
import { roundHalfUp, type Minor } from '../units/money';
import type { MassUnit } from '../units/unit';

/** A price as it is asked: so many smallest coins for a unit. It stays in that unit; converting it would lose cents. */
export interface Quote {
  readonly minor: Minor;
  readonly unit: Exclude<PriceUnit, 'pack'>;
}

/** What a price by weight is asked for. */
const BY: Record<'kg' | 'lb' | '100g', readonly [units: number, unit: MassUnit]> = {
  kg: [1, 'kg'],
  lb: [1, 'lb'],
  '100g': [100, 'g'],
};

/**
 * What a till takes at a price: the weight as it is shown times the price as it is asked, rounded
 * once, half up; so much for each where it is sold by the piece.
 *
 * @param mass null where nobody has weighed it
 * @param count how many pieces
 * @returns null where the price is by weight and the weight is not known
 * @source price-computing scales, NIST Handbook 44 §2.20 (from memory)
 * @example tillTotal({ minor: 397, unit: 'lb' }, exactMass(60, 'lb'), 1) // 23820
 */
export function tillTotal({ minor, unit }: Quote, mass: ExactMass | null, count: number): Minor | null {
  if (unit === 'piece') return minor * count;
  return mass === null ? null : priced(mass, minor, ...BY[unit]);
}

/**
 * The weight that a total stands for at a price.
 *
 * @returns null for a price by the piece, and for one of nothing
 * @example massFor({ minor: 1200, unit: 'kg' }, 6000) // 50000
 */
export function massFor(quote: Quote, totalMinor: Minor): MassDg | null {
  const perKg = perKgOfQuote(quote);
  return perKg === null || perKg <= 0 ? null : roundHalfUp((totalMinor / perKg) * 10_000);
}

/** Smallest coins a kilogram, unrounded, for comparing; null for a price by the piece. */
export function perKgOfQuote({ minor, unit }: Quote): number | null {
  return unit === 'piece' ? null : minor / convert(BY[unit][0], BY[unit][1], 'kg');
}
