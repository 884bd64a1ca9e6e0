import { ANIMALS, type Animals } from '../ledger/animal';

/** What freezing needs to know of a meat. */
export interface MeatProperties {
  readonly densityKgM3: number;
  /** Where it begins to freeze. */
  readonly freezingC: number;
  /** W/(m·K) */
  readonly frozenConductivity: number;
  readonly unfrozenConductivity: number;
  /** Of its water, kJ for a kilogram of meat. */
  readonly latentKjKg: number;
  /** kJ/(kg·K) */
  readonly unfrozenKjKgK: number;
  readonly frozenKjKgK: number;
}

/** Latent heat of water (exact enough), and what of it counts for a share of water. */
const WATER_KJ_KG = 334;
const meat = (water: number, freezingC: number): MeatProperties => ({
  densityKgM3: 1050,
  freezingC,
  frozenConductivity: 1.4,
  unfrozenConductivity: 0.48,
  latentKjKg: Math.round(water * WATER_KJ_KG),
  unfrozenKjKgK: 3.5,
  frozenKjKgK: 1.9,
});

/**
 * Meats by name: water 0.66 to 0.73 of the weight, freezing from about −1.7 to −2.8 °C.
 *
 * @source ASHRAE Handbook, Refrigeration (from memory); conductivities and heat capacities are
 *   middling values of it, the same for all
 */
export const MEATS = {
  'lean-beef': meat(0.72, -1.7),
  pork: meat(0.7, -2.2),
  poultry: meat(0.7, -2.8),
  lamb: meat(0.73, -1.9),
} as const;

export type MeatName = keyof typeof MEATS;

/** The properties of an animal's meat; lean beef's where it is not known. */
export function meatOf(animal: string | null, animals: Animals = ANIMALS): MeatProperties {
  return MEATS[(animal === null ? undefined : animals[animal]?.freezesAs) ?? 'lean-beef'];
}
