import type { Picked } from './best-sums';

/** A plate of portions. Items are indexes of the unit's pieces. */
export interface PlateMeaning extends Picked {
  readonly is: 'plate';
  readonly unit: number;
  readonly type: number;
  readonly step: number;
  readonly massG: number;
}

/** One portion cut in two for two plates. */
export interface HalvesMeaning {
  readonly is: 'halves';
  readonly unit: number;
  readonly piece: number;
  readonly types: readonly [number, number];
  readonly steps: readonly [number, number];
}

/** A plate of a heap beside plates of portions. */
export interface LadleMeaning {
  readonly is: 'ladle';
  readonly unit: number;
  readonly type: number;
  readonly step: number;
  readonly massG: number;
}

/** A pack of plates: of which type with how many eighths. */
export interface PlatedMeaning {
  readonly is: 'plated';
  readonly unit: number;
  readonly meal: number;
  readonly plates: readonly (readonly [type: number, step: number])[];
}

/** A pack of what is shared at the table. */
export interface SharedMeaning extends Picked {
  readonly is: 'shared';
  readonly unit: number;
  readonly meal: number;
}

/** A pack of a heap, at its least. */
export interface HeapMeaning {
  readonly is: 'heap';
  readonly unit: number;
  readonly meal: number;
  readonly leastG: number;
  /** What more it can hold, g: up to three quarters of the appetite, up to it, and a little over. */
  readonly roomsG: readonly [number, number, number];
}

/** Grams more in the packs of a heap. */
export interface FillMeaning {
  readonly is: 'fill';
  readonly unit: number;
  readonly level: 0 | 1 | 2;
}

/** A pack that has to be there and is not: no plan has one. */
export interface MissingMeaning {
  readonly is: 'missing';
  readonly unit: -1;
}

/** What a variable of the program stands for. */
export type PackMeaning =
  | MissingMeaning
  | PlateMeaning
  | HalvesMeaning
  | LadleMeaning
  | PlatedMeaning
  | SharedMeaning
  | HeapMeaning
  | FillMeaning;
