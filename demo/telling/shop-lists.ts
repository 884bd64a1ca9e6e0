import { feastDays, USUAL_FEASTS } from '@core/feast/feasts';
import type { ShopLists, ShopWeek } from '@core/price/shop-list';
import { addDays, daysBetween, type IsoDate } from '@core/units/date';
import { GROUPS, OFFERS, SHOPS, type Group, type Pricing } from '../story/shops';
import { Random } from './random';

const WEEK = 7;

/** Weekly lists of the three shops from one day to another, the same on every machine. */
export function shopLists(from: IsoDate, until: IsoDate): ShopLists {
  return {
    format: 'vendicus-shop-lists',
    version: 1,
    currency: 'EUR',
    shops: SHOPS.map((shop, nth) => ({
      shop: shop.shop,
      weeks: weeksOf(shop, from, until, new Random(77 + nth)),
    })),
  };
}

function weeksOf(shop: Pricing, from: IsoDate, until: IsoDate, random: Random): ShopWeek[] {
  const regular = new Map<string, number>();
  return Array.from({ length: Math.floor(daysBetween(from, until) / WEEK) + 1 }, (_, week) => {
    const on = addDays(from, WEEK * week);
    const years = (week * WEEK) / 365;
    return { on, lines: shop.sells.flatMap((group) => linesOf(shop, group, { on, years }, regular, random)) };
  });
}

function linesOf(
  shop: Pricing,
  group: Group,
  { on, years }: { readonly on: IsoDate; readonly years: number },
  regular: Map<string, number>,
  random: Random,
): ShopWeek['lines'] {
  const isOffer = isOfferWeek(group, on) || random.next() < shop.often;
  const cut = 1 - shop.depth * random.between(0.8, 1.2);
  return Object.entries(GROUPS[group]).map(([item, usual]) => {
    const known = regular.get(item);
    // Regular prices stand for weeks; dearer by about three per cent a year.
    const fresh = usual * shop.factor * (1 + 0.03 * years) * random.around(1, 0.025);
    const price = known === undefined || random.next() < 0.12 ? fresh : known;
    regular.set(item, price);
    return [item, priced(isOffer ? price * cut : price), isOffer ? 1 : 0];
  });
}

function isOfferWeek(group: Group, on: IsoDate): boolean {
  const { feasts = [], months = [] } = OFFERS[group] ?? {};
  const year = Number(on.slice(0, 4));
  const soon = [year, year + 1]
    .flatMap((of) => feastDays(USUAL_FEASTS, of))
    .some(({ id, on: feast }) => {
      const days = daysBetween(on, feast);
      return feasts.includes(id) && days >= 0 && days <= 2 * WEEK;
    });
  return soon || (months.includes(Number(on.slice(5, 7))) && Number(on.slice(8)) <= WEEK);
}

/** Prices that end in a nine, as shops like them. */
const priced = (minor: number): number => Math.max(9, Math.round(minor / 10) * 10 - 1);
