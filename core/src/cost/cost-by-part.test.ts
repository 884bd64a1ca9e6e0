import { basisOf } from '../books/basis-of';
import { costByPart } from './cost-by-part';
import { COST_METHOD_IDS } from './method-ids';
import { JournalBuilder, workedPiece } from '../testing/journal-builder';

const on = '2026-01-01';

describe('the methods side by side', () => {
  it('each column sums to what was paid', () => {
    const household = workedPiece().household();
    const costs = costByPart(household.journal.state, 'piece', basisOf(household));
    expect(costs.map(({ part, massDg }) => [part, massDg])).toEqual([
      ['centre', 34_300],
      ['chain', 4900],
      ['trimmings', 2450],
      ['fat', 7350],
    ]);
    for (const method of COST_METHOD_IDS)
      expect(costs.reduce((sum, { minor }) => sum + minor[method], 0)).toBe(6000);
  });

  it('one part sent to two destinations is two lines', () => {
    const split = new JournalBuilder().add(
      { type: 'received', lot: 'p', kind: 'strip-loin', count: 1, massDg: 10_000, paidMinor: 1000, on },
      { type: 'cut', from: 'p', lot: 'a', part: 'steaks', destination: 'main', massDg: 5000, count: 1, on },
      { type: 'cut', from: 'p', lot: 'b', part: 'steaks', destination: 'grind', massDg: 3000, count: 1, on },
      { type: 'cut', from: 'p', lot: 'c', part: 'steaks', destination: 'main', massDg: 2000, count: 2, on },
    );
    const household = split.household();
    expect(costByPart(household.journal.state, 'p', basisOf(household))).toMatchObject([
      { part: 'steaks', destination: 'main', massDg: 7000, count: 3 },
      { part: 'steaks', destination: 'grind', massDg: 3000, count: 1 },
    ]);
  });
});
