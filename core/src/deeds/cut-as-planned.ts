import type { EntryId, LotId } from '../ledger/lot';
import type { RecordValue } from '../records/record';
import type { Deed } from './deed';

/**
 * Where a piece is cut: the bench says each next cut from here on.
 *
 * @param after the last entry that the plan knows of
 */
export function cutAsPlanned(piece: LotId, plan: RecordValue<'slicing'>, after: EntryId | undefined): Deed {
  return {
    records: [{ type: 'slicing', key: piece, value: { ...plan, after } }],
    say: 'The bench says each cut from here on.',
  };
}
