import { group, sum } from 'd3-array';
import type { Destination } from '../ledger/destination';
import type { Lot, LotId } from '../ledger/lot';
import type { State } from '../ledger/replay';
import { inCoins, roundExact, sumExact, worthAt, type ExactMinor } from '../price/rate';
import { allocate } from '../units/allocate';
import { fromDg, type MassDg } from '../units/mass';
import type { Minor } from '../units/money';
import { carriersOf, type CostBasis } from '../cost/carriers';
import { isGap, type PartPrice } from '../cost/part-price';
import type { Carrier } from '../cost/method';
import { wouldHaveCost, type Instead } from './would-have';

/** One part of the pile, against the same bought cut. */
export interface ComparisonLine {
  readonly part: string | null;
  readonly destination: Destination;
  readonly massDg: MassDg;
  readonly price: PartPrice;
  /** Its share of the whole worth, which is rounded once. Null where the price is unknown, zero where it would not be bought. */
  readonly worthMinor: Minor | null;
}

/**
 * The same pile bought cut. With gaps, or with meat still on the board, worth, saved and
 * break-even are lower bounds.
 */
export interface Comparison {
  readonly lines: readonly ComparisonLine[];
  readonly worthMinor: Minor;
  /** What would really have been bought for its plates, and what that costs; null where nobody knows. */
  readonly instead: Instead;
  readonly insteadMinor: Minor | null;
  /** That, less what was paid. */
  readonly savedMinor: Minor;
  /** Whether enough is known to say what was saved at all. */
  readonly isKnown: boolean;
  /** The purchase price a kilogram at which buying whole costs as much as buying cut; unrounded. */
  readonly breakEvenPerKgMinor: number;
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
  const carriers = carriersOf(state, piece, basis, 'comparison').map((each) => ({
    ...each,
    massDg: each.lot.id === piece ? each.massDg - onBoardDg : each.massDg,
  }));
  const heaps = [
    ...group(
      carriers.filter(({ massDg }) => massDg > 0),
      keyOf,
    ).values(),
  ].map(heapOf);
  const exact = heaps.map(({ worth }) => worth);
  const whole = sumExact(exact);
  const worthMinor = roundExact(whole);
  const shares = worthMinor > 0 ? allocate(worthMinor, exact.map(inCoins)) : exact.map(() => 0);
  const missing = heaps
    .filter(({ price, destination }) => isGap(price, destination))
    .map(({ part }) => part ?? 'whole');
  const wish = basis.wishes?.get(lot?.kind ?? '') ?? {};
  const { instead = 'cut' } = wish;
  const insteadMinor = wouldHaveCost(wish, worthMinor, carriers, basis, lot?.on ?? '');
  const hasGaps = missing.length > 0 && (instead === 'cut' || instead === 'half');
  return {
    lines: heaps.map(({ worth: _, ...heap }, at) => ({
      ...heap,
      worthMinor: heap.price.state === 'unknown' ? null : (shares[at] ?? 0),
    })),
    worthMinor,
    instead,
    insteadMinor,
    savedMinor: (insteadMinor ?? 0) - (lot?.paidMinor ?? 0),
    isKnown: insteadMinor !== null && (worthMinor > 0 || instead === 'nothing' || instead === 'piece'),
    breakEvenPerKgMinor: lot ? evenOf(instead, insteadMinor, inCoins(whole)) / fromDg(lot.inDg, 'kg') : 0,
    complete: !hasGaps && onBoardDg === 0 && insteadMinor !== null,
    missing: [...new Set(missing)],
  };
}

/** Unrounded where it is by the parts. */
function evenOf(instead: Instead, insteadMinor: Minor | null, worth: number): number {
  if (instead === 'cut') return worth;
  return instead === 'half' ? worth / 2 : (insteadMinor ?? 0);
}

type Weighed = Carrier & { readonly lot: Pick<Lot, 'kind' | 'part'> };

const keyOf = ({ lot, destination }: Weighed): string => `${lot.part ?? ''}/${destination}`;

/** One part of a piece and where it went: all its weighings, each priced as it was weighed. */
function heapOf(
  same: readonly Weighed[],
): Omit<ComparisonLine, 'worthMinor'> & { readonly worth: ExactMinor } {
  const [{ lot, destination, price }] = same as [Weighed];
  return {
    part: lot.part,
    destination,
    price,
    massDg: sum(same, ({ massDg }) => massDg),
    worth: sumExact(price.state === 'known' ? same.map(({ massDg }) => worthAt(massDg, price.rate)) : []),
  };
}
