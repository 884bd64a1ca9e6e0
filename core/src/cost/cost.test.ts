import { COST_METHODS } from './method';
import { report } from '../exchange/report';
import { keepingOf } from '../freeze/keeping';
import type { Fact } from '../ledger/entry';
import type { PriceNote } from '../price/price-note';
import type { ItemChoice } from '../price/item-choice';
import { JournalBuilder } from '../testing/journal-builder';
import { yieldTest } from '../yield/yield-test';
import { priceBook } from '../price/price-book';
import type { CostBasis } from './carriers';
import { compareWithShop } from '../books/comparison';
import { costOfLots } from './cost-of-lots';
import { sharePaid } from './share-paid';

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

describe('cost by weight', () => {
  it('goes to what is usable only, and sums to what was paid', () => {
    const state = stateOf(
      received,
      cut('a', 3000),
      cut('b', 3000),
      cut('s', 2000, 'stock'),
      cut('x', 2000, 'bin'),
      { type: 'closed', lot: 'p' },
    );
    expect(Object.fromEntries(sharePaid(state, 'p', COST_METHODS['by-weight'], basis()))).toEqual({
      a: 501,
      b: 500,
      s: 0,
      x: 0,
    });
  });

  it('falls back to mass where nothing is usable, and to the piece where there is no mass', () => {
    const onlyStock = stateOf(received, cut('s', 6000, 'stock'), cut('x', 4000, 'bin'));
    expect(Object.fromEntries(sharePaid(onlyStock, 'p', COST_METHODS['by-weight'], basis()))).toEqual({
      s: 601,
      x: 400,
    });
    const nothing = stateOf(received, { type: 'closed', lot: 'p' });
    expect(Object.fromEntries(sharePaid(nothing, 'p', COST_METHODS['by-weight'], basis()))).toEqual({
      p: 1001,
    });
  });

  it('follows a part that is cut further, grinding with salt, packs, and plates', () => {
    const state = stateOf(
      received,
      cut('a', 8000),
      cut('t', 2000, 'bin', 'a'),
      cut('g', 2000, 'grind'),
      { type: 'closed', lot: 'p' },
      {
        type: 'combined',
        lot: 'm',
        from: [{ lot: 'g', amount: 'all' }],
        added: [{ name: 'salt', massDg: 100 }],
        name: 'Mince',
        destination: 'grind',
        on,
      },
      {
        type: 'packed',
        lot: 'k',
        name: 'k',
        from: [
          { lot: 'a', amount: 'all' },
          { lot: 'm', amount: { massDg: 1050 } },
        ],
        plates: 2,
        on,
      },
      { type: 'eaten', lot: 'k', amount: { plates: 1 }, on },
    );
    const costs = costOfLots(state, COST_METHODS['by-weight'], basis());
    expect(costs.get('a')?.minor).toBe(751);
    expect(costs.get('g')?.minor).toBe(250);
    expect(costs.get('k')?.minor).toBe(751 + 125);
    expect(costs.get('k')?.flows).toEqual([438]);
    expect(costs.get('k')?.leftMinor).toBe(438);
  });

  it('of what has an unknown price in it is a lower bound, and says so', () => {
    const state = stateOf(
      {
        type: 'acquired',
        lot: 'k',
        name: 'k',
        destination: 'main',
        massDg: 100,
        count: 1,
        paidMinor: null,
        origin: 'gift',
        on: null,
      },
      { type: 'unpacked', from: 'k', lot: 'u', amount: 'all', on },
    );
    expect(costOfLots(state, COST_METHODS['by-weight'], basis()).get('u')).toMatchObject({
      minor: 0,
      complete: false,
    });
  });
});

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

describe('the yield test', () => {
  it('accounts for every gram', () => {
    const state = stateOf(
      received,
      { type: 'drained', lot: 'p', massDg: 9700 },
      cut('a', 6000),
      cut('x', 3000, 'bin'),
      { type: 'closed', lot: 'p' },
    );
    const test = yieldTest(state, 'p');
    expect(test).toMatchObject({
      drainedDg: 9700,
      usableDg: 6000,
      unaccountedDg: 700,
      leftDg: 0,
      yield: 0.6,
      weighings: 2,
    });
    expect(Object.values(test.destinations).reduce((a, b) => a + b, 0) + test.unaccountedDg).toBe(10_000);
  });

  it('divides by nothing where nothing is usable', () => {
    expect(yieldTest(stateOf(received), 'p')).toMatchObject({
      perUsableKgMinor: null,
      costFactor: null,
      leftDg: 10_000,
    });
  });
});

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
      { wrappedOn: on, bestBefore: '2027-01-02', state: 'frozen' },
    ]);
  });
});
