import { stockOf } from '@core/pack/stock';
import type { Lot } from '@core/ledger/lot';
import { addDays, daysBetween, type IsoDate } from '@core/units/date';
import type { Random } from './random';
import type { Scribe } from './scribe';

/** Eats from the freezer up to a day, a pack every so many days, mostly the older ones. */
export function eatFromTheFreezer(
  scribe: Scribe,
  random: Random,
  until: IsoDate,
  [least, most]: readonly [number, number],
): void {
  let day = addDays(scribe.day, random.whole(Math.min(3, least), Math.min(6, most)));
  while (day < until) {
    const stock = stockOf(scribe.state).filter(
      (lot) => lot.leftDg > 0 && daysBetween(lot.on ?? '2024-01-01', day) > 4,
    );
    const lot = stock[Math.floor(random.next() ** 2 * Math.min(stock.length, 14))];
    if (lot) eat(scribe, random, lot, day);
    day = addDays(day, random.whole(least, most));
  }
}

/** Eats what is left, pack by pack, over the last days before one. */
export function eatEverything(scribe: Scribe, random: Random, until: IsoDate): void {
  const stock = stockOf(scribe.state);
  const days = Math.max(1, daysBetween(scribe.day, until));
  stock.forEach(({ id }, index) => {
    scribe.goTo(
      addDays(scribe.day, index > 0 && random.next() < days / stock.length && scribe.day < until ? 1 : 0),
      18 * 60 + random.whole(0, 90),
    );
    scribe.write({ type: 'eaten', lot: id, amount: 'all', on: scribe.day });
  });
}

function eat(scribe: Scribe, random: Random, lot: Lot, day: IsoDate): void {
  scribe.goTo(day, 18 * 60 + random.whole(0, 90));
  const chance = random.next();
  if (lot.destination === 'render' && chance < 0.4) {
    scribe.write({ type: 'discarded', lot: lot.id, amount: 'all', on: day, reason: 'freezer burn' });
  } else if (chance < 0.06) {
    scribe.write({ type: 'given', lot: lot.id, amount: 'all', on: day, to: 'the neighbours' });
  } else if (lot.platesLeft >= 4 && chance < 0.3) {
    scribe.write({ type: 'eaten', lot: lot.id, amount: { plates: Math.floor(lot.platesLeft / 2) }, on: day });
  } else {
    scribe.write({ type: 'eaten', lot: lot.id, amount: 'all', on: day });
  }
}
