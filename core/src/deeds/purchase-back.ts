import { lotName } from '../catalogue/lot-name';
import { withWhatRestsOn } from '../ledger/journal';
import type { Lot } from '../ledger/lot';
import type { Household } from '../records/household';
import type { Deed } from './deed';

/**
 * Takes a purchase back, with every piece that was bought in the one deed, and all that rests on it. The
 * prices that were noted with it count no more.
 *
 * @param piece one of the pieces that were bought
 * @returns the deed, and how many later entries go with it: with any, a person is asked first
 */
export function purchaseBack({ journal }: Household, piece: Lot): { deed: Deed; others: number } {
  const { entries, state } = journal;
  const own = entries.find(({ id }) => id === piece.came);
  const deed = own?.deed ?? piece.came;
  const bought = entries.filter(
    ({ id, deed: of = id, type }) => of === deed && type === 'received' && !state.voided.has(id),
  );
  const all = [...new Set(bought.flatMap(({ id }) => withWhatRestsOn(journal, id)))];
  return {
    deed: {
      facts: [{ type: 'undone', entries: all }],
      say: `Undone: ${lotName(piece).toLowerCase()} bought`,
    },
    others: all.length - bought.length,
  };
}
