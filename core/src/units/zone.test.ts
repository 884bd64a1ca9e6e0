import fc from 'fast-check';
import { Temporal } from 'temporal-polyfill';
import { daylight, instantAt, wallAt, weekdayOf } from './zone';
import { addDays } from './date';

const zones = fc.constantFrom(
  ...['Europe/Paris', 'America/St_Johns', 'Australia/Lord_Howe', 'Asia/Kathmandu', 'Pacific/Apia', 'Etc/GMT'],
  ...['Africa/Casablanca', 'America/Sao_Paulo', 'Pacific/Chatham', 'Asia/Tokyo', 'UTC'],
);
const moments = fc.date({
  min: new Date('1975-01-01'),
  max: new Date('2060-01-01'),
  noInvalidDate: true,
});

describe('a zone', () => {
  it('shows what another library shows, at any moment', () => {
    fc.assert(
      fc.property(moments, zones, (moment, zone) => {
        const wall = Temporal.Instant.from(moment.toISOString()).toZonedDateTimeISO(zone);
        expect(wallAt(moment.toISOString(), zone)).toEqual({
          date: wall.toPlainDate().toString(),
          time: wall.toPlainTime().toString({ smallestUnit: 'minute' }),
        });
        expect(weekdayOf(wall.toPlainDate().toString())).toBe(wall.dayOfWeek);
      }),
    );
  });

  it('finds the moment that another library finds, also where the clocks are changed', () => {
    // What the wall shows near a change, an hour to and fro: times that are left out, and shown twice.
    const changes = fc.constantFrom(
      ...['2026-03-29T02:30', '2026-10-25T02:30', '2011-12-30T12:00', '2026-04-05T01:45', '2026-10-04T02:15'],
      ...['2026-11-01T01:30', '2026-03-08T02:59', '2018-11-04T00:10', '2018-02-17T23:30'],
    );
    const walls = fc.oneof(
      changes,
      moments.map((moment) => moment.toISOString().slice(0, 16)),
    );
    fc.assert(
      fc.property(walls, zones, (wall, zone) => {
        const [date = '', time = ''] = wall.split('T');
        const known = Temporal.PlainDateTime.from(wall).toZonedDateTime(zone).toInstant();
        expect(instantAt(date, time, zone)).toBe(known.toString({ smallestUnit: 'millisecond' }));
      }),
      { numRuns: 500 },
    );
  });

  it('by day, finds very many moments as it finds one, so many days later', () => {
    const minutes = fc.integer({ min: 6 * 60, max: 22 * 60 });
    fc.assert(
      fc.property(
        moments,
        minutes,
        fc.integer({ min: -1500, max: 1500 }),
        zones,
        (moment, minute, days, zone) => {
          const day = moment.toISOString().slice(0, 10);
          const time = new Date(minute * 60_000).toISOString().slice(11, 16);
          expect(daylight(zone)(`${day}T${time}:00`, days)).toBe(instantAt(addDays(day, days), time, zone));
        },
      ),
      { numRuns: 500 },
    );
  });

  it('refuses what is no day, no time and no zone', () => {
    expect(() => instantAt('2026-13-01', '10:00', 'UTC')).toThrow(RangeError);
    expect(() => instantAt('2026-12-01', '25:00', 'UTC')).toThrow(RangeError);
    expect(() => instantAt('2026-12-01', '10:00', 'Europe/Tarn_Quay')).toThrow(RangeError);
    expect(() => wallAt('yesterday', 'UTC')).toThrow(RangeError);
  });
});
