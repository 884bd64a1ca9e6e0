import * as fc from 'fast-check';
import { basisOf } from '../books/basis-of';
import { costOfLots } from '../cost/cost-of-lots';
import { COST_METHODS } from '../cost/method';
import { COST_METHOD_IDS } from '../cost/method-ids';
import { householdOf } from '../records/household';
import { choices, endOf, play } from '../testing/random-journal';
import { runs } from '../testing/runs';
import { mangled } from '../testing/mangled';
import { keepsReport } from './keeps-report';
import { readFile } from './read-file';
import { report } from './report';
import { writeFile } from './write-file';

const files = fc
  .tuple(
    choices,
    fc.array(fc.record({ where: fc.nat(), how: fc.nat(), what: fc.nat() }), { minLength: 1, maxLength: 3 }),
    fc.oneof({ weight: 9, arbitrary: fc.constant(null) }, { weight: 1, arbitrary: fc.nat() }),
  )
  .map(([list, blows, cutAt]) =>
    mangled(writeFile(householdOf(endOf(play(list.slice(0, 15))).entries, [])), blows, cutAt),
  );

describe('a file that something happened to', () => {
  it('is read whole, or refused in a sentence; and what is read gives sums to the coin', () => {
    let read = 0;
    fc.assert(
      fc.property(files, (text) => {
        const { value: household, problem } = readFile(text);
        if (!household) return expect(problem).toMatch(/\.$/);
        read += 1;
        for (const method of COST_METHOD_IDS) {
          expect(report(household, method).purchases).toBeDefined();
          const costs = [
            ...costOfLots(household.journal.state, COST_METHODS[method], basisOf(household)).values(),
          ];
          expect(costs.every(({ minor, leftMinor }) => minor >= 0 && leftMinor >= 0)).toBe(true);
        }
        expect(keepsReport(household, { on: '2026-11-26', at: '12:00', zone: 'Etc/UTC' }).ok).toBe(true);
        expect(readFile(writeFile(household)).problem).toBeUndefined();
      }),
      runs(300),
    );
    // Neither all refused nor all read: both were tried.
    expect(read).toBeGreaterThan(20);
  });
});
