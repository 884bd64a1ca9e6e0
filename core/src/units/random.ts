/** Evenly distributed numbers in [0, 1), one a call. */
export type Uniform = () => number;

/**
 * A seeded source of uniform numbers: the same seed gives the same numbers on every machine.
 *
 * @param seed any whole number
 * @source sfc32, C. Doty-Humphrey, PractRand (public domain; from memory)
 * @example seededUniform(1)() === seededUniform(1)() // true
 */
export function seededUniform(seed: number): Uniform {
  let [a, b, c, counter] = [0x9e3779b9, 0x243f6a88, seed | 0, 1];
  const next = (): number => {
    const sum = (((a + b) | 0) + counter) | 0;
    counter = (counter + 1) | 0;
    a = b ^ (b >>> 9);
    b = (c + (c << 3)) | 0;
    c = (((c << 21) | (c >>> 11)) + sum) | 0;
    return (sum >>> 0) / 4294967296;
  };
  for (let warmUp = 0; warmUp < 15; warmUp++) next();
  return next;
}
