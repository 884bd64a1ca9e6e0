import * as fc from 'fast-check';
import { basisOf } from '../books/basis-of';
import { kindById, KINDS } from '../catalogue/kinds';
import { itemForDestination } from '../catalogue/shop-items';
import { JournalBuilder } from '../testing/journal-builder';
import { comparableItem } from '../cost/part-price';
import { habitOfWay, kindAndWay, predict } from './prediction';
import { roomForSlips } from './room-for-slips';

const on = '2026-01-02';

function ask(kindId: string, perKgMinor: number, massDg: number, prices: Record<string, number>) {
  const builder = new JournalBuilder();
  for (const [item, perKg] of Object.entries(prices)) builder.price(item, perKg);
  const [household, kind] = [builder.household(), kindById(kindId)!];
  const asked = kindAndWay(kindId, kind.ways[0]!.id)!;
  const { pricing } = basisOf(household);
  const habit = habitOfWay(household.journal.state, asked);
  const prediction = predict(asked, habit, { pricing }, { massDg, marks: [], on });
  return { prediction, room: roomForSlips(prediction, kind, pricing, { perKgMinor, massDg, on }) };
}

describe('what a slip costs', () => {
  // Worked by hand: 70 % steaks at 30.00, nothing else priced but ground meat at 12.00:
  // a kilogram is worth 21.00. At 20.00, 5 kg save 5.00: 5.00 ÷ 18.00 = 277.7 g, 5.00 ÷ 30.00 = 166.6 g.
  it('278 g of a loin’s steaks may be ground, or 167 g lost, before 5.00 are gone', () => {
    const { room } = ask('strip-loin', 2000, 50_000, { 'strip-steak': 3000, 'beef-grind': 1200 });
    expect(room).toMatchObject({ part: 'steaks', toGrindDg: 2777, lostDg: 1666, isAll: false });
    expect(room!.lostShare).toBeCloseTo(1 / 30, 9);
  });

  it('without a price of ground meat it can only be lost; with none of the cut, or nothing saved, nothing is said', () => {
    expect(ask('strip-loin', 2000, 50_000, { 'strip-steak': 3000 }).room).toMatchObject({ toGrindDg: null });
    expect(ask('strip-loin', 2100, 50_000, { 'strip-steak': 3000 }).room).toBeNull();
    expect(ask('strip-loin', 100, 50_000, { 'beef-grind': 1200, 'beef-lesser-steak': 1500 }).room).toBeNull();
  });

  it('all of it may be ground where it is cheap enough, and no more than there is', () => {
    const { room } = ask('strip-loin', 500, 50_000, { 'strip-steak': 3000, 'beef-grind': 1200 });
    expect(room).toMatchObject({ isAll: true, toGrindDg: 35_000 });
  });

  it('with so much moved to ground meat, or lost, it is even money (on any kind, at any prices)', () => {
    const price = fc.integer({ min: 100, max: 6000 });
    fc.assert(
      fc.property(fc.constantFrom(...KINDS), price, price, price, (kind, main, grind, perKgMinor) => {
        const part = kind.parts.find(({ destination }) => destination === 'main')!;
        const item = comparableItem({ kind: kind.id, part: part.id, animal: kind.animal }, 'main')!;
        const ground = itemForDestination(kind.animal, 'grind')!;
        const massDg = 30_000;
        const { prediction, room } = ask(kind.id, perKgMinor, massDg, {
          [item.id]: main,
          [ground.id]: grind,
        });
        if (!room) return;
        const { perKgMinor: value = 0 } = prediction.parts.find((each) => each.part === room.part)!.price as {
          perKgMinor?: number;
        };
        const paid = perKgMinor * massDg;
        const worth = prediction.worthPerKg.mean * massDg;
        if (room.toGrindDg !== null && !room.isAll)
          expect(Math.abs(worth - room.toGrindDg * (value - grind) - paid)).toBeLessThanOrEqual(value);
        expect(worth - room.lostDg * value).toBeGreaterThanOrEqual(paid - 1e-6 * paid);
        expect(room.lostDg).toBeLessThanOrEqual(massDg);
      }),
      { numRuns: 60 },
    );
  });
});
