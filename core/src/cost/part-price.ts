import { isUsable, type Destination } from '../ledger/destination';
import { kindById, partOf } from '../catalogue/kinds';
import { itemForDestination, shopItem, type ShopItem } from '../catalogue/shop-items';
import type { Kind, Part, ReadyCut } from '../catalogue/kind-schema';
import type { ItemChoice } from '../price/item-choice';
import type { Lot } from '../ledger/lot';
import { goingPrice, type GoingPrice } from '../price/going-price';
import type { PriceBook } from '../price/price-book';
import { perKg, type Rate } from '../price/rate';
import type { IsoDate } from '../units/date';

/** What the shop asks, and what the household thinks of it. */
export interface Pricing {
  readonly book: PriceBook;
  /** By shop item: what would not be bought, and what is thrown away of it. */
  readonly choices: ReadonlyMap<string, ItemChoice>;
  /** The grade or mark that the meat is of; prices of the same count before others. */
  readonly grade?: string | null;
  /** Prices that a closed piece counted with: they stand before those of the book. */
  readonly fixed?: ReadonlyMap<string, GoingPrice>;
  /** What has no such price has none: what is noted later does not count. */
  readonly isFixedOnly?: boolean;
}

/** What an item goes for on a day: as it was fixed, else by the book. */
export function goingOf(
  { book, grade, fixed, isFixedOnly = false }: Pricing,
  item: string,
  on: IsoDate,
): GoingPrice | null {
  return fixed?.get(item) ?? (isFixedOnly ? null : goingPrice(book, item, on, grade));
}

/** Why a part counts at another price than the one that the shop asks for the item. */
export type Counted =
  | { readonly how: 'as-asked' }
  /** So much of the item is thrown away: its name says so, somebody saw it, or it is the household's own figure. */
  | { readonly how: 'without'; readonly share: number; readonly why: 'name' | 'more-fat' | 'own' }
  /** The item holds other parts, too: what remains of its price once they have theirs. */
  | { readonly how: 'rest-of'; readonly others: readonly string[] };

/** What a part would cost bought cut. */
export type PartPrice =
  | {
      readonly state: 'known';
      readonly item: ShopItem;
      readonly going: GoingPrice;
      readonly counted: Counted;
      /** Of a kilogram of ours, unrounded. */
      readonly perKgMinor: number;
      /** The same exactly. */
      readonly rate: Rate;
    }
  /** A gap to fill. No item where no shop sells such a thing. */
  | {
      readonly state: 'unknown';
      readonly item: ShopItem | null;
      /** Of a price that would be typed for the item: what of it is thrown away, or is other parts. */
      readonly leftOn: number;
      /** And what those others are worth already, a kilogram of ours. */
      readonly lessPerKg: number;
    }
  /** The household would not buy it: worth nothing, and not in the pile that is compared. */
  | { readonly state: 'unwanted'; readonly item: ShopItem };

export type PartOfKind = Pick<Lot, 'kind' | 'part' | 'animal'>;
interface Link {
  readonly item: ShopItem;
  readonly leftOn: number;
  readonly moreFat: number;
}

/**
 * The shop items that a lot compares with, the closest first: its part's own while it is kept as
 * that cut, else what the shop sells for the destination it was given.
 */
function linksOf(lot: PartOfKind, destination: Destination): Link[] {
  if (destination === 'bin' || destination === 'liquid') return [];
  const part = partOf(kindById(lot.kind), lot.part);
  const own = part ? [...link(part.shopItem, part), ...link(part.orElse?.item, part.orElse)] : [];
  const general = link(lot.animal ? itemForDestination(lot.animal, destination)?.id : undefined);
  return part?.destination === destination ? [...own, ...general] : [...general, ...own];
}

function link(id: string | undefined, of: Pick<Part, 'leftOn' | 'moreFat'> = {}): Link[] {
  const item = id === undefined ? undefined : shopItem(id);
  return item ? [{ item, leftOn: of.leftOn ?? 0, moreFat: of.moreFat ?? 0 }] : [];
}

/** The smallest ready-cut item that holds a part, for one that shops do not sell by itself. */
function heldIn(lot: PartOfKind): ShopItem | null {
  const kind = kindById(lot.kind);
  const held = kind?.readyCut?.find((each) => lot.part !== null && holds(each, lot.part));
  return (held && shopItem(held.item)) ?? null;
}

/** Whether a part of its kind is in a ready-cut item. */
export function holds({ holds: parts }: ReadyCut, part: string): boolean {
  return parts === 'all' || parts.includes(part);
}

/** The shop item that a lot is first compared with; null where no shop sells such a thing. */
export function comparableItem(lot: PartOfKind, destination: Destination): ShopItem | null {
  const [first] = linksOf(lot, destination);
  return first?.item ?? (isUsable(destination) ? heldIn(lot) : null);
}

/**
 * What a part would cost bought cut on a day, by an item that is this part: as asked, unless the item
 * by its own name holds bone or skin that is thrown away, or the household has seen more on it.
 *
 * @param skipped items that hold other parts as well: what remains of their price is reckoned from the whole piece
 * @example strip steak at 14.99: 14.99; with more fat seen on the shop's, 10 % of it: 16.66
 */
export function ownPrice(
  pricing: Pricing,
  lot: PartOfKind,
  destination: Destination,
  on: IsoDate,
  skipped: readonly string[] = [],
): PartPrice {
  const links = linksOf(lot, destination);
  const item = comparableItem(lot, destination);
  if (!item) return { state: 'unknown', item: null, leftOn: 0, lessPerKg: 0 };
  if (pricing.choices.get(item.id)?.unwanted) return { state: 'unwanted', item };
  for (const each of links) {
    const going = skipped.includes(each.item.id) ? null : goingOf(pricing, each.item.id, on);
    if (going) return knownAt(each.item, going, countedOf(pricing, each));
  }
  const [first] = links;
  const counted = first ? countedOf(pricing, first) : ({ how: 'as-asked' } as const);
  return { state: 'unknown', item, leftOn: counted.how === 'without' ? counted.share : 0, lessPerKg: 0 };
}

function knownAt(item: ShopItem, going: GoingPrice, counted: Counted): PartPrice {
  const kept = counted.how === 'without' ? 1 - counted.share : 1;
  const rate = atKept(going.rate, kept);
  return { state: 'known', item, going, counted, rate, perKgMinor: perKg(rate) };
}

/** A rate once only so much of what is paid for is kept. */
function atKept(rate: Rate, kept: number): Rate {
  return kept === 1
    ? rate
    : { ...rate, coins: rate.coins * 10_000n, per: rate.per * BigInt(Math.round(kept * 10_000)) };
}

/** The household's own figure before what was seen, that before what the item's name says. */
function countedOf({ choices }: Pricing, { item, leftOn, moreFat }: Link): Counted {
  const choice = choices.get(item.id);
  if (choice?.leftOn !== undefined && (leftOn > 0 || moreFat > 0))
    return choice.leftOn > 0 ? { how: 'without', share: choice.leftOn, why: 'own' } : { how: 'as-asked' };
  if (choice?.moreFat && moreFat > 0) return { how: 'without', share: moreFat, why: 'more-fat' };
  return leftOn > 0 ? { how: 'without', share: leftOn, why: 'name' } : { how: 'as-asked' };
}

/** Whether somebody may say that the shop leaves more fat on an item than we do, and how much that is. */
export function moreFatOf(kind: Pick<Kind, 'parts'>, item: string): number {
  return kind.parts.find((part) => part.shopItem === item)?.moreFat ?? 0;
}

/** Whether a price that is missing leaves a gap: by-products without one are simply not bought. */
export function isGap(price: PartPrice, destination: Destination): boolean {
  return price.state === 'unknown' && isUsable(destination);
}
