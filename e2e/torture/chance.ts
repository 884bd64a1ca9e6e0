import { mangled } from '@core/testing/mangled';
import { seededUniform } from '@core/units/random';

/** Whole numbers below a bound, always the same of a seed. */
export type Chance = (below: number) => number;

export function chance(seed: number): Chance {
  const random = seededUniform(seed);
  return (below) => Math.floor(random() * below);
}

/** Of so many files one is cut off as well. */
const CUT_IN = 10;

/** A file that something happened to, one to three times; the n-th of many. */
export function mangledBy(number: Chance, good: string, n: number): string {
  const blow = () => ({ where: number(1e9), how: number(1e9), what: number(1e9) });
  const blows = Array.from({ length: 1 + number(3) }, blow);
  return mangled(good, blows, n % CUT_IN === 0 ? number(1e9) : null);
}
