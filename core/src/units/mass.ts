import { convert } from './convert';
import type { MassUnit } from './unit';

/**
 * A mass as whole tenths of a gram (decigrams), the one grain of the journal: sums are exact.
 * Fields that hold one end in `Dg`.
 */
export type MassDg = number;

/** 500 kg: more than any household's piece, and far inside exact arithmetic. */
export const MOST_DG: MassDg = 5_000_000;

/**
 * Rounds a quantity to the journal's grain, half up.
 *
 * @example toDg(4.32, 'lb') // 19595, which is 1.9595 kg
 */
export function toDg(value: number, unit: MassUnit): MassDg {
  return Math.round(convert(value, unit, 'g') * 10);
}

/**
 * A journal mass as a number in a unit, unrounded.
 *
 * @example fromDg(19595, 'kg') // 1.9595
 */
export function fromDg(massDg: MassDg, unit: MassUnit): number {
  return convert(massDg / 10, 'g', unit);
}
