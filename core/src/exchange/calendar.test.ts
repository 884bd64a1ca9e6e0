import { animalOfKind } from '../catalogue/kinds';
import ICAL from 'ical.js';
import { takeOuts } from '../dinner/take-out';
import { plannedDays } from '../dinner/week';
import { journalOf } from '../ledger/journal';
import type { Meal } from '../dinner/meal';
import type { Settings } from '../records/settings';
import { clocks } from '../testing/clocks';
import { JournalBuilder } from '../testing/journal-builder';
import { wallAt } from '../units/zone';
import { writeCalendar } from './calendar';

const ZONE = 'Europe/Paris';
const settings: Settings = {
  system: 'metric',
  decimal: '.',
  currency: 'EUR',
  eaters: [{ name: 'Odile', plateDg: 2000 }],
};
const { lots } = journalOf(
  new JournalBuilder().add(
    {
      type: 'acquired',
      lot: 'a',
      name: 'Steaks; Bram’s, “thick”',
      animal: 'beef',
      destination: 'main',
      massDg: 8000,
      count: 4,
      plates: 4,
      paidMinor: null,
      origin: 'gift',
      on: null,
      kept: 'bought-frozen',
    },
    { type: 'placed', lot: 'a', place: 'top' },
  ).entries,
  animalOfKind,
).state;

/** The file of a plan, read back by another library. */
function readBack(meals: readonly [string, Meal][], from: string, now: string): ICAL.Event[] {
  const days = plannedDays(from, 7, {
    meals: new Map(meals),
    lots,
    clockOf: clocks({ lots }, from),
    settings,
  });
  const text = writeCalendar({
    days,
    takeOuts: takeOuts(days, { instant: now, zone: ZONE }, { awake: ['07:00', '22:00'], cookMinutes: 0 }),
    places: new Map([['top', { name: 'Chest, top' }]]),
    known: new Set(meals.map(([date]) => date)),
    zone: ZONE,
    calendar: 'tarnquay',
    now,
  });
  for (const line of text.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
  return new ICAL.Component(ICAL.parse(text))
    .getAllSubcomponents('vevent')
    .map((each) => new ICAL.Event(each));
}
const meal = (...servings: Meal['servings']): Meal => ({ servings, guests: 0, absent: [] });
const wall = (event: ICAL.Event | undefined) => wallAt(event!.startDate.toJSDate().toISOString(), ZONE);
const status = (event: ICAL.Event | undefined) => event?.component.getFirstPropertyValue('status');

describe('the calendar file, read back by ical.js', () => {
  it.each([
    ['in spring', '2026-03-29', '2026-03-28', '18:00'],
    ['in autumn', '2026-10-25', '2026-10-24', '20:00'],
    ['on a plain day', '2026-05-10', '2026-05-09', '19:00'],
  ])(
    'the clocks change %s: dinner at seven on the wall, out 24 true hours before',
    (_what, date, before, time) => {
      const events = readBack([[date, meal({ lot: 'a', amount: 'all' })]], date, '2026-03-01T09:00:00.000Z');
      expect(wall(events.find(({ uid }) => uid.startsWith(`${date}-dinner.`)))).toEqual({
        date,
        time: '19:00',
      });
      const out = events.find(({ uid }) => uid.startsWith(`${date}-refrigerator.`));
      expect(wall(out)).toEqual({ date: before, time });
      expect(out?.summary).toBe('Take out: Steaks; Bram’s, “thick”');
      expect(out?.description).toContain('Chest, top: 24 h\n');
      expect(out?.description).toContain('On a tray, at the bottom');
      expect(out?.component.getFirstSubcomponent('valarm')).not.toBeNull();
      expect(status(out)).toBe('CONFIRMED');
    },
  );

  it('a second file has the same ids, counts on, and calls off what is no longer planned', () => {
    const first = readBack(
      [['2026-05-10', meal({ lot: 'a', amount: 'all' })]],
      '2026-05-06',
      '2026-05-06T09:00:00.000Z',
    );
    const second = readBack(
      [
        ['2026-05-10', meal()],
        ['2026-05-11', meal({ lot: 'a', amount: 'all' })],
      ],
      '2026-05-06',
      '2026-05-06T09:00:05.000Z',
    );
    const of = (events: ICAL.Event[], id: string): ICAL.Event | undefined =>
      events.find(({ uid }) => uid.startsWith(id));
    expect(of(second, '2026-05-10-dinner')?.uid).toBe(of(first, '2026-05-10-dinner')?.uid);
    expect(Number(of(second, '2026-05-10-dinner')?.sequence)).toBeGreaterThan(
      Number(of(first, '2026-05-10-dinner')?.sequence),
    );
    expect(
      ['2026-05-10-dinner', '2026-05-10-refrigerator', '2026-05-11-refrigerator'].map((id) =>
        status(of(second, id)),
      ),
    ).toEqual(['CANCELLED', 'CANCELLED', 'CONFIRMED']);
    expect(new Set(first.map(({ uid }) => uid)).size).toBe(first.length);
  });
});
