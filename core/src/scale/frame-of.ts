import type { Reading } from './reading';

/**
 * A reading as a scale's line, in grams: what the practice scale on the server sends, and what
 * {@link readFrame} reads back.
 *
 * @example frameOf({ massDg: 3720, isStable: true, … }) // "ST,GS,+   372.0 g"
 */
export function frameOf({
  massDg,
  isStable,
  isOverload,
}: Pick<Reading, 'massDg' | 'isStable' | 'isOverload'>): string {
  if (isOverload) return 'OL';
  const figure = Math.abs(massDg / 10)
    .toFixed(1)
    .padStart(7);
  return `${isStable ? 'ST' : 'US'},GS,${massDg < 0 ? '-' : '+'}${figure} g`;
}
