import { stockOf } from '@core/pack/stock';
import type { Lot } from '@core/journal/lot';
import { addDays, daysBetween, type IsoDate } from '@core/units/date';
import type { Random } from './random';
import type { Scribe } from './scribe';

/** Eats from the freezer up to a day: about a pack a week and a half, mostly the older ones. */
export function eatFromTheFreezer(scribe: Scribe, random: Random, until: IsoDate): void {
  let day = addDays(scribe.day, random.whole(3, 6));
  while (day < until) {
    const stock = stockOf(scribe.state).filter((lot) => lot.leftDg > 0 && daysBetween(lot.on ?? '2026-01-01', day) > 4);
    const lot = stock[Math.floor(random.next() ** 2 * Math.min(stock.length, 14))];
    if (lot) eat(scribe, random, lot, day);
    day = addDays(day, random.whole(5, 10));
  }
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
