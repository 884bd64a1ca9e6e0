import type { Kind, Part } from './kind-schema';
import { beefTenderloin } from './kinds/beef-tenderloin';
import { stripLoin } from './kinds/strip-loin';
import { wholeChicken } from './kinds/whole-chicken';

/** Every kind of piece that ships. */
export const KINDS: readonly Kind[] = [stripLoin, beefTenderloin, wholeChicken];

const BY_ID = new Map(KINDS.map((kind) => [kind.id, kind]));

/** The kind with this id, or undefined for one that this version does not know. */
export function kindById(id: string | null): Kind | undefined {
  return id === null ? undefined : BY_ID.get(id);
}

/** A part of a kind by its id, or undefined. */
export function partOf(kind: Kind | undefined, part: string | null): Part | undefined {
  return kind?.parts.find((entry) => entry.id === part);
}
