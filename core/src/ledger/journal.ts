import { failure, success, type Result } from '../units/result';
import type { AnimalOf } from './animal';
import { apply, META_TYPES } from './apply';
import { Draft } from './draft';
import { compareEntries, entrySchema, type Entry, type EntryOf } from './entry';
import type { EntryId } from './lot';
import type { Refusal } from './refusal';
import { replay, sortEntries, type State } from './replay';
import { malformation } from './malformation';
import { isLastWord } from './last-word';
import { seqAfter, stampAfter } from './stamp';
import { minutesBetween, type Instant } from '../units/date';

/** The entries in their order, and what they say. */
export interface Journal {
  readonly entries: readonly Entry[];
  readonly state: State;
  readonly animalOf: AnimalOf;
}

/** A journal of these entries, in any order. */
export function journalOf(entries: readonly Entry[], animalOf: AnimalOf): Journal {
  const sorted = sortEntries(entries);
  return { entries: sorted, state: replay(sorted, animalOf), animalOf };
}

/**
 * Adds one entry that belongs at the end, if it fits. Undoing, redoing and correcting are refused
 * when they would leave a later entry without what it rests on.
 *
 * @param entry with a time later than everything in the journal (see {@link nextInstant})
 * @returns the journal with the entry, or why it was refused; the given journal never changes
 * @example append(journalOf([], animalOfKind), received).value?.state.lots.size // 1
 */
export function append(journal: Journal, entry: Entry): Result<Journal, Refusal> {
  const parsed = entrySchema.safeParse(entry);
  if (!parsed.success) {
    return failure({ code: 'malformed', problem: malformation(parsed.error) });
  }
  const last = journal.entries.at(-1);
  if (last && compareEntries(last, entry) >= 0) {
    return failure({ code: 'malformed', problem: 'its time is before the last entry' });
  }
  const entries = [...journal.entries, entry];
  return META_TYPES.has(entry.type)
    ? appendMeta(journal, entries, entry)
    : appendPlain(journal, entries, entry);
}

function appendPlain(journal: Journal, entries: Entry[], entry: Entry): Result<Journal, Refusal> {
  const draft = Draft.of(journal.state.lots, journal.animalOf);
  const refusal = apply(draft, entry);
  return refusal
    ? failure(refusal)
    : success({ ...journal, entries, state: { ...journal.state, lots: draft.lots } });
}

function appendMeta(journal: Journal, entries: Entry[], entry: Entry): Result<Journal, Refusal> {
  const wrong = metaWrong(journal, entry);
  if (wrong) return failure(wrong);
  const state = replay(entries, journal.animalOf);
  const resting = newlySetAside(journal.state, state);
  const own = resting.find((aside) => aside.entry.id === entry.id);
  if (own) return failure(own.refusal);
  if (resting.length === 0) return success({ ...journal, entries, state });
  return failure({ code: 'rests-on', entries: resting.map((aside) => aside.entry.id) });
}

function metaWrong(journal: Journal, entry: Entry): Refusal | null {
  if (entry.type === 'corrected') return null;
  if (entry.type !== 'undone' && entry.type !== 'redone') return null;
  const known = new Map(journal.entries.map((other) => [other.id, other]));
  for (const id of entry.entries) {
    const target = known.get(id);
    if (!target) return { code: 'no-such-entry', entry: id };
    if (target.type === 'undone' || target.type === 'redone') return { code: 'cannot-undo', entry: id };
    const isVoid = journal.state.voided.has(id);
    if (entry.type === 'undone' && isVoid) return { code: 'already-undone', entry: id };
    if (entry.type === 'redone' && !isVoid) return { code: 'not-undone', entry: id };
    if (entry.type === 'redone' && !isStillLast(journal, id)) return { code: 'written-since', entry: id };
  }
  return null;
}

/** Whether nothing about the same lots was written since an entry was undone. */
function isStillLast(journal: Journal, id: EntryId): boolean {
  const undo = journal.entries.findLast(
    (other): other is EntryOf<'undone'> => other.type === 'undone' && other.entries.includes(id),
  );
  return undo !== undefined && isLastWord(journal.entries, undo);
}

function newlySetAside(before: State, after: State): State['setAside'] {
  const known = new Set(before.setAside.map((aside) => aside.entry.id));
  return after.setAside.filter((aside) => !known.has(aside.entry.id));
}

/**
 * The entries that rest on one: what would no longer fit without it, in order, itself first.
 * Undone together they leave the journal as if none of them had been.
 */
export function withWhatRestsOn(journal: Journal, entry: EntryId): EntryId[] {
  const at = journal.entries.at(-1)?.at ?? '';
  const undone: Entry = { type: 'undone', id: '-', at, device: '-', seq: 0, entries: [entry] };
  const without = replay([...journal.entries, undone], journal.animalOf);
  return [entry, ...newlySetAside(journal.state, without).map((aside) => aside.entry.id)];
}

/** A moment that differs from the clock's by more than this is not the clock's. */
const ELSEWHERE_MINUTES = 1;

/**
 * The stamp of an entry made now: after everything in the journal (see {@link stampAfter}), with what
 * the clock says beside it where the two are not the same minute.
 *
 * @param now what the clock says
 * @example stampOfNext(journalOf([], animalOfKind), '2026-03-01T10:00:00.000Z', 'tablet').seq // 0
 */
export function stampOfNext(
  journal: Journal,
  now: Instant,
  device: string,
): Pick<Entry, 'at' | 'clock' | 'device' | 'seq'> {
  const seq = nextSequence(journal, device);
  const stamp = stampAfter({ at: now, device, seq }, journal.entries.at(-1));
  return minutesBetween(now, stamp.at) > ELSEWHERE_MINUTES ? { ...stamp, clock: now } : stamp;
}

/** The sequence number for this device's next entry. */
function nextSequence(journal: Journal, device: string): number {
  return journal.entries.reduce(
    (next, entry) => (entry.device === device ? Math.max(next, seqAfter(entry.seq)) : next),
    0,
  );
}
