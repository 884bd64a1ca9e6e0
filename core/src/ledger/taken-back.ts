import type { Journal } from './journal';
import type { LotId } from './lot';

/**
 * The pieces whose purchase was taken back: they were never bought, and what was noted with them does
 * not count until it is done again.
 *
 * @example a purchase that was undone: its piece
 */
export function takenBackPieces({ entries, state }: Pick<Journal, 'entries' | 'state'>): ReadonlySet<LotId> {
  if (state.voided.size === 0) return new Set();
  return new Set(
    entries.flatMap((entry) => (entry.type === 'received' && state.voided.has(entry.id) ? [entry.lot] : [])),
  );
}
