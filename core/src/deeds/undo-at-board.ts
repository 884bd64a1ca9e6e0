import { lastActOn } from '../ledger/undo';
import type { Entry } from '../ledger/entry';
import type { Journal } from '../ledger/journal';
import { withWhatRestsOn } from '../ledger/journal';
import type { EntryId, LotId } from '../ledger/lot';
import type { Deed } from './deed';

/** What "undo" takes back at the board. */
export interface ActAtBoard {
  /** What is said of it. */
  readonly entry: Entry;
  /** How many weighings it is. */
  readonly weighings: number;
  /** All that was written in the one act, itself among it. */
  readonly entries: readonly EntryId[];
  /** What was written later and rests on it. */
  readonly later: readonly EntryId[];
}

/**
 * The last entry in force that was made at the board: the purchase of a piece, and what was put right
 * of it, is taken back where it was bought.
 *
 * @param lots the piece and what came off it
 */
export function lastEntryAtBoard(journal: Journal, lots: ReadonlySet<LotId>): Entry | undefined {
  return lastActOn(journal, lots, (entry) => !isOfPurchase(journal, entry));
}

/** Whether an entry says what was bought, or more of that. */
function isOfPurchase({ entries }: Journal, entry: Entry): boolean {
  if (entry.type === 'received') return true;
  // Another way to cut is chosen at the board.
  if (entry.type === 'corrected' && Object.keys(entry.set).join() !== 'way')
    return entries.some(({ id, type }) => id === entry.entry && type === 'received');
  if (entry.type !== 'placed') return false;
  return entries.some((other) => other.type === 'received' && other.lot === entry.lot);
}

/**
 * The last act on a piece, as a person did it: what was weighed straight into packs is one act, the
 * parts, their packs and their places together, of one pack or of a whole line of them.
 *
 * @param lots the piece and what came off it
 */
export function lastActAtBoard(journal: Journal, lots: ReadonlySet<LotId>): ActAtBoard | undefined {
  const last = lastEntryAtBoard(journal, lots);
  if (!last) return undefined;
  const deed = deedOf(journal, last);
  // Packs that were wrapped later, at the table, are an act of their own each.
  const cut = deed.find(({ type }) => type === 'cut' || type === 'split');
  const own = cut ? deed : [last];
  const ids = new Set(own.map(({ id }) => id));
  const all = new Set(own.flatMap(({ id }) => withWhatRestsOn(journal, id)));
  const weighings = own.filter(({ type }) => type === 'cut').length;
  return { entry: cut ?? last, weighings, entries: [...ids], later: [...all].filter((id) => !ids.has(id)) };
}

/** What was written in one deed with an entry and still counts, in its order. */
function deedOf({ entries, state }: Journal, { id, deed = id }: Entry): Entry[] {
  return entries.filter((entry) => (entry.id === deed || entry.deed === deed) && !state.voided.has(entry.id));
}

/** Undoes an act with all that was written later and rests on it. */
export function undoAct({ entries, later }: Pick<ActAtBoard, 'entries' | 'later'>, say: string): Deed {
  return {
    facts: [{ type: 'undone', entries: [...entries, ...later] }],
    say: later.length > 0 ? 'Undone together' : say,
  };
}
