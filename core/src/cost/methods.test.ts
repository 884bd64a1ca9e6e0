import { choices, play } from '../testing/random-journal';
import * as fc from 'fast-check';
import { DESTINATION_IDS } from '../ledger/destination';
import { KINDS } from '../catalogue/kinds';
import { SHOP_ITEMS } from '../catalogue/shop-items';
import { leavesOf } from '../ledger/leaves';
import type { Fact } from '../ledger/entry';
import { JournalBuilder } from '../testing/journal-builder';
import { runs } from '../testing/runs';
import { yieldTest } from '../yield/yield-test';
import { basisOf } from '../books/basis-of';
import { costByPart } from './cost-by-part';
import { costOfLots } from './cost-of-lots';
import { COST_METHODS } from './method';
import { COST_METHOD_IDS } from './method-ids';

const on = '2026-01-01';

/** A piece of some kind with some of its parts cut off, and the prices of some of what shops sell. */
const households = fc
  .record({
    kind: fc.constantFrom(...KINDS),
    paidMinor: fc.integer({ min: 0, max: 40_000 }),
    cuts: fc.array(
      fc.record({ part: fc.nat(), massDg: fc.integer({ min: 1, max: 9000 }), to: fc.option(fc.nat()) }),
      { maxLength: 8 },
    ),
    priced: fc.array(fc.tuple(fc.nat(), fc.integer({ min: 1, max: 9000 })), { maxLength: 6 }),
    closed: fc.boolean(),
  })
  .map(({ kind, paidMinor, cuts, priced, closed }) => {
    const builder = new JournalBuilder().add(
      { type: 'received', lot: 'p', kind: kind.id, count: 1, massDg: 80_000, paidMinor, on },
      ...cuts.map(({ part, massDg, to }, index): Fact => {
        const { id, destination } = kind.parts[part % kind.parts.length]!;
        const other = to === null ? destination : DESTINATION_IDS[to % DESTINATION_IDS.length]!;
        return {
          type: 'cut',
          from: 'p',
          lot: `l${index}`,
          part: id,
          destination: other,
          massDg,
          count: 1,
          on,
        };
      }),
      ...(closed ? [{ type: 'closed', lot: 'p' } as const] : []),
    );
    const items = SHOP_ITEMS.filter(({ animal, piece }) => animal === kind.animal && piece === undefined);
    for (const [item, perKg] of priced) builder.price(items[item % items.length]!.id, perKg, on);
    return { household: builder.household(), paidMinor };
  });

describe('every method of cost', () => {
  it('on random households with any prices known: never throws, never below zero, sums to the coin', () => {
    fc.assert(
      fc.property(households, ({ household, paidMinor }) => {
        const { state } = household.journal;
        const basis = basisOf(household);
        const byPart = costByPart(state, 'p', basis);
        for (const method of COST_METHOD_IDS) {
          const costs = costOfLots(state, COST_METHODS[method], basis);
          const all = [...costs.values()];
          expect(all.every(({ minor, leftMinor }) => minor >= 0 && leftMinor >= 0)).toBe(true);
          expect(all.reduce((sum, { minor }) => sum + minor, 0)).toBe(paidMinor);
          expect(byPart.reduce((sum, { minor }) => sum + minor[method], 0)).toBe(paidMinor);
        }
      }),
      runs(2000),
    );
  });

  it('after each entry of a random journal costs what a reckoning from nothing says', () => {
    fc.assert(
      fc.property(choices, (list) => {
        const basis = basisOf(new JournalBuilder().price('chicken-grind', 900, on).household());
        for (const { after } of play(list)) {
          if (!after) continue;
          const { state } = after;
          // Copies of the lots: nothing about them is remembered.
          const fresh = { ...state, lots: new Map([...state.lots].map(([id, lot]) => [id, { ...lot }])) };
          for (const method of COST_METHOD_IDS)
            expect(costOfLots(state, COST_METHODS[method], basis)).toEqual(
              costOfLots(fresh, COST_METHODS[method], { ...basis }),
            );
        }
      }),
      runs(60),
    );
  });

  it('usable parts without a price carry all by weight, and a by-product with one nothing', () => {
    const builder = new JournalBuilder().add(
      { type: 'received', lot: 'p', kind: 'whole-chicken', count: 1, massDg: 16_000, paidMinor: 1600, on },
      ...[3333, 1111, 2777, 1999].map((massDg, index): Fact => ({
        type: 'cut',
        from: 'p',
        lot: `l${index}`,
        part: ['breast', 'thighs', 'drumsticks', 'back'][index]!,
        destination: index === 3 ? 'stock' : 'main',
        massDg,
        count: 1,
        on,
      })),
      { type: 'closed', lot: 'p' },
    );
    const household = builder.price('chicken-bones', 150, on).household();
    const costs = costOfLots(household.journal.state, COST_METHODS['store-value'], basisOf(household));
    expect([...costs.values()].reduce((sum, { minor }) => sum + minor, 0)).toBe(1600);
    // All that is usable has no price, so it carries everything by weight.
    expect(costs.get('l3')?.minor).toBe(0);
  });
});

describe('what is counted, closed and cut in long chains', () => {
  const piece: Fact = {
    type: 'received',
    lot: 'p',
    kind: 'strip-loin',
    count: 1,
    massDg: 50_000,
    paidMinor: 6000,
    on,
  };
  const cut = (from: string, lot: string, massDg: number): Fact => ({
    type: 'cut',
    from,
    lot,
    part: 'steaks',
    destination: 'main',
    massDg,
    count: 1,
    on,
  });

  it('a part that a stock-take counts up raises no yield, also when it is cut on', () => {
    const builder = new JournalBuilder().add(piece, cut('p', 's', 50_000), {
      type: 'counted',
      lot: 's',
      massDg: 60_000,
    });
    expect(yieldTest(builder.household().journal.state, 'p').yield).toBe(1);
    builder.add(cut('s', 't', 58_000));
    const { state } = builder.household().journal;
    expect(yieldTest(state, 'p').yield).toBe(1);
    expect(leavesOf(state, 'p').reduce((sum, { massDg }) => sum + massDg, 0)).toBe(50_000);
  });

  it('a piece that was closed untouched still carries what was paid', () => {
    const household = new JournalBuilder().add(piece, { type: 'closed', lot: 'p' }).household();
    const parts = costByPart(household.journal.state, 'p', basisOf(household));
    expect(parts).toEqual([
      expect.objectContaining({ part: null, minor: expect.objectContaining({ 'by-weight': 6000 }) }),
    ]);
  });

  it('5,000 cuts one out of the other', () => {
    const chain = Array.from({ length: 5000 }, (_, n) =>
      cut(n === 0 ? 'p' : `c${n - 1}`, `c${n}`, 50_000 - n),
    );
    const { state } = new JournalBuilder().add(piece, ...chain).household().journal;
    expect(leavesOf(state, 'p')).toHaveLength(5000);
  });
});
