import { KINDS } from '../catalogue/kinds';
import { USUAL_FEASTS } from '../feast/feasts';
import { roomIn } from '../freeze/room';
import type { Fact } from '../ledger/entry';
import type { Meal } from './meal';
import type { Settings } from '../records/settings';
import { stockOf } from '../pack/stock';
import { priceBook } from '../price/price-book';
import { clocks } from '../testing/clocks';
import { JournalBuilder } from '../testing/journal-builder';
import { addHours, addDays } from '../units/date';
import { instantAt, wallAt, weekdayOf } from '../units/zone';
import { buyNext } from './buy-next';
import { dinnersLeft } from './dinners-left';
import { eatingHabits } from './eating-habits';
import { proposeWeek, type WeekRequest } from './propose-week';
import { dueWithin, takeOuts } from './take-out';
import { splitFacts, takenFrom, thawFacts } from './use-facts';
import { useRate, weeksLeft } from './use-rate';
import { daysOfPack, plannedDays, withServing } from './week';

const TODAY = '2026-03-02'; // a Monday
const ZONE = 'Europe/Paris';
const settings: Settings = {
  system: 'metric',
  decimal: '.',
  currency: 'EUR',
  eaters: ['Odile', 'Bram', 'Tamsin', 'Ilse'].map((name) => ({ name, plateDg: 2000 })),
};
const now = { instant: instantAt(TODAY, '08:00', ZONE), zone: ZONE };
const PLATE = 2000;

const pack = (
  lot: string,
  animal: 'beef' | 'chicken' | 'lamb',
  on: string,
  plates = 4,
  some: object = {},
): Fact[] => [
  {
    type: 'acquired',
    lot,
    name: `${animal} ${lot}`,
    animal,
    destination: 'main',
    massDg: plates * PLATE,
    count: plates,
    plates,
    paidMinor: 100 * plates,
    origin: 'gift',
    on,
    kept: 'bought-frozen',
    ...some,
  },
  { type: 'placed', lot, place: 'drawer' },
];
const stateOf = (...facts: Fact[]) => new JournalBuilder().add(...facts).household().journal.state;

describe('a day and its clock', () => {
  it('hours on the wall and true hours differ when the clocks change', () => {
    expect(instantAt('2026-03-29', '19:00', ZONE)).toBe('2026-03-29T17:00:00.000Z');
    expect(wallAt(addHours(instantAt('2026-03-29', '19:00', ZONE), -24), ZONE)).toEqual({
      date: '2026-03-28',
      time: '18:00',
    });
    expect(wallAt(addHours(instantAt('2026-10-25', '19:00', ZONE), -24), ZONE)).toEqual({
      date: '2026-10-24',
      time: '20:00',
    });
    expect(wallAt(instantAt('2026-03-29', '02:30', ZONE), ZONE)).toEqual({
      date: '2026-03-29',
      time: '03:30',
    });
    expect(weekdayOf(TODAY)).toBe(1);
  });
});

describe('the plan of a week', () => {
  const state = stateOf(
    ...pack('a', 'beef', '2026-01-01'),
    ...pack('b', 'chicken', '2026-01-02'),
    ...pack('c', 'lamb', '2026-01-03'),
    { type: 'discarded', lot: 'c', amount: 'all', on: TODAY, reason: 'freezer burn' },
  );
  const meal = (some: Partial<Meal>): Meal => ({ servings: [], guests: 0, absent: [], ...some });
  const plan = (meals: [string, Meal][], some: Partial<Settings> = {}) =>
    plannedDays(TODAY, 7, {
      meals: new Map(meals),
      lots: state.lots,
      clockOf: clocks(state, TODAY),
      settings: { ...settings, ...some },
    });

  it('counts who is there, and knows the days without meat', () => {
    const days = plan([[TODAY, meal({ guests: 2, absent: ['Bram'] })]], {
      dinners: { at: '18:30', meatless: [5], awake: ['07:00', '22:00'] },
    });
    expect(days.map(({ wanted }) => wanted)).toEqual([5, 4, 4, 4, 4, 4, 4]);
    expect(days.map(({ isMeatless }) => isMeatless)).toEqual([
      false,
      false,
      false,
      false,
      true,
      false,
      false,
    ]);
    expect(days[0]?.at).toBe('18:30');
  });

  it('says which packs are gone, unknown, or wanted twice: the later day is in the wrong', () => {
    const days = plan([
      [
        TODAY,
        meal({
          servings: [
            { lot: 'a', amount: { count: 3 } },
            { lot: 'c', amount: 'all' },
          ],
        }),
      ],
      [
        addDays(TODAY, 1),
        meal({
          servings: [
            { lot: 'a', amount: { count: 2 } },
            { lot: 'zz', amount: 'all' },
          ],
        }),
      ],
    ]);
    expect(days.flatMap(({ servings }) => servings.map(({ trouble }) => trouble))).toEqual([
      null,
      'gone',
      'too-little',
      'unknown',
    ]);
    expect(days[0]?.plates).toBe(3);
  });

  it('a pack moves from day to day', () => {
    const first = withServing(new Map(), TODAY, { lot: 'a', amount: 'all' });
    const moved = withServing(first, addDays(TODAY, 2), { lot: 'a', amount: 'all' }, TODAY);
    expect([...moved].map(([date, { servings }]) => [date, servings.length])).toEqual([
      [TODAY, 0],
      [addDays(TODAY, 2), 1],
    ]);
    expect(daysOfPack('a', moved)).toEqual([addDays(TODAY, 2)]);
  });
});

describe('taking out', () => {
  const state = stateOf(...pack('a', 'beef', '2026-01-01'), ...pack('big', 'chicken', '2026-01-02', 20));
  const out = (date: string, lot: string, instant: string, at?: string) => {
    const meals = new Map([
      [date, { servings: [{ lot, amount: 'all' as const }], guests: 0, absent: [], at }],
    ]);
    return takeOuts(
      plannedDays(date, 1, { meals, lots: state.lots, clockOf: clocks(state, TODAY), settings }),
      { instant, zone: ZONE },
      { awake: ['07:00', '22:00'], cookMinutes: 0 },
    )[0];
  };

  it('a day before for 800 g, three days for a bird of 4 kg by the rule, at an hour at which somebody is up', () => {
    expect(out('2026-03-06', 'a', now.instant)).toMatchObject({
      way: 'refrigerator',
      hours: 24,
      latest: '2026-03-05T18:00:00.000Z',
      remindAt: '2026-03-05T18:00:00.000Z',
      isOut: false,
    });
    const big = out('2026-03-06', 'big', now.instant);
    expect(big?.hours).toBe(72);
    expect(wallAt(big?.latest ?? '', ZONE)).toEqual({ date: '2026-03-03', time: '19:00' });
    expect(wallAt(out('2026-03-06', 'a', now.instant, '03:00')?.remindAt ?? '', ZONE)).toEqual({
      date: '2026-03-04',
      time: '22:00',
    });
  });

  it('thawed when there is still time to cook, and not when people sit down', () => {
    const meals = new Map<string, Meal>([
      ['2026-03-06', { servings: [{ lot: 'a', amount: 'all' }], guests: 0, absent: [] }],
    ]);
    const days = plannedDays('2026-03-06', 1, {
      meals,
      lots: state.lots,
      clockOf: clocks(state, TODAY),
      settings,
    });
    const [usual] = takeOuts(days, now, { awake: ['07:00', '22:00'] });
    // Dinner at 19:00 in Paris, 45 minutes to cook, a day to thaw.
    expect(usual).toMatchObject({ panAt: '2026-03-06T17:15:00.000Z', latest: '2026-03-05T17:15:00.000Z' });
    const [slow] = takeOuts(days, now, { awake: ['07:00', '22:00'], cookMinutes: 180 });
    expect(slow?.latest).toBe('2026-03-05T15:00:00.000Z');
  });

  it('true hours over the change of the clocks: 18:00 before the spring one, 20:00 before the autumn one', () => {
    expect(wallAt(out('2026-03-29', 'a', now.instant)?.latest ?? '', ZONE).time).toBe('18:00');
    expect(wallAt(out('2026-10-25', 'a', now.instant)?.latest ?? '', ZONE).time).toBe('20:00');
  });

  it('the same day: cold water while there is time, else from frozen', () => {
    expect(out(TODAY, 'a', now.instant)).toMatchObject({ way: 'cold-water' });
    expect(out(TODAY, 'a', instantAt(TODAY, '18:55', ZONE))).toMatchObject({ way: 'from-frozen', hours: 0 });
  });

  it('what is due within a day, soonest first', () => {
    const meals = new Map<string, Meal>(
      ['2026-03-03', '2026-03-07'].map((date, i) => [
        date,
        {
          servings: [{ lot: i ? 'a' : 'big', amount: 'all' as const, way: 'refrigerator' as const }],
          guests: 0,
          absent: [],
        },
      ]),
    );
    const all = takeOuts(
      plannedDays(TODAY, 7, { meals, lots: state.lots, clockOf: clocks(state, TODAY), settings }),
      now,
      { awake: ['07:00', '22:00'], cookMinutes: 0 },
    );
    expect(dueWithin(all, now.instant, 24).map(({ lot }) => lot.id)).toEqual(['big']);
    expect(dueWithin(all, now.instant, 24 * 6).map(({ lot }) => lot.id)).toEqual(['big', 'a']);
  });
});

describe('a proposed week', () => {
  const facts = [
    ...pack('b1', 'beef', '2025-06-01'),
    ...pack('b2', 'beef', '2025-08-01'),
    ...pack('b3', 'beef', '2025-09-01'),
    ...pack('k1', 'chicken', '2025-10-01'),
    ...pack('k2', 'chicken', '2026-01-01'),
    ...pack('l', 'lamb', '2026-02-01'),
    ...pack('one', 'lamb', '2025-05-01', 1),
  ];
  const ask = (more: Fact[] = [], some: Partial<WeekRequest> = {}, meals = new Map<string, Meal>()) => {
    const state = stateOf(...facts, ...more);
    const days = plannedDays(TODAY, 7, {
      meals,
      lots: state.lots,
      clockOf: clocks(state, TODAY),
      settings: { ...settings, dinners: { at: '19:00', meatless: [5], awake: ['07:00', '22:00'] } },
    });
    return proposeWeek({
      days,
      stock: stockOf(state),
      habits: eatingHabits(state, TODAY),
      dinners: 6,
      plate: { dg: PLATE },
      clockOf: clocks(state, TODAY),
      today: TODAY,
      now,
      ...some,
    });
  };

  it('no day without meat gets any, no pack twice, no animal twice running while there is another', () => {
    const week = ask();
    const lots = week.flatMap(({ meal }) => meal.servings.map(({ lot }) => lot));
    expect(week.some(({ date }) => weekdayOf(date) === 5)).toBe(false);
    expect(new Set(lots).size).toBe(lots.length);
    const animals = week.slice(0, 5).map(({ meal }) => meal.servings[0]?.lot.charAt(0));
    for (let i = 1; i < animals.length; i++) expect(animals[i]).not.toBe(animals[i - 1]);
    expect(lots).toContain('b1');
  });

  it('what is near its date, and what is thawing, comes first', () => {
    const first = ask(pack('soon', 'lamb', '2025-01-01', 4, { until: '2025-11-10' }), {
      dinners: 1,
      days: plannedDays(TODAY, 7, {
        meals: new Map(),
        lots: new Map(),
        clockOf: clocks({ lots: new Map() }, TODAY),
        settings,
      }).slice(1, 2),
    });
    expect(first[0]).toMatchObject({ meal: { servings: [{ lot: 'soon' }] }, why: ['near-its-date'] });
    const thawing = ask([{ type: 'thawing', lot: 'k2', amount: 'all', on: TODAY, way: 'refrigerator' }], {
      dinners: 6,
    });
    // Of what was told on another day only the day is known: by its end it has been out for nothing yet.
    expect(thawing.find(({ meal }) => meal.servings[0]?.lot === 'k2')?.date).toBe(addDays(TODAY, 2));
  });

  it('keeps what is planned, and proposes no more dinners than are wanted', () => {
    const meals = new Map<string, Meal>([
      ['2026-03-04', { servings: [{ lot: 'l', amount: 'all' }], guests: 0, absent: [] }],
    ]);
    const week = ask([], {
      dinners: 3,
      days: plannedDays(TODAY, 7, {
        meals,
        lots: stateOf(...facts).lots,
        clockOf: clocks(stateOf(...facts), TODAY),
        settings,
      }),
    });
    expect(week.length).toBe(2);
    expect(week.map(({ date }) => date)).not.toContain('2026-03-04');
    expect(week.flatMap(({ meal }) => meal.servings.map(({ lot }) => lot))).not.toContain('l');
  });

  it('an empty freezer proposes nothing; too late for cold water, nothing for tonight', () => {
    expect(ask([], { stock: [] })).toEqual([]);
    const late = ask([], { now: { instant: instantAt(TODAY, '18:58', ZONE), zone: ZONE } });
    expect(late.map(({ date }) => date)).not.toContain(TODAY);
    expect(
      ask([], { dinners: 1, now: { instant: instantAt(TODAY, '18:58', ZONE), zone: ZONE } }),
    ).toHaveLength(1);
  });

  it('single pieces out of a bag where it holds more than are wanted', () => {
    const state = stateOf(
      {
        type: 'acquired',
        lot: 'x',
        name: 'loose',
        animal: 'beef',
        destination: 'main',
        massDg: 20_000,
        count: 10,
        plates: 10,
        paidMinor: null,
        origin: 'gift',
        on: '2026-01-01',
        kept: 'bought-frozen',
      },
      { type: 'unpacked', from: 'x', lot: 'y', amount: 'all', on: TODAY },
      {
        type: 'packed',
        lot: 'bag',
        name: '10 steaks',
        from: [{ lot: 'y', amount: 'all' }],
        plates: 10,
        singly: true,
        on: '2026-01-01',
      },
    );
    const days = plannedDays(TODAY, 7, {
      meals: new Map(),
      lots: state.lots,
      clockOf: clocks(state, TODAY),
      settings,
    }).slice(2, 3);
    const [day] = proposeWeek({
      days,
      stock: stockOf(state),
      habits: eatingHabits(state, TODAY),
      dinners: 1,
      plate: { dg: PLATE },
      clockOf: clocks(state, TODAY),
      today: TODAY,
      now,
    });
    expect(day?.meal.servings).toEqual([{ lot: 'bag', amount: { count: 4 } }]);
  });
});

describe('out of a pack', () => {
  const state = stateOf(...pack('p', 'beef', '2026-01-01', 5));
  const lot = state.lots.get('p')!;
  const after = (facts: readonly Fact[]) => stateOf(...pack('p', 'beef', '2026-01-01', 5), ...facts).lots;

  it('some of it thaws in the refrigerator as a lot of its own, with its plates; the rest stays frozen where it is', () => {
    const { facts, lot: taken } = thawFacts(
      lot,
      { count: 2 },
      { way: 'refrigerator', refrigerator: 'fridge', newId: 'n', on: TODAY },
    );
    const lots = after(facts);
    expect(taken).toBe('n');
    expect(lots.get('n')).toMatchObject({
      place: 'fridge',
      thawingDg: 4000,
      leftDg: 4000,
      platesLeft: 2,
      thawingWay: 'refrigerator',
      on: '2026-01-01',
    });
    expect(lots.get('p')).toMatchObject({ place: 'drawer', thawingDg: 0, leftDg: 6000, platesLeft: 3 });
  });
  it('all of it is the pack itself', () => {
    expect(takenFrom(lot, { count: 5 }, 'n', TODAY)).toEqual({ facts: [], lot: 'p' });
  });
  it('split, it is two packs of the same day in the same place, and not a gram less', () => {
    const lots = after(splitFacts({ ...lot, name: '5 steaks' }, 1, { loose: 'x', newId: 'n', on: TODAY }));
    expect(lots.get('n')).toMatchObject({
      form: 'pack',
      name: '1 steak',
      place: 'drawer',
      leftDg: 2000,
      plates: 1,
      on: '2026-01-01',
    });
    expect(lots.get('p')!.leftDg + lots.get('n')!.leftDg).toBe(10_000);
  });
});

describe('use and what to buy', () => {
  /** A pack of beef eaten every week but some, of a strip loin bought before. */
  function eating(weeks: number, skip: readonly number[] = []): Fact[] {
    const day = (week: number): string => addDays(TODAY, -7 * week - 1);
    const facts: Fact[] = [
      {
        type: 'received',
        lot: 'piece',
        kind: 'strip-loin',
        count: 1,
        massDg: 80_000,
        paidMinor: 9000,
        on: '2025-06-01',
      },
    ];
    for (let i = 0; i < weeks + 2; i++)
      facts.push(
        {
          type: 'cut',
          from: 'piece',
          lot: `c${i}`,
          part: 'steaks',
          destination: 'main',
          massDg: 2500,
          count: 1,
          on: '2025-06-01',
        },
        {
          type: 'packed',
          lot: `k${i}`,
          name: 'Steaks',
          from: [{ lot: `c${i}`, amount: 'all' }],
          plates: 4,
          on: '2025-06-01',
        },
      );
    facts.push({ type: 'closed', lot: 'piece', reason: 'rest given' });
    for (let week = 0; week < weeks; week++)
      if (!skip.includes(week)) facts.push({ type: 'eaten', lot: `k${week}`, amount: 'all', on: day(week) });
    return facts;
  }
  const of = { animal: 'beef', kind: 'strip-loin' } as const;

  it('four plates every week: four a week, without doubt; a holiday does not slow it', () => {
    expect(useRate(stateOf(...eating(10)), of, TODAY, { dg: PLATE })).toEqual({
      weeks: 10,
      aWeek: 4,
      low: 4,
      high: 4,
    });
    expect(useRate(stateOf(...eating(12, [3, 4])), of, TODAY, { dg: PLATE })).toEqual({
      weeks: 10,
      aWeek: 4,
      low: 4,
      high: 4,
    });
  });
  it('claims nothing from a few weeks', () => {
    expect(useRate(stateOf(...eating(4)), of, TODAY, { dg: PLATE })).toBeNull();
    expect(useRate(stateOf(...eating(10)), { animal: 'pork', kind: null }, TODAY, { dg: PLATE })).toBeNull();
  });
  it('lasts from so long to so long', () => {
    expect(weeksLeft(8, { low: 2, high: 4 })).toEqual({ least: 2, most: 4 });
    expect(weeksLeft(8, { low: 0, high: 4 })).toEqual({ least: 2, most: null });
  });

  const ask = (facts: Fact[], some: Partial<Parameters<typeof buyNext>[0]> = {}) => {
    const state = stateOf(...facts);
    return buyNext({
      feasts: USUAL_FEASTS,
      state,
      stock: stockOf(state),
      kinds: KINDS,
      book: priceBook([]),
      room: roomIn(300, 0),
      plate: { dg: PLATE },
      today: TODAY,
      ...some,
    })[0];
  };
  it('two packs left at a pack a week: to be bought now; no room, no purchase; too little known, no claim', () => {
    expect(ask(eating(10))).toMatchObject({
      kind: 'strip-loin',
      advice: 'buy-now',
      plates: 8,
      runsOut: { earliest: addDays(TODAY, 14) },
      fits: true,
    });
    expect(ask(eating(10), { room: roomIn(4, 0) })).toMatchObject({ advice: 'no-room' });
    expect(ask(eating(3))).toMatchObject({ advice: 'too-early', rate: null, runsOut: null });
  });
  it('an offer every spring is waited for, one of today taken', () => {
    const notes = ['2022', '2023', '2024', '2025'].flatMap((year) =>
      ['03-20', '01-15', '09-10'].map(
        (day, i) =>
          [
            `${year}${day}`,
            {
              item: 'piece-strip-loin',
              shop: 'Hollis Lane Farm',
              perKgMinor: i ? 2000 : 1500,
              offer: i === 0,
              on: `${year}-${day}`,
            },
          ] as const,
      ),
    );
    const plenty = eating(20).filter((fact) => fact.type !== 'eaten' || Number(fact.lot.slice(1)) > 7);
    expect(ask(plenty, { book: priceBook(notes) })).toMatchObject({ advice: 'wait-for-offer' });
    const today = [
      ...notes,
      [
        'now',
        { item: 'piece-strip-loin', shop: 'Hollis Lane Farm', perKgMinor: 1400, offer: true, on: TODAY },
      ] as const,
    ];
    expect(ask(plenty, { book: priceBook(today) })).toMatchObject({
      advice: 'on-offer',
      now: { perKgMinor: 1400 },
    });
  });
  it('dinners left by animal and kind; bones make none', () => {
    const state = stateOf(
      ...eating(10),
      ...pack('x', 'lamb', TODAY, 6),
      ...pack('bones', 'beef', TODAY, 3, { destination: 'stock' }),
    );
    expect(dinnersLeft(stockOf(state), 4, { dg: PLATE }).map(({ name, dinners }) => [name, dinners])).toEqual(
      [
        ['Strip loin', 2],
        ['other packs', 1.5],
      ],
    );
  });
});
