import { addDays, type IsoDate } from '@core/units/date';
import type { Random } from './random';
import type { Scribe } from './scribe';

/** Invented prices, smallest coins a kilogram. The items that are not here are gaps. */
const USUAL: Record<string, number> = {
  'strip-steak': 2790,
  'fillet-steak': 4690,
  'beef-thin': 1990,
  'beef-grind': 1150,
  'beef-bones': 290,
  'chicken-breast-bone-in': 990,
  'chicken-breast-boneless': 1490,
  'chicken-thigh-bone-in': 750,
  'chicken-drumstick': 590,
  'chicken-leg-quarter': 640,
  'chicken-bones': 150,
};

const SHOPS: readonly [shop: string, factor: number, everyDays: number][] = [
  ['Breakwater Wholesale', 0.94, 45],
  ['Fennel Street Market', 1.05, 60],
  ['Hollis Lane Farm', 1.1, 75],
];

/** What the household wrote down of the shops' prices: now and then, here and there. */
export function pricesOfTheShops(scribe: Scribe, random: Random, until: IsoDate): void {
  for (const [shop, factor, everyDays] of SHOPS) {
    for (const [item, usual] of Object.entries(USUAL)) {
      if (shop === 'Hollis Lane Farm' && !item.startsWith('chicken')) continue;
      let on = addDays(scribe.day, -random.whole(2, everyDays));
      while (on <= until) {
        const perKgMinor = Math.round((usual * factor * random.around(1, 0.035)) / 10) * 10 - 1;
        scribe.note({ type: 'price', key: scribe.name('price'), value: { item, shop, perKgMinor, on } });
        on = addDays(on, random.whole(everyDays * 0.7, everyDays * 1.6));
      }
    }
  }
}
