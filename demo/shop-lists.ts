import { feastDays, USUAL_FEASTS } from '@core/feast/feasts';
import type { ShopLists, ShopWeek } from '@core/price/shop-list';
import { addDays, daysBetween, type IsoDate } from '@core/units/date';
import { Random } from './random';

/** Items that go on offer together: a piece and everything cut from it. Invented prices, smallest coins a kilogram. */
const GROUPS: Record<string, Record<string, number>> = {
  strip: { 'piece-strip-loin': 1690, 'strip-steak': 2390, 'strip-roast': 2190 },
  fillet: { 'piece-beef-tenderloin': 2480, 'fillet-steak': 4790, 'fillet-roast': 4490 },
  beef: { 'beef-thin': 1990, 'beef-grind': 1150, 'beef-stew': 1290, 'beef-bones': 290 },
  chicken: {
    'piece-whole-chicken': 590,
    'chicken-breast-bone-in': 940,
    'chicken-breast-boneless': 1420,
    'chicken-thigh-bone-in': 720,
    'chicken-drumstick': 560,
    'chicken-leg-quarter': 610,
    'chicken-half': 720,
    'chicken-bones': 150,
  },
};

interface Shop {
  readonly shop: string;
  readonly factor: number;
  readonly sells: readonly string[];
  /** How deep its offers cut, and how often one comes without a feast. */
  readonly depth: number;
  readonly often: number;
}

const SHOPS: readonly Shop[] = [
  {
    shop: 'Breakwater Wholesale',
    factor: 0.92,
    sells: ['strip', 'fillet', 'beef', 'chicken'],
    depth: 0.17,
    often: 0.05,
  },
  {
    shop: 'Fennel Street Market',
    factor: 1.06,
    sells: ['strip', 'fillet', 'beef', 'chicken'],
    depth: 0.22,
    often: 0.04,
  },
  { shop: 'Hollis Lane Farm', factor: 1.14, sells: ['chicken'], depth: 0.12, often: 0.03 },
];

/** Which feast brings which group down, and for how many days before it; months for the rest. */
const FEASTS: Record<string, readonly string[]> = {
  fillet: ['christmas', 'easter'],
  strip: ['midsummer', 'new-year'],
  beef: [],
  chicken: ['whitsun'],
};
const MONTHS: Record<string, readonly number[]> = { fillet: [], strip: [9], beef: [11], chicken: [1, 9] };
const WEEK = 7;

/** Two years of weekly lists of the three demo shops, the same on every machine. */
export function shopLists(until: IsoDate): ShopLists {
  return {
    format: 'vendicus-shop-lists',
    version: 1,
    currency: 'EUR',
    shops: SHOPS.map((shop, index) => ({
      shop: shop.shop,
      weeks: weeksOf(shop, until, new Random(77 + index)),
    })),
  };
}

function weeksOf(shop: Shop, until: IsoDate, random: Random): ShopWeek[] {
  const regular = new Map<string, number>();
  return Array.from({ length: 106 }, (_, week) => {
    const on = addDays(until, -WEEK * (105 - week));
    const lines = shop.sells.flatMap((group) => linesOf(shop, group, on, regular, random));
    return { on, lines };
  });
}

function linesOf(
  shop: Shop,
  group: string,
  on: IsoDate,
  regular: Map<string, number>,
  random: Random,
): ShopWeek['lines'] {
  const isOffer = isFeast(group, on) || random.next() < shop.often;
  const cut = 1 - shop.depth * random.between(0.8, 1.2);
  return Object.entries(GROUPS[group] ?? {}).map(([item, usual]) => {
    const known = regular.get(item);
    // Regular prices stand for weeks; dearer by about three per cent a year.
    const year = daysBetween('2024-11-24', on) / 365;
    const fresh = usual * shop.factor * (1 + 0.03 * year) * random.around(1, 0.025);
    const price = known === undefined || random.next() < 0.12 ? fresh : known;
    regular.set(item, price);
    return [item, priced(isOffer ? price * cut : price), isOffer ? 1 : 0];
  });
}

function isFeast(group: string, on: IsoDate): boolean {
  const year = Number(on.slice(0, 4));
  const feasts = [year, year + 1]
    .flatMap((of) => feastDays(USUAL_FEASTS, of))
    .filter(({ id }) => FEASTS[group]?.includes(id));
  const soon = feasts.some(
    (feast) => daysBetween(on, feast.on) >= 0 && daysBetween(on, feast.on) <= 2 * WEEK,
  );
  return soon || (MONTHS[group]?.includes(Number(on.slice(5, 7))) === true && Number(on.slice(8)) <= WEEK);
}

/** Prices that end in a nine, as shops like them. */
const priced = (minor: number): number => Math.max(9, Math.round(minor / 10) * 10 - 1);
