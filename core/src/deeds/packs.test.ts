import { NO_MEAL, type Serving } from '../dinner/meal';
import { plannedDays } from '../dinner/week';
import { coldPlaces } from '../cold/cold-places';
import { tokensOf } from '../pack/table';
import { emptyTray } from '../pack/tray';
import { Format } from '../format/format';
import { append } from '../ledger/journal';
import type { Lot } from '../ledger/lot';
import { clocks } from '../testing/clocks';
import { JournalBuilder } from '../testing/journal-builder';
import type { Result } from '../units/result';
import type { Deed } from './deed';
import { eat } from './eat';
import { enterPack } from './enter-pack';
import { freezeBatch } from './freeze-batch';
import { sayKindOfDate, setLabelDate } from './label-date';
import { serve } from './serve';
import { wrap } from './wrap';
import { freezeAgain } from './freeze-again';
import { move } from './move';
import { giveAway, throwAway } from './part-with';
import { planDinner, unplanDinner } from './plan-dinner';
import { splitPack } from './split-pack';
import { findHere, takeStock } from './take-stock';
import { thaw, thawForDinner } from './thaw';

const on = '2026-01-10';
const NAMES = new Map([
  ['chest', 'Chest freezer'],
  ['fridge', 'Refrigerator'],
]);
const format = new Format({
  settings: () => ({ system: 'metric', decimal: '.', currency: 'EUR' }),
  today: () => on,
  zone: () => 'Etc/UTC',
});

/** Four steaks and a stew in the chest, each packed on the first of January. */
function freezer() {
  const packed = '2026-01-01';
  const builder = new JournalBuilder().add(
    { type: 'received', lot: 'p', kind: 'strip-loin', count: 1, massDg: 50_000, paidMinor: 6000, on: packed },
    {
      type: 'cut',
      from: 'p',
      lot: 's',
      part: 'steaks',
      destination: 'main',
      massDg: 12_000,
      count: 4,
      on: packed,
    },
    {
      type: 'cut',
      from: 'p',
      lot: 't',
      part: 'trimmings',
      destination: 'stew',
      massDg: 6000,
      count: 1,
      on: packed,
    },
    {
      type: 'packed',
      lot: 'steaks',
      name: '4 steaks',
      from: [{ lot: 's', amount: 'all' }],
      plates: 4,
      on: packed,
    },
    { type: 'packed', lot: 'stew', name: 'Stew', from: [{ lot: 't', amount: 'all' }], plates: 3, on: packed },
    { type: 'placed', lot: 'steaks', place: 'chest' },
    { type: 'placed', lot: 'stew', place: 'chest' },
  );
  const { journal } = builder.household();
  const lot = (id: string): Lot => journal.state.lots.get(id)!;
  /** The household after a deed, as the ledger takes it. */
  const after = (deed: Deed): ReadonlyMap<string, Lot> =>
    (deed.facts ?? []).reduce((now, fact) => append(now, builder.entry(fact)).value!, journal).state.lots;
  return { steaks: lot('steaks'), stew: lot('stew'), after, clockOf: clocks(journal.state, on) };
}

let id = 0;
const newId = (): string => `new-${(id += 1)}`;
const reserved = new Map([['steaks', { for: 'guests' }]]);
const thawing = { way: 'refrigerator', refrigerator: 'fridge', on, reserved, newId } as const;
const { steaks, stew, after, clockOf } = freezer();
const valueOf = (result: Result<Deed>): Deed => result.value!;
const laying = { names: NAMES, freezers: ['chest', 'second'], clockOf };

describe('what is done with packs', () => {
  it.each<[string, Deed, string, (lots: ReadonlyMap<string, Lot>) => unknown, unknown]>([
    ['eaten', eat([steaks], 'all', on), '4 steaks eaten', (all) => all.get('steaks')?.leftDg, 0],
    [
      'a part of it eaten',
      eat([steaks], { plates: 1 }, on),
      'A part of 4 steaks eaten',
      (all) => all.get('steaks')?.platesLeft,
      3,
    ],
    ['given away', giveAway([steaks, stew], on), '2 packs given away', (all) => all.get('stew')?.leftDg, 0],
    ['thrown away', throwAway([stew], 'torn', on), 'Stew thrown away', (all) => all.get('stew')?.leftDg, 0],
    [
      'moved',
      valueOf(move([steaks], 'fridge', laying)),
      '4 steaks are in Refrigerator',
      (all) => all.get('steaks')?.place,
      'fridge',
    ],
    [
      'several moved',
      valueOf(move([steaks, stew], 'fridge', laying)),
      '2 packs are in Refrigerator',
      (all) => all.get('stew')?.place,
      'fridge',
    ],
    [
      'taken out',
      thaw([stew], 'all', thawing),
      'Stew is out, to thaw',
      (all) => [all.get('stew')?.thawingDg, all.get('stew')?.place],
      [6000, 'fridge'],
    ],
    [
      'split',
      valueOf(splitPack(steaks, 1, { on, reserved, newId: () => 'one' })),
      '4 steaks split',
      (all) => all.get('steaks')?.countLeft,
      3,
    ],
    [
      'missed at a stock-take',
      takeStock([stew], new Map([['stew', 'eaten']]), on),
      '1 pack written off',
      (all) => all.get('stew')?.leftDg,
      0,
    ],
    [
      'found elsewhere',
      findHere(stew, 'fridge', 6000),
      'Stew lies here',
      (all) => all.get('stew')?.place,
      'fridge',
    ],
  ])('%s', (_what, deed, say, seen, wanted) => {
    expect(deed.say).toBe(say);
    const isSplit = say.endsWith('split');
    // Splitting makes two ids; a test's one would be the same.
    if (!isSplit) expect(seen(after(deed))).toEqual(wanted);
    else expect(deed.facts?.map(({ type }) => type)).toEqual(['unpacked', 'packed', 'placed']);
  });

  it('some of a pack that is taken out is a lot of its own, and the rest stays frozen where it lies', () => {
    const deed = thaw([steaks], { count: 1 }, { ...thawing, newId: () => 'one' });
    const lots = after(deed);
    expect(deed.say).toBe('Some of 4 steaks is out, to thaw');
    expect([lots.get('one')?.thawingDg, lots.get('one')?.place]).toEqual([3000, 'fridge']);
    expect([lots.get('steaks')?.countLeft, lots.get('steaks')?.place]).toEqual([3, 'chest']);
    // What was kept for guests still is.
    expect(deed.records).toEqual([{ type: 'reserved', key: 'one', value: { for: 'guests' } }]);
  });

  it.each([0, 4, 1.5, NaN])('no pack is split at %s pieces', (count) => {
    expect(splitPack(steaks, count, { on, reserved, newId }).problem).toBe(
      'Split off a whole number of pieces from 1 to 3.',
    );
  });

  it('is frozen again only where its clock allows it, where it lay before, and where there is a freezer', () => {
    const out = after(thaw([stew], 'all', thawing)).get('stew')!;
    const safe = { ...clockOf(stew), mayRefreeze: true };
    expect(freezeAgain(out, safe, ['second', 'chest'], on)).toEqual({
      ok: true,
      value: {
        facts: [
          { type: 'placed', lot: 'stew', place: 'chest' },
          { type: 'refrozen', lot: 'stew', on },
        ],
        say: 'Stew is frozen again',
      },
    });
    const late = { ...safe, mayRefreeze: false, because: 'late' as const };
    expect(freezeAgain(out, late, ['chest'], on).problem).toBe(
      'It went into the freezer after its last day.',
    );
    expect(freezeAgain(stew, safe, [], on).problem).toContain('Say first which freezer there is');
  });
});

describe('what does not go into a freezer', () => {
  it.each([
    [
      'chest',
      'Stew is not to be frozen. Its bag leaked, was blown or hung loose: nobody knows since when it has had air. It is thrown away. Nothing was moved.',
    ],
    ['fridge', undefined],
  ])('to %s: %s', (place, problem) => {
    const late: typeof clockOf = (lot) => ({
      ...clockOf(lot),
      mayRefreeze: false,
      because: 'leaked',
    });
    expect(move([stew], place, { ...laying, clockOf: late }).problem).toBe(problem);
  });
});

describe('what is planned', () => {
  const date = '2026-01-12';
  const serving: Serving = { lot: 'steaks', amount: { count: 2 } };
  const meals = new Map([[date, { ...NO_MEAL, guests: 1, servings: [serving] }]]);

  it('goes to another day as it was, and off the plan', () => {
    const to = '2026-01-13';
    const cold = clockOf(steaks);
    const { records, say } = valueOf(planDinner(steaks, { date: to, from: date, cold, meals }, format));
    expect(say).toBe('4 steaks are planned for Tue 13 Jan');
    expect(records).toContainEqual({ type: 'meal', key: to, value: { ...NO_MEAL, servings: [serving] } });
    expect(unplanDinner('steaks', '4 steaks', date, meals).records).toEqual([
      { type: 'meal', key: date, value: { ...NO_MEAL, guests: 1 } },
    ]);
  });

  it('does not go beyond its last day', () => {
    const cold = { ...clockOf(stew), state: 'thawed' as const, cookBy: '2026-01-11' };
    expect(planDinner(stew, { date, cold, meals }, format).problem).toBe(
      'Stew keeps until Sun 11 Jan: it is not for Mon 12 Jan.',
    );
  });

  it('what still thaws is planned for no day before it is ready', () => {
    const cold = { ...clockOf(stew), state: 'thawing' as const, cookBy: '2026-01-15', readyOn: '2026-01-13' };
    expect(planDinner(stew, { date, cold, meals }, format).problem).toBe(
      'Stew thaws until Tue 13 Jan. Plan it for then, or later.',
    );
    expect(planDinner(stew, { date: '2026-01-13', cold, meals }, format).ok).toBe(true);
  });

  it('goes on with what was taken out, in the one deed', () => {
    const some = thawForDinner(steaks, { date, serving }, meals, { ...thawing, newId: () => 'two' });
    expect(some.records).toEqual([
      {
        type: 'meal',
        key: date,
        value: { ...NO_MEAL, guests: 1, servings: [{ lot: 'two', amount: 'all' }] },
      },
      { type: 'reserved', key: 'two', value: { for: 'guests' } },
    ]);
    const whole = thawForDinner(stew, { date, serving: { lot: 'stew', amount: 'all' } }, meals, thawing);
    expect(whole.records).toEqual([]);
  });
});

describe('what is put into the cold', () => {
  const old = {
    type: 'acquired',
    lot: 'a',
    name: 'Chops',
    destination: 'main',
    massDg: 9000,
    count: 1,
    paidMinor: null,
    origin: 'already-here',
    on: '2026-01-02',
  } as const;
  const fresh = { ...old, origin: 'bought-cut', on: '2026-01-08', boughtOn: '2026-01-08' } as const;

  it('is entered with its place, or without one', () => {
    const entered = valueOf(enterPack(old, 'chest', on, format));
    expect(entered.say).toBe('Chops is in');
    expect(after(entered).get('a')).toMatchObject({ place: 'chest', leftDg: 9000 });
    expect(valueOf(enterPack(old, '', on, format)).facts).toHaveLength(1);
  });

  it('that was bought fresh needs its day, and no day is still to come', () => {
    expect(enterPack(fresh, 'chest', on, format).ok).toBe(true);
    expect(enterPack({ ...fresh, boughtOn: undefined }, 'chest', on, format).problem).toContain('Say when');
    expect(enterPack({ ...old, on: '2026-01-11' }, 'chest', on, format).problem).toContain(
      '11 Jan 2026 is still',
    );
    expect(enterPack({ ...old, on: null }, 'chest', on, format).ok).toBe(true);
  });

  it('goes in on its day, and waits in the refrigerator until then', () => {
    const [chest] = coldPlaces(new Map([['chest', { name: 'Chest', cold: 'freezer' }]]));
    const goesIn = [steaks, stew].map((lot, days) => ({
      lot: { ...lot, place: null },
      on: days === 0 ? on : '2026-01-11',
      shelf: chest!.shelves[0]!,
      appliance: chest!,
    }));
    expect(freezeBatch(goesIn, 'fridge', on)).toEqual({
      facts: [
        { type: 'placed', lot: 'steaks', place: 'chest' },
        { type: 'placed', lot: 'stew', place: 'fridge' },
      ],
      say: '1 pack is in the freezer',
    });
    expect(freezeBatch(goesIn, null, on).facts).toHaveLength(1);
  });

  it('says what the date on its label is, and which', () => {
    expect(sayKindOfDate(stew, 'use-by').facts).toEqual([
      { type: 'corrected', entry: stew.made, set: { dated: 'use-by' } },
    ]);
    expect(setLabelDate(stew, '2026-01-20', 'use-by', format)).toMatchObject({
      facts: [{ set: { until: '2026-01-20', dated: 'use-by' } }],
      say: 'Stew: 20 Jan 2026 on its label',
    });
  });
});

describe('what is wrapped', () => {
  const board = new JournalBuilder()
    .add(
      { type: 'received', lot: 'p', kind: 'strip-loin', count: 1, massDg: 50_000, paidMinor: 6000, on },
      { type: 'cut', from: 'p', lot: 's', part: 'steaks', destination: 'main', massDg: 9000, count: 3, on },
    )
    .household().journal.state;
  const tokens = tokensOf([board.lots.get('s')!], 'raw', new Map());
  const table = {
    tokens: new Map(tokens.map((token) => [token.id, token])),
    clockOf: clocks(board, on),
    meanPlateG: 180,
    on,
  };
  const trays = tokens.map(({ id }, n) => ({ ...emptyTray(`t${n}`, { wrap: 'bag' }), tokens: [id] }));
  const chest = { id: 'chest', name: 'Chest freezer', isFreezer: true };

  it('is all in one deed, with its place', () => {
    const { facts = [], say } = valueOf(wrap(trays, chest, table));
    expect(say).toBe('3 packs wrapped, in Chest freezer');
    expect(facts.map(({ type }) => type)).toEqual(Array(3).fill(['packed', 'placed']).flat());
    expect(valueOf(wrap(trays.slice(1), null, table)).say).toBe('2 packs wrapped');
  });

  it('is not frozen past its day, but may still be wrapped for the refrigerator', () => {
    const late = { ...table, clockOf: clocks(board, '2026-01-30') };
    expect(wrap(trays, chest, late).problem).toContain('is not to be frozen');
    expect(wrap(trays, { ...chest, isFreezer: false }, late).ok).toBe(true);
  });
});

describe('what is served', () => {
  const day = (date: string, amount: Serving['amount']) =>
    plannedDays(date, 1, {
      meals: new Map([[date, { ...NO_MEAL, servings: [{ lot: 'steaks', amount }] }]]),
      lots: new Map([['steaks', steaks]]),
      clockOf,
      settings: { eaters: [] },
    })[0]!;

  it('leaves the stock as it was planned, today at the latest', () => {
    const served = valueOf(serve(day('2026-01-12', { count: 2 }), on));
    expect(served).toMatchObject({
      facts: [{ type: 'eaten', amount: { count: 2 }, on }],
      say: '4 steaks eaten',
    });
    expect(after(served).get('steaks')?.countLeft).toBe(2);
    expect(valueOf(serve(day(on, 'all'), '2026-01-12')).facts).toMatchObject([{ amount: 'all', on }]);
  });

  it('is nothing where nothing of it is there', () => {
    const gone = {
      ...day(on, 'all'),
      servings: [{ ...day(on, 'all').servings[0]!, trouble: 'gone' as const }],
    };
    expect(serve(gone, on).problem).toContain('Nothing of that dinner');
  });
});
