import * as fc from 'fast-check';
import { addDays } from '../units/date';
import { copiesKept } from './copies-kept';

describe('which rolling copies stay', () => {
  it('of a copy every day for two years: seven days, then by the week, then by the month', () => {
    const days = Array.from({ length: 730 }, (_, at) => addDays('2024-11-28', at));
    // The last day is Friday, 27 November 2026.
    expect(copiesKept(days, '2026-11-27')).toEqual([
      '2026-11-27',
      '2026-11-26',
      '2026-11-25',
      '2026-11-24',
      '2026-11-23',
      '2026-11-22',
      '2026-11-21',
      '2026-11-15',
      '2026-11-08',
      '2026-11-01',
      '2026-10-31',
      '2026-10-25',
      '2026-10-18',
      '2026-10-11',
      '2026-09-30',
      '2026-08-31',
      '2026-07-31',
      '2026-06-30',
      '2026-05-31',
      '2026-04-30',
      '2026-03-31',
      '2026-02-28',
      '2026-01-31',
      '2025-12-31',
    ]);
  });

  it('today’s stays, however many copies a clock that was ahead has left', () => {
    const ahead = Array.from({ length: 400 }, (_, at) => addDays('2030-01-01', at));
    expect(copiesKept([...ahead, '2026-11-27', '2026-11-26'], '2026-11-27')).toContain('2026-11-27');
    expect(copiesKept(ahead, '2026-11-27')).not.toContain('2026-11-27');
  });

  it('thinned out day by day, the same stay as of all at once; the latest always', () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.nat(900), { minLength: 1, maxLength: 120 }), (offsets) => {
        const days = [...offsets].sort((a, b) => a - b).map((at) => addDays('2024-01-01', at));
        const rolling = days.reduce<string[]>((kept, day) => copiesKept([...kept, day], day), []);
        expect(rolling[0]).toBe(days.at(-1));
        expect(rolling.length).toBeLessThanOrEqual(27);
        expect(rolling.slice(0, 7)).toEqual([...days].reverse().slice(0, 7));
        // A week, or a month, that was kept at its end is kept still.
        for (const day of copiesKept(days, days.at(-1) as string).slice(0, 7)) expect(rolling).toContain(day);
      }),
    );
  });
});
