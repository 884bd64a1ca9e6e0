import { on, received, cut, basis, stateOf } from '../testing/strip-of-a-kilo';
import { compareWithShop } from './comparison';

describe('the comparison', () => {
  const note = (item: string, perKgMinor: number) => ({ item, shop: 'Fennel Street Market', perKgMinor, on });

  it('takes a part at its own price while it stays that cut, else at the destination’s', () => {
    const state = stateOf(received, cut('a', 6000), cut('g', 2000, 'grind'), { type: 'closed', lot: 'p' });
    const { lines } = compareWithShop(
      state,
      'p',
      basis([note('strip-steak', 1800), note('beef-grind', 1000)]),
    );
    // A steak counts at the price that was typed.
    expect(lines.map(({ price, worthMinor }) => [price.item?.id, worthMinor])).toEqual([
      ['strip-steak', 1080],
      ['beef-grind', 200],
    ]);
  });

  it('is a lower bound while meat is on the board', () => {
    const state = stateOf(received, cut('a', 6000));
    expect(compareWithShop(state, 'p', basis([note('strip-steak', 1800)]))).toMatchObject({
      worthMinor: 1080,
      complete: false,
      missing: [],
    });
  });
});
