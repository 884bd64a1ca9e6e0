import { clockAt } from '../books/clock-at';
import type { Cold } from '../cold/cold';
import { whyOf } from '../cold/why';
import { oldFile } from '../testing/old-file';
import { readFile } from './read-file';

/** What a lot of an older file says of its dates now. */
function dates(lot: string, on: string): Cold {
  const household = readFile(oldFile(10)).value!;
  return clockAt(household, 'Europe/Lisbon', `${on}T10:00:00.000Z`)(household.journal.state.lots.get(lot)!);
}

describe('a file of version 10 keeps its dates, or says why they are others', () => {
  it.each([
    [
      'a pack in the refrigerator',
      'pack-0024',
      '2023-12-11',
      'thawed',
      '2023-12-11',
      '2023-12-12',
      /^Thawed in the/,
    ],
    // Until version 10 it was never due, and had no last day.
    [
      'a sealed loin without a date',
      'loin-sealed',
      '2024-06-19',
      'sealed',
      '2024-06-20',
      '2024-06-24',
      /our own caution/,
    ],
    // What said nothing of its bag counts by the chart, as it did; it says that nobody said so.
    [
      'a loin that said nothing of its bag',
      'pork-unsaid',
      '2024-06-13',
      'fresh',
      '2024-06-15',
      '2024-06-17',
      /nobody said that it came in its packer’s sealed bag/,
    ],
  ] as const)('%s', (_what, lot, on, state, due, last, why) => {
    const cold = dates(lot, on);
    expect([cold.state, cold.dueOn, cold.cookBy]).toEqual([state, due, last]);
    expect(whyOf(cold)).toMatch(why);
  });

  it('what lay frozen is frozen, its best-before by the middle of the published range', () => {
    // Pork chops put in on 14 October 2023: 4 to 12 months, where the longest was told before.
    const cold = dates('pack-0026', '2024-01-01');
    const { state, bestBefore, bestRange } = cold;
    expect([state, bestBefore, bestRange]).toEqual(['frozen', '2024-06-14', ['2024-02-14', '2024-10-14']]);
    expect(whyOf(cold)).toContain('the middle of the published range');
  });
});
