import type { Served } from './half';

/** What one eater gets: portions, or a share of what is carved or ladled out at the table. */
export interface Plate {
  readonly eater: string;
  readonly massG: number;
  /** Its portions; none where it is a share. */
  readonly portions: readonly Served[];
}

/** What is wrapped together. */
export interface PlannedPack {
  /** The kind that was wanted, or for whom it is. */
  readonly name: string;
  /** Whether it is smaller than the kinds that are wanted. */
  readonly isSmaller: boolean;
  readonly portions: readonly Served[];
  /** Weight taken of each heap, by id. */
  readonly divisible: Readonly<Record<string, number>>;
  readonly massG: number;
  readonly targetG: number;
  /** None where it is packed by number or by weight. */
  readonly plates: readonly Plate[];
}

/** What is kept until it makes a dinner. */
export interface Collecting {
  readonly parts: readonly string[];
  readonly portions: readonly string[];
  readonly divisible: Readonly<Record<string, number>>;
  readonly massG: number;
}

/** Why something is in no pack. */
export type LeftWhy = 'nobody-eats' | 'not-wanted';

/** Where everything on the table goes. */
export interface PackPlan {
  readonly packs: readonly PlannedPack[];
  readonly collecting: readonly Collecting[];
  readonly left: readonly { readonly id: string; readonly massG: number; readonly why: LeftWhy }[];
  /** Grams out of place, of portions and appetites in whole grams. */
  readonly outOfPlaceG: number;
  /** No plan has fewer. */
  readonly boundG: number;
  /** Whether no plan is better. */
  readonly proven: boolean;
}
