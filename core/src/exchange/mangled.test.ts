import * as fc from 'fast-check';
import { basisOf } from '../books/basis-of';
import { costOfLots } from '../cost/cost-of-lots';
import { COST_METHOD_IDS, COST_METHODS } from '../cost/method';
import { householdOf } from '../records/household';
import { choices, endOf, play } from '../testing/random-journal';
import { runs } from '../testing/runs';
import { keepsReport } from './keeps-report';
import { readFile } from './read-file';
import { report } from './report';
import { writeFile } from './write-file';

/** What a bad disk, a hand with an editor or another program puts in the place of a value. */
const STRANGE: readonly unknown[] = [
  null,
  '',
  '2026-02-30',
  '9999-12-31',
  -1,
  0,
  0.5,
  1e9,
  1e308,
  true,
  [],
  {},
  'x'.repeat(5000),
  '__proto__',
];

interface Blow {
  readonly where: number;
  readonly how: number;
  readonly what: number;
}

/** Every place in a value where another could stand. */
function placesIn(value: unknown): { holder: Record<string, unknown>; key: string }[] {
  if (typeof value !== 'object' || value === null) return [];
  const holder = value as Record<string, unknown>;
  return Object.keys(holder).flatMap((key) => [{ holder, key }, ...placesIn(holder[key])]);
}

/** A file after some blows: values gone, replaced, doubled or those of another entry; at last the text cut off. */
function mangled(text: string, blows: readonly Blow[], cutAt: number | null): string {
  const file: unknown = JSON.parse(text);
  for (const { where, how, what } of blows) {
    const places = placesIn(file);
    const one = places[where % places.length]!;
    const alike = places.filter(({ key }) => key === one.key);
    const other = alike[what % alike.length]!;
    const kept = one.holder[one.key];
    if (how % 8 === 0) delete one.holder[one.key];
    else if (how % 8 === 1) one.holder[one.key] = STRANGE[what % STRANGE.length];
    else if (how % 8 === 2 && Array.isArray(one.holder)) one.holder.push(structuredClone(kept));
    // What another entry says in its place: well-formed, and wrong.
    else one.holder[one.key] = structuredClone(other.holder[other.key]);
  }
  const after = JSON.stringify(file) ?? '';
  return cutAt === null ? after : after.slice(0, cutAt % (after.length + 1));
}

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
