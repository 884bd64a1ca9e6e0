import * as fc from 'fast-check';
import { runs } from '../testing/runs';
import { isUnlikelySplit, splitWeights, type SplitGroup } from './split-weights';

const two = (massDg: number | null): SplitGroup => ({ count: 2, massDg });

describe('what the groups of a split piece weigh', () => {
  it.each<[string, SplitGroup[], number[], number]>([
    [
      'none weighed: by their number',
      [
        { count: 3, massDg: null },
        { count: 1, massDg: null },
      ],
      [48_000, 16_000],
      0,
    ],
    ['one weighed: it counts, the other has the rest', [two(31_000), two(null)], [31_000, 33_000], 0],
    ['all weighed, as there is', [two(31_000), two(33_000)], [31_000, 33_000], 0],
    ['all weighed, and less than there is', [two(31_000), two(32_000)], [31_000, 32_000], 1000],
    ['all weighed, and more', [two(33_000), two(32_000)], [33_000, 32_000], -1000],
  ])('%s', (_what, groups, massesDg, missingDg) => {
    expect(splitWeights(64_000, groups).value).toEqual({ massesDg, missingDg });
  });

  it('says when nothing would be left for the others, and asks when it is hardly theirs', () => {
    expect(splitWeights(64_000, [two(64_000), two(null)]).problem).toBe('nothing-for-the-rest');
    expect(isUnlikelySplit([two(56_000), two(null)], [56_000, 8000])).toBe(true);
    expect(isUnlikelySplit([two(31_000), two(null)], [31_000, 33_000])).toBe(false);
  });

  it('comes to what is there, whoever was weighed', () => {
    const group = fc.record({
      count: fc.integer({ min: 1, max: 9 }),
      massDg: fc.option(fc.integer({ min: 1, max: 20_000 })),
    });
    fc.assert(
      fc.property(
        fc.array(group, { minLength: 2, maxLength: 6 }),
        fc.integer({ min: 100, max: 90_000 }),
        (groups, leftDg) => {
          const { value } = splitWeights(leftDg, groups);
          if (!value) return;
          expect(value.massesDg.reduce((sum, each) => sum + each, 0) + value.missingDg).toBe(leftDg);
          expect(value.massesDg.every((massDg) => massDg > 0)).toBe(true);
        },
      ),
      runs(500),
    );
  });
});
