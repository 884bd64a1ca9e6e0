/** In some places the size of a bird is sold as a number: so many hundred grams (common practice). */
const GRAMS = 100;

/**
 * The weight that a bird's number stands for.
 *
 * @returns grams
 * @example birdNumberToG(14) // 1400
 */
export function birdNumberToG(number: number): number {
  return number * GRAMS;
}

/**
 * A size as it is written on a bird or typed: "size 14", "no. 14", "#14".
 *
 * @returns the number; null for anything else
 */
export function parseBirdNumber(text: string): number | null {
  const digits = /^\s*(?:size|no\.?|nr\.?|number|#)\s*(\d{1,3})\s*$/i.exec(text)?.[1];
  return digits === undefined || Number(digits) === 0 ? null : Number(digits);
}

/**
 * The number that a bird of this weight is sold under: numbers are whole, the nearest counts.
 *
 * @example gToBirdNumber(1440) // 14
 */
export function gToBirdNumber(massG: number): number {
  return Math.round(massG / GRAMS);
}
