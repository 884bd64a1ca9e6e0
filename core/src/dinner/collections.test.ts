import type { Cold } from '../cold/cold';
import type { ClockOf } from '../cold/household-clocks';
import { append } from '../ledger/journal';
import type { Fact } from '../ledger/entry';
import type { Lot } from '../ledger/lot';
import { JournalBuilder } from '../testing/journal-builder';
import { makeDinner } from '../deeds/make-dinner';
import { collectionsOf } from './collections';

const settings = {
  eaters: [
    { name: 'Odile', plateDg: 2000 },
    { name: 'Bram', plateDg: 2000 },
  ],
};
const frozen = (() => ({ state: 'frozen', overdue: false }) as Cold) as ClockOf;

/** A leg with shanks off, each in a bag of its own, wrapped on these days. */
function freezer(...bags: readonly (readonly [massDg: number, on: string])[]) {
  const builder = new JournalBuilder().add(
    {
      type: 'received',
      lot: 'p',
      kind: 'lamb-leg',
      count: 1,
      massDg: 30_000,
      paidMinor: 4000,
      on: '2026-01-01',
    },
    ...bags.flatMap(([massDg, on], n): Fact[] => [
      { type: 'cut', from: 'p', lot: `c${n}`, part: 'shank', destination: 'second', massDg, count: 1, on },
      {
        type: 'packed',
        lot: `b${n}`,
        name: 'Shank, to collect',
        from: [{ lot: `c${n}`, amount: 'all' }],
        on,
        wrap: 'vacuum bag',
      },
      { type: 'placed', lot: `b${n}`, place: 'drawer' },
    ]),
  );
  const { journal } = builder.household();
  const stock = (): Lot[] => [...journal.state.lots.values()].filter(({ form }) => form === 'pack');
  return { builder, journal, stock: stock() };
}

describe('what is collected', () => {
  it('one more shank, and it is a dinner', () => {
    const { stock } = freezer([3000, '2026-02-01']);
    const [shanks] = collectionsOf(stock, frozen, settings);
    expect(shanks).toMatchObject({ isDinner: false, massDg: 3000, since: '2026-02-01' });
    expect(shanks?.more).toEqual({ count: 1, word: 'shank' });
  });

  it('enough is a dinner, as old as its oldest bag', () => {
    const { stock } = freezer([3000, '2026-02-05'], [3500, '2026-02-01']);
    const [shanks] = collectionsOf(stock, frozen, settings);
    expect(shanks).toMatchObject({ isDinner: true, missingG: 0, more: null, since: '2026-02-01' });
    expect(shanks?.bags.map(({ id }) => id)).toEqual(['b1', 'b0']);
  });

  it('nothing thawed and nothing past its day is added; nobody who eats, nothing said', () => {
    const { stock } = freezer([3000, '2026-02-05'], [3500, '2026-02-01']);
    const thawing: ClockOf = (lot) =>
      ({ state: lot.id === 'b0' ? 'thawing' : 'frozen', overdue: false }) as Cold;
    const late: ClockOf = (lot) => ({ state: 'frozen', overdue: lot.id === 'b0' }) as Cold;
    for (const clock of [thawing, late])
      expect(collectionsOf(stock, clock, settings)[0]?.bags.map(({ id }) => id)).toEqual(['b1']);
    expect(collectionsOf(stock, frozen, { eaters: [] })).toEqual([]);
  });

  it('is made one pack: no gram lost, dated by the oldest, in its place', () => {
    const { builder, journal, stock } = freezer([3000, '2026-02-05'], [3500, '2026-02-01']);
    const [shanks] = collectionsOf(stock, frozen, settings);
    let count = 0;
    const { deed, pack } = makeDinner(shanks!, 2, { on: '2026-03-01', newId: () => `n${++count}` });
    const after = deed.facts!.reduce((now, fact) => append(now, builder.entry(fact)).value!, journal);
    expect(after.state.lots.get(pack)).toMatchObject({
      name: '2 shanks, dinner for all',
      inDg: 6500,
      plates: 2,
      on: '2026-02-01',
      place: 'drawer',
    });
    expect(['b0', 'b1'].map((id) => after.state.lots.get(id)?.leftDg)).toEqual([0, 0]);
  });
});
