import type { Uniform } from './random';

/**
 * A source of standard normal numbers: Marsaglia's polar method, whose pairs are both used.
 *
 * @source G. Marsaglia, T. Bray, SIAM Review 6 (1964) (from memory)
 */
export function normals(uniform: Uniform): () => number {
  let spare = NaN;
  return () => {
    if (spare === spare) {
      const value = spare;
      spare = NaN;
      return value;
    }
    let [u, v, s] = [0, 0, 0];
    do {
      u = 2 * uniform() - 1;
      v = 2 * uniform() - 1;
      s = u * u + v * v;
    } while (s >= 1 || s === 0);
    const scale = Math.sqrt((-2 * Math.log(s)) / s);
    spare = v * scale;
    return u * scale;
  };
}
