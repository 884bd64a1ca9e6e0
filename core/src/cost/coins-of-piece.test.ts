import * as fc from 'fast-check';
import { afterPrice } from '../deeds/after-price';
import { basisOf } from '../books/basis-of';
import { compareWithShop } from '../books/comparison';
import { correctPrice, notePrices } from '../deeds/note-prices';
import { saySkin } from '../deeds/change-settings';
import { noteShopItem } from '../deeds/note-shop-item';
import { closePiece } from '../deeds/work-on-piece';
import { withBasis } from '../deeds/with-basis';
import type { Deed } from '../deeds/deed';
import type { Fact } from '../ledger/entry';
import { householdOf, valuesOf, type Household } from '../records/household';
import type { HouseholdRecord } from '../records/record';
import { JournalBuilder } from '../testing/journal-builder';
import { runs } from '../testing/runs';
import { costOfLots } from './cost-of-lots';
import { COST_METHODS } from './method';
import { COST_METHOD_IDS, type CostMethodId } from './method-ids';
import { costByPart } from './cost-by-part';

const on = '2026-01-01';

/** A household that does deeds one after another, each with what belongs to it. */
class Kitchen {
  private readonly builder = new JournalBuilder();
  private seq = 1000;

  constructor(prices: Readonly<Record<string, number>> = {}) {
    for (const [item, perKg] of Object.entries(prices)) this.builder.price(item, perKg, on);
  }

  household(): Household {
    return householdOf(this.builder.entries, this.builder.records);
  }

  /** One deed: its entries stand together, its records are written with them. */
  does(deed: Deed): this {
    const { facts = [], records = [] } = withBasis(this.household(), deed);
    const entries = facts.map((fact) => this.builder.entry(fact));
    const [first] = entries;
    this.builder.entries.push(
      ...entries.map((entry, at) => (at === 0 ? entry : { ...entry, deed: first!.id })),
    );
    for (const record of records) {
      const register = this.household().records.get(`${record.type}/${record.key}`);
      const value =
        'value' in record
          ? record.value
          : (record.change as (known: unknown) => unknown)(register?.value ?? undefined);
      const stamp = { at: '2026-01-02T00:00:00.000Z', device: 'tablet', seq: this.seq++ };
      this.builder.records.push({ type: record.type, key: record.key, stamp, value } as HouseholdRecord);
    }
    return this;
  }

  costs(method: CostMethodId): Map<string, number> {
    const household = this.household();
    const costs = costOfLots(household.journal.state, COST_METHODS[method], basisOf(household));
    return new Map([...costs].map(([lot, { minor }]) => [lot, minor]));
  }
}

const bought = (paidMinor: number, massDg = 50_000): Fact => ({
  type: 'received',
  lot: 'p',
  kind: 'strip-loin',
  way: 'trim-first',
  count: 1,
  massDg,
  paidMinor,
  on,
});
const steak = (lot: string, massDg: number): Fact => ({
  type: 'cut',
  from: 'p',
  lot,
  part: 'steaks',
  destination: 'main',
  massDg,
  count: 1,
  on,
});
const ends = (massDg: number): Fact =>
  ({ ...steak('e', massDg), part: 'ends', destination: 'second' }) as Fact;
const wrapped = (lot: string, from: readonly string[]): Fact => ({
  type: 'packed',
  lot,
  name: lot,
  from: from.map((each) => ({ lot: each, amount: 'all' as const })),
  plates: from.length,
  on,
});
const closing = (kitchen: Kitchen): Deed => closePiece(kitchen.household().journal.state.lots.get('p')!);
const PRICES = { 'strip-steak': 3000, 'beef-lesser-steak': 1500 };

/** A loin of some steaks and ends, not closed yet. */
function loin(
  weights: readonly number[],
  paidMinor: number,
  prices: Readonly<Record<string, number>> = PRICES,
): Kitchen {
  const kitchen = new Kitchen(prices).does({ facts: [bought(paidMinor)] });
  weights.forEach((massDg, at) => kitchen.does({ facts: [steak(`s${at}`, massDg)] }));
  return kitchen.does({ facts: [ends(4000)] });
}

const weightLists = fc.array(fc.integer({ min: 1500, max: 5000 }), { minLength: 4, maxLength: 8 });

describe('what was paid goes straight to the packs', () => {
  it('of one deed: each its exact share up or down, the heavier never cheaper, the sum what was paid', () => {
    fc.assert(
      fc.property(
        weightLists,
        fc.integer({ min: 1, max: 30_000 }),
        fc.constantFrom(...COST_METHOD_IDS),
        fc.boolean(),
        (weights, paid, method, isBefore) => {
          const packs: Fact[] = weights.map((_, at) => wrapped(`k${at}`, [`s${at}`]));
          const kitchen = loin(weights, paid);
          if (isBefore) kitchen.does({ facts: [...packs, wrapped('ke', ['e'])] });
          kitchen.does(closing(kitchen));
          if (!isBefore) kitchen.does({ facts: [...packs, wrapped('ke', ['e'])] });
          const household = kitchen.household();
          const parts = costByPart(household.journal.state, 'p', basisOf(household));
          const part = parts.find((each) => each.part === 'steaks')!;
          const costs = kitchen.costs(method);
          const mine = weights.map((massDg, at) => ({ massDg, minor: costs.get(`k${at}`)! }));
          for (const { massDg, minor } of mine) {
            const exact = (part.exact[method] * massDg) / part.massDg;
            expect(minor).toBeGreaterThanOrEqual(Math.floor(exact - 1e-6));
            expect(minor).toBeLessThanOrEqual(Math.ceil(exact + 1e-6));
          }
          for (const a of mine)
            for (const b of mine) if (a.massDg > b.massDg) expect(a.minor).toBeGreaterThanOrEqual(b.minor);
          expect(mine.reduce((sum, { minor }) => sum + minor, costs.get('ke')!)).toBe(paid);
        },
      ),
      runs(60),
    );
  });

  it('over several deeds: within two coins of the exact share, and the sum what was paid', () => {
    fc.assert(
      fc.property(
        weightLists,
        fc.integer({ min: 1, max: 30_000 }),
        fc.constantFrom(...COST_METHOD_IDS),
        (weights, paid, method) => {
          const kitchen = loin(weights, paid);
          kitchen.does(closing(kitchen));
          weights.forEach((_, at) => kitchen.does({ facts: [wrapped(`k${at}`, [`s${at}`])] }));
          kitchen.does({ facts: [wrapped('ke', ['e'])] });
          const costs = kitchen.costs(method);
          const household = kitchen.household();
          const part = costByPart(household.journal.state, 'p', basisOf(household)).find(
            (each) => each.part === 'steaks',
          )!;
          weights.forEach((massDg, at) => {
            const exact = (part.exact[method] * massDg) / part.massDg;
            expect(Math.abs(costs.get(`k${at}`)! - exact)).toBeLessThan(2);
          });
          expect([...weights.keys()].reduce((sum, at) => sum + costs.get(`k${at}`)!, costs.get('ke')!)).toBe(
            paid,
          );
        },
      ),
      runs(40),
    );
  });

  it('worked by hand: 10.00 for three steaks of 333, 333 and 334 g', () => {
    const kitchen = new Kitchen().does({ facts: [bought(1000, 10_000)] });
    [3330, 3330, 3340].forEach((massDg, at) => kitchen.does({ facts: [steak(`s${at}`, massDg)] }));
    kitchen
      .does(closing(kitchen))
      .does({ facts: ['s0', 's1', 's2'].map((lot, at) => wrapped(`k${at}`, [lot])) });
    expect(['k0', 'k1', 'k2'].map((pack) => kitchen.costs('by-weight').get(pack))).toEqual([333, 333, 334]);
  });
});

describe('what a closed piece cost stands', () => {
  const later = fc.array(
    fc.oneof(
      fc.record({
        does: fc.constant('note' as const),
        item: fc.constantFrom('strip-steak', 'beef-lesser-steak', 'beef-grind', 'beef-fat'),
        perKg: fc.integer({ min: 1, max: 9000 }),
      }),
      fc.record({
        does: fc.constant('choose' as const),
        item: fc.constantFrom('strip-steak', 'beef-lesser-steak'),
        perKg: fc.integer({ min: 0, max: 80 }),
      }),
      fc.record({ does: fc.constant('wrap' as const), item: fc.constant(''), perKg: fc.nat({ max: 7 }) }),
      fc.record({ does: fc.constant('skin' as const), item: fc.constant(''), perKg: fc.constant(1) }),
    ),
    { minLength: 1, maxLength: 6 },
  );

  it('no note, choice or later wrap moves a coin of what was wrapped before', () => {
    fc.assert(
      fc.property(
        weightLists,
        later,
        fc.constantFrom(...COST_METHOD_IDS),
        fc.constantFrom({}, PRICES, { 'strip-steak': 2900 }),
        (weights, acts, method, prices) => {
          const kitchen = loin(weights, 12_345, prices);
          kitchen.does({ facts: [wrapped('k0', ['s0'])] });
          kitchen.does(closing(kitchen)).does({ facts: [wrapped('k1', ['s1'])] });
          const before = kitchen.costs(method);
          const wrappedAlready = new Set(['s0', 's1']);
          for (const { does, item, perKg } of acts) {
            if (does === 'note')
              kitchen.does(
                notePrices([{ item, shop: 'Another', perKgMinor: perKg, on }], '', () => `n${perKg}`),
              );
            if (does === 'choose')
              kitchen.does(
                noteShopItem(item, { unwanted: perKg % 2 === 0, leftOn: perKg / 100, moreFat: true }),
              );
            if (does === 'skin') kitchen.does(saySkin('left'));
            const lot = `s${perKg}`;
            if (does === 'wrap' && perKg < weights.length && !wrappedAlready.has(lot)) {
              wrappedAlready.add(lot);
              kitchen.does({ facts: [wrapped(`k${perKg}`, [lot])] });
            }
          }
          const after = kitchen.costs(method);
          for (const pack of ['k0', 'k1']) expect(after.get(pack)).toBe(before.get(pack));
          const household = kitchen.household();
          const parts = costByPart(household.journal.state, 'p', basisOf(household));
          expect(parts.reduce((sum, { minor }) => sum + minor[method], 0)).toBe(12_345);
        },
      ),
      runs(80),
    );
  });

  it('nor does a bird cost otherwise by plates once its skin is left', () => {
    const bird = { ...bought(1200, 20_000), kind: 'whole-chicken', way: 'eight-pieces' } as Fact;
    const cuts = ['breast', 'thighs', 'wings'].map(
      (part) => ({ ...steak(part, 6000), part, count: 2 }) as Fact,
    );
    const kitchen = new Kitchen().does({ facts: [bird] }).does({ facts: cuts });
    const shares = (): unknown => {
      const household = kitchen.household();
      return costByPart(household.journal.state, 'p', basisOf(household)).map(
        ({ exact }) => exact['by-dinner'],
      );
    };
    kitchen.does(closing(kitchen));
    const before = shares();
    kitchen.does(saySkin('left'));
    expect(shares()).toEqual(before);
    kitchen.does({ facts: [{ type: 'reopened', lot: 'p' }] });
    expect(shares()).not.toEqual(before);
  });

  it('a price noted later fills a gap in the comparison', () => {
    const kitchen = loin([4000, 4000], 6000, { 'strip-steak': 3000 });
    kitchen.does(closing(kitchen));
    const compared = () => {
      const household = kitchen.household();
      return compareWithShop(household.journal.state, 'p', basisOf(household));
    };
    const [before, shares] = [compared(), kitchen.costs('store-value')];
    expect(before.missing).toEqual(['ends']);
    kitchen.does(notePrices([{ item: 'beef-lesser-steak', shop: 'A', perKgMinor: 1500, on }], '', () => 'n'));
    kitchen.does(notePrices([{ item: 'strip-steak', shop: 'A', perKgMinor: 9999, on }], '', () => 'm'));
    expect(compared()).toMatchObject({ missing: [], worthMinor: before.worthMinor + 600 });
    expect(kitchen.costs('store-value')).toEqual(shares);
  });

  it('prices that are noted in the deed that closes it count', () => {
    const kitchen = loin([4000, 4000], 6000, {});
    const deed = closing(kitchen);
    kitchen.does({
      ...deed,
      records: [
        { type: 'price', key: 'now', value: { item: 'strip-steak', shop: 'A', perKgMinor: 3000, on } },
      ],
    });
    expect(valuesOf(kitchen.household(), 'basis').get('p')?.prices).toEqual([
      { item: 'strip-steak', perKg: 3000, notes: ['now'] },
    ]);
  });

  it('a note that turns out to be of another item leaves what it counted with', () => {
    const kitchen = loin([4000, 4000], 6000);
    kitchen.does(closing(kitchen));
    const before = kitchen.costs('store-value');
    const household = kitchen.household();
    const note = { item: 'ribeye-steak', shop: 'A', perKgMinor: 9999, on };
    kitchen.does(correctPrice(household, 'p-strip-steak', note, ''));
    expect(kitchen.costs('store-value')).toEqual(before);
    expect(
      valuesOf(kitchen.household(), 'basis')
        .get('p')
        ?.prices.find(({ item }) => item === 'strip-steak'),
    ).toMatchObject({ perKg: 3000, notes: [] });
  });

  it('a price put right moves every piece that counted with it, and lists the packs old and new', () => {
    const kitchen = loin([4000, 4000], 6000);
    kitchen.does({ facts: [wrapped('k0', ['s0', 's1']), wrapped('ke', ['e'])] });
    kitchen.does(closing(kitchen));
    const before = kitchen.costs('store-value');
    const right = { item: 'strip-steak', shop: 'Fennel Street Market', perKgMinor: 2000, on };
    const deed = correctPrice(kitchen.household(), 'p-strip-steak', right, '');
    const moved = afterPrice(kitchen.household(), deed, COST_METHODS['store-value']);
    kitchen.does(deed);
    const after = kitchen.costs('store-value');
    expect(moved).toEqual(
      ['k0', 'ke'].map((lot) => ({
        lot,
        name: lot,
        wasMinor: before.get(lot),
        becomesMinor: after.get(lot),
      })),
    );
    // 0.8 kg × 20.00 = 16.00 and 0.4 kg × 15.00 = 6.00: of 60.00, 43.64 and 16.36.
    expect([after.get('k0'), after.get('ke')]).toEqual([4364, 1636]);
  });

  it('a piece that was closed before anybody wrote it down counts as today until its next deed', () => {
    const builder = new JournalBuilder().price('strip-steak', 3000, on);
    builder.add(bought(6000), steak('s0', 8000), ends(4000), { type: 'closed', lot: 'p' });
    const old = householdOf(builder.entries, builder.records);
    expect(
      withBasis(old, { facts: [bought(1)].map((fact) => ({ ...fact, lot: 'q' }) as Fact) }).records ?? [],
    ).toEqual([]);
    const next = withBasis(old, { facts: [wrapped('k', ['s0'])] });
    expect(next.records).toMatchObject([
      { type: 'basis', key: 'p', value: { prices: [{ item: 'strip-steak' }] } },
    ]);
  });

  it('of two devices that closed it with different prices the later one counts, on both', () => {
    const kitchen = loin([4000, 4000], 6000);
    kitchen.does(closing(kitchen));
    const household = kitchen.household();
    const basis = valuesOf(household, 'basis').get('p')!;
    const other = (perKg: number, device: string, seq: number): HouseholdRecord => ({
      type: 'basis',
      key: 'p',
      stamp: { at: '2026-01-03T00:00:00.000Z', device, seq },
      value: { ...basis, prices: basis.prices.map((price) => ({ ...price, perKg, asked: undefined })) },
    });
    const [a, b] = [other(2000, 'a', 1), other(2500, 'b', 2)];
    const both = [
      [...household.records.values(), a, b],
      [b, a, ...household.records.values()],
    ].map((records) => {
      const merged = householdOf(household.journal.entries, records);
      return costOfLots(merged.journal.state, COST_METHODS['store-value'], basisOf(merged)).get('s0')?.minor;
    });
    expect(both[0]).toBe(both[1]);
  });
});
