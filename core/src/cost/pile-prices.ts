import { sum } from 'd3-array';
import type { Kind, ReadyCut, Way } from '../catalogue/kind-schema';
import { kindById } from '../catalogue/kinds';
import { shopItem, wholePieceItem } from '../catalogue/shop-items';
import type { Destination } from '../ledger/destination';
import { perKg, sumExact, worthAt, type ExactMinor, type Rate } from '../price/rate';
import type { IsoDate } from '../units/date';
import type { MassDg } from '../units/mass';
import { goingOf, holds, isGap, ownPrice, type PartOfKind, type PartPrice, type Pricing } from './part-price';

/** One heap of a whole piece; the destination null for what is lost. */
export interface Heap {
  /** A part of the kind, "loss", or null for what is not parted yet. */
  readonly part: string | null;
  readonly destination: Destination | null;
  readonly massDg: MassDg;
}

/** A piece, as far as its prices depend on it. */
type Piece = Pick<PartOfKind, 'kind' | 'animal'>;

/**
 * What each heap of a whole piece would cost bought cut: by an item of its own, and where that has no
 * price, by what remains of a larger ready-cut item that holds it, once the other parts in it have
 * theirs. Several without a price share what remains by weight. So the same thing at the same price
 * saves nothing, and no gram is counted twice.
 *
 * @param heaps all of one piece, what is thrown away and lost as well; in whole tenths of a gram
 * @returns one a heap; null for what is lost
 * @example lamb leg 65 %, shank 11 %, the rest bones and waste; a leg with its bone at 16.90, shanks at
 *   13.90: the leg counts (16.90 − 0.11 × 13.90) ÷ 0.65 = 23.65
 */
export function pilePrices(
  pricing: Pricing,
  piece: Piece,
  heaps: readonly Heap[],
  on: IsoDate,
): (PartPrice | null)[] {
  const kind = kindById(piece.kind);
  const larger = largerItems(kind, heaps);
  const skipped = larger.map(({ item }) => item);
  const own = (heap: Heap, without: readonly string[]): PartPrice | null =>
    heap.destination && ownPrice(pricing, { ...piece, part: heap.part }, heap.destination, on, without);
  const prices = heaps.map((heap) => own(heap, skipped));
  for (const each of larger) shareOut(pricing, kind, each, heaps, prices, on);
  return prices.map((price, at) => {
    const heap = heaps[at] as Heap;
    const isOpen = price?.state === 'unknown' && heap.destination !== null;
    const alone = isOpen ? own(heap, []) : null;
    if (alone?.state === 'known') return alone;
    return isOpen ? askedInWhole(price, heap, larger, heaps, prices) : price;
  });
}

/** The ready-cut items of a kind that hold several heaps, the smallest first; never the piece itself. */
function largerItems(kind: Kind | undefined, heaps: readonly Heap[]): readonly ReadyCut[] {
  if (!kind?.readyCut) return [];
  const massOf = (each: ReadyCut): number => sum(heaps, (heap) => (isIn(each, heap) ? heap.massDg : 0));
  return kind.readyCut
    .filter(({ item }) => item !== wholePieceItem(kind.id))
    .sort((a, b) => massOf(a) - massOf(b));
}

/** What is not parted yet is in what holds everything. */
const isIn = (item: ReadyCut, { part }: Heap): boolean =>
  part === null ? item.holds === 'all' : holds(item, part);

/** Gives the heaps without a price in a larger item what remains of its price. */
function shareOut(
  pricing: Pricing,
  kind: Kind | undefined,
  larger: ReadyCut,
  heaps: readonly Heap[],
  prices: (PartPrice | null)[],
  on: IsoDate,
): void {
  const item = shopItem(larger.item);
  const going = item && goingOf(pricing, item.id, on);
  if (!item || !going || pricing.choices.get(item.id)?.unwanted) return;
  const inIt = heaps.flatMap((heap, at) => (isIn(larger, heap) && heap.massDg > 0 ? [at] : []));
  const gaps = inIt.filter((at) => isOpenGap(heaps[at], prices[at]));
  const gapDg = sum(gaps, (at) => heaps[at]?.massDg ?? 0);
  const others = inIt.filter((at) => prices[at]?.state === 'known');
  if (
    gapDg === 0 ||
    (others.length === 0 && gaps.length === 1 && hasOwnFigure(kind, larger, heaps[gaps[0] ?? 0]))
  )
    return;
  const wholeDg = sum(inIt, (at) => heaps[at]?.massDg ?? 0);
  const left = lessOthers(
    worthAt(wholeDg, going.rate),
    others.map((at) => worthOf(heaps[at], prices[at])),
  );
  const rate = rateOver(left, gapDg, going.rate);
  const counted = {
    how: 'rest-of',
    others: others.flatMap((at) => heaps[at]?.part ?? []),
  } as const;
  const price: PartPrice = { state: 'known', item, going, counted, rate, perKgMinor: perKg(rate) };
  for (const at of gaps) prices[at] = price;
}

const isOpenGap = (heap: Heap | undefined, price: PartPrice | null | undefined): boolean =>
  heap?.destination !== undefined && heap.destination !== null && !!price && isGap(price, heap.destination);

/**
 * Whether what is thrown away of an item has a figure of its own for a part, for where nothing else in
 * it counts: a rib steak's bones, where nobody wants them.
 */
function hasOwnFigure(kind: Kind | undefined, { item }: ReadyCut, heap: Heap | undefined): boolean {
  return kind?.parts.find(({ id }) => id === heap?.part)?.orElse?.item === item;
}

function worthOf(heap: Heap | undefined, price: PartPrice | null | undefined): ExactMinor {
  return heap && price?.state === 'known' ? worthAt(heap.massDg, price.rate) : { coins: 0n, over: 1n };
}

function lessOthers(whole: ExactMinor, others: readonly ExactMinor[]): ExactMinor {
  const taken = sumExact(others);
  const coins = whole.coins * taken.over - taken.coins * whole.over;
  return { coins: coins > 0n ? coins : 0n, over: whole.over * taken.over };
}

const FG_IN_DG = 100_000_000_000_000n;

function rateOver({ coins, over }: ExactMinor, massDg: MassDg, { isByPound }: Rate): Rate {
  return { coins, per: over * BigInt(massDg) * FG_IN_DG, isByPound };
}

/** A part that shops sell only within a larger item: what a price of that would leave for it. */
function askedInWhole(
  price: PartPrice & { state: 'unknown' },
  heap: Heap,
  larger: readonly ReadyCut[],
  heaps: readonly Heap[],
  prices: readonly (PartPrice | null)[],
): PartPrice {
  const holder = larger.find(({ item }) => item === price.item?.id);
  if (!holder || heap.massDg === 0) return price;
  const inIt = heaps.flatMap((each, at) => (isIn(holder, each) ? [at] : []));
  const gapDg = sum(inIt, (at) => (isOpenGap(heaps[at], prices[at]) ? (heaps[at]?.massDg ?? 0) : 0));
  const wholeDg = sum(inIt, (at) => heaps[at]?.massDg ?? 0);
  const known = sum(inIt, (at) => {
    const other = prices[at];
    return other?.state === 'known' ? other.perKgMinor * (heaps[at]?.massDg ?? 0) : 0;
  });
  return { ...price, leftOn: 1 - gapDg / wholeDg, lessPerKg: known / gapDg };
}

/** So many tenths of a gram stand for a whole piece where only its shares are known. */
const WHOLE_DG = 100_000_000;

/** A piece of which only the shares are known, as heaps. */
export function heapsOfShares(
  keys: readonly string[],
  shares: readonly number[],
  destinationOf: (part: string) => Destination | null,
): Heap[] {
  return keys.map((part, at) => ({
    part,
    destination: destinationOf(part),
    massDg: Math.round((shares[at] ?? 0) * WHOLE_DG),
  }));
}

/** What a usual piece of a kind gives, cut a way. */
function usualHeaps(kind: Kind, way: Way): Heap[] {
  const parts = Object.keys(way.shares);
  return heapsOfShares(
    [...parts, 'loss'],
    [...Object.values(way.shares), way.lossShare],
    (id) => kind.parts.find((part) => part.id === id)?.destination ?? null,
  );
}

/**
 * What a part would cost bought cut where nothing is known of the piece that it came off: as of a usual
 * one, cut the first way that gives it.
 */
export function partPrice(
  pricing: Pricing,
  lot: PartOfKind,
  destination: Destination,
  on: IsoDate,
): PartPrice {
  const kind = kindById(lot.kind);
  const way = kind?.ways.find(({ shares }) => lot.part !== null && shares[lot.part] !== undefined);
  if (!kind?.readyCut || !way) return ownPrice(pricing, lot, destination, on);
  const heaps = usualHeaps(kind, way).map((heap) =>
    heap.part === lot.part ? { ...heap, destination } : heap,
  );
  const at = heaps.findIndex(({ part }) => part === lot.part);
  return pilePrices(pricing, lot, heaps, on)[at] ?? ownPrice(pricing, lot, destination, on);
}
