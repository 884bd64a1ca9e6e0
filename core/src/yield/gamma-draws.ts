import type { Uniform } from '../units/random';

/**
 * One Gamma(shape, 1) number.
 *
 * @param shape above 0; 0 gives 0
 * @source G. Marsaglia, W. W. Tsang, ACM Transactions on Mathematical Software 26 (2000) (from memory)
 */
export function drawGamma(shape: number, uniform: Uniform, normal: () => number): number {
  if (!(shape > 0)) return 0;
  if (shape < 1)
    return drawGamma(shape + 1, uniform, normal) * Math.pow(uniform() || Number.MIN_VALUE, 1 / shape);
  const d = shape - 1 / 3;
  const c = 1 / Math.sqrt(9 * d);
  for (;;) {
    const x = normal();
    const root = 1 + c * x;
    if (root <= 0) continue;
    const v = root * root * root;
    const u = uniform();
    const x2 = x * x;
    if (u < 1 - 0.0331 * x2 * x2 || Math.log(u) < 0.5 * x2 + d * (1 - v + Math.log(v))) return d * v;
  }
}
