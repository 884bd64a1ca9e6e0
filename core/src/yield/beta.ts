/** Lanczos approximation (g = 7, 9 terms), for arguments above 0; accurate to about 1e-14. */
const LANCZOS = [
  0.99999999999980993, 676.5203681218851, -1259.1392167224028, 771.32342877765313, -176.61502916214059,
  12.507343278686905, -0.13857109526572012, 9.9843695780195716e-6, 1.5056327351493116e-7,
] as const;

function logGamma(x: number): number {
  const z = x - 1;
  const t = z + 7.5;
  let sum: number = LANCZOS[0];
  for (let i = 1; i < LANCZOS.length; i++) sum += (LANCZOS[i] ?? 0) / (z + i);
  return 0.5 * Math.log(2 * Math.PI) + (z + 0.5) * Math.log(t) - t + Math.log(sum);
}

/**
 * The chance that a Beta(a, b) share is at most x: the regularised incomplete beta function.
 *
 * @param x 0 to 1
 * @param a above 0
 * @param b above 0
 * @source continued fraction by Lentz's method: Numerical Recipes §6.4 (from memory)
 * @example betaCdf(0.5, 2, 2) // 0.5
 */
export function betaCdf(x: number, a: number, b: number): number {
  if (x <= 0) return 0;
  if (x >= 1) return 1;
  const front = Math.exp(logGamma(a + b) - logGamma(a) - logGamma(b) + a * Math.log(x) + b * Math.log1p(-x));
  return x < (a + 1) / (a + b + 2)
    ? (front * fraction(x, a, b)) / a
    : 1 - (front * fraction(1 - x, b, a)) / b;
}

const TINY = 1e-300;
const notZero = (value: number): number => (Math.abs(value) < TINY ? TINY : value);

function fraction(x: number, a: number, b: number): number {
  let c = 1;
  let d = 1 / notZero(1 - ((a + b) * x) / (a + 1));
  let result = d;
  for (let m = 1; m < 1000; m++) {
    const even = (m * (b - m) * x) / ((a + 2 * m - 1) * (a + 2 * m));
    const odd = (-(a + m) * (a + b + m) * x) / ((a + 2 * m) * (a + 2 * m + 1));
    for (const term of [even, odd]) {
      d = 1 / notZero(1 + term * d);
      c = notZero(1 + term / c);
      result *= d * c;
    }
    if (Math.abs(d * c - 1) < 1e-15) break;
  }
  return result;
}

/**
 * The share that a Beta(a, b) share stays below with a given chance.
 *
 * @param p 0 to 1
 * @param a above 0; a share that is always nothing (a = 0) has all its quantiles at 0
 * @param b above 0; likewise at 1
 * @source Newton's method on {@link betaCdf} with its density, halving where that would leave what is
 *   known to hold the answer; to 1e-12
 * @example betaQuantile(0.5, 2, 2) // 0.5
 */
export function betaQuantile(p: number, a: number, b: number): number {
  if (!(a > 0)) return 0;
  if (!(b > 0)) return 1;
  const logBeta = logGamma(a) + logGamma(b) - logGamma(a + b);
  let [low, high, x] = [0, 1, a / (a + b)];
  for (let step = 0; step < 100 && high - low > 1e-12; step++) {
    const tooMuch = betaCdf(x, a, b) - p;
    if (tooMuch < 0) low = x;
    else high = x;
    const density = Math.exp((a - 1) * Math.log(x) + (b - 1) * Math.log1p(-x) - logBeta);
    const next = x - tooMuch / density;
    const isInside = next > low && next < high;
    if (isInside && Math.abs(next - x) < 1e-13) return next;
    x = isInside ? next : (low + high) / 2;
  }
  return x;
}
