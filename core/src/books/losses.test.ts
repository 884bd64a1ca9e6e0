import { COST_METHODS } from '../cost/method';
import { stockTakeFacts, foundFacts } from '../freeze/stock-take';
import { placeNames } from '../freeze/place-names';
import { basisOf } from './basis-of';
import { costOfLots } from '../cost/cost-of-lots';
import { lossesBy } from './losses';
import { shopWorth } from '../cost/shop-worth';
import { workedPiece } from '../testing/journal-builder';
import { stockOf } from '../pack/stock';

const on = '2026-02-01';
/** The worked piece, its main part in four packs and its grind in one. */
const wrapped = () =>
  workedPiece().add(
    ...[1, 2, 3, 4].flatMap((n) => [
      {
        type: 'packed' as const,
        lot: `k${n}`,
        name: 'Centre',
        from: [{ lot: 'centre', amount: n === 4 ? ('all' as const) : { massDg: 8575 } }],
        plates: 4,
        on,
      },
      { type: 'placed' as const, lot: `k${n}`, place: 'top' },
    ]),
    { type: 'packed', lot: 'g', name: 'Grind', from: [{ lot: 'chain', amount: 'all' }], plates: 2, on },
  );

describe('what nobody ate', () => {
  it('what a stock-take does not find is shrinkage at its cost; trim at the board is none of it', () => {
    const builder = wrapped();
    const packs = [{ id: 'k1' }, { id: 'k2' }, { id: 'k3' }];
    builder.add(
      ...stockTakeFacts(
        packs,
        new Map([
          ['k1', 'lost'],
          ['k2', 'eaten'],
        ] as const),
        on,
      ),
      { type: 'discarded', lot: 'g', amount: 'all', on: '2025-12-01', reason: 'freezer burn' },
    );
    const household = builder.household();
    const { state, entries } = household.journal;
    const losses = lossesBy(
      state,
      entries,
      costOfLots(state, COST_METHODS['store-value'], basisOf(household)),
      (day) => day.slice(0, 4),
    );
    // The centre carries 56.63 of 60.00 by store value; a quarter of it is 14.16. The grind carries 3.03.
    expect(losses).toEqual([
      {
        period: '2026',
        way: 'shrunk',
        reason: 'stock-take: not found',
        packs: 1,
        massDg: 8575,
        costMinor: 1416,
        isCostKnown: true,
      },
      {
        period: '2025',
        way: 'discarded',
        reason: 'freezer burn',
        packs: 1,
        massDg: 4900,
        costMinor: 303,
        isCostKnown: true,
      },
    ]);
    expect(state.lots.get('k2')?.flows.at(-1)?.way).toBe('eaten');
  });

  it('what turns up again lies where it was found, whole or as it weighs', () => {
    const builder = wrapped();
    builder.add(...stockTakeFacts([{ id: 'k1' }], new Map([['k1', 'lost']] as const), on));
    const gone = builder.household().journal.state.lots.get('k1')!;
    expect(gone.leftDg).toBe(0);
    builder.add(
      ...foundFacts(gone, 'low', 8000),
      ...foundFacts(builder.household().journal.state.lots.get('k2')!, 'low', 1),
    );
    const { lots } = builder.household().journal.state;
    expect(lots.get('k1')).toMatchObject({ leftDg: 8000, place: 'low', platesLeft: 4 });
    expect(lots.get('k2')).toMatchObject({ leftDg: 8575, place: 'low' });
  });
});

describe('what the stock would cost in the shop', () => {
  it('the worked piece’s packs: 3.430 kg at 24.00 and 0.490 kg at 9.00', () => {
    const household = wrapped().household();
    expect(shopWorth(stockOf(household.journal.state), basisOf(household).pricing, on)).toEqual({
      minor: 4 * 2058 + 441,
      isComplete: true,
    });
  });
  it('without a price it is at least that', () => {
    const builder = wrapped();
    builder.records.splice(0, 1);
    const household = builder.household();
    expect(shopWorth(stockOf(household.journal.state), basisOf(household).pricing, on)).toMatchObject({
      isComplete: false,
    });
  });
});

describe('places', () => {
  it('a drawer is called with what it is a drawer of', () => {
    expect([
      ...placeNames(
        new Map([
          ['c', { name: 'Chest', cold: 'freezer' }],
          ['t', { name: 'top', cold: 'freezer', within: 'c' }],
          ['x', { name: 'lost', cold: 'freezer', within: 'gone' }],
        ]),
      ),
    ]).toEqual([
      ['c', 'Chest'],
      ['t', 'Chest, top'],
      ['x', 'lost'],
    ]);
  });
});
