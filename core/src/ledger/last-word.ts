import { compareEntries, type Entry, type EntryOf } from './entry';
import type { EntryId, LotId } from './lot';
import { lotsOfEntry } from './lots-of-entry';

/** The lots an entry concerns; a correction concerns those of what it corrects. */
export function concerns(byId: ReadonlyMap<EntryId, Entry>, entry: Entry): LotId[] {
  if (entry.type !== 'corrected') return lotsOfEntry(entry);
  const target = byId.get(entry.entry);
  return target ? lotsOfEntry(target) : [];
}

/**
 * Whether nothing that was written since an undo, on whatever device, touches the same lots.
 * Otherwise redoing would bring a mistake back after the work has gone on without it.
 */
export function isLastWord(entries: readonly Entry[], undo: EntryOf<'undone'>): boolean {
  const byId = new Map(entries.map((entry) => [entry.id, entry]));
  const touched = new Set(lotsOfAll(byId, undo.entries));
  return !entries.some(
    (entry) => compareEntries(entry, undo) > 0 && concerns(byId, entry).some((lot) => touched.has(lot)),
  );
}

/** The lots that several entries concern. */
export function lotsOfAll(byId: ReadonlyMap<EntryId, Entry>, entries: readonly EntryId[]): LotId[] {
  return entries.flatMap((id) => {
    const entry = byId.get(id);
    return entry ? concerns(byId, entry) : [];
  });
}
