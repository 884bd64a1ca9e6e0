// The demo household: five people above the harbour of Tarn Quay, a made-up town. Everything
// here is invented; a fixed seed makes the same file on every machine.
import { writeFileSync } from 'node:fs';
import { writeFile } from '@core/files/write-file';
import { householdOf } from '@core/journal/household';
import { buyAndCut, cutHalfWay, type Purchase } from './pieces';
import { pricesOfTheShops } from './prices';
import { Random } from './random';
import { Scribe } from './scribe';
import { eatFromTheFreezer } from './dinners';

export const LAST_DAY = '2026-11-24';
const FIRST_DAY = '2026-05-20';

const EATERS = [
  { name: 'Odile', plateDg: 2600 },
  { name: 'Bram', plateDg: 2400 },
  { name: 'Tamsin', plateDg: 1900 },
  { name: 'Ilse', plateDg: 1800 },
  { name: 'Pia', plateDg: 1200 },
];

const PLACES = [
  ['chest-top', 'Chest freezer, top basket', 'freezer'],
  ['chest-bottom', 'Chest freezer, bottom', 'freezer'],
  ['kitchen-drawer', 'Kitchen freezer, drawer 2', 'freezer'],
  ['fridge-low', 'Refrigerator, bottom shelf', 'refrigerator'],
] as const;

const PURCHASES: readonly Purchase[] = [
  { day: '2026-05-23', kind: 'whole-chicken', way: 'eight-pieces', count: 2, shop: 'Hollis Lane Farm', eachG: 2050, perKg: 790 },
  { day: '2026-06-12', kind: 'strip-loin', way: 'trim-first', count: 1, shop: 'Breakwater Wholesale', eachG: 5380, perKg: 1495 },
  { day: '2026-06-27', kind: 'whole-chicken', way: 'boneless-breast', count: 3, shop: 'Breakwater Wholesale', eachG: 1720, perKg: 495 },
  { day: '2026-07-18', kind: 'beef-tenderloin', way: 'muscles-apart', count: 1, shop: 'Breakwater Wholesale', eachG: 2960, perKg: 2290 },
  { day: '2026-08-08', kind: 'whole-chicken', way: 'eight-pieces', count: 2, shop: 'Hollis Lane Farm', eachG: 2210, perKg: 790 },
  { day: '2026-08-29', kind: 'strip-loin', way: 'slice-first', count: 1, shop: 'Fennel Street Market', eachG: 4740, perKg: 1780 },
  { day: '2026-09-19', kind: 'whole-chicken', way: 'legs-and-breasts', count: 3, shop: 'Breakwater Wholesale', eachG: 1680, perKg: 479 },
  { day: '2026-10-10', kind: 'beef-tenderloin', way: 'muscles-apart', count: 1, shop: 'Fennel Street Market', eachG: 2610, perKg: 2690 },
  { day: '2026-10-24', kind: 'strip-loin', way: 'trim-first', count: 1, shop: 'Breakwater Wholesale', eachG: 5640, perKg: 1390 },
  { day: '2026-11-14', kind: 'whole-chicken', way: 'eight-pieces', count: 2, shop: 'Hollis Lane Farm', eachG: 2160, perKg: 820 },
];

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
    scribe.write({ type: 'acquired', lot, name, animal, destination, massDg, count, plates, paidMinor, origin, on });
    scribe.write({ type: 'placed', lot, place: 'chest-bottom' });
  }
}

function main(): void {
  const random = new Random(20260520);
  const scribe = new Scribe(FIRST_DAY);
  scribe.goTo(FIRST_DAY, 17 * 60);
  scribe.note({ type: 'settings', key: 'household', value: { system: 'metric', decimal: '.', currency: 'EUR', eaters: EATERS } });
  for (const [key, name, cold] of PLACES) scribe.note({ type: 'place', key, value: { name, cold } });
  pricesOfTheShops(scribe, random, LAST_DAY);
  alreadyThere(scribe);
  for (const purchase of PURCHASES) {
    eatFromTheFreezer(scribe, random, purchase.day);
    buyAndCut(scribe, random, purchase, EATERS.length);
  }
  eatFromTheFreezer(scribe, random, LAST_DAY);
  cutHalfWay(scribe, random, { day: LAST_DAY, kind: 'strip-loin', way: 'trim-first', count: 1, shop: 'Breakwater Wholesale', eachG: 5270, perKg: 1445 });
  const file = process.argv[2] ?? 'demo/household.json';
  writeFileSync(file, writeFile(householdOf(scribe.entries, scribe.records)));
  process.stderr.write(`${file}: ${scribe.entries.length} entries, ${scribe.records.length} records\n`);
}

main();
