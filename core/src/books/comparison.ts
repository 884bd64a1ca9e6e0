import { sum } from 'd3-array';
import type { Destination } from '../ledger/destination';
import type { LotId } from '../ledger/lot';
import type { State } from '../ledger/replay';
import { labelTotal } from '../price/label-total';
import { fromDg, type MassDg } from '../units/mass';
import { roundHalfUp, type Minor } from '../units/money';
import { carriersOf, type CostBasis } from '../cost/carriers';
import { isGap, type PartPrice } from '../cost/part-price';
import type { Carrier } from '../cost/method';

/** One part of the pile, against the same bought cut. */
export interface ComparisonLine {
  readonly part: string | null;
  readonly destination: Destination;
  readonly massDg: MassDg;
  readonly price: PartPrice;
  /** Null where the price is unknown, zero where it would not be bought. */
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
 * What a piece's parts would have cost bought cut, at the prices of the day it was bought, like
 * with like. Usable parts without a known price are gaps; by-products without one are simply not
 * bought; what the household would not buy and loss are worth nothing.
 *
 * @example the worked piece of docs/computations.md: worth 87.22, saved 27.22, break-even 17.44
 */
export function compareWithShop(state: State, piece: LotId, basis: CostBasis): Comparison {
  const lot = state.lots.get(piece);
  const onBoardDg = lot && !lot.closed ? lot.leftDg : 0;
  const carriers = carriersOf(state, piece, basis).map((each) => ({
    ...each,
    massDg: each.lot.id === piece ? each.massDg - onBoardDg : each.massDg,
  }));
  const lines = linesOf(carriers.filter(({ massDg }) => massDg > 0));
  const worthMinor = sum(lines, (line) => line.worthMinor ?? 0);
  const missing = lines
    .filter((line) => isGap(line.price, line.destination))
    .map(({ part }) => part ?? 'whole');
  return {
    lines,
    worthMinor,
    savedMinor: worthMinor - (lot?.paidMinor ?? 0),
    breakEvenPerKgMinor: lot ? roundHalfUp(worthMinor / fromDg(lot.inDg, 'kg')) : 0,
    complete: missing.length === 0 && onBoardDg === 0,
    missing: [...new Set(missing)],
  };
}

function linesOf(
  carriers: readonly (Carrier & { readonly lot: { readonly part: string | null } })[],
): ComparisonLine[] {
  const groups = new Map<string, Omit<ComparisonLine, 'worthMinor'>>();
  for (const { lot, destination, massDg, price } of carriers) {
    const key = `${lot.part ?? ''}/${destination}`;
    groups.set(key, { part: lot.part, destination, price, massDg: (groups.get(key)?.massDg ?? 0) + massDg });
  }
  return [...groups.values()].map((line) => ({ ...line, worthMinor: worthOf(line) }));
}

function worthOf({ price, massDg }: Omit<ComparisonLine, 'worthMinor'>): Minor | null {
  if (price.state === 'known') return labelTotal(massDg, price.perKgMinor);
  return price.state === 'unknown' ? null : 0;
}
