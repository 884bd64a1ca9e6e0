import { shiftDays } from '../exchange/shift-days';
import type { ShopLists } from '../price/shop-list';
import { daysBetween, type IsoDate } from '../units/date';
import { likeToday } from './like-today';

/**
 * Lists of shops in a story as somebody has them who opens it on a day: moved by whole weeks as its
 * past is, and without those that are still to come.
 *
 * @param lists up to the last day of the story
 */
export function listsOfToday(lists: ShopLists, today: IsoDate): ShopLists {
  const days = lists.shops.flatMap(({ weeks }) => weeks.at(-1)?.on ?? []).sort();
  const until = days.at(-1) ?? today;
  const moved = shiftDays(lists, daysBetween(likeToday(today, until), today));
  return {
    ...moved,
    shops: moved.shops.map((shop) => ({ ...shop, weeks: shop.weeks.filter(({ on }) => on <= today) })),
  };
}
