import type { MassUnit } from './unit';

/**
 * A mass without any rounding, in femtograms (10⁻¹⁵ g): every pound and every ounce with up to six
 * decimals is a whole number of them. For prices, which a till multiplies with the weight as it is shown.
 */
export type ExactMass = bigint;

/** Femtograms in a millionth of a unit. Exact definitions: NIST SP 811. */
const FG: Record<MassUnit, bigint> = {
  g: 1_000_000_000n,
  kg: 1_000_000_000_000n,
  lb: 453_592_370_000n,
  oz: 28_349_523_125n,
};

/**
 * So much of a unit, exactly.
 *
 * @param value with up to six decimals; more are rounded
 * @example exactMass(20, 'lb') // 9071847400000000000n
 */
export function exactMass(value: number, unit: MassUnit): ExactMass {
  return BigInt(Math.round(value * 1e6)) * FG[unit];
}

/**
 * An exact mass times a price, rounded once, half up, as a price-computing scale does.
 *
 * @param minor smallest coins for so many units
 * @param units more than zero
 * @source price-computing scales, NIST Handbook 44 §2.20 (from memory)
 * @example priced(exactMass(20, 'lb'), 499, 1, 'lb') // 9980
 */
export function priced(mass: ExactMass, minor: number, units: number, unit: MassUnit): number {
  const each = exactMass(units, unit);
  const product = mass * BigInt(minor);
  return Number((2n * product + each) / (2n * each));
}
