import { EMPTY_HOUSEHOLD } from '../records/household';
import * as fc from 'fast-check';
import type { Amount, Entry, Fact } from '../ledger/entry';
import { append, stampOfNext, withWhatRestsOn, type Journal } from '../ledger/journal';
import type { Lot } from '../ledger/lot';
import type { Refusal } from '../ledger/refusal';

/** One random choice of what happens next; numbers are read modulo what there is to choose from. */
export interface RandomChoice {
  readonly what: number;
  readonly which: number;
  readonly other: number;
  readonly size: number;
}

const choice: fc.Arbitrary<RandomChoice> = fc.record({
  what: fc.nat(),
  which: fc.nat(),
  other: fc.nat(),
  size: fc.nat(1200),
});
const ON = '2026-03-01';

type Maker = (journal: Journal, choice: RandomChoice, fresh: string) => Fact;

const lotAt = (journal: Journal, at: number): string => {
  const ids = [...journal.state.lots.keys()];
  return ids[at % Math.max(1, ids.length)] ?? 'nothing';
};
/** Mostly a lot of which it makes sense; now and then any, so that nonsense is tried too. */
const lotOf = (journal: Journal, { which, other }: RandomChoice, suits: (lot: Lot) => boolean): string => {
  const fit = [...journal.state.lots.values()].filter(suits);
  return other % 5 === 4 || fit.length === 0
    ? lotAt(journal, which)
    : (fit[which % fit.length]?.id ?? 'nothing');
};
const open = (lot: Lot): boolean => lot.form === 'piece' && !lot.closed && lot.leftDg > 0;
const loose = (lot: Lot): boolean => lot.form !== 'pack' && lot.leftDg > 0;
const held = (lot: Lot): boolean => lot.leftDg > 0;
const wrapped = (lot: Lot): boolean => lot.form === 'pack' && lot.leftDg > 0;
const entryAt = (journal: Journal, at: number): string =>
  journal.entries[at % Math.max(1, journal.entries.length)]?.id ?? 'nothing';
const amountOf = ({ other, size }: RandomChoice): Amount =>
  (['all', { massDg: size + 1 }, { plates: (size % 3) + 1 }, { count: (size % 3) + 1 }] as const)[
    other % 4
  ] ?? 'all';

/** Everything that can happen, also what cannot: the journal has to tell them apart. */
const MAKERS: Maker[] = [
  (_j, c, lot) => ({
    type: 'received',
    lot,
    kind: 'whole-chicken',
    count: (c.other % 3) + 1,
    massDg: 20_000 + c.size,
    paidMinor: c.other % 5000,
    on: ON,
  }),
  (_j, c, lot) => ({
    type: 'acquired',
    lot,
    name: 'Old pack',
    destination: 'main',
    massDg: 1 + c.size,
    count: 1 + (c.other % 3),
    plates: 2,
    paidMinor: c.other % 3 === 0 ? null : c.other % 900,
    origin: 'already-here',
    on: null,
  }),
  (j, c) => ({ type: 'drained', lot: lotOf(j, c, open), massDg: 19_000 + c.size * 2 }),
  ...Array.from({ length: 4 }, (): Maker => (j, c, lot) => ({
    type: 'cut',
    from: lotOf(j, c, open),
    lot,
    part: 'breast',
    destination: (['main', 'grind', 'stock', 'bin'] as const)[c.other % 4] ?? 'main',
    massDg: 1 + c.size * 6,
    count: 1 + (c.other % 4),
    on: ON,
  })),
  (j, c) => ({ type: 'changed', lot: lotOf(j, c, (lot) => lot.form === 'part'), destination: 'stew' }),
  (j, c) => ({ type: 'closed', lot: lotOf(j, c, open) }),
  (j, c) => ({ type: 'reopened', lot: lotOf(j, c, (lot) => lot.closed) }),
  (j, c, lot) => ({
    type: 'combined',
    lot,
    from: [
      { lot: lotOf(j, c, loose), amount: amountOf(c) },
      { lot: lotAt(j, c.other), amount: 'all' },
    ],
    added: [{ name: 'salt', massDg: 10 }],
    name: 'Grind',
    destination: 'grind',
    on: ON,
  }),
  ...Array.from({ length: 3 }, (): Maker => (j, c, lot) => ({
    type: 'packed',
    lot,
    name: 'Pack',
    from: [
      { lot: lotOf(j, c, loose), amount: amountOf(c) },
      ...(c.size % 2 ? [{ lot: lotAt(j, c.other), amount: 'all' as const }] : []),
    ],
    plates: 1 + (c.size % 5),
    on: ON,
  })),
  (j, c) => ({ type: 'halved', lot: lotOf(j, c, loose), portions: (c.size % 3) + 1, on: ON }),
  (j, c, lot) => ({ type: 'unpacked', from: lotOf(j, c, wrapped), lot, amount: amountOf(c), on: ON }),
  (j, c) => ({ type: 'placed', lot: lotOf(j, c, held), place: 'drawer' }),
  (j, c) => ({ type: 'thawing', lot: lotOf(j, c, held), amount: amountOf(c), on: ON }),
  (j, c) => ({ type: 'refrozen', lot: lotOf(j, c, ({ thawingDg }) => thawingDg > 0), on: ON }),
  (j, c) => ({ type: 'eaten', lot: lotOf(j, c, held), amount: amountOf(c), on: ON }),
  (j, c) => ({ type: 'eaten', lot: lotOf(j, c, held), amount: { plates: 1 }, on: ON }),
  (j, c) => ({ type: 'given', lot: lotOf(j, c, held), amount: amountOf(c), on: ON }),
  (j, c) => ({ type: 'discarded', lot: lotOf(j, c, held), amount: amountOf(c), on: ON }),
  (j, c) => ({ type: 'counted', lot: lotOf(j, c, held), massDg: c.size * (c.other % 2) }),
  (j, c, lot) => ({
    type: 'split',
    from: lotOf(j, c, (each) => open(each) && each.count > 1),
    lot,
    count: (c.other % 2) + 1,
    massDg: 9000 + c.size,
    ...(c.size % 2 ? { typed: 'weighed' } : {}),
    on: ON,
  }),
  (j, c) => ({
    type: 'corrected',
    entry: entryAt(j, c.which),
    set: c.other % 2 ? { massDg: 1 + c.size * 3 } : { paidMinor: c.size },
  }),
  (j, c) => ({
    type: 'undone',
    entries: c.other % 2 ? [entryAt(j, c.which)] : withWhatRestsOn(j, entryAt(j, c.which)),
  }),
  (j, c) => ({
    type: 'redone',
    entries: [[...j.state.voided][c.which % Math.max(1, j.state.voided.size)] ?? entryAt(j, c.which)],
  }),
];

/** What a choice comes to in a journal: often what fits, now and then nonsense. */
export function factOf(journal: Journal, choice: RandomChoice, fresh: string): Fact {
  const make = MAKERS[choice.what % MAKERS.length] as Maker;
  return make(journal, choice, fresh);
}

/** An attempt to write something down, with the journal before it. */
export interface Attempt {
  readonly before: Journal;
  readonly entry: Entry;
  readonly after: Journal | undefined;
  readonly refusal: Refusal | undefined;
}

/** Plays choices on a device, from a journal on; every attempt is kept, refused ones too. */
export function play(
  choices: readonly RandomChoice[],
  device = 'tablet',
  start: Journal = EMPTY_HOUSEHOLD.journal,
): Attempt[] {
  const attempts: Attempt[] = [];
  let journal = start;
  for (const [index, each] of choices.entries()) {
    const stamp = stampOfNext(journal, new Date(Date.UTC(2026, 2, 1) + index * 60_000).toISOString(), device);
    const entry = {
      ...factOf(journal, each, `${device}-lot-${stamp.seq}`),
      id: `${device}-${stamp.seq}`,
      ...stamp,
    } as Entry;
    const { value: after, problem: refusal } = append(journal, entry);
    attempts.push({ before: journal, entry, after, refusal });
    journal = after ?? journal;
  }
  return attempts;
}

/** The journal at the end of some attempts. */
export function endOf(attempts: readonly Attempt[], start: Journal = EMPTY_HOUSEHOLD.journal): Journal {
  const last = attempts.at(-1);
  return last ? (last.after ?? last.before) : start;
}

const opening: RandomChoice[] = [
  { what: 0, which: 0, other: 1, size: 500 },
  { what: 3, which: 0, other: 0, size: 900 },
];

/** Choices for a journal that has a piece to begin with. */
export const choices: fc.Arbitrary<RandomChoice[]> = fc
  .array(choice, { minLength: 10, maxLength: 40, size: 'max' })
  .map((rest) => [...opening, ...rest]);
