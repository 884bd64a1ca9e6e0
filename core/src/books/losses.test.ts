import { COST_METHODS } from '../cost/method';
import { stockTakeFacts, foundFacts } from '../freeze/stock-take';
import { basisOf } from './basis-of';
import { costOfLots } from '../cost/cost-of-lots';
import { lossesBy } from './losses';
import { wrappedPiece, WRAPPED_ON } from '../testing/journal-builder';

const on = WRAPPED_ON;

describe('what nobody ate', () => {
  it('what a stock-take does not find is shrinkage at its cost; trim at the board is none of it', () => {
    const builder = wrappedPiece();
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
    const builder = wrappedPiece();
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
