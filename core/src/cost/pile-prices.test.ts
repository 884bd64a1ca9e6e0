import * as fc from 'fast-check';
import type { Kind, Way } from '../catalogue/kind-schema';
import { kindById, KINDS } from '../catalogue/kinds';
import { basisOf } from '../books/basis-of';
import { compareWithShop } from '../books/comparison';
import type { Fact } from '../ledger/entry';
import { isUsable } from '../ledger/destination';
import { JournalBuilder } from '../testing/journal-builder';
import { runs } from '../testing/runs';
import { habitOfWay, predict, type Prediction } from '../yield/prediction';
import { answerAt } from '../yield/verdict';
import { comparableItem } from './part-price';

const on = '2026-01-01';
const massDg = 40_000;

/** What is expected of a piece of a kind, cut a way, with some prices known. */
function expected(
  kindId: string,
  wayId: string,
  prices: Readonly<Record<string, number>>,
  unwanted: readonly string[] = [],
): Prediction {
  const builder = new JournalBuilder();
  for (const [item, perKg] of Object.entries(prices)) builder.price(item, perKg, on);
  const stamp = { at: '2026-01-01T00:00:00.000Z', device: 'tablet', seq: 99 };
  for (const key of unwanted) builder.records.push({ type: 'item', key, stamp, value: { unwanted: true } });
  const household = builder.household();
  const kind = kindById(kindId)!;
  const asked = { kind, way: kind.ways.find(({ id }) => id === wayId)! };
  const habit = habitOfWay(household.journal.state, asked);
  return predict(asked, habit, basisOf(household), { massDg, marks: [], on });
}

const perKgOf = ({ parts }: Prediction, part: string): number | undefined => {
  const price = parts.find((each) => each.part === part)?.price;
  return price?.state === 'known' ? price.perKgMinor : undefined;
};

describe('what remains of a larger item (worked by hand)', () => {
  it('lamb leg at 16.90 with its shank at 13.90: 23.65 for the leg', () => {
    const prediction = expected('lamb-leg', 'boned', { 'lamb-leg-bone-in': 1690, 'lamb-shank': 1390 });
    expect(perKgOf(prediction, 'boneless-leg')).toBeCloseTo((1690 - 0.11 * 1390) / 0.65, 6);
    expect(prediction.worthPerKg.mean).toBeCloseTo(1690, 4);
  });

  it('without a price of the shank, leg and shank alike at 22.24', () => {
    const prediction = expected('lamb-leg', 'boned', { 'lamb-leg-bone-in': 1690 });
    for (const part of ['boneless-leg', 'shank'])
      expect(perKgOf(prediction, part)).toBeCloseTo(1690 / 0.76, 6);
  });

  it('where nobody wants the shank, the leg carries all of it', () => {
    const prediction = expected('lamb-leg', 'boned', { 'lamb-leg-bone-in': 1690 }, ['lamb-shank']);
    expect(perKgOf(prediction, 'boneless-leg')).toBeCloseTo(2600, 6);
  });

  it('untrimmed ribs at 7.49 and nothing else priced: every heap 7.72, even money 7.49', () => {
    const prediction = expected('pork-spare-ribs', 'squared', { 'pork-ribs-untrimmed': 749 });
    for (const part of ['rack', 'tips', 'flap', 'loose-ends'])
      expect(perKgOf(prediction, part)).toBeCloseTo(749 / 0.97, 6);
    expect(prediction.worthPerKg.mean).toBeCloseTo(749, 4);
    expect(answerAt(prediction, 749)).toBe('about-even');
  });

  it('is never below nothing, where the parts with a price are dearer than the whole', () => {
    const prediction = expected('lamb-leg', 'boned', { 'lamb-leg-boneless': 3000, 'lamb-leg-bone-in': 1690 });
    expect(perKgOf(prediction, 'shank')).toBe(0);
    expect(prediction.missing).toEqual([]);
  });

  it('a quarter is shared before half a bird, and no gram twice', () => {
    const prediction = expected('whole-chicken', 'eight-pieces', {
      'chicken-leg-quarter': 500,
      'chicken-half': 600,
    });
    for (const part of ['thighs', 'drumsticks']) expect(perKgOf(prediction, part)).toBeCloseTo(500, 6);
    // 6.00 − 0.31 × 5.00 = 4.45 for 39 % breast and 11.5 % wings.
    for (const part of ['breast', 'wings']) expect(perKgOf(prediction, part)).toBeCloseTo(445 / 0.505, 5);
    expect(prediction.worthPerKg.mean).toBeCloseTo(600, 4);
  });

  it('a rib steak with its bone: 22 % is bone where nobody wants the ribs, and what remains where they have a price', () => {
    const steak = { 'rib-steak-bone-in': 2000 };
    const alone = expected('rib-seven-bones', 'boned-steaks', steak, ['beef-back-ribs']);
    expect(perKgOf(alone, 'eye-steaks')).toBeCloseTo(2000 / 0.78, 6);
    const valued = expected('rib-seven-bones', 'boned-steaks', { ...steak, 'beef-back-ribs': 900 });
    expect(perKgOf(valued, 'eye-steaks')).toBeCloseTo((2000 * 0.84 - 900 * 0.2) / 0.64, 6);
  });

  it('the piece itself as it is sold whole says nothing of its parts', () => {
    for (const kind of KINDS) {
      const prediction = expected(kind.id, kind.ways[0]!.id, { [`piece-${kind.id}`]: 1000 });
      expect(prediction.worthPerKg.mean).toBe(0);
      expect(answerAt(prediction, 1000)).toBe('open');
    }
  });
});

/** Ways that give what shops sell in one, with that item. */
function identical(): { kind: Kind; way: Way; item: string }[] {
  return KINDS.flatMap((kind) =>
    (kind.readyCut ?? []).flatMap(({ item, holds }) =>
      kind.ways
        .filter(
          ({ shares }) =>
            holds === 'all' || [...Object.keys(shares), 'loss'].every((part) => holds.includes(part)),
        )
        .map((way) => ({ kind, way, item })),
    ),
  );
}

describe('the same thing saves nothing', () => {
  it('is tried on eight ways at least, ribs, lamb leg and birds among them', () => {
    const kinds = new Set(identical().map(({ kind }) => kind.id));
    expect(identical().length).toBeGreaterThanOrEqual(8);
    for (const kind of ['pork-spare-ribs', 'lamb-leg', 'lamb-rack', 'whole-chicken'])
      expect(kinds).toContain(kind);
  });

  const askedFor = ({ parts, animal, id }: Kind, part: string): string | undefined => {
    const { destination = 'bin' } = parts.find((each) => each.id === part) ?? {};
    return comparableItem({ kind: id, part, animal }, destination)?.id;
  };

  /** Prices of some parts, which together with what is open are no dearer than the whole. */
  function pricesOf({ kind, way, item }: ReturnType<typeof identical>[number], known: number, perKg: number) {
    const prices: Record<string, number> = { [item]: perKg };
    const usable = Object.keys(way.shares).filter((part) =>
      isUsable(kind.parts.find(({ id }) => id === part)?.destination ?? 'bin'),
    );
    // At least one usable part stays open: what remains is its.
    usable.slice(1).forEach((part, bit) => {
      const own = askedFor(kind, part);
      if ((known >> bit) % 2 === 1 && own !== undefined && own !== item)
        prices[own] = Math.max(1, perKg >> 1);
    });
    return prices;
  }

  it('bought at the price of what is the same, any way that shops sell it: within a rounding of nothing', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...identical()),
        fc.nat({ max: 63 }),
        fc.integer({ min: 50, max: 9000 }),
        (same, known, perKg) => {
          const prices = pricesOf(same, known, perKg);
          const [open] = Object.keys(same.way.shares);
          if (
            askedFor(same.kind, open!) !== same.item &&
            prices[askedFor(same.kind, open!) ?? ''] !== undefined
          )
            return;
          const prediction = expected(same.kind.id, same.way.id, prices);
          expect(prediction.missing).toEqual([]);
          expect(Math.abs(((prediction.worthPerKg.mean - perKg) * massDg) / 10_000)).toBeLessThanOrEqual(1);
          expect(answerAt(prediction, perKg)).toBe('about-even');
        },
      ),
      runs(400),
    );
  });

  it('and once it is cut and weighed, by what this very piece gave', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...identical()),
        fc.array(fc.integer({ min: 50, max: 150 }), { minLength: 8, maxLength: 8 }),
        fc.nat({ max: 63 }),
        fc.integer({ min: 50, max: 9000 }),
        (same, scatter, known, perKg) => {
          const paidMinor = Math.round((perKg * massDg) / 10_000);
          const cuts = Object.entries(same.way.shares).map(([part, share], at): Fact => {
            const { destination = 'bin' } = same.kind.parts.find(({ id }) => id === part) ?? {};
            const cutDg = Math.max(1, Math.floor((massDg * share * (scatter[at] ?? 100)) / 160));
            return { type: 'cut', from: 'p', lot: `l${at}`, part, destination, massDg: cutDg, count: 1, on };
          });
          const builder = new JournalBuilder().add(
            {
              type: 'received',
              lot: 'p',
              kind: same.kind.id,
              way: same.way.id,
              count: 1,
              massDg,
              paidMinor,
              on,
            },
            ...cuts,
            { type: 'closed', lot: 'p' },
          );
          for (const [item, price] of Object.entries(pricesOf(same, known, perKg)))
            builder.price(item, price, on);
          const household = builder.household();
          const { savedMinor, missing } = compareWithShop(household.journal.state, 'p', basisOf(household));
          expect(missing).toEqual([]);
          expect(Math.abs(savedMinor)).toBeLessThanOrEqual(1);
        },
      ),
      runs(200),
    );
  });
});

describe('dearer is never better', () => {
  it('in 500 random cases a piece that costs more has no better answer, and its parts at more no worse one', () => {
    const rank = { 'leave-it': 0, open: 1, 'about-even': 1, 'worth-it': 2 } as const;
    fc.assert(
      fc.property(
        fc.constantFrom(...KINDS),
        fc.array(fc.tuple(fc.nat(), fc.integer({ min: 50, max: 9000 })), { maxLength: 6 }),
        fc.integer({ min: 50, max: 6000 }),
        fc.integer({ min: 0, max: 3000 }),
        (kind, priced, perKg, more) => {
          const items = [
            ...new Set(kind.parts.flatMap(({ shopItem, orElse }) => [shopItem, orElse?.item])),
            ...(kind.readyCut ?? []).map(({ item }) => item),
          ].flatMap((item) => item ?? []);
          const prices = Object.fromEntries(priced.map(([at, price]) => [items[at % items.length]!, price]));
          const prediction = expected(kind.id, kind.ways[0]!.id, prices);
          const [cheap, dear] = [answerAt(prediction, perKg), answerAt(prediction, perKg + more)];
          expect(rank[dear]).toBeLessThanOrEqual(rank[cheap]);
        },
      ),
      { ...runs(500), numRuns: 500 },
    );
  });
});
