import { on, received, cut } from '../testing/strip-of-a-kilo';
import { report } from '../exchange/report';
import { keepingOf } from './keeping';
import { JournalBuilder } from '../testing/journal-builder';

describe('keeping for quality (USDA FSIS, from memory)', () => {
  const pack = (over: object) =>
    ({
      animal: 'beef',
      destination: 'main',
      part: 'steaks',
      kind: 'strip-loin',
      form: 'pack',
      name: 'k',
      ...over,
    }) as Parameters<typeof keepingOf>[0];
  it.each([
    ['steaks', {}, [4, 12]],
    ['grind', { destination: 'grind' }, [3, 4]],
    ['bird pieces', { animal: 'chicken', kind: 'whole-chicken', part: 'thighs' }, [9, 9]],
    ['a whole bird', { animal: 'chicken', kind: 'whole-chicken', part: null, name: null }, [12, 12]],
  ])('%s', (_what, over, months) => {
    expect(keepingOf(pack(over))?.months).toEqual(months);
  });

  it('nothing is published for bones and fat, nor known of an unknown animal', () => {
    expect(
      [{ destination: 'stock' }, { destination: 'render' }, { animal: null }].map((over) =>
        keepingOf(pack(over)),
      ),
    ).toEqual([null, null, null]);
  });

  it('runs from the day of freezing; what waits for the freezer has none', () => {
    const wrapped = (): JournalBuilder =>
      new JournalBuilder().add(received, cut('a', 5000), {
        type: 'packed',
        lot: 'k',
        name: 'k',
        from: [{ lot: 'a', amount: 'all' }],
        on,
      });
    expect(report(wrapped().household(), 'by-weight').stock).toMatchObject([{ bestBefore: null }]);
    const frozen = wrapped().add({ type: 'placed', lot: 'k', place: 'chest', on });
    const stamp = { at: '2026-01-01T00:00:00.000Z', device: 'tablet', seq: 99 };
    frozen.records.push({ type: 'place', key: 'chest', stamp, value: { name: 'Chest', cold: 'freezer' } });
    expect(report(frozen.household(), 'by-weight').stock).toMatchObject([
      { wrappedOn: on, bestBefore: '2026-09-02', state: 'frozen' },
    ]);
  });
});
