import type { Entry, EntryType } from './entry';
import { packHandlers } from './apply-packs';
import { pieceHandlers } from './apply-pieces';
import { split } from './apply-split';
import { useHandlers } from './apply-use';
import type { Draft, Handlers } from './draft';
import type { Refusal } from './refusal';

/** Entries that say something about other entries; replay resolves them before it starts. */
export const META_TYPES: ReadonlySet<EntryType> = new Set<EntryType>(['corrected', 'undone', 'redone']);

const HANDLERS: Handlers = { ...pieceHandlers, ...packHandlers, ...useHandlers, split };

/**
 * Applies one entry to a draft of the lots. A refused entry leaves the draft as it was.
 *
 * @returns why it does not fit, or null when it is in
 */
export function apply(draft: Draft, entry: Entry): Refusal | null {
  const handler = HANDLERS[entry.type as keyof Handlers] as
    | ((draft: Draft, entry: Entry) => Refusal | null)
    | undefined;
  return handler ? handler(draft, entry) : null;
}
