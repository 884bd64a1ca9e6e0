import { isUsable } from '../ledger/destination';
import { leavesOf, type Leaf } from '../ledger/leaves';
import type { LotId } from '../ledger/lot';
import type { State } from '../ledger/replay';
import type { MassDg } from '../units/mass';
import { partPrice, type PartPrice, type Pricing } from './part-price';
import { platesIn } from './plates';
import type { Carrier } from './method';

/** What the methods need besides the journal. */
export interface CostBasis {
  readonly pricing: Pricing;
  /** What a plate weighs raw in this household, for meat that is not packed as plates. */
  readonly plateDg: MassDg;
}

/** The shares of a piece with what the methods want to know of each. */
export function carriersOf(state: State, piece: LotId, { pricing, plateDg }: CostBasis): (Carrier & Leaf)[] {
  const on = state.lots.get(piece)?.on ?? '';
  const prices = new Map<string, PartPrice>();
  return leavesOf(state, piece).map((leaf) => {
    const { lot, destination, massDg } = leaf;
    const key = `${lot.part ?? ''}/${destination}`;
    const price = prices.get(key) ?? partPrice(pricing, lot, destination, on);
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
