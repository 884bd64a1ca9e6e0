import type { Served } from './half';

/** What one eater gets: portions, or a weight of a heap. */
export interface Plate {
  readonly eater: string;
  readonly massG: number;
  /** Its portions; none where it is a weight of a heap. */
  readonly portions: readonly Served[];
}

/** One meal that is wrapped together. */
export interface PlannedPack {
  readonly name: string;
  readonly portions: readonly Served[];
  /** Weight taken of each heap, by id. */
  readonly divisible: Readonly<Record<string, number>>;
  readonly massG: number;
  readonly targetG: number;
  readonly plates: readonly Plate[];
}

export interface PackPlan {
  readonly packs: readonly PlannedPack[];
  /** What is in no pack. */
  readonly left: readonly { readonly id: string; readonly massG: number }[];
  /** Plates that are served. */
  readonly plates: number;
  /** No plan serves more. */
  readonly platesBound: number;
  /** Σ |plate − appetite| ÷ appetite over the plates. */
  readonly objective: number;
  /** No plan with as many plates has a lower one. */
  readonly bound: number;
  /** Whether no plan is better. */
  readonly proven: boolean;
}
