import { isUsable } from '../catalogue/destination';
import { kindById, partOf } from '../catalogue/kinds';
import { itemForDestination, shopItem, type ShopItem } from '../catalogue/shop-items';
import type { PriceNote } from '../journal/price-note';
import type { Lot, LotId } from '../journal/lot';
import type { State } from '../journal/replay';
import { labelTotal } from '../price/label-total';
import { priceOn } from '../price/price-on';
import { fromDg } from '../units/mass';
import { roundHalfUp, type Minor } from '../units/money';
import { leavesOf, type Leaf } from '../journal/leaves';

/** One part of the pile, against the same bought cut. */
export interface ComparisonLine {
  readonly part: string | null;
  readonly destination: Leaf['destination'];
  readonly massDg: number;
  readonly item: ShopItem | null;
  /** Null where the price is unknown. */
  readonly price: PriceNote | null;
  readonly worthMinor: Minor | null;
}

/**
 * The same pile bought cut. With gaps, or with meat still on the board, worth, saved and
 * break-even are lower bounds.
 */
export interface Comparison {
  readonly lines: readonly ComparisonLine[];
  readonly worthMinor: Minor;
  readonly savedMinor: Minor;
  /** The purchase price a kilogram at which buying whole costs as much as buying cut. */
  readonly breakEvenPerKgMinor: Minor;
  readonly complete: boolean;
  /** The parts whose shop price is unknown. */
  readonly missing: readonly string[];
}

/**
 * What a piece's parts would have cost bought cut, at the prices of the day it was bought.
 * Usable parts without a known price are gaps; by-products without one are simply not bought,
 * and loss is worth nothing.
 *
 * @param notes every shop price that the household wrote down
 * @example the worked piece of docs/computations.md: worth 87.22, saved 27.22, break-even 17.44
 */
export function compareWithShop(state: State, piece: LotId, notes: readonly PriceNote[]): Comparison {
  const lot = state.lots.get(piece);
  const onBoardDg = lot && !lot.closed ? lot.leftDg : 0;
  const lines = groupByPart(offTheBoard(leavesOf(state, piece), piece, onBoardDg)).map((leaf) => lineOf(leaf, lot?.on ?? '', notes));
  const worthMinor = lines.reduce((sum, line) => sum + (line.worthMinor ?? 0), 0);
  const missing = lines.filter((line) => line.worthMinor === null && isUsable(line.destination)).map(labelOf);
  return {
    lines,
    worthMinor,
    savedMinor: worthMinor - (lot?.paidMinor ?? 0),
    breakEvenPerKgMinor: lot ? roundHalfUp(worthMinor / fromDg(lot.inDg, 'kg')) : 0,
    complete: missing.length === 0 && onBoardDg === 0,
    missing: [...new Set(missing)],
  };
}

/** What is still on the board has no part yet, so nothing to compare it with. */
function offTheBoard(leaves: readonly Leaf[], piece: LotId, onBoardDg: number): Leaf[] {
  return leaves
    .map((leaf) => (leaf.lot.id === piece ? { ...leaf, massDg: leaf.massDg - onBoardDg } : leaf))
    .filter((leaf) => leaf.massDg > 0);
}

function labelOf(line: ComparisonLine): string {
  return line.part ?? 'whole';
}

function groupByPart(leaves: readonly Leaf[]): Leaf[] {
  const groups = new Map<string, Leaf>();
  for (const leaf of leaves) {
    const key = `${leaf.lot.part ?? ''}/${leaf.destination}`;
    const seen = groups.get(key);
    groups.set(key, seen ? { ...seen, massDg: seen.massDg + leaf.massDg } : leaf);
  }
  return [...groups.values()];
}

function lineOf(leaf: Leaf, on: string, notes: readonly PriceNote[]): ComparisonLine {
  const item = comparableItem(leaf.lot, leaf.destination);
  const price = (item && priceOn(notes, item.id, on)) ?? null;
  return {
    part: leaf.lot.part,
    destination: leaf.destination,
    massDg: leaf.massDg,
    item,
    price,
    worthMinor: price && labelTotal(leaf.massDg, price.perKgMinor),
  };
}

/**
 * The shop item a lot compares with: its part's own while it is kept as that cut, else what the
 * shop sells for the destination it was given.
 */
export function comparableItem(lot: Pick<Lot, 'kind' | 'part' | 'animal'>, destination: Leaf['destination']): ShopItem | null {
  if (destination === 'bin' || destination === 'liquid') return null;
  const part = partOf(kindById(lot.kind), lot.part);
  const general = lot.animal ? itemForDestination(lot.animal, destination) : undefined;
  const own = part?.shopItem === undefined ? undefined : shopItem(part.shopItem);
  return (part?.destination === destination ? (own ?? general) : (general ?? own)) ?? null;
}
