import { isUsable } from '../ledger/destination';
import { familyOf, leavesOf, type Leaf } from '../ledger/leaves';
import type { Lot, LotId } from '../ledger/lot';
import type { State } from '../ledger/replay';
import type { MassDg } from '../units/mass';
import { remembered, type Remembered } from '../units/remembered';
import { partPrice, type PartPrice, type Pricing } from './part-price';
import { platesIn } from './plates';
import type { Carrier } from './method';

/** What the methods need besides the journal. */
export interface CostBasis {
  readonly pricing: Pricing;
  /** What a plate weighs raw in this household, for meat that is not packed as plates. */
  readonly plateDg: MassDg;
}

export type Carriers = readonly (Carrier & Leaf)[];

/** By basis, and by piece: a basis is made anew when a price or a setting changes. */
const known = new WeakMap<CostBasis, Remembered<LotId, Carriers>>();

/**
 * The shares of a piece with what the methods want to know of each. Remembered while the basis and
 * everything that came of the piece are the same things: of a household's pieces one entry changes one.
 */
export function carriersOf(state: State, piece: LotId, basis: CostBasis): Carriers {
  const remember = known.get(basis) ?? remembered<LotId, Carriers>();
  known.set(basis, remember);
  return remember(piece, lotsOf(state, piece), () => carriersNow(state, piece, basis));
}

/** Everything that the shares of a piece depend on: what came off it, and the packs that it went into. */
function lotsOf(state: State, piece: LotId): Lot[] {
  const lot = state.lots.get(piece);
  if (!lot) return [];
  const lots = familyOf(state, lot);
  for (const { flows } of [...lots])
    for (const { way, lot: pack } of flows) {
      const packed = way === 'packed' && pack ? state.lots.get(pack) : undefined;
      if (packed) lots.push(packed);
    }
  return lots;
}

function carriersNow(state: State, piece: LotId, { pricing, plateDg }: CostBasis): Carriers {
  const { on, grade = null } = state.lots.get(piece) ?? {};
  const prices = new Map<string, PartPrice>();
  return leavesOf(state, piece).map((leaf) => {
    const { lot, destination, massDg } = leaf;
    const key = `${lot.part ?? ''}/${destination}`;
    const price = prices.get(key) ?? partPrice({ ...pricing, grade }, lot, destination, on ?? '');
    prices.set(key, price);
    return {
      lot,
      destination,
      massDg,
      price,
      plates: isUsable(destination) ? platesOf(state, leaf, plateDg) : 0,
    };
  });
}

/**
 * Plates that a piece makes: as it was packed, and what is not packed by the household's plate.
 *
 * @example 1.2 kg of boneless meat, 500 g of it packed as three plates, plates of 175 g: 7
 */
export function platesFrom(state: State, piece: LotId, basis: CostBasis): number {
  return carriersOf(state, piece, basis).reduce((sum, { plates }) => sum + plates, 0);
}

/** Plates of the packs that a share went into, by mass; what is not packed by the household's plate of boneless meat. */
function platesOf(state: State, { lot, massDg }: Leaf, plateDg: MassDg): number {
  let [plates, packedDg] = [0, 0];
  for (const flow of lot.flows) {
    const pack = flow.way === 'packed' && flow.lot ? state.lots.get(flow.lot) : undefined;
    if (!pack?.plates) continue;
    plates += (pack.plates * flow.massDg) / pack.inDg;
    packedDg += flow.massDg;
  }
  return plates + platesIn(lot, Math.max(0, massDg - packedDg), plateDg);
}
