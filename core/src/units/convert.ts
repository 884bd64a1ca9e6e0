import { UNITS, type Unit } from './unit';

/**
 * Converts a number from one unit to another of the same dimension.
 *
 * @param value the number, in `from`
 * @returns the same quantity as a number in `to`, unrounded
 * @throws RangeError when the units measure different things
 * @example convert(1, 'lb', 'g') // 453.59237
 * @example convert(165, 'F', 'C') // 73.888…
 */
export function convert(value: number, from: Unit, to: Unit): number {
  const source: { dimension: string; factor: number; offset?: number } = UNITS[from];
  const target: { dimension: string; factor: number; offset?: number } = UNITS[to];
  if (source.dimension !== target.dimension) {
    throw new RangeError(`${from} is a ${source.dimension} and ${to} a ${target.dimension}`);
  }
  const base = (value + (source.offset ?? 0)) * source.factor;
  return base / target.factor - (target.offset ?? 0);
}
