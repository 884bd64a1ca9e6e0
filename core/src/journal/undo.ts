import type { Entry, EntryOf } from './entry';
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

/** The undo that "redo" takes back: the last one, all of whose entries are still void. */
export function lastUndoOn(journal: Journal, lots: ReadonlySet<LotId>): EntryOf<'undone'> | undefined {
  const byId = new Map(journal.entries.map((entry) => [entry.id, entry]));
  return journal.entries.findLast(
    (entry): entry is EntryOf<'undone'> =>
      entry.type === 'undone' &&
      entry.entries.every((id) => journal.state.voided.has(id)) &&
      entry.entries.some((id) => {
        const target = byId.get(id);
        return target !== undefined && concerns(byId, target).some((lot) => lots.has(lot));
      }),
  );
}
