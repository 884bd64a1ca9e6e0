import * as fc from 'fast-check';
import type { Amount, Entry, Fact } from '../journal/entry';
import { append, EMPTY_JOURNAL, nextInstant, nextSequence, withWhatRestsOn, type Journal } from '../journal/journal';
import type { Refusal } from '../journal/refusal';

/** One random choice of what happens next; numbers are read modulo what there is to choose from. */
interface Choice {
  readonly what: number;
  readonly which: number;
  readonly other: number;
  readonly size: number;
}

const choice: fc.Arbitrary<Choice> = fc.record({ what: fc.nat(), which: fc.nat(), other: fc.nat(), size: fc.nat(1200) });
const ON = '2026-03-01';

type Maker = (journal: Journal, choice: Choice, fresh: string) => Fact;

const lotAt = (journal: Journal, at: number): string => {
  const ids = [...journal.state.lots.keys()];
  return ids[at % Math.max(1, ids.length)] ?? 'nothing';
};
const entryAt = (journal: Journal, at: number): string =>
  journal.entries[at % Math.max(1, journal.entries.length)]?.id ?? 'nothing';
const amountOf = ({ other, size }: Choice): Amount =>
  (['all', { massDg: size + 1 }, { plates: (size % 3) + 1 }, { count: (size % 3) + 1 }] as const)[other % 4] ?? 'all';

/** Everything that can happen, also what cannot: the journal has to tell them apart. */
const MAKERS: Maker[] = [
  (_j, c, lot) => ({ type: 'received', lot, kind: 'whole-chicken', count: (c.other % 3) + 1, massDg: 20_000 + c.size, paidMinor: c.other % 5000, on: ON }),
  (_j, c, lot) => ({ type: 'acquired', lot, name: 'Old pack', destination: 'main', massDg: 1 + c.size, count: 1 + (c.other % 3), plates: 2, paidMinor: c.other % 3 === 0 ? null : c.other % 900, origin: 'already-here', on: null }),
  (j, c) => ({ type: 'drained', lot: lotAt(j, c.which), massDg: 19_000 + c.size * 2 }),
  ...Array.from({ length: 4 }, (): Maker => (j, c, lot) => ({ type: 'cut', from: lotAt(j, c.which), lot, part: 'breast', destination: (['main', 'grind', 'stock', 'bin'] as const)[c.other % 4] ?? 'main', massDg: 1 + c.size * 6, count: 1 + (c.other % 4), on: ON })),
  (j, c) => ({ type: 'changed', lot: lotAt(j, c.which), destination: 'stew' }),
  (j, c) => ({ type: 'closed', lot: lotAt(j, c.which) }),
  (j, c) => ({ type: 'reopened', lot: lotAt(j, c.which) }),
  (j, c, lot) => ({ type: 'combined', lot, from: [{ lot: lotAt(j, c.which), amount: amountOf(c) }, { lot: lotAt(j, c.other), amount: 'all' }], added: [{ name: 'salt', massDg: 10 }], name: 'Grind', destination: 'grind', on: ON }),
  ...Array.from({ length: 3 }, (): Maker => (j, c, lot) => ({ type: 'packed', lot, name: 'Pack', from: [{ lot: lotAt(j, c.which), amount: amountOf(c) }, ...(c.size % 2 ? [{ lot: lotAt(j, c.other), amount: 'all' as const }] : [])], plates: 1 + (c.size % 5), on: ON })),
  (j, c, lot) => ({ type: 'unpacked', from: lotAt(j, c.which), lot, amount: amountOf(c), on: ON }),
  (j, c) => ({ type: 'placed', lot: lotAt(j, c.which), place: 'drawer' }),
  (j, c) => ({ type: 'thawing', lot: lotAt(j, c.which), amount: amountOf(c), on: ON }),
  (j, c) => ({ type: 'eaten', lot: lotAt(j, c.which), amount: amountOf(c), on: ON }),
  (j, c) => ({ type: 'eaten', lot: lotAt(j, c.which), amount: { plates: 1 }, on: ON }),
  (j, c) => ({ type: 'given', lot: lotAt(j, c.which), amount: amountOf(c), on: ON }),
  (j, c) => ({ type: 'discarded', lot: lotAt(j, c.which), amount: amountOf(c), on: ON }),
  (j, c) => ({ type: 'counted', lot: lotAt(j, c.which), massDg: c.size * (c.other % 2) }),
  (j, c) => ({ type: 'corrected', entry: entryAt(j, c.which), set: c.other % 2 ? { massDg: 1 + c.size * 3 } : { paidMinor: c.size } }),
  (j, c) => ({ type: 'undone', entries: c.other % 2 ? [entryAt(j, c.which)] : withWhatRestsOn(j, entryAt(j, c.which)) }),
  (j, c) => ({ type: 'redone', entries: [entryAt(j, c.which)] }),
];

/** An attempt to write something down, with the journal before it. */
export interface Attempt {
  readonly before: Journal;
  readonly entry: Entry;
  readonly after: Journal | undefined;
  readonly refusal: Refusal | undefined;
}

/** Plays choices on a device, from a journal on; every attempt is kept, refused ones too. */
export function play(choices: readonly Choice[], device = 'tablet', start: Journal = EMPTY_JOURNAL): Attempt[] {
  const attempts: Attempt[] = [];
  let journal = start;
  for (const [index, each] of choices.entries()) {
    const make = MAKERS[each.what % MAKERS.length];
    if (!make) continue;
    const seq = nextSequence(journal, device);
    const at = nextInstant(journal, new Date(Date.UTC(2026, 2, 1) + index * 60_000).toISOString());
    const entry = { ...make(journal, each, `${device}-lot-${seq}`), id: `${device}-${seq}`, at, device, seq } as Entry;
    const { journal: after, refusal } = append(journal, entry);
    attempts.push({ before: journal, entry, after, refusal });
    journal = after ?? journal;
  }
  return attempts;
}

/** The journal at the end of some attempts. */
export function endOf(attempts: readonly Attempt[], start: Journal = EMPTY_JOURNAL): Journal {
  const last = attempts.at(-1);
  return last ? (last.after ?? last.before) : start;
}

const opening: Choice[] = [
  { what: 0, which: 0, other: 1, size: 500 },
  { what: 3, which: 0, other: 0, size: 900 },
];

/** Choices for a journal that has a piece to begin with. */
export const choices: fc.Arbitrary<Choice[]> = fc.array(choice, { maxLength: 45 }).map((rest) => [...opening, ...rest]);
