import type { ShopLists, ShopWeek } from '@core/price/shop-list';
import type { IsoDate } from '@core/units/date';

/** What a shop asks for an item in the week of a day. */
export function listPrice(lists: ShopLists, shop: string, item: string, day: IsoDate): number | null {
  const weeks = lists.shops.find((each) => each.shop === shop)?.weeks ?? [];
  const week = weeks.findLast((each: ShopWeek) => each.on <= day);
  return week?.lines.find(([id]) => id === item)?.[1] ?? null;
}
