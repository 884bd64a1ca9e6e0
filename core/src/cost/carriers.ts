import { sum } from 'd3-array';
import { isUsable } from '../ledger/destination';
import { familyOf, leavesOf, type Leaf } from '../ledger/leaves';
import type { Lot, LotId } from '../ledger/lot';
import type { State } from '../ledger/replay';
import { asWeighed } from '../price/rate';
import { grouped } from '../units/grouped';
import { remembered, type Remembered } from '../units/remembered';
import { fixedPricing } from './basis-of-piece';
import type { KindWish } from './kind-wish';
import type { PieceBasis } from './piece-basis';
import type { PartPrice, Pricing } from './part-price';
import { pilePrices } from './pile-prices';
import { platesIn, type Plate } from './plates';
import type { Carrier } from './method';

/** What the methods need besides the journal. */
export interface CostBasis {
  readonly pricing: Pricing;
  /** An average plate of this household, for meat that is not packed as plates. */
  readonly plate: Plate;
  /** Weights here are read in pounds and ounces. */
  readonly isByPound?: boolean;
  /** What closed pieces counted with, by piece. */
  readonly closed?: ReadonlyMap<LotId, PieceBasis>;
  /** What is wished of kinds of pieces, by kind. */
  readonly wishes?: ReadonlyMap<string, KindWish>;
}

/** What is asked of a piece: what its parts carry, or what they would have cost in the shop. */
export type Use = 'shares' | 'comparison';

export type Carriers = readonly (Carrier & Leaf)[];

/** By basis and use, and by piece: a basis is made anew when a price or a setting changes. */
const known: Record<Use, WeakMap<CostBasis, Remembered<LotId, Carriers>>> = {
  shares: new WeakMap(),
  comparison: new WeakMap(),
};

/**
 * The shares of a piece with what the methods want to know of each. A closed piece's shares are by what
 * it counted with when it was closed, and the journal, only. Remembered while the basis and everything
 * that came of the piece are the same things: of a household's pieces one entry changes one.
 */
export function carriersOf(state: State, piece: LotId, basis: CostBasis, use: Use = 'shares'): Carriers {
  const remember = known[use].get(basis) ?? remembered<LotId, Carriers>();
  known[use].set(basis, remember);
  const lot = state.lots.get(piece);
  if (!lot) return [];
  const family = familyOf(state, lot);
  const from = withPacks(state, family);
  return remember(piece, from, () => carriersNow(state, lot, leavesOf(state, piece, family), basis, use));
}

/** Everything that the shares of a piece depend on: what came off it, and the packs that it went into. */
function withPacks(state: State, family: readonly Lot[]): Lot[] {
  const lots = [...family];
  for (const { flows } of family)
    for (const { way, lot: pack } of flows) {
      const packed = way === 'packed' && pack ? state.lots.get(pack) : undefined;
      if (packed) lots.push(packed);
    }
  return lots;
}

function carriersNow(
  state: State,
  piece: Lot,
  leaves: readonly Leaf[],
  basis: CostBasis,
  use: Use,
): Carriers {
  const counted = piece.closed ? basis.closed?.get(piece.id) : undefined;
  const pricing = counted ? fixedPricing(counted, basis.pricing, piece.on ?? '', use) : basis.pricing;
  const isByPound = counted ? counted.byPound === true : (basis.isByPound ?? false);
  const prices = pricesOfLeaves(piece, leaves, pricing);
  const weighedG = ({ massDg }: Leaf): number => Number(asWeighed(massDg, isByPound)) / FG_IN_G;
  // What is wrapped later has other plates than were thought of: what was carried does not move for it.
  const platesFor = (leaf: Leaf): number =>
    counted && use === 'shares'
      ? platesIn(leaf.lot, 10 * weighedG(leaf), { dg: counted.plateDg, skin: counted.skin })
      : platesOf(state, leaf, basis.plate);
  return leaves.map((leaf) => ({
    lot: leaf.lot,
    destination: leaf.destination,
    massDg: leaf.massDg,
    weighedG: weighedG(leaf),
    price: prices.get(keyOf(leaf)) ?? NO_PRICE,
    plates: isUsable(leaf.destination) ? platesFor(leaf) : 0,
  }));
}

/** Femtograms in a gram. */
const FG_IN_G = 1e15;

const NO_PRICE: PartPrice = { state: 'unknown', item: null, leftOn: 0, lessPerKg: 0 };
const keyOf = ({ lot, destination }: Leaf): string => `${lot.part ?? ''}/${destination}`;

/** What each heap of a piece would cost bought cut on the day that it was bought, with what was lost of it. */
function pricesOfLeaves(piece: Lot, leaves: readonly Leaf[], pricing: Pricing): Map<string, PartPrice> {
  const heaps = [...grouped(leaves, keyOf)].map(([key, same]) => ({
    key,
    massDg: sum(same, ({ massDg }) => massDg),
    of: same[0] as Leaf,
  }));
  const lostDg = Math.max(0, piece.inDg - sum(heaps, ({ massDg }) => massDg));
  const prices = pilePrices(
    { ...pricing, grade: piece.grade },
    piece,
    [
      ...heaps.map(({ massDg, of }) => ({ part: of.lot.part, destination: of.destination, massDg })),
      { part: LOST, destination: null, massDg: lostDg },
    ],
    piece.on ?? '',
  );
  return new Map(heaps.map(({ key }, at) => [key, prices[at] ?? NO_PRICE]));
}

/** What is lost is no part of a kind. */
const LOST = 'loss';

/**
 * Plates that a piece makes: as it was packed, and what is not packed by the household's plate.
 *
 * @example 1.2 kg of boneless meat, 500 g of it packed as three plates, plates of 175 g: 7
 */
export function platesFrom(state: State, piece: LotId, basis: CostBasis): number {
  return sum(carriersOf(state, piece, basis, 'comparison'), ({ plates }) => plates);
}

/** Plates of the packs that a share went into, by mass; what is not packed by the household's plate of boneless meat. */
function platesOf(state: State, { lot, massDg }: Leaf, plate: Plate): number {
  let [plates, packedDg] = [0, 0];
  for (const flow of lot.flows) {
    const pack = flow.way === 'packed' && flow.lot ? state.lots.get(flow.lot) : undefined;
    if (!pack?.plates) continue;
    plates += (pack.plates * flow.massDg) / pack.inDg;
    packedDg += flow.massDg;
  }
  return plates + platesIn(lot, Math.max(0, massDg - packedDg), plate);
}
