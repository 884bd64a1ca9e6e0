import * as fc from 'fast-check';
import { animalOfKind } from '../catalogue/kinds';
import { received, steak } from '../testing/facts';
import type { Entry, Fact } from './entry';
import { append, journalOf, stampOfNext, type Journal } from './journal';
import { compareStamps, END_OF_TIME, stampAfter, type Stamp } from './stamp';

const NOW = '2026-11-27T10:00:00.000Z';
const stamps: fc.Arbitrary<Stamp> = fc.record({
  at: fc.constantFrom(NOW, '2026-11-27T10:00:00.001Z', '2101-01-01T00:00:00.000Z', END_OF_TIME),
  device: fc.constantFrom('a', 'b', 'z'),
  seq: fc.nat(5),
});

describe('stamps', () => {
  it('one that comes next comes after, whatever stands there', () => {
    fc.assert(
      fc.property(stamps, stamps, (mine, last) => {
        const next = stampAfter(mine, last);
        expect(compareStamps(next, last)).toBeGreaterThan(0);
        expect(next.device).toBe(mine.device);
        expect(next.at >= mine.at).toBe(true);
      }),
    );
  });

  it('have one order', () => {
    fc.assert(
      fc.property(stamps, stamps, stamps, (a, b, c) => {
        expect(Math.sign(compareStamps(a, b))).toBe(-Math.sign(compareStamps(b, a)) + 0);
        if (compareStamps(a, b) <= 0 && compareStamps(b, c) <= 0)
          expect(compareStamps(a, c)).toBeLessThanOrEqual(0);
      }),
    );
  });
});

describe('a journal in which a clock was wrong', () => {
  const write = (journal: Journal, fact: Fact, now: string, device: string): Journal => {
    const stamp = stampOfNext(journal, now, device);
    const entry = { ...fact, id: `${device}-${stamp.seq}-${journal.entries.length}`, ...stamp } as Entry;
    const { value, problem } = append(journal, entry);
    if (!value) throw new Error(JSON.stringify(problem));
    return value;
  };
  it.each([['2031-01-01T00:00:00.000Z'], [END_OF_TIME]])(
    'to %s takes later entries of every device, and knows when they were made',
    (wrong) => {
      let journal = write(journalOf([], animalOfKind), received('p'), wrong, 'tablet');
      for (const [lot, device] of [
        ['a', 'phone'],
        ['b', 'tablet'],
        ['c', 'a-phone'],
        ['d', 'phone'],
      ] as const)
        journal = write(journal, steak(lot, 1000), NOW, device);
      expect([...journal.state.lots.keys()]).toEqual(['p', 'a', 'b', 'c', 'd']);
      expect(journal.entries.slice(1).map(({ clock }) => clock)).toEqual([NOW, NOW, NOW, NOW]);
      const shuffled = journalOf([...journal.entries].reverse(), animalOfKind);
      expect(shuffled.entries).toEqual(journal.entries);
      expect(shuffled.state.setAside).toEqual([]);
    },
  );
});
