import type { State } from '../ledger/replay';
import { on, received, cut, basis, stateOf } from '../testing/strip-of-a-kilo';
import { COST_METHODS } from './method';
import { costOfLots } from './cost-of-lots';
import { sharePaid } from './share-paid';

const paidOf = (state: State): Record<string, number> =>
  Object.fromEntries(
    [...sharePaid(state, 'p', COST_METHODS['by-weight'], basis())].map(([lot, { minor }]) => [lot, minor]),
  );

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
    expect(paidOf(state)).toEqual({
      a: 501,
      b: 500,
      s: 0,
      x: 0,
    });
  });

  it('falls back to mass where nothing is usable, and to the piece where there is no mass', () => {
    const onlyStock = stateOf(received, cut('s', 6000, 'stock'), cut('x', 4000, 'bin'));
    expect(paidOf(onlyStock)).toEqual({
      s: 601,
      x: 400,
    });
    const nothing = stateOf(received, { type: 'closed', lot: 'p' });
    expect(paidOf(nothing)).toEqual({
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
