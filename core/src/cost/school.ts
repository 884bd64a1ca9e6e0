import { isUsable } from '../catalogue/destination';
import type { Leaf } from '../journal/leaves';

/** A way of saying which part of a piece carries which share of what was paid. */
export interface School {
  readonly id: string;
  readonly name: string;
  readonly about: string;
  /** One weight a leaf, zero or more; the paid is shared in their proportion. */
  readonly weights: (leaves: readonly Leaf[]) => number[];
}

/** Everything usable carries the same price a kilogram; by-products and loss carry nothing. */
const byWeight: School = {
  id: 'by-weight',
  name: 'By weight',
  about: 'What was paid, over the weight of what is usable. Stock, fat and loss carry nothing.',
  weights: (leaves) => leaves.map((leaf) => (isUsable(leaf.destination) ? leaf.massDg : 0)),
};

/** The schools, by id. A new one is a new line here. */
export const SCHOOLS = { 'by-weight': byWeight } as const satisfies Record<string, School>;

export type SchoolId = keyof typeof SCHOOLS;
