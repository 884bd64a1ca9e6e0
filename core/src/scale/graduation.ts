import { convert } from '../units/convert';

/** Steps that household scales show, by name, in tenths of a gram; not whole ones where the step is not metric. */
export const GRADUATIONS = {
  '1 g': 10,
  '0.01 lb': convert(0.01, 'lb', 'g') * 10,
  '1/8 oz': convert(0.125, 'oz', 'g') * 10,
} as const;

export type Graduation = keyof typeof GRADUATIONS;

/** A mass as a scale with this step shows it, in tenths of a gram (not rounded to whole ones). */
export function toGraduation(massDg: number, graduationDg: number): number {
  return Math.round(massDg / graduationDg) * graduationDg;
}
