import { shopItem } from '../catalogue/shop-items';
import type { HowLow } from '../price/how-low';
import type { PriceNote } from '../price/price-note';
import type { PriceQuestion } from '../price/price-questions';
import { daysBetween, type IsoDate } from '../units/date';
import { monthWords } from './days';
import type { Format } from './format';

const UNITS = { kg: 'a kg', lb: 'a lb', '100g': '100 g' } as const;

/** What to ask about a price before it is written down. */
export function askPrice(note: PriceNote, question: PriceQuestion, format: Format): string {
  const name = shopItem(note.item)?.name ?? note.item;
  if (question.code === 'same-day')
    return `${name} at ${note.shop} is noted for ${format.day(note.on)} already, at ${format.perUnit(question.other.perKgMinor)}.`;
  const times =
    question.times > 1
      ? `${format.number(question.times, 1)} times`
      : `1/${format.number(1 / question.times, 0)} of`;
  const slip = question.meant ? ` Was it for ${UNITS[question.meant]}?` : '';
  return `${name} at ${format.perUnit(note.perKgMinor)} is ${times} what it goes for, ${format.perUnit(question.going)}.${slip}`;
}

/** How a price stands among those seen. */
export function howLowWords({ higher, lower, seen, since }: HowLow, today: IsoDate): string {
  const among = higher >= lower ? `lower than ${higher}` : `higher than ${lower}`;
  const span = daysBetween(since, today) > 300 ? 'a year' : `all, since ${monthWords(since)}`;
  return `${among} of ${seen} in ${span}`;
}
