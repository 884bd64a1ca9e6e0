import type { Entry, EntryOf } from './entry';
import type { Journal } from './journal';
import { concerns, isLastWord, lotsOfAll } from './last-word';
import type { LotId } from './lot';

/**
 * The entry that "undo" takes back: the last one in force that concerns any of the lots.
 *
 * @param lots the lots on the screen: a piece and what came off it, or a pack
 * @param isMeant which entries it may be
 */
export function lastActOn(
  journal: Journal,
  lots: ReadonlySet<LotId>,
  isMeant: (entry: Entry) => boolean = () => true,
): Entry | undefined {
  const byId = new Map(journal.entries.map((entry) => [entry.id, entry]));
  return journal.entries.findLast(
    (entry) =>
      !journal.state.voided.has(entry.id) &&
      concerns(byId, entry).some((lot) => lots.has(lot)) &&
      isMeant(entry),
  );
}

/** The undo that "redo" takes back: the last one whose entries are all still void, with nothing written since. */
export function lastUndoOn(journal: Journal, lots: ReadonlySet<LotId>): EntryOf<'undone'> | undefined {
  const byId = new Map(journal.entries.map((entry) => [entry.id, entry]));
  return journal.entries.findLast(
    (entry): entry is EntryOf<'undone'> =>
      entry.type === 'undone' &&
      entry.entries.every((id) => journal.state.voided.has(id)) &&
      isLastWord(journal.entries, entry) &&
      lotsOfAll(byId, entry.entries).some((lot) => lots.has(lot)),
  );
}
