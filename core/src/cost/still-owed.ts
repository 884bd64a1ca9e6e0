import { partOf, kindById } from '../catalogue/kinds';
import { MOST_GIVEN, perPieceOf } from '../catalogue/per-piece';
import type { Part } from '../catalogue/kind-schema';
import type { Lot } from '../ledger/lot';
import type { IsoDate } from '../units/date';
import { roundExact, sumExact, worthAt, type ExactMinor } from '../price/rate';
import type { Minor } from '../units/money';
import type { MassDg } from '../units/mass';
import { isGap, type PartPrice, type Pricing } from './part-price';
import { partPrice } from './pile-prices';

/** So many more portions of a part that still comes off the piece, or all that is left of one without portions. */
export interface More {
  readonly part: Part;
  readonly count: number;
}

/** How far a piece in work is from having paid for itself. */
export interface StillOwed {
  /** What is off so far would have cost this in the shop, cut. */
  readonly worthMinor: Minor;
  /** What is missing to what was paid; zero or less once it has paid for itself. */
  readonly owedMinor: Minor;
  /** True where a price is unknown: the worth is then at least this. */
  readonly isLowerBound: boolean;
  /** Portions that are still on it and would settle it, the dearest first; none where they would not. */
  readonly more: readonly More[];
}

type Piece = Pick<Lot, 'paidMinor' | 'kind' | 'way' | 'grade' | 'inDg' | 'leftDg' | 'count'>;

/**
 * What a piece still owes its buyer: paid, less what the parts that are off would have cost cut.
 *
 * @param cuts what came off it, in the order of weighing
 * @returns null where nobody knows what was paid
 * @example paid 60.00, four steaks of 350 g at 30.00/kg off: 18.00 owed, two more steaks
 */
export function stillOwed(piece: Piece, cuts: readonly Lot[], basis: Pricing, on: IsoDate): StillOwed | null {
  if (piece.paidMinor === null) return null;
  const pricing = { ...basis, grade: piece.grade };
  const off: ExactMinor[] = [];
  let isLowerBound = false;
  for (const cut of cuts) {
    const price = partPrice(pricing, cut, cut.destination, on);
    if (isGap(price, cut.destination)) isLowerBound = true;
    if (price.state === 'known') off.push(worthAt(cut.inDg, price.rate));
  }
  const worthMinor = roundExact(sumExact(off));
  const owedMinor = piece.paidMinor - worthMinor;
  return {
    worthMinor,
    owedMinor,
    isLowerBound,
    more: owedMinor > 0 ? moreOf(piece, cuts, pricing, on, owedMinor) : [],
  };
}

/** A part without portions: all that is left of it at once. */
function wholly(part: Part, leftDg: MassDg, price: PartPrice): StillOn[] {
  if (price.state !== 'known' || leftDg <= 0) return [];
  const { perKgMinor } = price;
  return [{ part, count: 1, eachMinor: (perKgMinor * leftDg) / 10_000, perKgMinor }];
}

/** Portions of one part that are still on the piece. */
interface StillOn {
  readonly part: Part;
  readonly count: number;
  readonly eachMinor: number;
  readonly perKgMinor: number;
}

/** The dearest portions that are still on it, as many as settle it; none where all of them would not. */
function moreOf(piece: Piece, cuts: readonly Lot[], pricing: Pricing, on: IsoDate, owedMinor: Minor): More[] {
  const more: More[] = [];
  let owed = owedMinor;
  for (const { part, count, eachMinor } of stillOn(piece, cuts, pricing, on)) {
    const taken = Math.min(count, Math.ceil(owed / eachMinor));
    owed -= taken * eachMinor;
    more.push({ part, count: taken });
    if (owed <= 0) return more;
  }
  return [];
}

function stillOn(piece: Piece, cuts: readonly Lot[], pricing: Pricing, on: IsoDate): StillOn[] {
  const kind = kindById(piece.kind);
  const way = kind?.ways.find(({ id }) => id === piece.way) ?? kind?.ways[0];
  if (!kind || !way) return [];
  let leftDg = piece.leftDg;
  const all = Object.entries(way.shares).flatMap(([id, share]): StillOn[] => {
    const part = partOf(kind, id);
    if (!part) return [];
    const price = partPrice(pricing, { kind: kind.id, part: id, animal: kind.animal }, part.destination, on);
    const own = cuts.filter((cut) => cut.part === id);
    const [offDg, off] = own.reduce(([mass, count], cut) => [mass + cut.inDg, count + cut.count], [0, 0]);
    const usualDg = (share * piece.inDg) / (perPieceOf(part, way) * piece.count);
    const eachDg = off > 0 ? offDg / off : usualDg;
    if (!part.portion) return wholly(part, share * piece.inDg - offDg, price);
    const usual = perPieceOf(part, way) * piece.count;
    const count =
      perPieceOf(part, way) <= MOST_GIVEN ? usual - off : Math.round((share * piece.inDg - offDg) / eachDg);
    if (price.state !== 'known' || !(count > 0) || !(eachDg > 0)) return [];
    return [{ part, count, eachMinor: (price.perKgMinor * eachDg) / 10_000, perKgMinor: price.perKgMinor }];
  });
  return all
    .sort((a, b) => b.perKgMinor - a.perKgMinor)
    .flatMap((each) => {
      const eachDg = (each.eachMinor / each.perKgMinor) * 10_000;
      const count = Math.min(each.count, Math.floor(leftDg / eachDg + 0.25));
      leftDg -= count * eachDg;
      return count > 0 ? [{ ...each, count }] : [];
    });
}
