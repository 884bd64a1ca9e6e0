import type { ShopLists, ShopWeek } from '@core/price/shop-list';
import type { IsoDate } from '@core/units/date';
import type { Random } from './random';
import type { Scribe } from './scribe';

/** How often the household writes a line of a shop's list down, the dear ones more often. */
const CHANCE: Record<string, number> = {
  'piece-strip-loin': 0.3,
  'piece-beef-tenderloin': 0.3,
  'strip-steak': 0.16,
  'fillet-steak': 0.16,
  'piece-whole-chicken': 0.16,
};

/** What the household wrote down of the shops' lists: now and then, here and there. */
export function pricesOfTheShops(scribe: Scribe, random: Random, lists: ShopLists): void {
  for (const { shop, weeks } of lists.shops) {
    for (const { on, lines } of weeks) {
      for (const [item, perKgMinor, offer] of lines) {
        if (random.next() > (CHANCE[item] ?? 0.07) * (offer ? 1.6 : 1)) continue;
        scribe.note({
          type: 'price',
          key: scribe.name('price'),
          value: { item, shop, perKgMinor, on, ...(offer ? { offer: true } : {}) },
        });
      }
    }
  }
}

/** What a shop asks for an item in the week of a day. */
export function listPrice(lists: ShopLists, shop: string, item: string, day: IsoDate): number {
  const weeks = lists.shops.find((each) => each.shop === shop)?.weeks ?? [];
  const week = weeks.findLast((each: ShopWeek) => each.on <= day);
  const line = week?.lines.find(([id]) => id === item);
  if (!line) throw new Error(`${shop} had no ${item} on ${day}`);
  return line[1];
}
