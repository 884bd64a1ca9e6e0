import * as fc from 'fast-check';
import { writeFile } from '../exchange/write-file';
import { received } from '../testing/facts';
import { JournalBuilder } from '../testing/journal-builder';
import type { Fact } from '../ledger/entry';
import { householdOf, settingsOf, valuesOf, type Household } from './household';
import type { Identity } from './identity';
import { mergeHouseholds } from './join';
import type { HouseholdRecord } from './record';
import { settingsGroups, type Settings } from './settings';
import { whatCame } from './what-came';

const OLD: Identity = { id: 'old', began: '2026-01-01T00:00:00.000Z', joined: [] };
const NEW: Identity = { id: 'new', began: '2026-03-01T00:00:00.000Z', joined: [] };

const at = (day: string): string => `2026-${day}T10:00:00.000Z`;
const record = (
  type: HouseholdRecord['type'],
  key: string,
  value: unknown,
  day: string,
  device = 'tablet',
): HouseholdRecord => ({ type, key, value, stamp: { at: at(day), device, seq: 0 } }) as HouseholdRecord;
const says = (values: Partial<Settings>, day: string, device?: string): HouseholdRecord[] =>
  settingsGroups(values).map(({ key, value }) => record('settings', key, value, day, device));
const place = (key: string, name: string, day: string, device?: string): HouseholdRecord =>
  record('place', key, { name, cold: 'freezer' }, day, device);
const pack = (lot: string): Fact => ({
  type: 'acquired',
  lot,
  name: lot,
  destination: 'main',
  massDg: 5000,
  count: 1,
  paidMinor: null,
  origin: 'already-here',
  on: null,
});

/** The household as it is at home; and the phone that has answered the first page once more, later. */
const home = householdOf(
  new JournalBuilder('tablet').add(received(), pack('a'), { type: 'placed', lot: 'a', place: 'chest' })
    .entries,
  [
    ...says({ system: 'imperial', decimal: '.' }, '01-01'),
    ...says({ currency: 'USD', eaters: [{ name: 'Odile', plateDg: 2000 }], freezerL: 200 }, '01-02'),
    place('chest', 'Chest', '01-01'),
  ],
  OLD,
);
const phone = (...facts: Fact[]): Household =>
  householdOf(
    new JournalBuilder('phone', 100_000).add(...facts).entries,
    [
      ...says(
        { system: 'metric', decimal: ',', currency: 'EUR', eaters: [], freezerL: 90 },
        '03-02',
        'phone',
      ),
      ...says({ costs: { bagMinor: 20, labelMinor: 3, hourMinor: 0, tools: [] } }, '03-03', 'phone'),
      place('chest', 'Freezer', '03-02', 'phone'),
      place('drawer', 'Drawer', '03-02', 'phone'),
      place('shelf', 'Shelf', '03-02', 'phone'),
    ],
    NEW,
  );

function both(a: Household, b: Household): Household {
  const { value, problem } = mergeHouseholds(a, b);
  if (!value) throw new Error(JSON.stringify(problem));
  return value;
}

describe('two households that become one', () => {
  const other = phone(pack('b'), { type: 'placed', lot: 'b', place: 'drawer' });

  it('count as the older one does, with its places and those in which something lies', () => {
    const one = both(home, other);
    expect(settingsOf(one)).toEqual(settingsOf(home));
    expect([...valuesOf(one, 'place')].map(([key, { name }]) => [key, name])).toEqual([
      ['chest', 'Chest'],
      ['drawer', 'Drawer'],
    ]);
    expect([...one.journal.state.lots.keys()]).toEqual(['p', 'a', 'b']);
    expect(one.identity).toEqual({ ...OLD, joined: ['new'] });
  });

  it('whichever way and however often', () => {
    const text = writeFile(both(home, other));
    expect(writeFile(both(other, home))).toBe(text);
    for (const more of [home, other, both(home, other)]) {
      expect(writeFile(both(both(home, other), more))).toBe(text);
      expect(writeFile(both(more, both(other, home)))).toBe(text);
    }
  });

  it('one that has no past is the younger, whenever its questions were answered', () => {
    const early = { ...phone(), identity: { ...NEW, began: '2020-01-01T00:00:00.000Z' } };
    expect(settingsOf(both(home, early))).toEqual(settingsOf(home));
    expect(both(early, home).identity?.id).toBe('old');
  });

  it('one that has never said how it counts leaves that to the other', () => {
    const silent = householdOf(home.journal.entries, [], OLD);
    expect(settingsOf(both(silent, other))).toEqual(settingsOf(other));
    expect(both(other, silent).identity?.id).toBe('old');
  });

  it('not where amounts of money are in another currency; where there are none, that is no matter', () => {
    const bought = phone(received('q'));
    for (const tried of [mergeHouseholds(home, bought), mergeHouseholds(bought, home)])
      expect(tried.problem).toEqual({ reason: 'currency', ofOlder: 'USD', ofYounger: 'EUR' });
    expect(mergeHouseholds(home, other).ok).toBe(true);
  });

  it('what came is told: entries by device, places, settings that differ and whose stay', () => {
    expect(whatCame(home, other, both(home, other))).toMatchObject({
      kinship: 'strangers',
      entries: 2,
      byType: { acquired: 1, placed: 1 },
      devices: [{ device: 'phone', entries: 2 }],
      records: { place: 1 },
      settings: [
        { group: 'units', stays: 'here' },
        { group: 'currency', stays: 'here' },
        { group: 'eaters', stays: 'here' },
        { group: 'room', stays: 'here' },
      ],
      misfits: [],
    });
    const seenFromThere = whatCame(other, home, both(home, other));
    expect(seenFromThere.settings.every(({ stays }) => stays === 'there')).toBe(true);
  });
});

describe('two devices of one household', () => {
  const as = (household: Household, ...records: HouseholdRecord[]): Household =>
    householdOf(household.journal.entries, [...household.records.values(), ...records], household.identity);

  it('that change different settings are both heard', () => {
    const eaters = [{ name: 'Bo', plateDg: 1500 }];
    const keeping = { sealedDays: { beef: 10, lamb: 10, pork: 5 } };
    const one = as(home, ...says({ eaters }, '04-01', 'a'));
    const two = as(home, ...says({ keeping }, '04-02', 'b'));
    expect(settingsOf(both(one, two))).toMatchObject({ eaters, keeping, currency: 'USD' });
    expect(writeFile(both(one, two))).toBe(writeFile(both(two, one)));
  });

  it('of before households had an identity are known by what they share', () => {
    const builder = new JournalBuilder('tablet').add(received());
    const one = householdOf(builder.entries, says({ currency: 'CHF' }, '01-01'));
    const two = householdOf(builder.entries, says({ currency: 'CHF' }, '02-01'));
    expect(one.identity).toEqual({ id: 'tablet-0', began: '2026-01-01T00:00:00.000Z', joined: [] });
    expect(both(one, two).identity).toEqual(one.identity);
    expect(whatCame(one, two, both(one, two)).kinship).toBe('same');
  });

  it('settings of older files are one record, and count group by group', () => {
    const whole = record(
      'settings',
      'household',
      { system: 'imperial', decimal: '.', currency: 'USD', eaters: [{ name: 'Odile', plateDg: 2000 }] },
      '01-05',
    );
    const read = householdOf([], [whole, ...says({ eaters: [] }, '01-06')]);
    expect(settingsOf(read)).toEqual({ system: 'imperial', decimal: '.', currency: 'USD', eaters: [] });
    expect([...read.records.keys()]).toEqual(['settings/units', 'settings/currency', 'settings/eaters']);
  });

  it('merge to the same, in any order and grouping', () => {
    const change = fc.record({
      group: fc.constantFrom<Partial<Settings>>(
        { system: 'metric', decimal: ',' },
        { eaters: [{ name: 'Bo', plateDg: 1500 }] },
        { freezerL: 90 },
      ),
      day: fc.constantFrom('02-01', '02-02', '02-03'),
      device: fc.constantFrom('a', 'b'),
    });
    fc.assert(
      fc.property(fc.tuple(fc.array(change), fc.array(change), fc.array(change)), (lists) => {
        const [a, b, c] = lists.map((list) =>
          as(home, ...list.flatMap(({ group, day, device }) => says(group, day, device))),
        ) as [Household, Household, Household];
        const text = writeFile(both(both(a, b), c));
        expect(writeFile(both(a, both(b, c)))).toBe(text);
        expect(writeFile(both(c, both(b, a)))).toBe(text);
      }),
    );
  });
});
