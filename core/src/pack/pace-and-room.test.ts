import { JournalBuilder } from '../testing/journal-builder';
import { minutesBetween } from '../units/date';
import { seededUniform } from '../units/random';
import { meatPerWeekDg } from './pace';

describe('the pace of a household', () => {
  const pack = (lot: string) =>
    ({
      type: 'acquired',
      lot,
      name: lot,
      destination: 'main',
      massDg: 12_000,
      count: 1,
      plates: 4,
      paidMinor: 100,
      origin: 'gift',
      on: null,
    }) as const;
  const { state } = new JournalBuilder()
    .add(
      pack('long-ago'),
      pack('lately'),
      pack('given'),
      { type: 'eaten', lot: 'long-ago', amount: 'all', on: '2026-01-01' },
      { type: 'eaten', lot: 'lately', amount: { plates: 2 }, on: '2026-05-01' },
      { type: 'given', lot: 'given', amount: 'all', on: '2026-05-01' },
    )
    .household().journal;

  it('is what was eaten in the last twelve weeks, a week', () => {
    expect(meatPerWeekDg(state, '2026-05-02')).toBe(500);
    expect(meatPerWeekDg(state, '2026-04-30')).toBe(0);
    expect(meatPerWeekDg(state, '2026-01-01')).toBe(1000);
  });
});

describe('what comes from outside', () => {
  it('minutes between two moments', () => {
    expect(minutesBetween('2026-01-01T23:59:30.000Z', '2026-01-02T00:01:00.000Z')).toBe(1.5);
  });

  it('seeded numbers are even, between 0 and 1, and the same for one seed', () => {
    const [a, b, other] = [seededUniform(7), seededUniform(7), seededUniform(8)];
    const numbers = Array.from({ length: 20_000 }, () => a());
    expect(numbers.slice(0, 100)).toEqual(Array.from({ length: 100 }, () => b()));
    expect(other()).not.toBe(numbers[0]);
    expect(Math.min(...numbers)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...numbers)).toBeLessThan(1);
    for (let tenth = 0; tenth < 10; tenth++) {
      const share = numbers.filter((number) => Math.floor(number * 10) === tenth).length / numbers.length;
      expect(Math.abs(share - 0.1)).toBeLessThan(0.01);
    }
  });
});
