import { clockAt } from '../books/clock-at';
import { readyBy } from '../freeze/ready-by';
import type { Lot } from '../ledger/lot';
import { householdOf } from '../records/household';
import type { HouseholdRecord } from '../records/record';
import { JournalBuilder } from '../testing/journal-builder';
import { addDays, addHours, minutesBetween, type Instant } from '../units/date';
import { instantAt, wallAt } from '../units/zone';

/*
 * A week by the hour, where the clocks are put forward and back: what thaws takes true hours, and its
 * days are those of the calendar on the wall.
 */

/** Three zones, each around both changes of its clocks in 2026. */
const WEEKS: [zone: string, evening: string, hoursADay: number][] = [
  ['Europe/Lisbon', '2026-03-28', 23],
  ['Europe/Lisbon', '2026-10-24', 25],
  ['America/New_York', '2026-03-07', 23],
  ['America/New_York', '2026-10-31', 25],
  ['Pacific/Auckland', '2026-04-04', 25],
  ['Pacific/Auckland', '2026-09-26', 23],
];

const stamp = { at: '2026-01-01T00:00:00.000Z', device: 'tablet', seq: 0 };
const PLACES: HouseholdRecord[] = [
  { type: 'place', key: 'chest', stamp, value: { name: 'Chest', cold: 'freezer' } },
  { type: 'place', key: 'fridge', stamp, value: { name: 'Refrigerator', cold: 'refrigerator' } },
];

/** Thighs of 0.6 kg that came frozen, and are out at 21:05 of an evening. */
function out(zone: string, evening: string): { household: ReturnType<typeof householdOf>; at: Instant } {
  const at = instantAt(evening, '21:05', zone);
  const builder = new JournalBuilder();
  const entries = [
    {
      ...builder.entry({
        type: 'acquired',
        lot: 'x',
        name: 'Thighs',
        animal: 'chicken',
        destination: 'main',
        massDg: 6000,
        count: 1,
        paidMinor: 400,
        origin: 'bought-cut',
        on: addDays(evening, -3),
        kept: 'bought-frozen',
      }),
      at: addHours(at, -72),
    },
    { ...builder.entry({ type: 'placed', lot: 'x', place: 'chest' }), at: addHours(at, -71) },
    { ...builder.entry({ type: 'thawing', lot: 'x', amount: 'all', on: evening }), at },
    { ...builder.entry({ type: 'placed', lot: 'x', place: 'fridge' }), at },
  ];
  return { household: householdOf(entries, PLACES), at };
}

describe('a week by the hour', () => {
  it.each(WEEKS)('%s, from %s, a day of %p hours', (zone, evening, hoursADay) => {
    const { household, at } = out(zone, evening);
    const ready = addHours(at, 24);
    // A day of 23 or 25 hours moves the hour on the wall, not the hours in the meat.
    expect(wallAt(ready, zone).time).toBe(hoursADay === 23 ? '22:05' : '20:05');
    for (let hour = 0; hour <= 7 * 24; hour += 1) {
      const now = addHours(at, hour);
      const { date: today } = wallAt(now, zone);
      const clockOf = clockAt(household, zone, now);
      const lot = household.journal.state.lots.get('x') as Lot;
      const cold = clockOf(lot);
      expect([hour, cold.state]).toEqual([hour, hour < 24 ? 'thawing' : 'thawed']);
      expect([cold.readyAt, cold.readyOn]).toEqual([ready, addDays(evening, 1)]);
      expect([cold.dueOn, cold.cookBy]).toEqual([addDays(evening, 2), addDays(evening, 3)]);
      expect([hour, cold.overdue]).toEqual([hour, today > addDays(evening, 3)]);
      const panAt = addHours(now, 2);
      const [way] = readyBy([lot], { now, panAt, on: wallAt(panAt, zone).date }, clockOf).map(
        (each) => each.way,
      );
      const isThrough = minutesBetween(at, now) >= 24 * 60;
      const isInTime = minutesBetween(at, panAt) >= 24 * 60;
      const keeps = wallAt(panAt, zone).date <= addDays(evening, 3);
      // Before it is through, cold water takes an hour: it is offered that way.
      expect([hour, way]).toEqual([
        hour,
        cold.overdue || !keeps ? undefined : isThrough ? 'thawed' : isInTime ? 'on-its-way' : 'cold-water',
      ]);
    }
  });

  it('a phone that is flown around the world tells the days of where it is, and the hours as they were', () => {
    const { household, at } = out('Pacific/Auckland', '2026-11-20');
    const lot = household.journal.state.lots.get('x') as Lot;
    const now = addHours(at, 23);
    const there = clockAt(household, 'Pacific/Auckland', now)(lot);
    const here = clockAt(household, 'Europe/Lisbon', now)(lot);
    expect([here.state, here.readyAt]).toEqual([there.state, there.readyAt]);
    expect([there.cookBy, here.cookBy]).toEqual(['2026-11-23', '2026-11-23']);
    expect([there.overdue, here.overdue]).toEqual([false, false]);
  });
});
