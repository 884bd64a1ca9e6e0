import type { AnimalOf } from '../ledger/animal';
import type { Kind } from './kind-schema';

/** Ids of own kinds begin with this, so that no kind that ships is ever meant by one. */
export const OWN = 'own-';

/**
 * The households' own kinds, by their id. An id is made once and never given again, so households
 * that are open side by side cannot be confused; the latest version of a kind counts.
 * Why this is a register and no argument: docs/decisions/0008.
 */
const shelf = new Map<string, Kind>();

/** Makes own kinds known to {@link kindById}: those of the household that is open, not of a file that is only looked at. */
export function registerOwnKinds(kinds: Iterable<Kind>): void {
  for (const kind of kinds) if (kind.id.startsWith(OWN)) shelf.set(kind.id, kind);
}

/** Which animal a kind is of, these kinds among those that are known; they are not made known by it. */
export function knowingOwnKinds(kinds: readonly Kind[], others: AnimalOf): AnimalOf {
  if (kinds.length === 0) return others;
  const animals = new Map(kinds.filter(({ id }) => id.startsWith(OWN)).map(({ id, animal }) => [id, animal]));
  return (id) => animals.get(id) ?? others(id);
}

export function ownKind(id: string): Kind | undefined {
  return shelf.get(id);
}
