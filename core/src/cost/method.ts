import { isUsable, type Destination } from '../ledger/destination';
import type { MassDg } from '../units/mass';
import type { Minor } from '../units/money';
import { inCoins, worthAt } from '../price/rate';
import type { CostMethodId } from './method-ids';
import { isGap, type PartPrice } from './part-price';

/** A share of a piece as the methods see it. */
export interface Carrier {
  readonly massDg: MassDg;
  /** The same in grams as whoever weighed it read it: a pound's hundredths are no whole tenths of a gram. */
  readonly weighedG: number;
  readonly destination: Destination;
  readonly price: PartPrice;
  /** Plates that it was packed as, or would make. */
  readonly plates: number;
}

/** A way of saying which part of a piece carries which share of what was paid. */
export interface CostMethod {
  readonly id: string;
  readonly name: string;
  readonly about: string;
  /** One weight a carrier, zero or more; what was paid is shared in their proportion. */
  readonly weights: (carriers: readonly Carrier[], paidMinor: Minor) => number[];
}

const sum = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0);
const usableG = ({ destination, weighedG }: Carrier): number => (isUsable(destination) ? weighedG : 0);
/** Not rounded: what is shared is rounded once, at the end. */
const worthOf = ({ price, massDg }: Carrier): number =>
  price.state === 'known' ? inCoins(worthAt(massDg, price.rate)) : 0;

/** Parts whose price is a gap take their share by mass of what is usable. */
function gapShares(carriers: readonly Carrier[], paidMinor: Minor): number[] {
  const usable = sum(carriers.map(usableG));
  return carriers.map((carrier) =>
    isGap(carrier.price, carrier.destination) && usable > 0 ? (paidMinor * carrier.weighedG) / usable : 0,
  );
}

/** Everything usable carries the same price a kilogram; by-products and loss carry nothing. */
const byWeight: CostMethod = {
  id: 'by-weight',
  name: 'By weight',
  about: 'What was paid, over the weight of what is usable. Stock, fat and loss carry nothing.',
  weights: (carriers) => carriers.map(usableG),
};

/** Joint cost by relative sales value at split-off: standard cost accounting. */
const storeValue: CostMethod = {
  id: 'store-value',
  name: 'Store value',
  about:
    'What was paid, in proportion to what each part would cost in the shop: fillet pays as fillet, bones as bones. A usable part without a price takes its share by weight; bones and fat without one carry nothing.',
  weights: (carriers, paidMinor) => {
    const gaps = gapShares(carriers, paidMinor);
    const values = carriers.map(worthOf);
    const total = sum(values);
    if (total === 0) return carriers.map(usableG);
    // Shares of a sum may exceed it by a hair of rounding.
    const rest = Math.max(0, paidMinor - sum(gaps));
    return carriers.map((_, index) => (gaps[index] ?? 0) + (rest * (values[index] ?? 0)) / total);
  },
};

/** The main cut: everything kept as main, or the heaviest usable part where nothing is. */
function mainOf(carriers: readonly Carrier[]): ReadonlySet<number> {
  const main = carriers.flatMap(({ destination }, index) => (destination === 'main' ? [index] : []));
  if (main.length > 0) return new Set(main);
  const heaviest = carriers.reduce(
    (best, carrier, index) => (usableG(carrier) > usableG(carriers[best] as Carrier) ? index : best),
    0,
  );
  return new Set([heaviest]);
}

/**
 * What lesser parts are credited with, before scaling; by-products included. With more credit
 * than was paid, the main is free and the surplus is what lies beyond.
 */
export function creditsOf(
  carriers: readonly Carrier[],
  paidMinor: Minor,
): { credits: number[]; surplusMinor: Minor } {
  const main = mainOf(carriers);
  const gaps = gapShares(carriers, paidMinor);
  const credits = carriers.map((carrier, index) =>
    main.has(index) ? 0 : worthOf(carrier) + (gaps[index] ?? 0),
  );
  return { credits, surplusMinor: Math.max(0, Math.round(sum(credits) - paidMinor)) };
}

const byProductCredit: CostMethod = {
  id: 'by-product-credit',
  name: 'By-product credit',
  about:
    'Lesser parts are credited at shop price, and the main cut carries the rest. More credit than was paid makes the main free; nothing is below zero.',
  weights: (carriers, paidMinor) => {
    const { credits } = creditsOf(carriers, paidMinor);
    const main = mainOf(carriers);
    const mainG = sum(carriers.map(({ weighedG }, index) => (main.has(index) ? weighedG : 0)));
    const rest = Math.max(0, paidMinor - sum(credits));
    return carriers.map(({ weighedG }, index) =>
      main.has(index) && mainG > 0 ? (rest * weighedG) / mainG : (credits[index] ?? 0),
    );
  },
};

/** Every plate of the piece costs the same, whatever is on it. */
const byDinner: CostMethod = {
  id: 'by-dinner',
  name: 'By dinner',
  about:
    'What was paid, over the plates it made: every plate of this piece costs the same, whatever is on it.',
  weights: (carriers) => carriers.map((carrier) => (isUsable(carrier.destination) ? carrier.plates : 0)),
};

/** The methods, by id. A new one is a new line here. */
export const COST_METHODS: Readonly<Record<CostMethodId, CostMethod>> = {
  'store-value': storeValue,
  'by-weight': byWeight,
  'by-product-credit': byProductCredit,
  'by-dinner': byDinner,
};
