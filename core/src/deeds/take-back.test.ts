import { Format } from '../format/format';
import { JournalBuilder } from '../testing/journal-builder';
import type { Household } from '../records/household';
import { registerOf, type HouseholdRecord } from '../records/record';
import { NO_MEAL, type Meal } from '../dinner/meal';
import { takeBack, type Done } from './take-back';
import type { Lot } from '../ledger/lot';
import { purchaseBack } from './purchase-back';
import { lastEntryAtBoard } from './undo-at-board';
import { canDoAgain, doUndoneAgain } from './undone-deed';
import { undoing } from './undoing';

const format = new Format({
  settings: () => ({ system: 'metric', decimal: '.', currency: 'EUR' }),
  today: () => '2026-11-25',
  zone: () => 'Europe/Paris',
});
const dinner = (lot: string): Meal => ({ ...NO_MEAL, servings: [{ lot, amount: 'all' }] });

/** A household that holds these dinners, by day. */
function householdOf(meals: Readonly<Record<string, Meal>>): Household {
  const stamp = { at: '2026-11-25T10:00:00.000Z', device: 'd', seq: 0 };
  const records = Object.entries(meals).map(([key, value]): HouseholdRecord => ({
    type: 'meal',
    key,
    stamp,
    value,
  }));
  return {
    ...new JournalBuilder().household(),
    records: new Map(records.map((record) => [registerOf(record), record])),
  };
}

const planned: Done = {
  say: '3 dinners proposed',
  entries: [],
  rewritten: [
    { type: 'meal', key: '2026-11-26', was: null, wrote: dinner('steak') },
    { type: 'meal', key: '2026-11-27', was: dinner('soup'), wrote: dinner('chicken') },
    { type: 'meal', key: '2026-11-28', was: dinner('fish'), wrote: null },
  ],
};

describe('a deed that is taken back', () => {
  it('puts its registers back while they hold what it wrote; what was changed since stays and is named', () => {
    const household = householdOf({ '2026-11-26': dinner('steak'), '2026-11-27': dinner('lamb') });
    const { records = [], say } = takeBack(household, planned, format);
    expect(records.map(({ key }) => key)).toEqual(['2026-11-26', '2026-11-28']);
    expect(say).toBe('Undone: 3 dinners proposed. Changed since, so that stays: Fri 27 Nov.');
  });

  it('asks the disk once more when its turn comes', () => {
    const { records = [] } = takeBack(householdOf({ '2026-11-26': dinner('steak') }), planned, format);
    const first = records[0] as { change: (known: unknown) => unknown };
    expect(first.change(dinner('steak'))).toBeNull();
    expect(first.change(dinner('lamb'))).toEqual(dinner('lamb'));
  });

  it('holds the same whatever the order of its keys', () => {
    const wrote = { at: '19:00', ...NO_MEAL, guests: 2 };
    const held = { guests: 2, absent: [], servings: [], at: '19:00' };
    const done: Done = { say: 'x', entries: [], rewritten: [{ type: 'meal', key: 'a', was: null, wrote }] };
    expect(takeBack(householdOf({ a: held }), done, format).records).toHaveLength(1);
  });

  it('undoes its entries, and says when there is nothing to take back', () => {
    const done: Done = { say: 'Steaks eaten', entries: ['e1', 'e2'], rewritten: [] };
    expect(takeBack(householdOf({}), done, format)).toEqual({
      facts: [{ type: 'undone', entries: ['e1', 'e2'] }],
      records: [],
      say: 'Undone: Steaks eaten',
    });
    const gone: Done = { ...planned, rewritten: planned.rewritten.slice(0, 1) };
    expect(takeBack(householdOf({ '2026-11-26': dinner('lamb') }), gone, format).say).toBe(
      'Nothing was undone. Changed since, so that stays: Thu 26 Nov.',
    );
  });
});

describe('undoing an entry', () => {
  const on = '2026-11-25';
  const household = new JournalBuilder()
    .add(
      { type: 'received', lot: 'p', kind: 'strip-loin', count: 1, massDg: 50_000, paidMinor: 6000, on },
      { type: 'cut', from: 'p', lot: 's', part: 'steaks', destination: 'main', massDg: 3000, count: 1, on },
      { type: 'packed', lot: 'pack', name: 'Steaks', from: [{ lot: 's', amount: 'all' }], on },
    )
    .household();
  const [, cut, packed] = household.journal.entries;

  it('takes along what rests on it, and counts that for the question', () => {
    expect(undoing(household, cut!.id, 'x')).toEqual({
      deed: { facts: [{ type: 'undone', entries: [cut!.id, packed!.id] }], say: 'x' },
      others: 1,
    });
    expect(undoing(household, packed!.id, 'x').others).toBe(0);
  });
});

describe('a purchase that is taken back', () => {
  const on = '2026-11-24';
  const piece = (lot: string) =>
    ({ type: 'received', lot, kind: 'strip-loin', count: 1, massDg: 50_000, paidMinor: 6000, on }) as const;
  const cut = (lot: string) =>
    ({
      type: 'cut',
      from: 'p',
      lot,
      part: 'steaks',
      destination: 'main',
      massDg: 3600,
      count: 1,
      on,
    }) as const;

  it('goes alone where nothing rests on it, and with all that does; undo at the board never reaches it', () => {
    const builder = new JournalBuilder().add(piece('p'));
    const lots = new Set(['p', 's']);
    const lot = (): Lot => builder.household().journal.state.lots.get('p')!;
    expect(purchaseBack(builder.household(), lot()).others).toBe(0);
    expect(lastEntryAtBoard(builder.household().journal, lots)).toBeUndefined();
    builder.add({ type: 'corrected', entry: lot().made, set: { paidMinor: 5000 } });
    expect(lastEntryAtBoard(builder.household().journal, lots)).toBeUndefined();
    builder.add(cut('s'));
    expect(lastEntryAtBoard(builder.household().journal, lots)?.type).toBe('cut');
    builder.add({ type: 'corrected', entry: lot().made, set: { paidMinor: 5500 } });
    expect(lastEntryAtBoard(builder.household().journal, lots)?.type).toBe('cut');
    const { deed, others } = purchaseBack(builder.household(), lot());
    expect(others).toBeGreaterThan(0);
    builder.add(...deed.facts!);
    expect(builder.household().journal.state.lots.size).toBe(0);
  });

  it('takes every piece that was bought in the one deed', () => {
    const builder = new JournalBuilder().add(piece('p'));
    const [first] = builder.household().journal.entries;
    builder.add({ ...piece('q'), deed: first!.id } as never).add(piece('r'));
    const { deed, others } = purchaseBack(
      builder.household(),
      builder.household().journal.state.lots.get('q')!,
    );
    builder.add(...deed.facts!);
    expect([others, [...builder.household().journal.state.lots.keys()]]).toEqual([0, ['r']]);
  });

  it('leaves its price where it is, for it does not count; a price that was put right goes back', () => {
    const builder = new JournalBuilder().add(piece('p'));
    const [entry] = builder.household().journal.entries;
    const note = { item: 'piece-strip-loin', shop: 'Hollis Lane Farm', perKgMinor: 1200, on, lot: 'p' };
    const key = 'n';
    builder.records.push({
      type: 'price',
      key,
      value: note,
      stamp: { at: '2026-01-01T00:00:00.000Z', device: 't', seq: 1 },
    });
    const bought: Done = {
      say: 'bought',
      entries: [entry!.id],
      rewritten: [{ type: 'price', key, was: null, wrote: note }],
    };
    expect(takeBack(builder.household(), bought, format).records).toEqual([]);
    const right: Done = {
      say: 'corrected',
      entries: [],
      rewritten: [{ type: 'price', key, was: { ...note, perKgMinor: 1300 }, wrote: note }],
    };
    expect(takeBack(builder.household(), right, format).records).toHaveLength(1);
  });

  it('can be done again until something else was written of it', () => {
    const builder = new JournalBuilder().add(piece('p')).add(cut('s'));
    const [, weighed] = builder.household().journal.entries;
    builder.add({ type: 'undone', entries: [weighed!.id] });
    const undone = { say: 'weighed', at: '', entries: [weighed!.id], rewritten: [] };
    expect(canDoAgain(builder.household(), undone)).toBe(true);
    expect(doUndoneAgain(builder.household(), undone, format)).toEqual({
      facts: [{ type: 'redone', entries: [weighed!.id] }],
      records: [],
      say: 'Done again: weighed',
    });
    builder.add(cut('t'));
    expect(canDoAgain(builder.household(), undone)).toBe(false);
  });
});
