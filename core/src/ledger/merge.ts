import { canonicalJson } from '../units/canonical-json';
import type { Entry } from './entry';

/** Two journals hold different entries under one id: they are not journals of one household. */
export class ContradictionError extends Error {
  constructor(readonly id: string) {
    super(`entry ${id} says one thing here and another there`);
  }
}

/**
 * The union of two journals' entries: every entry once. Commutative, associative and idempotent;
 * the order is settled when the result is replayed.
 *
 * @throws ContradictionError when one id stands for two different entries
 */
export function mergeEntries(a: readonly Entry[], b: readonly Entry[]): Entry[] {
  const known = new Map(a.map((entry) => [entry.id, entry]));
  for (const entry of b) {
    const other = known.get(entry.id);
    if (other && canonicalJson(other) !== canonicalJson(entry)) throw new ContradictionError(entry.id);
    known.set(entry.id, other ?? entry);
  }
  return [...known.values()];
}
