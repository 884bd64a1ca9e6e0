import { COST_METHODS } from '../cost/method';
import { costOfLots } from '../cost/cost-of-lots';
import { basisOf } from '../books/basis-of';
import { boughtTogether } from '../ledger/bought-together';
import type { Fact } from '../ledger/entry';
import { append } from '../ledger/journal';
import type { Lot } from '../ledger/lot';
import { typedAs } from '../ledger/typed-as';
import type { Household } from '../records/household';
import { JournalBuilder } from '../testing/journal-builder';
import { yieldTest } from '../yield/yield-test';
import { correctPiece, pieceBought } from './correct-piece';
import { purchaseBack } from './purchase-back';
import { splitPiece, type SplitSaid, type WayOfSome } from './split-piece';
import { lastActAtBoard } from './undo-at-board';

const on = '2026-01-02';
const FOUR: Fact = {
  type: 'received',
  lot: 'birds',
  kind: 'whole-chicken',
  way: 'eight-pieces',
  count: 4,
  massDg: 64_000,
  paidMinor: 2399,
  shop: 'Hollis Lane Farm',
  on,
};
const group = (
  way: string,
  massDg: number,
  typed: string | null = `${massDg / 10} g`,
  count = 2,
): WayOfSome => ({
  count,
  way,
  massDg,
  typed,
});

class Birds extends JournalBuilder {
  private others = 0;

  lot(id: string): Lot {
    return this.household().journal.state.lots.get(id)!;
  }

  split(groups: WayOfSome[], missing: SplitSaid['missing'] = 'liquid', from = 'birds'): string {
    const deed = splitPiece(this.lot(from), groups, {
      on,
      missing,
      newId: () => `other-${++this.others}`,
      note: { marks: ['pale'] },
    });
    const entries = (deed.facts ?? []).map((fact) => this.entry(fact));
    this.entries.push(...entries.map((each, nth) => (nth > 0 ? { ...each, deed: entries[0]!.id } : each)));
    expect(this.household().journal.state.setAside).toEqual([]);
    expect(deed.records?.map(({ key }) => key)).toEqual(
      Array.from({ length: groups.length - 1 }, (_, nth) => `other-${this.others - groups.length + 2 + nth}`),
    );
    return deed.say ?? '';
  }
}
const birds = (): Birds => new Birds().add(FOUR) as Birds;
const masses = (household: Household): number[] =>
  boughtTogether(household.journal.state, household.journal.state.lots.get('birds')!).map(
    ({ leftDg }) => leftDg,
  );

describe('four birds that go two ways', () => {
  it('have weights of their own, share the money by weight, and each its way', () => {
    const it = birds();
    expect(it.split([group('eight-pieces', 30_000), group('flattened', 32_000)])).toBe(
      '4 whole chickens split: 2 to eight bone-in pieces, 2 to flattened.',
    );
    const [one, other] = [it.lot('birds'), it.lot('other-1')];
    expect([one.count, one.inDg, one.leftDg, one.way]).toEqual([2, 30_968, 30_000, 'eight-pieces']);
    expect([other.count, other.inDg, other.leftDg, other.way]).toEqual([2, 33_032, 32_000, 'flattened']);
    expect([one.paidMinor, other.paidMinor]).toEqual([1161, 1238]);
    expect(other).toMatchObject({ shop: 'Hollis Lane Farm', on, kind: 'whole-chicken', isDrained: true });
  });

  it('of which one pair was weighed: the other has the rest', () => {
    const it = birds();
    it.split([group('eight-pieces', 31_000), group('flattened', 33_000, null)]);
    expect(masses(it.household())).toEqual([31_000, 33_000]);
    // What was not weighed is still to be drained.
    expect([it.lot('birds').isDrained, it.lot('other-1').isDrained]).toEqual([false, false]);
  });

  it('of which what is missing falls on each by its weight, where somebody says so', () => {
    const it = birds();
    it.split([group('eight-pieces', 30_000), group('flattened', 32_000)], 'shared');
    expect(masses(it.household())).toEqual([30_968, 33_032]);
    // No figure stands beside another one as what was typed; nor is either weighed once more.
    const { journal } = it.household();
    expect(['birds', 'other-1'].map((id) => [typedAs(journal, it.lot(id)), it.lot(id).isDrained])).toEqual([
      [null, true],
      [null, true],
    ]);
  });

  it('go three ways, one after the other, and the second split is of what is left', () => {
    const it = birds();
    it.split([group('eight-pieces', 32_000, null), group('flattened', 32_000, null)]);
    it.split([group('eight-pieces', 15_000, '1.5 kg', 1), group('halves', 17_000, null, 1)]);
    expect(masses(it.household())).toEqual([15_000, 32_000, 17_000]);
    expect(boughtTogether(it.household().journal.state, it.lot('other-2')).map(({ count }) => count)).toEqual(
      [1, 2, 1],
    );
  });

  it('cannot be split once something is off, nor so that nothing stays, nor into more than there is', () => {
    const it = birds();
    const split = (set: object): string | undefined =>
      append(
        it.household().journal,
        it.entry({ type: 'split', from: 'birds', lot: 'x', count: 2, massDg: 30_000, on, ...set }),
      ).problem?.code;
    expect(split({ count: 4 })).toBe('none-stays');
    expect(split({ massDg: 64_000 })).toBe('too-much');
    expect(split({})).toBeUndefined();
    it.add({
      type: 'cut',
      from: 'birds',
      lot: 'leg',
      part: 'legs',
      destination: 'main',
      massDg: 5000,
      count: 2,
      on,
    });
    expect(split({})).toBe('begun');
  });

  it('cost what was paid to the coin under every school, and yield as the two do', () => {
    const it = birds();
    it.split([group('eight-pieces', 30_000), group('flattened', 32_000)]);
    const cut = (from: string, lot: string, destination: 'main' | 'stock', massDg: number): void => {
      it.add({
        type: 'cut',
        from,
        lot,
        part: destination === 'main' ? 'breast' : 'back',
        destination,
        massDg,
        count: 2,
        on,
      });
    };
    cut('birds', 'a', 'main', 21_000);
    cut('birds', 'b', 'stock', 8000);
    cut('other-1', 'c', 'main', 29_000);
    it.add({ type: 'closed', lot: 'birds' }, { type: 'closed', lot: 'other-1' });
    const { journal } = it.household();
    for (const method of Object.values(COST_METHODS)) {
      const costs = costOfLots(journal.state, method, basisOf(it.household()));
      expect(
        ['a', 'b', 'birds', 'c', 'other-1'].reduce((sum, id) => sum + (costs.get(id)?.leftMinor ?? 0), 0),
      ).toBe(2399);
    }
    const usable = ['birds', 'other-1'].map((id) => yieldTest(journal.state, id).usableDg);
    expect(usable).toEqual([21_000, 29_000]);
  });

  it('are one again with one undo, and go back to the shop together', () => {
    const it = birds();
    it.split([group('flattened', 30_000), group('eight-pieces', 32_000)]);
    const household = it.household();
    const act = lastActAtBoard(household.journal, new Set(['birds']))!;
    expect([act.entry.type, act.entries.length]).toEqual(['split', 3]);
    expect(purchaseBack(household, it.lot('other-1')).deed.facts).toEqual(
      purchaseBack(household, it.lot('birds')).deed.facts,
    );
  });

  it('are put right as one purchase, each its way alone', () => {
    const it = birds();
    it.split([group('eight-pieces', 31_000), group('flattened', 33_000, null)]);
    const { state } = it.household().journal;
    const [other, together] = [it.lot('other-1'), boughtTogether(state, it.lot('birds'))];
    const was = pieceBought(other, '', together);
    expect([was.count, was.mass.massDg, was.paidMinor, was.way]).toEqual([4, 64_000, 2399, 'flattened']);
    const right = { ...was, paidMinor: 3200, way: 'halves' };
    it.add(...(correctPiece(other, right, together).value?.facts ?? []));
    expect([it.lot('birds'), it.lot('other-1')].map(({ paidMinor, way }) => [paidMinor, way])).toEqual([
      [1550, 'eight-pieces'],
      [1650, 'halves'],
    ]);
  });
});
