import type { Fact } from '../ledger/entry';
import type { PriceNote } from '../price/price-note';
import type { ItemChoice } from '../price/item-choice';
import { JournalBuilder } from '../testing/journal-builder';
import { priceBook } from '../price/price-book';
import type { CostBasis } from '../cost/carriers';
import { compareWithShop } from './comparison';

const on = '2026-01-02';
const received: Fact = {
  type: 'received',
  lot: 'p',
  kind: 'strip-loin',
  count: 1,
  massDg: 10_000,
  paidMinor: 1001,
  on,
};
const cut = (
  lot: string,
  massDg: number,
  destination: 'main' | 'grind' | 'stock' | 'bin' = 'main',
  from = 'p',
): Fact => ({ type: 'cut', from, lot, part: 'steaks', destination, massDg, count: 1, on });
const basis = (notes: PriceNote[] = [], choices: [string, ItemChoice][] = []): CostBasis => ({
  pricing: { book: priceBook(notes.map((note, index) => [`k${index}`, note])), choices: new Map(choices) },
  plateDg: 2000,
});
const stateOf = (...facts: Fact[]) => new JournalBuilder().add(...facts).household().journal.state;

describe('the comparison', () => {
  const note = (item: string, perKgMinor: number) => ({ item, shop: 'Fennel Street Market', perKgMinor, on });

  it('takes a part at its own price while it stays that cut, else at the destination’s', () => {
    const state = stateOf(received, cut('a', 6000), cut('g', 2000, 'grind'), { type: 'closed', lot: 'p' });
    const { lines } = compareWithShop(
      state,
      'p',
      basis([note('strip-steak', 1800), note('beef-grind', 1000)]),
    );
    // The shop leaves a tenth on a strip steak: 18.00 as sold is 20.00 trimmed.
    expect(lines.map(({ price, worthMinor }) => [price.item?.id, worthMinor])).toEqual([
      ['strip-steak', 1200],
      ['beef-grind', 200],
    ]);
  });

  it('is a lower bound while meat is on the board', () => {
    const state = stateOf(received, cut('a', 6000));
    expect(compareWithShop(state, 'p', basis([note('strip-steak', 1800)]))).toMatchObject({
      worthMinor: 1200,
      complete: false,
      missing: [],
    });
  });
});
