import { canonicalJson } from '../units/canonical-json';
import { failure, success, type Result } from '../units/result';
import type { Entry } from './entry';
import type { EntryId } from './lot';

/** Two journals hold different entries under one id: they are not journals of one household. */
export interface Contradiction {
  readonly reason: 'contradiction';
  readonly entry: EntryId;
}

/**
 * The union of two journals' entries: every entry once. Commutative, associative and idempotent;
 * the order is settled when the result is replayed.
 *
 * @returns or what is wrong, where one id stands for two different entries
 */
export function mergeEntries(a: readonly Entry[], b: readonly Entry[]): Result<Entry[], Contradiction> {
  const known = new Map(a.map((entry) => [entry.id, entry]));
  for (const entry of b) {
    const other = known.get(entry.id);
    if (other && canonicalJson(other) !== canonicalJson(entry))
      return failure({ reason: 'contradiction', entry: entry.id } as const);
    known.set(entry.id, other ?? entry);
  }
  return success([...known.values()]);
}
