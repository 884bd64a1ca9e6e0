import type { Profile } from './profile';

/** A knife lands this far from where it was aimed, standard deviation, in mm; common practice. */
export const KNIFE_MM = 2;
/** Width and height at a place are known to this share each; an estimate of ours. */
const MEASURE = 0.03;
/** Four times in five: this many standard deviations to either side of the middle. */
const FOUR_IN_FIVE = 1.2816;

/**
 * The weight that a slice is likely to have: both its cuts are off by some millimetres, and the
 * shape there is known only so well.
 *
 * @returns least and most in g, four times in five; never under zero
 */
export function likelyRange(
  { areaAt, massTo, densityGPerCm3 }: Profile,
  fromMm: number,
  toMm: number,
): readonly [number, number] {
  const massG = massTo(toMm) - massTo(fromMm);
  const perMm = (mm: number): number => (areaAt(mm) * densityGPerCm3) / 1000;
  const deviation = Math.sqrt(
    (perMm(fromMm) * KNIFE_MM) ** 2 + (perMm(toMm) * KNIFE_MM) ** 2 + 2 * (MEASURE * massG) ** 2,
  );
  return [Math.max(0, massG - FOUR_IN_FIVE * deviation), massG + FOUR_IN_FIVE * deviation];
}
