import { partOf, kindById } from '../catalogue/kinds';
import type { Lot } from '../journal/lot';
import type { IsoDate } from '../units/date';
import type { Minor } from '../units/money';
import { isGap, partPrice, type Pricing } from './part-price';

/** How far a piece in work is from having paid for itself. */
export interface StillOwed {
  /** What is off so far would have cost this in the shop, cut. */
  readonly worthMinor: Minor;
  /** What is missing to what was paid; zero or less once it has paid for itself. */
  readonly owedMinor: Minor;
  /** True where a price is unknown: the worth is then at least this. */
  readonly isLowerBound: boolean;
  /** How many more of the portions cut last would settle it. */
  readonly more: { readonly count: number; readonly portion: string; readonly portions: string } | null;
}

/**
 * What a piece still owes its buyer: paid, less what the parts that are off would have cost cut.
 *
 * @param cuts what came off it, in the order of weighing
 * @returns null where nobody knows what was paid
 * @example paid 60.00, four steaks of 350 g at 30.00/kg off: 18.00 owed, two more steaks
 */
export function stillOwed(
  piece: Pick<Lot, 'paidMinor'>,
  cuts: readonly Lot[],
  pricing: Pricing,
  on: IsoDate,
): StillOwed | null {
  if (piece.paidMinor === null) return null;
  let worth = 0;
  let isLowerBound = false;
  let last: { readonly cut: Lot; readonly eachMinor: number } | null = null;
  for (const cut of cuts) {
    const price = partPrice(pricing, cut, cut.destination, on);
    if (isGap(price, cut.destination)) isLowerBound = true;
    if (price.state !== 'known') continue;
    const minor = (price.perKgMinor * cut.inDg) / 10_000;
    worth += minor;
    if (partOf(kindById(cut.kind), cut.part)?.portion) last = { cut, eachMinor: minor / cut.count };
  }
  const owedMinor = piece.paidMinor - Math.round(worth);
  return {
    worthMinor: Math.round(worth),
    owedMinor,
    isLowerBound,
    more: last && owedMinor > 0 ? moreOf(last, owedMinor) : null,
  };
}

function moreOf(
  { cut, eachMinor }: { readonly cut: Lot; readonly eachMinor: number },
  owedMinor: Minor,
): StillOwed['more'] {
  const { portion = '', portions = portion } = partOf(kindById(cut.kind), cut.part) ?? {};
  return eachMinor > 0 ? { count: Math.ceil(owedMinor / eachMinor), portion, portions } : null;
}
