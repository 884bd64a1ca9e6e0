import { basisOf } from '../books/basis-of';
import { shopWorth } from './shop-worth';
import { wrappedPiece, WRAPPED_ON } from '../testing/journal-builder';
import { stockOf } from '../pack/stock';

describe('what the stock would cost in the shop', () => {
  it('the worked piece’s packs: 3.430 kg at 24.00 and 0.490 kg at 9.00', () => {
    const household = wrappedPiece().household();
    expect(shopWorth(stockOf(household.journal.state), basisOf(household).pricing, WRAPPED_ON)).toEqual({
      minor: 4 * 2058 + 441,
      isComplete: true,
    });
  });
  it('without a price it is at least that', () => {
    const builder = wrappedPiece();
    builder.records.splice(0, 1);
    const household = builder.household();
    expect(shopWorth(stockOf(household.journal.state), basisOf(household).pricing, WRAPPED_ON)).toMatchObject(
      {
        isComplete: false,
      },
    );
  });
});
