import { isUsable, type Destination } from '../ledger/destination';
import { kindById, partOf } from '../catalogue/kinds';
import { itemForDestination, shopItem, type ShopItem } from '../catalogue/shop-items';
import type { ItemChoice } from '../price/item-choice';
import type { Lot } from '../ledger/lot';
import { goingPrice, type GoingPrice } from '../price/going-price';
import type { PriceBook } from '../price/price-book';
import type { IsoDate } from '../units/date';
import { roundHalfUp, type Minor } from '../units/money';

/** What the shop asks, and what the household thinks of it. */
export interface Pricing {
  readonly book: PriceBook;
  /** By shop item: what would not be bought, and what is left on it. */
  readonly choices: ReadonlyMap<string, ItemChoice>;
  /** The grade or mark that the meat is of; prices of the same count before others. */
  readonly grade?: string | null;
}

/** What a part would cost bought cut. */
export type PartPrice =
  | {
      readonly state: 'known';
      readonly item: ShopItem;
      readonly going: GoingPrice;
      readonly leftOn: number;
      readonly perKgMinor: Minor;
    }
  /** A gap to fill. No item where no shop sells such a thing. */
  | { readonly state: 'unknown'; readonly item: ShopItem | null; readonly leftOn: number }
  /** The household would not buy it: worth nothing, and not in the pile that is compared. */
  | { readonly state: 'unwanted'; readonly item: ShopItem };

type PartOfKind = Pick<Lot, 'kind' | 'part' | 'animal'>;
interface Link {
  readonly item: ShopItem;
  readonly leftOn: number;
}

/**
 * The shop items that a lot compares with, the closest first: its part's own while it is kept as
 * that cut, else what the shop sells for the destination it was given.
 */
function linksOf(lot: PartOfKind, destination: Destination): Link[] {
  if (destination === 'bin' || destination === 'liquid') return [];
  const part = partOf(kindById(lot.kind), lot.part);
  const link = (id: string | undefined, leftOn = 0): Link[] => {
    const item = id === undefined ? undefined : shopItem(id);
    return item ? [{ item, leftOn }] : [];
  };
  const own = [...link(part?.shopItem, part?.leftOn), ...link(part?.orElse?.item, part?.orElse?.leftOn)];
  const general = link(lot.animal ? itemForDestination(lot.animal, destination)?.id : undefined);
  return part?.destination === destination ? [...own, ...general] : [...general, ...own];
}

/** The shop item that a lot is first compared with; null where no shop sells such a thing. */
export function comparableItem(lot: PartOfKind, destination: Destination): ShopItem | null {
  return linksOf(lot, destination)[0]?.item ?? null;
}

/**
 * What a part would cost bought cut on a day, brought to the state that ours is in:
 * shop price ÷ (1 − what the shop leaves on).
 *
 * @example strip steak at 27.00 with 10 % of cap and tail left on: 30.00 for trimmed steak
 */
export function partPrice(
  pricing: Pricing,
  lot: PartOfKind,
  destination: Destination,
  on: IsoDate,
): PartPrice {
  const links = linksOf(lot, destination);
  const first = links[0];
  if (!first) return { state: 'unknown', item: null, leftOn: 0 };
  if (pricing.choices.get(first.item.id)?.unwanted) return { state: 'unwanted', item: first.item };
  for (const { item, leftOn } of links) {
    const going = goingPrice(pricing.book, item.id, on, pricing.grade);
    const left = leftOnOf(pricing, item, leftOn);
    if (going)
      return {
        state: 'known',
        item,
        going,
        leftOn: left,
        perKgMinor: roundHalfUp(going.perKgMinor / (1 - left)),
      };
  }
  return { state: 'unknown', item: first.item, leftOn: leftOnOf(pricing, first.item, first.leftOn) };
}

/** What the shop leaves on an item: the household's own figure where both are not in the same state. */
function leftOnOf({ choices }: Pricing, item: ShopItem, leftOn: number): number {
  return leftOn > 0 ? (choices.get(item.id)?.leftOn ?? leftOn) : 0;
}

/** Whether a price that is missing leaves a gap: by-products without one are simply not bought. */
export function isGap(price: PartPrice, destination: Destination): boolean {
  return price.state === 'unknown' && isUsable(destination);
}
