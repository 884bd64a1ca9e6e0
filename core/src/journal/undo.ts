import { compareEntries, type Entry, type EntryOf } from './entry';
import type { Journal } from './journal';
import type { EntryId, LotId } from './lot';
import { lotsOfEntry } from './lots-of-entry';

/** The lots an entry concerns; a correction concerns those of what it corrects. */
function concerns(byId: ReadonlyMap<EntryId, Entry>, entry: Entry): LotId[] {
  if (entry.type !== 'corrected') return lotsOfEntry(entry);
  const target = byId.get(entry.entry);
  return target ? lotsOfEntry(target) : [];
}

/**
 * The entry that "undo" takes back: the last one in force that concerns any of the lots.
 *
 * @param lots the lots on the screen: a piece and what came off it, or a pack
 */
export function lastActOn(journal: Journal, lots: ReadonlySet<LotId>): Entry | undefined {
  const byId = new Map(journal.entries.map((entry) => [entry.id, entry]));
  return journal.entries.findLast(
    (entry) => !journal.state.voided.has(entry.id) && concerns(byId, entry).some((lot) => lots.has(lot)),
  );
}

/** The undo that "redo" takes back: the last one whose entries are all still void, with nothing written since. */
export function lastUndoOn(journal: Journal, lots: ReadonlySet<LotId>): EntryOf<'undone'> | undefined {
  const byId = new Map(journal.entries.map((entry) => [entry.id, entry]));
  return journal.entries.findLast(
    (entry): entry is EntryOf<'undone'> =>
      entry.type === 'undone' &&
      entry.entries.every((id) => journal.state.voided.has(id)) &&
      isLastWord(journal, entry) &&
      lotsOfAll(byId, entry.entries).some((lot) => lots.has(lot)),
  );
}

/**
 * Whether nothing that was written since an undo, on whatever device, touches the same lots.
 * Otherwise redoing would bring a mistake back after the work has gone on without it.
 */
export function isLastWord(journal: Journal, undo: EntryOf<'undone'>): boolean {
  const byId = new Map(journal.entries.map((entry) => [entry.id, entry]));
  const touched = new Set(lotsOfAll(byId, undo.entries));
  return !journal.entries.some(
    (entry) => compareEntries(entry, undo) > 0 && concerns(byId, entry).some((lot) => touched.has(lot)),
  );
}

function lotsOfAll(byId: ReadonlyMap<EntryId, Entry>, entries: readonly EntryId[]): LotId[] {
  return entries.flatMap((id) => {
    const entry = byId.get(id);
    return entry ? concerns(byId, entry) : [];
  });
}
