/** What a unit measures. */
export type Dimension = 'mass' | 'length' | 'volume' | 'temperature';

interface UnitDefinition {
  readonly dimension: Dimension;
  /** How many base units (g, mm, L, °C) one of this unit is. */
  readonly factor: number;
  /** Added before scaling; only temperatures have one. */
  readonly offset?: number;
}

/** Every unit that is read or shown. Exact definitions: NIST SP 811, Handbook 44 Appendix C. */
export const UNITS = {
  g: { dimension: 'mass', factor: 1 },
  kg: { dimension: 'mass', factor: 1000 },
  lb: { dimension: 'mass', factor: 453.59237 },
  oz: { dimension: 'mass', factor: 28.349523125 },
  mm: { dimension: 'length', factor: 1 },
  cm: { dimension: 'length', factor: 10 },
  in: { dimension: 'length', factor: 25.4 },
  L: { dimension: 'volume', factor: 1 },
  ft3: { dimension: 'volume', factor: 28.316846592 },
  C: { dimension: 'temperature', factor: 1 },
  F: { dimension: 'temperature', factor: 5 / 9, offset: -32 },
} as const satisfies Record<string, UnitDefinition>;

export type Unit = keyof typeof UNITS;
export type MassUnit = 'g' | 'kg' | 'lb' | 'oz';
