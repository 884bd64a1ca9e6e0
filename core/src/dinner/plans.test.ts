import * as fc from 'fast-check';
import ICAL from 'ical.js';
import { writeCalendar } from '../exchange/calendar';
import type { Fact } from '../ledger/entry';
import type { Meal } from './meal';
import type { Settings } from '../records/settings';
import { stockOf } from '../pack/stock';
import { clocks } from '../testing/clocks';
import { JournalBuilder } from '../testing/journal-builder';
import { addDays, minutesBetween } from '../units/date';
import { instantAt, wallAt, weekdayOf } from '../units/zone';
import { dueSoon } from './due-soon';
import { eatingHabits } from './eating-habits';
import { platesOf } from './plates-of';
import { proposeWeek } from './propose-week';
import { servedShare } from './served-of';
import { takeOuts } from './take-out';
import { plannedDays, without, withServing } from './week';

const TODAY = '2026-03-25'; // four days before the clocks change
const ZONES = ['Europe/Paris', 'America/New_York', 'Asia/Tokyo', 'Australia/Adelaide', 'UTC'];
const PLATE = 2000;
const settings: Settings = {
  system: 'metric',
  decimal: '.',
  currency: 'EUR',
  eaters: ['Odile', 'Bram', 'Tamsin'].map((name) => ({ name, plateDg: PLATE })),
  dinners: { at: '19:00', meatless: [5], awake: ['07:00', '22:00'] },
};

/** A pack of any kind: its animal, plates, age, place, whether it thaws or can be taken apart. */
const onePack = fc.record({
  animal: fc.constantFrom('beef' as const, 'chicken' as const, 'lamb' as const),
  destination: fc.constantFrom('main' as const, 'main' as const, 'grind' as const, 'stock' as const),
  plates: fc.integer({ min: 1, max: 9 }),
  age: fc.integer({ min: 0, max: 500 }),
  place: fc.constantFrom('drawer', 'drawer', 'drawer', 'fridge'),
  isThawing: fc.integer({ min: 0, max: 9 }).map((n) => n === 0),
  singly: fc.boolean(),
});
type OnePack = typeof onePack extends fc.Arbitrary<infer T> ? T : never;

function stateOf(packs: readonly OnePack[]) {
  const facts = packs.flatMap(({ animal, destination, plates, age, place, isThawing, singly }, i): Fact[] => {
    // What lies in the refrigerator was bought in these days.
    const on = addDays(TODAY, -(place === 'fridge' ? age % 4 : age));
    return [
      {
        type: 'acquired',
        lot: `in${i}`,
        name: `${plates} of ${animal}`,
        animal,
        destination,
        massDg: plates * PLATE,
        count: plates,
        plates,
        paidMinor: null,
        origin: 'gift',
        on,
        ...(place === 'fridge' ? {} : { kept: 'bought-frozen' as const }),
      },
      { type: 'unpacked', from: `in${i}`, lot: `loose${i}`, amount: 'all', on },
      {
        type: 'packed',
        lot: `p${i}`,
        name: `${plates} of ${animal}`,
        from: [{ lot: `loose${i}`, amount: 'all' }],
        plates,
        singly: singly || undefined,
        on,
      },
      { type: 'placed', lot: `p${i}`, place },
      ...(isThawing
        ? [
            {
              type: 'thawing' as const,
              lot: `p${i}`,
              amount: 'all' as const,
              on: addDays(TODAY, -1),
              way: 'refrigerator' as const,
            },
          ]
        : []),
    ];
  });
  return new JournalBuilder().add(...facts).household().journal.state;
}

describe('a proposed week, whatever lies there', () => {
  it('takes no pack twice, nothing that makes no plate, nothing that cannot be ready or keeps no longer, nothing on a day without meat', () => {
    fc.assert(
      fc.property(
        fc.array(onePack, { maxLength: 25 }),
        fc.integer({ min: 1, max: 7 }),
        fc.integer({ min: 0, max: 23 }),
        fc.constantFrom(...ZONES),
        (packs, dinners, hour, zone) => {
          const state = stateOf(packs);
          const days = plannedDays(TODAY, 7, {
            meals: new Map(),
            lots: state.lots,
            clockOf: clocks(state, TODAY),
            settings,
          });
          const now = { instant: instantAt(TODAY, `${String(hour).padStart(2, '0')}:00`, zone), zone };
          const week = proposeWeek({
            days,
            stock: stockOf(state),
            habits: eatingHabits(state, TODAY),
            dinners,
            plate: { dg: PLATE },
            clockOf: clocks(state, TODAY),
            today: TODAY,
            now,
          });
          expect(week.length).toBeLessThanOrEqual(dinners);
          const shares = new Map<string, number>();
          for (const { date, meal } of week) {
            expect(weekdayOf(date)).not.toBe(5);
            for (const { lot: id, amount } of meal.servings) {
              const lot = state.lots.get(id)!;
              expect(platesOf(lot, { dg: PLATE })).toBeGreaterThan(0);
              shares.set(id, (shares.get(id) ?? 0) + servedShare(lot, amount));
              const { state: cold, cookBy, overdue } = clocks(state, TODAY)(lot);
              expect(overdue).toBe(false);
              if (cold !== 'frozen') expect(cookBy === null || date <= cookBy).toBe(true);
              else expect(minutesBetween(now.instant, instantAt(date, '19:00', zone))).toBeGreaterThan(0);
            }
          }
          for (const share of shares.values()) expect(share).toBeLessThanOrEqual(1 + 1e-9);
          // What is proposed is planned without a word of trouble.
          const planned = plannedDays(TODAY, 7, {
            meals: new Map(week.map(({ date, meal }) => [date, meal])),
            lots: state.lots,
            clockOf: clocks(state, TODAY),
            settings,
          });
          expect(
            planned
              .flatMap(({ servings }) => servings.map(({ trouble }) => trouble))
              .every((trouble) => trouble === null),
          ).toBe(true);
        },
      ),
      { numRuns: 150 },
    );
  });

  it('fills every day that it can: a plan that leaves one free is never the cheaper one', () => {
    const state = stateOf([
      {
        animal: 'beef',
        destination: 'main',
        plates: 3,
        age: 100,
        place: 'drawer',
        isThawing: false,
        singly: false,
      },
      {
        animal: 'beef',
        destination: 'main',
        plates: 3,
        age: 90,
        place: 'drawer',
        isThawing: false,
        singly: false,
      },
      {
        animal: 'beef',
        destination: 'main',
        plates: 3,
        age: 80,
        place: 'drawer',
        isThawing: false,
        singly: false,
      },
    ]);
    const days = plannedDays(TODAY, 7, {
      meals: new Map(),
      lots: state.lots,
      clockOf: clocks(state, TODAY),
      settings,
    });
    const now = { instant: instantAt(TODAY, '08:00', 'Europe/Paris'), zone: 'Europe/Paris' };
    expect(
      proposeWeek({
        days,
        stock: stockOf(state),
        habits: eatingHabits(state, TODAY),
        dinners: 3,
        plate: { dg: PLATE },
        clockOf: clocks(state, TODAY),
        today: TODAY,
        now,
      }),
    ).toHaveLength(3);
  });

  it('looks at what is planned on the days beside: no third day of beef between two', () => {
    const pack = (animal: 'beef' | 'chicken', age: number) => ({
      animal,
      destination: 'main' as const,
      plates: 3,
      age,
      place: 'drawer' as const,
      isThawing: false,
      singly: false,
    });
    const state = stateOf([pack('beef', 300), pack('beef', 290), pack('beef', 280), pack('chicken', 20)]);
    const meals = new Map<string, Meal>(
      [0, 2].map((day, i) => [
        addDays(TODAY, day),
        { servings: [{ lot: `p${i}`, amount: 'all' as const }], guests: 0, absent: [] },
      ]),
    );
    const days = plannedDays(TODAY, 3, {
      meals,
      lots: state.lots,
      clockOf: clocks(state, TODAY),
      settings: { ...settings, dinners: { at: '19:00', meatless: [], awake: ['07:00', '22:00'] } },
    });
    const now = { instant: instantAt(TODAY, '08:00', 'Europe/Paris'), zone: 'Europe/Paris' };
    const [day] = proposeWeek({
      days,
      stock: stockOf(state),
      habits: eatingHabits(state, TODAY),
      dinners: 3,
      plate: { dg: PLATE },
      clockOf: clocks(state, TODAY),
      today: TODAY,
      now,
    });
    expect(day).toMatchObject({ date: addDays(TODAY, 1), meal: { servings: [{ lot: 'p3' }] } });
  });
});

describe('taking out, whenever and wherever', () => {
  const anyMeal = fc.record({
    day: fc.integer({ min: 0, max: 13 }),
    pack: fc.nat(5),
    at: fc.integer({ min: 0, max: 23 }),
  });
  it('reminds while somebody is up, never after the latest moment, which is true hours before dinner; fresh packs are out already', () => {
    fc.assert(
      fc.property(
        fc.array(onePack, { minLength: 6, maxLength: 6 }),
        fc.array(anyMeal, { maxLength: 8 }),
        fc.constantFrom(...ZONES),
        (packs, list, zone) => {
          const { lots } = stateOf(packs);
          const meals = new Map<string, Meal>(
            list.map(({ day, pack, at }) => [
              addDays(TODAY, day),
              {
                servings: [{ lot: `p${pack}`, amount: 'all' }],
                guests: 0,
                absent: [],
                at: `${String(at).padStart(2, '0')}:30`,
              },
            ]),
          );
          const now = { instant: instantAt(TODAY, '08:00', zone), zone };
          const clockOf = clocks({ lots }, TODAY);
          const known = { meals, lots, clockOf, settings, pieces: [], cuttings: new Map() };
          for (const each of takeOuts(plannedDays(TODAY, 14, known), now, {
            awake: ['07:00', '22:00'],
            cookMinutes: 0,
          })) {
            expect(each.remindAt <= each.latest && each.latest <= each.dinnerAt).toBe(true);
            expect(minutesBetween(each.latest, each.panAt) / 60).toBeCloseTo(each.hours, 3);
            expect(each.isOut).toBe(each.lot.thawingDg > 0 || each.lot.place === 'fridge');
            if (each.way !== 'refrigerator') continue;
            const { time } = wallAt(each.remindAt, zone);
            expect(time >= '07:00' && time <= '22:00').toBe(true);
          }
          for (const { lot, at } of dueSoon(known, TODAY, now)) {
            expect(minutesBetween(now.instant, at)).toBeLessThanOrEqual(6 * 60);
            expect([lot.thawingDg, lot.place]).toEqual([0, 'drawer']);
          }
        },
      ),
      { numRuns: 150 },
    );
  });

  it('any plan’s calendar is read back whole, each id once, each time in UTC', () => {
    fc.assert(
      fc.property(
        fc.array(onePack, { minLength: 6, maxLength: 6 }),
        fc.array(anyMeal, { maxLength: 8 }),
        fc.constantFrom(...ZONES),
        (packs, list, zone) => {
          const { lots } = stateOf(packs);
          const meals = new Map<string, Meal>(
            list.map(({ day, pack }) => [
              addDays(TODAY, day),
              { servings: [{ lot: `p${pack}`, amount: 'all' }], guests: 0, absent: [] },
            ]),
          );
          const now = instantAt(TODAY, '08:00', zone);
          const days = plannedDays(TODAY, 14, { meals, lots, clockOf: clocks({ lots }, TODAY), settings });
          const text = writeCalendar({
            days,
            takeOuts: takeOuts(days, { instant: now, zone }, { awake: ['07:00', '22:00'], cookMinutes: 0 }),
            places: new Map(),
            known: new Set(meals.keys()),
            zone,
            calendar: 'a',
            now,
          });
          const events = new ICAL.Component(ICAL.parse(text))
            .getAllSubcomponents('vevent')
            .map((each) => new ICAL.Event(each));
          expect(events).toHaveLength(3 * meals.size);
          expect(new Set(events.map(({ uid }) => uid)).size).toBe(events.length);
          for (const { startDate } of events) expect(startDate.zone.tzid).toBe('UTC');
        },
      ),
      { numRuns: 60 },
    );
  });
});

describe('a plan as it is changed', () => {
  const serving = (lot: string) => ({ lot, amount: 'all' as const });
  it('a pack is on one day once, however it was moved; what else was said of the days stays', () => {
    fc.assert(
      fc.property(
        fc.array(fc.record({ lot: fc.constantFrom('a', 'b', 'c'), day: fc.nat(4) }), { maxLength: 20 }),
        (moves) => {
          let meals: ReadonlyMap<string, Meal> = new Map([
            [addDays(TODAY, 2), { servings: [], guests: 3, absent: ['Bram'] }],
          ]);
          const where = new Map<string, string>();
          for (const { lot, day } of moves) {
            const date = addDays(TODAY, day);
            meals = new Map([...meals, ...withServing(meals, date, serving(lot), where.get(lot))]);
            where.set(lot, date);
          }
          for (const [lot, date] of where)
            expect(
              [...meals]
                .filter(([, { servings }]) => servings.some((each) => each.lot === lot))
                .map(([on]) => on),
            ).toEqual([date]);
          expect(meals.get(addDays(TODAY, 2))).toMatchObject({ guests: 3, absent: ['Bram'] });
        },
      ),
    );
  });
  it('is taken off, and a day without meat that gets some has meat', () => {
    const meal: Meal = { servings: [serving('a'), serving('b')], guests: 0, absent: [] };
    expect(without(meal, 'a').servings).toEqual([serving('b')]);
    expect(
      withServing(new Map([[TODAY, { ...meal, servings: [], meatless: true }]]), TODAY, serving('a')).get(
        TODAY,
      )?.meatless,
    ).toBeUndefined();
  });
});
