import { withWhatRestsOn } from '../ledger/journal';
import type { EntryId } from '../ledger/lot';
import type { Household } from '../records/household';
import type { Deed } from './deed';

/** Does again what was undone. */
export function doAgain(entries: readonly EntryId[]): Deed {
  return { facts: [{ type: 'redone', entries: [...entries] }], say: 'Done again' };
}

/** Strikes out an entry of another device that does not fit: it has counted for nothing so far. */
export function strikeOut(entry: EntryId): Deed {
  return {
    facts: [{ type: 'undone', entries: [entry] }],
    say: 'Struck out. Redo in the journal brings it back.',
  };
}

/**
 * Undoes an entry with everything that rests on it.
 *
 * @returns the deed, and how many later entries go with it: with any, a person is asked first
 */
export function undoing(household: Household, entry: EntryId, say: string): { deed: Deed; others: number } {
  const entries = withWhatRestsOn(household.journal, entry);
  return { deed: { facts: [{ type: 'undone', entries }], say }, others: entries.length - 1 };
}
