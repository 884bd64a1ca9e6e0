/** One cubic between two stations: value(x) = a + b·s + c·s² + d·s³ with s = x − from. */
export interface CubicPiece {
  readonly from: number;
  readonly to: number;
  readonly a: number;
  readonly b: number;
  readonly c: number;
  readonly d: number;
}

/**
 * A smooth curve through points that rises only where they rise: no bulge that nobody measured.
 *
 * @param xs strictly increasing, two at least
 * @source F. N. Fritsch, R. E. Carlson, SIAM J. Numer. Anal. 17 (1980) (from memory)
 * @example through (0,1) and (2,3): the straight line 1 + s
 */
export function monotoneCubic(xs: readonly number[], ys: readonly number[]): CubicPiece[] {
  const n = xs.length - 1;
  const at = (values: readonly number[], index: number): number => values[index] as number;
  const steps = Array.from({ length: n }, (_, k) => at(xs, k + 1) - at(xs, k));
  const secants = steps.map((step, k) => (at(ys, k + 1) - at(ys, k)) / step);
  const slopes = xs.map((_, k) => {
    if (k === 0) return at(secants, 0);
    if (k === n) return at(secants, n - 1);
    return at(secants, k - 1) * at(secants, k) <= 0 ? 0 : (at(secants, k - 1) + at(secants, k)) / 2;
  });
  for (let k = 0; k < n; k++) limit(slopes, k, at(secants, k));
  return steps.map((step, k) => {
    const [m0, m1, secant] = [at(slopes, k), at(slopes, k + 1), at(secants, k)];
    return {
      from: at(xs, k),
      to: at(xs, k + 1),
      a: at(ys, k),
      b: m0,
      c: (3 * secant - 2 * m0 - m1) / step,
      d: (m0 + m1 - 2 * secant) / (step * step),
    };
  });
}

/** Holds both ends of an interval inside the circle in which the cubic is monotone. */
function limit(slopes: number[], k: number, secant: number): void {
  if (secant === 0) {
    slopes[k] = 0;
    slopes[k + 1] = 0;
    return;
  }
  const [alpha, beta] = [(slopes[k] as number) / secant, (slopes[k + 1] as number) / secant];
  const size = alpha * alpha + beta * beta;
  if (size <= 9) return;
  const shrink = 3 / Math.sqrt(size);
  slopes[k] = shrink * alpha * secant;
  slopes[k + 1] = shrink * beta * secant;
}

export function valueOf({ from, a, b, c, d }: CubicPiece, x: number): number {
  const s = x - from;
  return a + s * (b + s * (c + s * d));
}
