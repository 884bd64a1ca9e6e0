import type { MeatProperties } from './meat-properties';

/** A pack, the air round it, and where it starts and ends. */
export interface Freezing {
  readonly shape: Shape;
  /** Of a slab its thickness, of a cylinder and a sphere the diameter. */
  readonly thicknessMm: number;
  readonly startC: number;
  readonly airC: number;
  /** In the middle, when it counts as frozen. */
  readonly endC: number;
  /** How the air takes heat off the surface, wrap included, W/(m²·K). */
  readonly h: number;
  readonly meat: MeatProperties;
}

/** Plank's factors for the surface and the inside, and how many times faster than a slab a shape freezes. */
export const SHAPES = {
  slab: { p: 1 / 2, r: 1 / 8, faster: 1 },
  cylinder: { p: 1 / 4, r: 1 / 16, faster: 2 },
  sphere: { p: 1 / 6, r: 1 / 24, faster: 3 },
} as const;

export type Shape = keyof typeof SHAPES;

const SECONDS = 3600;

/**
 * Freezing time by Plank's equation: only the water's latent heat, from the freezing point.
 *
 * @returns hours
 * @source Singh and Heldman, Introduction to Food Engineering (from memory)
 * @example a sphere of 70 mm, ρ 1000, −1.25 °C, air −40 °C, h 50, k 1.2, 250 kJ/kg: 0.72 h
 */
export function plankHours({ shape, thicknessMm, airC, h, meat }: Freezing): number {
  const { p, r } = SHAPES[shape];
  const a = thicknessMm / 1000;
  const seconds =
    ((meat.densityKgM3 * meat.latentKjKg * 1000) / (meat.freezingC - airC)) *
    ((p * a) / h + (r * a * a) / meat.frozenConductivity);
  return seconds / SECONDS;
}

/**
 * Freezing time by Pham's method: with the cooling before and after. Published accuracy about ± 10 %
 * for h of 10 to 100, air of −45 to −15 °C, starts up to 60 °C and an end near −10 °C.
 *
 * @returns hours
 * @source Q. T. Pham, Journal of Food Technology 21 (1986) (from memory)
 */
export function phamHours({ shape, thicknessMm, startC, airC, endC, h, meat }: Freezing): number {
  const half = thicknessMm / 2000;
  const meanC = 1.8 + 0.263 * endC + 0.105 * airC;
  const before = meat.densityKgM3 * meat.unfrozenKjKgK * 1000 * (startC - meanC);
  const during = meat.densityKgM3 * (meat.latentKjKg * 1000 + meat.frozenKjKgK * 1000 * (meanC - endC));
  const biot = (h * half) / meat.frozenConductivity;
  const seconds =
    (half / (SHAPES[shape].faster * h)) *
    (before / ((startC + meanC) / 2 - airC) + during / (meanC - airC)) *
    (1 + biot / 2);
  return seconds / SECONDS;
}

/** Why something does not freeze, in one sentence; null where it does. */
export function whyNotFrozen({
  startC,
  airC,
  endC,
  meat,
}: Pick<Freezing, 'startC' | 'airC' | 'endC' | 'meat'>): string | null {
  if (airC >= meat.freezingC)
    return `Air of ${airC} °C does not freeze it: it begins to freeze at ${meat.freezingC} °C. Set the freezer colder; −18 °C is usual.`;
  if (endC <= airC)
    return `It never gets as cold as ${endC} °C in air of ${airC} °C. Ask for an end above the air, such as ${Math.round(airC + 5)} °C.`;
  if (endC >= meat.freezingC)
    return `At ${endC} °C it is not frozen: that is above ${meat.freezingC} °C, where it begins. Ask for −10 °C or colder.`;
  return startC <= meat.freezingC
    ? `At ${startC} °C it is frozen already. Start above ${meat.freezingC} °C.`
    : null;
}
