import { Format } from '../format/format';
import { JournalBuilder } from '../testing/journal-builder';
import type { Household } from '../records/household';
import { registerOf, type HouseholdRecord } from '../records/record';
import { NO_MEAL, type Meal } from '../dinner/meal';
import { takeBack, type Done } from './take-back';
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
