// The demo household: five people above the harbour of Tarn Quay, a made-up town. Everything
// here is invented; a fixed seed makes the same file on every machine.
import { writeFile } from '@core/exchange/write-file';
import { householdOf } from '@core/records/household';
import type { Place } from '@core/freeze/place';
import { addDays } from '@core/units/date';
import { weekdayOf } from '@core/units/zone';
import { stockOf } from '@core/pack/stock';
import { buyAndCut, cutHalfWay, type Purchase } from './pieces';
import { listPrice, pricesOfTheShops } from './prices';
import { Random } from './random';
import { Scribe } from './scribe';
import { eatEverything, eatFromTheFreezer } from './dinners';
import { shopLists } from './shop-lists';

const LAST_DAY = '2026-11-24';
const FIRST_DAY = '2024-11-28';
/** What was cut before this day has been eaten. */
const SPRING_CLEAN = '2026-05-20';

const EATERS = [
  { name: 'Odile', plateDg: 2600 },
  { name: 'Bram', plateDg: 2400 },
  { name: 'Tamsin', plateDg: 1900 },
  { name: 'Ilse', plateDg: 1800 },
  { name: 'Pia', plateDg: 1200 },
];

const PLACES: readonly (readonly [string, Place])[] = [
  ['chest', { name: 'Chest freezer', cold: 'freezer', litres: 102, airC: -20, order: 0 }],
  ['chest-top', { name: 'top basket', cold: 'freezer', within: 'chest', litres: 30, order: 0 }],
  ['chest-bottom', { name: 'bottom', cold: 'freezer', within: 'chest', order: 1 }],
  ['kitchen', { name: 'Kitchen freezer', cold: 'freezer', litres: 58, airC: -18, frostFree: true, order: 1 }],
  ['kitchen-one', { name: 'drawer 1', cold: 'freezer', within: 'kitchen' }],
  ['kitchen-drawer', { name: 'drawer 2', cold: 'freezer', within: 'kitchen' }],
  ['fridge', { name: 'Refrigerator', cold: 'refrigerator', airC: 4, order: 2 }],
  ['fridge-low', { name: 'bottom shelf', cold: 'refrigerator', within: 'fridge' }],
];

/** Day, kind, way, how many, shop, weight of one in grams; the price is the shop's of that week. */
const PURCHASES: readonly Omit<Purchase, 'perKg'>[] = (
  [
    ['2024-12-07', 'strip-loin', 'trim-first', 1, 'Breakwater Wholesale', 5120],
    ['2024-12-19', 'beef-tenderloin', 'muscles-apart', 1, 'Breakwater Wholesale', 2840],
    ['2025-01-11', 'whole-chicken', 'eight-pieces', 2, 'Hollis Lane Farm', 2080],
    ['2025-02-08', 'whole-chicken', 'boneless-breast', 3, 'Breakwater Wholesale', 1760],
    ['2025-02-22', 'strip-loin', 'trim-first', 1, 'Fennel Street Market', 4680],
    ['2025-03-15', 'whole-chicken', 'legs-and-breasts', 2, 'Hollis Lane Farm', 2150],
    ['2025-04-12', 'beef-tenderloin', 'muscles-apart', 1, 'Fennel Street Market', 2720],
    ['2025-05-03', 'strip-loin', 'slice-first', 1, 'Breakwater Wholesale', 5480],
    ['2025-05-31', 'whole-chicken', 'eight-pieces', 3, 'Breakwater Wholesale', 1700],
    ['2025-06-14', 'strip-loin', 'trim-first', 1, 'Breakwater Wholesale', 5310],
    ['2025-07-12', 'whole-chicken', 'boneless-breast', 2, 'Hollis Lane Farm', 2190],
    ['2025-08-02', 'beef-tenderloin', 'muscles-apart', 1, 'Breakwater Wholesale', 3050],
    ['2025-08-30', 'whole-chicken', 'eight-pieces', 2, 'Hollis Lane Farm', 2020],
    ['2025-09-06', 'strip-loin', 'trim-first', 1, 'Breakwater Wholesale', 5590],
    ['2025-10-04', 'whole-chicken', 'legs-and-breasts', 3, 'Breakwater Wholesale', 1690],
    ['2025-11-08', 'strip-loin', 'trim-first', 1, 'Fennel Street Market', 4870],
    ['2025-12-18', 'beef-tenderloin', 'muscles-apart', 1, 'Breakwater Wholesale', 2910],
    ['2026-01-10', 'whole-chicken', 'boneless-breast', 3, 'Breakwater Wholesale', 1740],
    ['2026-02-14', 'strip-loin', 'trim-first', 1, 'Breakwater Wholesale', 5250],
    ['2026-03-07', 'whole-chicken', 'eight-pieces', 2, 'Hollis Lane Farm', 2110],
    ['2026-04-02', 'beef-tenderloin', 'muscles-apart', 1, 'Fennel Street Market', 2660],
    ['2026-04-25', 'strip-loin', 'slice-first', 1, 'Fennel Street Market', 4930],
    ['2026-05-23', 'whole-chicken', 'eight-pieces', 2, 'Hollis Lane Farm', 2050],
    ['2026-06-12', 'strip-loin', 'trim-first', 1, 'Breakwater Wholesale', 5380],
    ['2026-06-27', 'whole-chicken', 'boneless-breast', 3, 'Breakwater Wholesale', 1720],
    ['2026-07-18', 'beef-tenderloin', 'muscles-apart', 1, 'Breakwater Wholesale', 2960],
    ['2026-08-08', 'whole-chicken', 'eight-pieces', 2, 'Hollis Lane Farm', 2210],
    ['2026-08-29', 'strip-loin', 'slice-first', 1, 'Fennel Street Market', 4740],
    ['2026-09-19', 'whole-chicken', 'legs-and-breasts', 3, 'Breakwater Wholesale', 1680],
    ['2026-10-10', 'beef-tenderloin', 'muscles-apart', 1, 'Fennel Street Market', 2610],
    ['2026-10-24', 'strip-loin', 'trim-first', 1, 'Breakwater Wholesale', 5640],
    ['2026-11-14', 'whole-chicken', 'eight-pieces', 2, 'Hollis Lane Farm', 2160],
  ] as const
).map(([day, kind, way, count, shop, eachG]) => ({ day, kind, way, count, shop, eachG }));

const COSTS = {
  bagMinor: 18,
  labelMinor: 3,
  hourMinor: 0,
  tools: [
    { name: 'Boning knife and steel', paidMinor: 6400, years: 10 },
    { name: 'Vacuum sealer', paidMinor: 11900, years: 6 },
  ],
};

function alreadyThere(scribe: Scribe): void {
  const packs = [
    ['Lamb shanks from the neighbours', 'lamb', 'gift', 14200, 4, 4, null, '2026-04-04'],
    ['Pork chops', 'pork', 'bought-cut', 9800, 4, 4, 1176, '2026-05-02'],
    ['Stewing beef, no label', 'beef', 'already-here', 8600, 1, 4, null, null],
    ['Turkey drumsticks', 'turkey', 'already-here', 12500, 3, 4, 875, '2026-03-21'],
  ] as const;
  for (const [name, animal, origin, massDg, count, plates, paidMinor, on] of packs) {
    const lot = scribe.name('pack');
    const destination = name.startsWith('Stew') ? 'stew' : 'main';
    scribe.write({
      type: 'acquired',
      lot,
      name,
      animal,
      destination,
      massDg,
      count,
      plates,
      paidMinor,
      origin,
      on,
    });
    scribe.write({ type: 'placed', lot, place: 'chest-bottom' });
  }
}

/** Two dinners are planned already: the oldest packs of beef and of chicken that feed the household. */
function planAhead(scribe: Scribe): void {
  for (const [animal, days] of [
    ['chicken', 1],
    ['beef', 3],
  ] as const) {
    const pack = stockOf(scribe.state).find((lot) => lot.animal === animal && lot.platesLeft >= 4);
    if (pack)
      scribe.note({
        type: 'meal',
        key: addDays(LAST_DAY, days),
        value: {
          servings: [{ lot: pack.id, amount: 'all' }],
          guests: 0,
          absent: animal === 'chicken' ? ['Pia'] : [],
        },
      });
  }
}

/** The household and the lists of its shops, as the files that ship. */
export function demoFiles(): { readonly household: string; readonly shopLists: string } {
  const random = new Random(20241128);
  const lists = shopLists(LAST_DAY);
  const scribe = new Scribe(FIRST_DAY);
  const whole = (purchase: Omit<Purchase, 'perKg'>): Purchase => ({
    ...purchase,
    perKg: listPrice(lists, purchase.shop, `piece-${purchase.kind}`, purchase.day),
  });
  scribe.goTo(FIRST_DAY, 17 * 60);
  const settings = {
    system: 'metric',
    decimal: '.',
    currency: 'EUR',
    eaters: EATERS,
    school: 'store-value',
    costs: COSTS,
    dinners: { at: '18:30', meatless: [weekdayOf(addDays(LAST_DAY, 2))], awake: ['06:30', '22:30'] },
  } as const;
  scribe.note({
    type: 'settings',
    key: 'household',
    value: {
      ...settings,
      dinners: {
        ...settings.dinners,
        meatless: [...settings.dinners.meatless],
        awake: [...settings.dinners.awake],
      },
      eaters: [...EATERS],
      costs: { ...COSTS, tools: [...COSTS.tools] },
    },
  });
  for (const [key, value] of PLACES) scribe.note({ type: 'place', key, value });
  pricesOfTheShops(scribe, random, lists);
  scribe.note({ type: 'item', key: 'chicken-bones', value: { unwanted: true } });
  const [earlier, later] = [
    PURCHASES.filter(({ day }) => day < SPRING_CLEAN),
    PURCHASES.filter(({ day }) => day >= SPRING_CLEAN),
  ];
  for (const purchase of earlier) {
    eatFromTheFreezer(scribe, random, purchase.day, [2, 4]);
    buyAndCut(scribe, random, whole(purchase), EATERS.length);
  }
  eatFromTheFreezer(scribe, random, addDays(SPRING_CLEAN, -18), [1, 1]);
  eatEverything(scribe, random, addDays(SPRING_CLEAN, -1));
  scribe.goTo(SPRING_CLEAN, 17 * 60);
  alreadyThere(scribe);
  for (const purchase of later) {
    eatFromTheFreezer(scribe, random, purchase.day, [5, 10]);
    buyAndCut(scribe, random, whole(purchase), EATERS.length);
  }
  eatFromTheFreezer(scribe, random, LAST_DAY, [5, 10]);
  cutHalfWay(
    scribe,
    random,
    whole({
      day: LAST_DAY,
      kind: 'strip-loin',
      way: 'trim-first',
      count: 1,
      shop: 'Breakwater Wholesale',
      eachG: 5270,
    }),
  );
  planAhead(scribe);
  const path = '/demo/shop-lists.json';
  scribe.note({ type: 'list', key: 'tarn-quay', value: { name: 'The three shops of Tarn Quay', path } });
  return {
    household: writeFile(householdOf(scribe.entries, scribe.records)),
    shopLists: `${JSON.stringify(lists)}\n`,
  };
}
