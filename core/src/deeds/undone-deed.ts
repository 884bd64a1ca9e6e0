import * as z from 'zod';
import { isLastWord } from '../ledger/last-word';
import type { EntryOf } from '../ledger/entry';
import type { Household } from '../records/household';
import type { Format } from '../format/format';
import type { Deed } from './deed';
import { takeBack, type Rewritten } from './take-back';

/** A deed that was undone, so that it can be done again: after a reload, and in another tab, too. */
export const undoneSchema = z.strictObject({
  /** What was said when it was undone. */
  say: z.string(),
  at: z.string(),
  entries: z.array(z.string()),
  rewritten: z.array(
    z.strictObject({ type: z.string(), key: z.string(), was: z.unknown(), wrote: z.unknown() }),
  ),
});

export interface Undone {
  readonly say: string;
  readonly at: string;
  readonly entries: readonly string[];
  readonly rewritten: readonly unknown[];
}

/** Whether it can still be done again: nothing was written since that it would come upon. */
export function canDoAgain(household: Household, { entries, rewritten }: Undone): boolean {
  const { journal } = household;
  const undo = journal.entries.findLast(
    (entry): entry is EntryOf<'undone'> =>
      entry.type === 'undone' && entries.some((id) => entry.entries.includes(id)),
  );
  const areVoid = entries.every((id) => journal.state.voided.has(id));
  const isEntries =
    entries.length === 0 || (undo !== undefined && areVoid && isLastWord(journal.entries, undo));
  const registers = takeBack(
    household,
    { say: '', entries: [], rewritten: rewrittenOf(rewritten) },
    NO_WORDS,
  );
  return isEntries && registers.records?.length === rewritten.length && entries.length + rewritten.length > 0;
}

/** Does again what was undone: its entries are in force, its registers hold what they held before. */
export function doUndoneAgain(household: Household, undone: Undone, format: Format): Deed {
  const { entries, rewritten, say } = undone;
  const back = takeBack(household, { say, entries: [], rewritten: rewrittenOf(rewritten) }, format);
  return {
    facts: entries.length > 0 ? [{ type: 'redone', entries: [...entries] }] : [],
    records: back.records ?? [],
    say: `Done again: ${say}`,
  };
}

const rewrittenOf = (rewritten: Undone['rewritten']): readonly Rewritten[] =>
  rewritten as unknown as readonly Rewritten[];
/** Where nothing is said no words are needed. */
const NO_WORDS: Pick<Format, 'weekday'> = { weekday: () => '' };
