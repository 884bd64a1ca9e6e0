import { shopItem } from '@core/catalogue/shop-items';
import type { ShopWeek } from '@core/price/shop-list';
import { wall } from './agenda';
import type { Telling } from './telling';

/** How often a line of a shop's list is written down; what is not here is a gap, or hardly ever. */
const CHANCE: Readonly<Record<string, number>> = {
  'piece-strip-loin': 0.072,
  'piece-beef-tenderloin': 0.063,
  'piece-ribeye': 0.054,
  'piece-rib-seven-bones': 0.045,
  'piece-whole-chicken': 0.063,
  'piece-pork-loin': 0.045,
  'piece-pork-shoulder-butt': 0.045,
  'piece-lamb-leg': 0.045,
  'piece-top-round': 0.036,
  'strip-steak': 0.045,
  'fillet-steak': 0.045,
  'ribeye-steak': 0.036,
};
const [PIECE, OTHER] = [0.03, 0.012];
/** Nobody looks at these. */
const GAPS: ReadonlySet<string> = new Set(['beef-fat', 'pork-fat', 'chicken-breast-quarter', 'turkey-grind']);
/** Written down once, in the first winter, and never since. */
const ONCE = 'beef-back-ribs';
/** An offer is written down more often. */
const OFFER = 1.8;

/** What the household wrote down of the shops' lists: now and then, here and there. */
export function noteSomePrices(telling: Telling): void {
  for (const { shop, weeks } of telling.lists.shops)
    for (const [nth, week] of weeks.entries())
      telling.agenda.at(wall(week.on, 9 * 60), () => noteWeek(telling, shop, week, nth));
}

function noteWeek(
  { scribe, random, pocket }: Telling,
  shop: string,
  { on, lines }: ShopWeek,
  nth: number,
): void {
  const seen = lines.filter(([item, , offer]) => {
    const chance = random.next();
    if (item === ONCE) return nth === 2;
    return (
      !GAPS.has(item) &&
      chance < (CHANCE[item] ?? (shopItem(item)?.piece ? PIECE : OTHER)) * (offer ? OFFER : 1)
    );
  });
  if (seen.length === 0) return;
  const chapter = scribe.chapter();
  for (const [item, perKgMinor, offer] of seen)
    scribe.note(
      chapter,
      {
        type: 'price',
        key: scribe.name('price'),
        value: { item, shop, perKgMinor, on, ...(offer ? { offer: true } : {}) },
      },
      pocket,
    );
}
