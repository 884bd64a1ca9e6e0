import { failure, success, type Result } from '../units/result';
import type { AnimalOf } from './animal';
import { apply, META_TYPES } from './apply';
import { compareEntries, entrySchema, type Entry, type EntryOf } from './entry';
import { Draft } from './draft';
import type { EntryId, Lot, LotId } from './lot';
import { malformation } from './malformation';
import type { Refusal } from './refusal';

/** An entry that no longer fits, and why. It stays in the journal until the household decides. */
export interface SetAside {
  readonly entry: Entry;
  readonly refusal: Refusal;
}

/** What a journal says. */
export interface State {
  readonly lots: ReadonlyMap<LotId, Lot>;
  /** Entries that were undone and not redone. */
  readonly voided: ReadonlySet<EntryId>;
  readonly setAside: readonly SetAside[];
}

/**
 * Reads a journal from its beginning. Entries are taken in the order given, which must be
 * {@link compareEntries}'s. Time is linear in their number.
 *
 * @param animalOf which animal a kind is of: the ledger knows no kinds
 * @returns the state; entries that do not fit are in `setAside`, with the reason
 */
export function replay(entries: readonly Entry[], animalOf: AnimalOf): State {
  // Found in one pass: a journal is too long for the processor's cache, and few entries are about others.
  const metas = entries.filter(({ type }) => META_TYPES.has(type));
  const voided = voidedBy(metas);
  const { corrections, misfits } = correctionsBy(entries, metas, voided);
  const draft = Draft.empty(animalOf);
  const setAside: SetAside[] = [];
  const inForce = voided.size > 0 ? entries.filter(({ id }) => !voided.has(id)) : entries;
  for (const entry of inForce) {
    const misfit = misfits.size > 0 ? misfits.get(entry.id) : undefined;
    const corrected = corrections.size > 0 ? corrections.get(entry.id) : undefined;
    const refusal = misfit ?? apply(draft, corrected ?? entry);
    if (refusal) setAside.push({ entry, refusal });
  }
  return { lots: draft.lots, voided, setAside };
}

/**
 * Which entries are void once every undo and redo has been read. An undo itself cannot be undone
 * (redo takes it back), so one pass settles it; naming an entry that is not here yet is harmless.
 */
function voidedBy(metas: readonly Entry[]): Set<EntryId> {
  const voided = new Set<EntryId>();
  for (const entry of metas) {
    if (entry.type === 'undone') for (const id of entry.entries) voided.add(id);
    if (entry.type === 'redone') for (const id of entry.entries) voided.delete(id);
  }
  for (const entry of metas) if (entry.type === 'undone' || entry.type === 'redone') voided.delete(entry.id);
  return voided;
}

function correctionsBy(
  entries: readonly Entry[],
  metas: readonly Entry[],
  voided: ReadonlySet<EntryId>,
): { corrections: Map<EntryId, Entry>; misfits: Map<EntryId, Refusal> } {
  const corrections = new Map<EntryId, Entry>();
  const misfits = new Map<EntryId, Refusal>();
  const inForce = metas.filter(
    (entry): entry is EntryOf<'corrected'> => entry.type === 'corrected' && !voided.has(entry.id),
  );
  if (inForce.length === 0) return { corrections, misfits };
  const byId = new Map(entries.map((entry) => [entry.id, entry]));
  for (const correction of inForce) {
    const target = corrections.get(correction.entry) ?? byId.get(correction.entry);
    const result = correct(target, correction);
    if (!result.ok) misfits.set(correction.id, result.problem);
    else corrections.set(correction.entry, result.value);
  }
  return { corrections, misfits };
}

/** The entry as a correction would have it. */
function correct(target: Entry | undefined, correction: EntryOf<'corrected'>): Result<Entry, Refusal> {
  if (!target) return failure({ code: 'no-such-entry', entry: correction.entry });
  const parsed = entrySchema.safeParse({
    ...withoutStaleWeighing(target, correction.set),
    ...correction.set,
  });
  if (parsed.success) return success(parsed.data);
  return failure({ code: 'cannot-correct', entry: correction.entry, problem: malformation(parsed.error) });
}

/** A corrected net weight replaces the gross and tare it was typed as, unless they are given too. */
function withoutStaleWeighing(target: Entry, set: EntryOf<'corrected'>['set']): object {
  if (set.massDg === undefined || set.grossDg !== undefined || !('grossDg' in target)) return target;
  const { grossDg: _gross, tareDg: _tare, ...rest } = target;
  return rest;
}

/** Puts entries into the journal's order. */
export function sortEntries(entries: readonly Entry[]): Entry[] {
  return [...entries].sort(compareEntries);
}
