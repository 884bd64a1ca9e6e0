import type { Freezing } from '../cold/freezing-time';

const CELLS = 20;
/** Powers of the radius in the area of a shell. */
const SHELL = { slab: 0, cylinder: 1, sphere: 2 } as const;

/**
 * Freezing time by a fine one-dimensional enthalpy simulation: explicit finite volumes from the
 * middle to the surface. Ice grows as 1 − freezing point ÷ temperature, conductivity with it; latent
 * heat and frozen conductivity are those at the end temperature, as such values are measured.
 *
 * @returns hours until the middle is at the end temperature
 */
export function simulatedHours({ shape, thicknessMm, startC, airC, endC, h, meat }: Freezing): number {
  const { densityKgM3: rho, freezingC, frozenConductivity, unfrozenConductivity } = meat;
  const atEnd = 1 - freezingC / endC;
  const [cu, cf, latent] = [
    meat.unfrozenKjKgK * 1000,
    meat.frozenKjKgK * 1000,
    (meat.latentKjKg * 1000) / atEnd,
  ];
  const dx = thicknessMm / 2000 / CELLS;
  const power = SHELL[shape];
  const ice = (c: number): number => (c < freezingC ? 1 - freezingC / c : 0);
  const enthalpy = (c: number): number =>
    c >= freezingC ? cu * (c - freezingC) : cf * (c - freezingC) - latent * ice(c);
  const celsius = (e: number): number => {
    if (e >= 0) return freezingC + e / cu;
    // cf·(T − Tf) − L·(1 − Tf/T) = e is a quadratic in T.
    const [a, b, c] = [cf, -cf * freezingC - latent - e, latent * freezingC];
    return (-b - Math.sqrt(b * b - 4 * a * c)) / (2 * a);
  };
  const conductivity = (c: number): number =>
    unfrozenConductivity + ((frozenConductivity - unfrozenConductivity) * ice(c)) / atEnd;
  const area = (x: number): number => x ** power;
  const volume = Array.from(
    { length: CELLS },
    (_, k) => (((k + 1) * dx) ** (power + 1) - (k * dx) ** (power + 1)) / (power + 1),
  );
  const e = new Float64Array(CELLS).fill(enthalpy(startC));
  const t = new Float64Array(CELLS).fill(startC);
  const dt = (0.2 * dx * dx * rho * cf) / frozenConductivity;
  for (let seconds = 0; seconds < 3600 * 2000; seconds += dt) {
    if (t[0]! <= endC) return seconds / 3600;
    let inward = 0;
    for (let k = CELLS - 1; k >= 0; k--) {
      const x = k * dx;
      const outer =
        k === CELLS - 1
          ? (area((k + 1) * dx) * (t[k]! - airC)) / (1 / h + dx / 2 / conductivity(t[k]!))
          : inward;
      const between =
        k === 0
          ? 0
          : (area(x) * (t[k - 1]! - t[k]!) * ((conductivity(t[k - 1]!) + conductivity(t[k]!)) / 2)) / dx;
      e[k]! += ((between - outer) * dt) / (rho * volume[k]!);
      inward = between;
    }
    for (let k = 0; k < CELLS; k++) t[k] = celsius(e[k]!);
  }
  return Infinity;
}
