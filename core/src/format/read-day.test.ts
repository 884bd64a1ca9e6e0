import fc from 'fast-check';
import { addDays } from '../units/date';
import { dayAndYear, dayWords } from './days';
import { readDay } from './read-day';

const TODAY = '2026-11-30';
const day = (text: string, today = TODAY): string | undefined => readDay(text, today).value;

describe('a day that is typed', () => {
  it.each([
    ['26 Nov', '2026-11-26'],
    ['26 november 2025', '2025-11-26'],
    ['26th Nov', '2026-11-26'],
    ['Nov 26, 2026', '2026-11-26'],
    ['26.11.', '2026-11-26'],
    ['26.11.2026', '2026-11-26'],
    ['3.4.2026', '2026-04-03'],
    ['26/11/26', '2026-11-26'],
    ['11/26/2026', '2026-11-26'],
    ['2026-11-26', '2026-11-26'],
    ['12/12', '2026-12-12'],
    ['today', TODAY],
    [' Yesterday ', '2026-11-29'],
    ['tomorrow', '2026-12-01'],
  ])('reads %s', (text, expected) => expect(day(text)).toBe(expected));

  it('takes the nearest where no year is said', () => {
    expect(day('5 Jan')).toBe('2027-01-05');
    expect(day('20 Dec', '2027-01-05')).toBe('2026-12-20');
    expect(day('29 Feb', '2028-01-05')).toBe('2028-02-29');
    expect(readDay('5 Jan', TODAY, { latest: TODAY }).value).toBe('2026-01-05');
    expect(readDay('20 Nov', TODAY, { earliest: TODAY }).value).toBe('2027-11-20');
  });

  it('asks where it could be read either way about, and refuses what is no day', () => {
    expect(readDay('3/4/2026', TODAY).problem).toBe('Is 3 Apr 2026 meant, or 4 Mar 2026? Write it so.');
    expect(readDay('31 Feb', TODAY).problem).toBe(
      '“31 Feb” is no day. Write it as 30 Nov 2026, or 2026-11-30.',
    );
    for (const text of ['', 'soon', '32.1.', '13/13/2026', '2026-02-30', '26 Foo', '0 Jan', 'constructor'])
      expect([text, readDay(text, TODAY).ok]).toEqual([text, false]);
  });

  it('reads every day that the household is shown, as it is shown', () => {
    fc.assert(
      fc.property(fc.integer({ min: -180, max: 180 }), fc.integer({ min: 0, max: 3000 }), (days, shift) => {
        const today = addDays('2024-01-01', shift);
        const date = addDays(today, days);
        expect(day(dayAndYear(date), today)).toBe(date);
        expect(day(dayWords(date, today), today)).toBe(date);
        expect(day(date, today)).toBe(date);
      }),
    );
  });
});
