import { lastActOn } from '../ledger/undo';
import type { Entry, EntryOf } from '../ledger/entry';
import type { Journal } from '../ledger/journal';
import { withWhatRestsOn } from '../ledger/journal';
import type { EntryId, LotId } from '../ledger/lot';
import { minutesBetween } from '../units/date';
import type { Deed } from './deed';

/** What "undo" takes back at the board. */
export interface ActAtBoard {
  /** What is said of it. */
  readonly entry: Entry;
  /** All that was written in the one act, itself among it. */
  readonly entries: readonly EntryId[];
  /** What was written later and rests on it. */
  readonly later: readonly EntryId[];
}

/**
 * The last act on a piece, as a person did it: what was weighed straight into a pack is one act, the
 * part, its pack and its place together.
 *
 * @param lots the piece and what came off it
 */
export function lastActAtBoard(journal: Journal, lots: ReadonlySet<LotId>): ActAtBoard | undefined {
  const last = lastActOn(journal, lots);
  if (!last) return undefined;
  const cut = last.type === 'packed' ? cutOfStraightPack(journal, last) : undefined;
  const entry = cut ?? last;
  const all = withWhatRestsOn(journal, entry.id);
  const own = cut && last.type === 'packed' ? straightEntries(journal, last) : new Set([entry.id]);
  return {
    entry,
    entries: [entry.id, ...all.filter((id) => own.has(id) && id !== entry.id)],
    later: all.filter((id) => id !== entry.id && !own.has(id)),
  };
}

/** What is written in one act is written within this, in minutes: nobody wraps by hand so fast. */
const ONE_ACT = 0.5 / 60;

/** Undoes an act with all that was written later and rests on it. */
export function undoAct({ entries, later }: Pick<ActAtBoard, 'entries' | 'later'>, say: string): Deed {
  return {
    facts: [{ type: 'undone', entries: [...entries, ...later] }],
    say: later.length > 0 ? 'Undone together' : say,
  };
}

/** The weighing that went straight into this pack: written just before it, in the same act. */
function cutOfStraightPack(journal: Journal, packed: EntryOf<'packed'>): EntryOf<'cut'> | undefined {
  const [only, ...others] = packed.from;
  if (!only || others.length > 0) return undefined;
  return journal.entries.find(
    (entry): entry is EntryOf<'cut'> =>
      entry.type === 'cut' &&
      entry.lot === only.lot &&
      entry.device === packed.device &&
      entry.seq === packed.seq - 1 &&
      minutesBetween(entry.at, packed.at) <= ONE_ACT,
  );
}

/** The pack, and where it was put in the same act. */
function straightEntries({ entries }: Journal, packed: EntryOf<'packed'>): Set<EntryId> {
  const placed = entries.find(
    (entry) =>
      entry.type === 'placed' &&
      entry.lot === packed.lot &&
      entry.device === packed.device &&
      entry.seq === packed.seq + 1 &&
      minutesBetween(packed.at, entry.at) <= ONE_ACT,
  );
  return new Set([packed.id, ...(placed ? [placed.id] : [])]);
}
