import { withWhatRestsOn } from '../ledger/journal';
import type { EntryId } from '../ledger/lot';
import type { Household } from '../records/household';
import type { Deed } from './deed';

/**
 * Undoes an entry with everything that rests on it.
 *
 * @returns the deed, and how many later entries go with it: with any, a person is asked first
 */
export function undoing(household: Household, entry: EntryId, say: string): { deed: Deed; others: number } {
  const entries = withWhatRestsOn(household.journal, entry);
  return { deed: { facts: [{ type: 'undone', entries }], say }, others: entries.length - 1 };
}
