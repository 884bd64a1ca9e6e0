import { report } from '../exchange/report';
import { JournalBuilder, workedPiece } from '../testing/journal-builder';
import { settingsPartSchema } from '../records/settings';
import { basisOf } from '../books/basis-of';
import { carriersOf, platesFrom } from './carriers';
import { cookedShare } from './cooked';
import { creditsOf } from './method';
import { COST_METHOD_IDS, type CostMethodId } from './method-ids';
import { workingCosts } from './working-costs';

/** A piece of 10.00 kg of strip loin for 100.00, all of it weighed. */
function piece(
  parts: [part: string, destination: 'main' | 'second' | 'grind' | 'stock' | 'render', massDg: number][],
): JournalBuilder {
  const on = '2026-01-01';
  const builder = new JournalBuilder().add({
    type: 'received',
    lot: 'p',
    kind: 'strip-loin',
    count: 1,
    massDg: 100_000,
    paidMinor: 10_000,
    on,
  });
  parts.forEach(([part, destination, massDg], index) =>
    builder.add({ type: 'cut', from: 'p', lot: `l${index}`, part, destination, massDg, count: 1, on }),
  );
  return builder.add({ type: 'closed', lot: 'p' });
}
const costs = (builder: JournalBuilder, method: CostMethodId): Record<string, number> =>
  Object.fromEntries(
    report(builder.household(), method).purchases[0]?.parts.map(({ part, costMinor }) => [part, costMinor]) ??
      [],
  );

describe('the worked piece under every method (worked by hand, docs/computations.md)', () => {
  it.each<[CostMethodId, Record<string, number>]>([
    ['by-weight', { centre: 5250, chain: 750, trimmings: 0, fat: 0 }],
    ['by-product-credit', { centre: 5510, chain: 441, trimmings: 49, fat: 0 }],
    ['store-value', { centre: 5663, chain: 303, trimmings: 34, fat: 0 }],
    ['by-dinner', { centre: 5250, chain: 750, trimmings: 0, fat: 0 }],
  ])('%s', (method, expected) => {
    expect(costs(workedPiece(), method)).toEqual(expected);
  });

  it('credit: the main costs 16.06 a kilogram, 1.3387 times the price asked', () => {
    const perKg = (costs(workedPiece(), 'by-product-credit')['centre'] ?? 0) / 3.43;
    expect(perKg / 100).toBeCloseTo(16.0641, 4);
    expect(perKg / 1200).toBeCloseTo(1.3387, 4);
  });

  it('by dinner follows the plates of the packs', () => {
    const on = '2026-01-01';
    const builder = workedPiece().add(
      { type: 'packed', lot: 'k1', name: 'k1', from: [{ lot: 'centre', amount: 'all' }], plates: 9, on },
      { type: 'packed', lot: 'k2', name: 'k2', from: [{ lot: 'chain', amount: 'all' }], plates: 3, on },
    );
    expect(costs(builder, 'by-dinner')).toEqual({ centre: 4500, chain: 1500, trimmings: 0, fat: 0 });
  });

  it('plates are as packed, and of what is not packed yet by the plate of the eaters', () => {
    const pack = { type: 'packed', lot: 'k', name: 'k', on: '2026-01-01' } as const;
    const builder = workedPiece().add({ ...pack, from: [{ lot: 'centre', amount: 'all' }], plates: 9 });
    const household = builder.household();
    const basis = { ...basisOf(household), plate: { dg: 1750 } };
    // 490 g of chain make 2.8 plates of 175 g.
    expect(platesFrom(household.journal.state, 'piece', basis)).toBeCloseTo(11.8, 10);
  });
});

describe('prices that are unknown, and what would not be bought', () => {
  const parts: Parameters<typeof piece>[0] = [
    ['steaks', 'main', 60_000],
    ['ends', 'second', 20_000],
    ['trimmings', 'grind', 20_000],
  ];

  it('store value: a gap takes its share by mass, the rest is split by value', () => {
    const builder = piece(parts).price('strip-steak', 2000).price('beef-grind', 1000);
    // ends: a fifth by mass, 20.00; of 80.00 the steaks carry 120/140, the grind 20/140.
    expect(costs(builder, 'store-value')).toEqual({ steaks: 6857, ends: 2000, trimmings: 1143 });
    expect(report(builder.household(), 'store-value').purchases[0]?.shop).toMatchObject({
      complete: false,
      missing: ['ends'],
      worthMinor: 14_000,
    });
  });

  it('what the household would not buy is worth nothing and no gap', () => {
    const builder = piece(parts).price('strip-steak', 1800).price('beef-grind', 1000);
    const stamp = { at: '2026-01-01T00:00:00.000Z', device: 'tablet', seq: 99 };
    builder.records.push(
      { type: 'item', key: 'beef-lesser-steak', stamp, value: { unwanted: true } },
      { type: 'item', key: 'strip-steak', stamp, value: { leftOn: 0.2 } },
    );
    const [purchase] = report(builder.household(), 'store-value').purchases;
    expect(purchase?.shop).toMatchObject({ complete: true, missing: [], worthMinor: 6 * 2250 + 2000 });
    expect(purchase?.parts.find(({ part }) => part === 'ends')?.costMinor).toBe(0);
  });

  it('without any price store value is by weight', () => {
    expect(costs(piece(parts), 'store-value')).toEqual(costs(piece(parts), 'by-weight'));
  });

  it('more credit than was paid: the main is free, nothing is below zero, the surplus is shown', () => {
    const builder = piece(parts)
      .price('strip-steak', 1800)
      .price('beef-lesser-steak', 6000)
      .price('beef-grind', 3000);
    const household = builder.household();
    expect(costs(builder, 'by-product-credit')).toEqual({ steaks: 0, ends: 6667, trimmings: 3333 });
    expect(creditsOf(carriersOf(household.journal.state, 'p', basisOf(household)), 10_000).surplusMinor).toBe(
      8000,
    );
    expect(report(household, 'by-product-credit').purchases[0]?.surplusMinor).toBe(8000);
  });

  it('boneless breast without a price of its own compares with bone-in, bone taken off', () => {
    const on = '2026-01-01';
    const builder = new JournalBuilder()
      .add(
        { type: 'received', lot: 'p', kind: 'whole-chicken', count: 1, massDg: 20_000, paidMinor: 1000, on },
        {
          type: 'cut',
          from: 'p',
          lot: 'b',
          part: 'breast-boneless',
          destination: 'main',
          massDg: 5000,
          count: 2,
          on,
        },
      )
      .price('chicken-breast-bone-in', 690);
    expect(report(builder.household(), 'store-value').purchases[0]?.shop.worthMinor).toBe(500);
  });
});

describe('beside the meat', () => {
  it('supplies, tools and time are apart from what the meat cost', () => {
    const work = { savedMinor: 2722, packs: 4, minutes: 45, piecesOfTheYear: 10 };
    expect(
      workingCosts(work, {
        bagMinor: 20,
        labelMinor: 5,
        hourMinor: 1200,
        tools: [{ name: 'knife', paidMinor: 6000, years: 10 }],
      }),
    ).toEqual({
      suppliesMinor: 100,
      // 60.00 over ten years, and twelve pieces of the year at least.
      toolsMinor: 50,
      energyMinor: 0,
      tripMinor: 0,
      thrownAwayMinor: 0,
      netSavedMinor: 2572,
      timeMinor: 900,
      savedAnHourMinor: 3629,
      netSavedAnHourMinor: 3429,
    });
  });

  it('energy, the trip and what was thrown away come off; an hour is told from 15 minutes on', () => {
    const work = {
      savedMinor: 2722,
      packs: 4,
      minutes: 14,
      piecesOfTheYear: 20,
      piecesOfTheTrip: 3,
      thrownAwayMinor: 700,
    };
    const settings = {
      bagMinor: 0,
      labelMinor: 0,
      hourMinor: 0,
      tools: [],
      energyMinor: 6000,
      tripMinor: 450,
    };
    expect(workingCosts(work, settings)).toMatchObject({
      energyMinor: 300,
      tripMinor: 150,
      netSavedMinor: 1572,
      savedAnHourMinor: null,
      netSavedAnHourMinor: null,
    });
  });

  it('what is eaten of a part: 30 % goes in cooking (common practice), its bone, and skin that is left', () => {
    expect(cookedShare({ kind: 'strip-loin', part: 'steaks' }, 'main')).toBeCloseTo(0.7, 9);
    expect(cookedShare({ kind: 'whole-chicken', part: 'thighs' }, 'main')).toBeCloseTo(0.553, 9);
    expect(cookedShare({ kind: 'whole-chicken', part: 'thighs' }, 'main', new Map(), 'left')).toBeCloseTo(
      0.448,
      9,
    );
    expect(cookedShare({ kind: 'strip-loin', part: 'trimmings' }, 'grind')).toBeCloseTo(0.74, 9);
    expect(
      cookedShare({ kind: 'strip-loin', part: 'steaks' }, 'main', new Map([['strip-loin_steaks', 0.8]])),
    ).toBe(0.8);
  });

  it('the settings know every method', () => {
    for (const method of COST_METHOD_IDS)
      expect(
        settingsPartSchema.safeParse({
          system: 'metric',
          decimal: '.',
          currency: 'EUR',
          eaters: [],
          school: method,
        }).success,
      ).toBe(true);
  });
});
