/**
 * A kitchen's own book-keeping, with pencil rules and whole numbers: nothing of the core is used, so that
 * the core can be held against it. Weights and prices are texts as somebody writes them down.
 */

/** A fraction of whole numbers; below the line more than zero. */
type Fraction = readonly [over: bigint, under: bigint];

const read = (text: string): Fraction => {
  const [whole = '0', part = ''] = text.split('.');
  return [BigInt(whole + part), 10n ** BigInt(part.length)];
};
const plus = (a: Fraction, b: Fraction): Fraction => [a[0] * b[1] + b[0] * a[1], a[1] * b[1]];
const minus = (a: Fraction, b: Fraction): Fraction => [a[0] * b[1] - b[0] * a[1], a[1] * b[1]];
const times = (a: Fraction, b: Fraction): Fraction => [a[0] * b[0], a[1] * b[1]];
const over = (a: Fraction, b: Fraction): Fraction => [a[0] * b[1], a[1] * b[0]];
const NONE: Fraction = [0n, 1n];
const total = (all: readonly Fraction[]): Fraction => all.reduce(plus, NONE);
const isMore = (a: Fraction, b: Fraction): boolean => a[0] * b[1] > b[0] * a[1];

/** Cents of an amount, half up. */
const cents = (amount: Fraction): number => {
  const [a, b] = times(amount, [100n, 1n]);
  return Number((2n * a + b) / (2n * b));
};

/** One heap on the table. */
export interface PlainPart {
  readonly part: string;
  readonly to: 'main' | 'second' | 'stew' | 'grind' | 'stock' | 'bin';
  /** Weighings, each wrapped by itself. */
  readonly weights: readonly string[];
  /** What the shop asks for a kilogram or a pound of it; null where nobody knows. */
  readonly asks: string | null;
  /** Of a hundred parts of the shop's, what is thrown away. */
  readonly thrown?: string;
  /** Bone in it, of a hundred parts. */
  readonly bone?: string;
}

export interface PlainPiece {
  readonly weight: string;
  readonly paid: string;
  readonly parts: readonly PlainPart[];
}

const usable = ({ to }: PlainPart): boolean => to !== 'stock' && to !== 'bin';
const sumOf = ({ weights }: PlainPart): Fraction => total(weights.map(read));
const asksOf = ({ asks, thrown = '0' }: PlainPart): Fraction =>
  asks === null ? NONE : over(times(read(asks), [100n, 1n]), minus([100n, 1n], read(thrown)));
const worth = (part: PlainPart, weight: Fraction): Fraction =>
  part.to === 'bin' ? NONE : times(asksOf(part), weight);

/** What each weighing carries, before it is cents: one list a rule. */
function carried(piece: PlainPiece): Record<string, Fraction[]> {
  const lots = piece.parts.flatMap((part) => part.weights.map((text) => ({ part, weight: read(text) })));
  const paid = read(piece.paid);
  const meat = total(piece.parts.filter(usable).map(sumOf));
  const isGap = (part: PlainPart): boolean => usable(part) && part.asks === null;
  const gap = ({ part, weight }: (typeof lots)[number]): Fraction =>
    isGap(part) ? over(times(paid, weight), meat) : NONE;
  const values = lots.map(({ part, weight }) => worth(part, weight));
  const gaps = lots.map(gap);
  const rest = minus(paid, total(gaps));
  const isMain = ({ part }: (typeof lots)[number]): boolean => part.to === 'main';
  const mains = total(lots.filter(isMain).map(({ weight }) => weight));
  const credits = lots.map((lot, at) => (isMain(lot) ? NONE : plus(values[at]!, gaps[at]!)));
  const forMain = minus(paid, total(credits));
  return {
    'by-weight': lots.map(({ part, weight }) => (usable(part) ? weight : NONE)),
    'store-value': lots.map((_, at) => plus(gaps[at]!, over(times(rest, values[at]!), total(values)))),
    'by-product-credit': lots.map((lot, at) =>
      isMain(lot) ? over(times(forMain, lot.weight), mains) : credits[at]!,
    ),
    'by-dinner': lots.map(({ part, weight }) =>
      usable(part) ? times(weight, minus([1n, 1n], over(read(part.bone ?? '0'), [100n, 1n]))) : NONE,
    ),
  };
}

/** Cents of a sum by the largest remainders. */
function shared(paid: string, weights: readonly Fraction[]): number[] {
  const sum = total(weights);
  const whole = times(read(paid), [100n, 1n]);
  const exact = weights.map((weight) => over(times(whole, weight), sum));
  const floors = exact.map(([a, b]) => a / b);
  const left = cents(read(paid)) - Number(floors.reduce((a, b) => a + b, 0n));
  const order = exact
    .map((each, at) => ({ at, rest: minus(each, [floors[at]!, 1n]) }))
    .sort((a, b) => (isMore(a.rest, b.rest) ? -1 : isMore(b.rest, a.rest) ? 1 : a.at - b.at));
  const shares = floors.map(Number);
  for (const { at } of order.slice(0, left)) shares[at] = (shares[at] ?? 0) + 1;
  return shares;
}

/** What each weighing of a piece cost in cents, by rule; what all would have cost cut, and what was saved. */
export function plainBooks(piece: PlainPiece): {
  readonly costs: Readonly<Record<string, readonly number[]>>;
  readonly worth: number;
  readonly saved: number;
} {
  const costs = Object.fromEntries(
    Object.entries(carried(piece)).map(([rule, weights]) => [rule, shared(piece.paid, weights)]),
  );
  const value = cents(total(piece.parts.map((part) => worth(part, sumOf(part)))));
  return { costs, worth: value, saved: value - cents(read(piece.paid)) };
}
