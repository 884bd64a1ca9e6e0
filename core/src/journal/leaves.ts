import type { Destination } from '../catalogue/destination';
import type { Lot, LotId } from './lot';
import { flowedDg, totalDg } from './lot';
import type { State } from './replay';

/** A share of a piece that carries cost: what a lot holds beyond what was cut off it. */
export interface Leaf {
  readonly lot: Lot;
  readonly massDg: number;
  readonly destination: Destination;
}

/** The lots cut off a lot, in the order of cutting. */
export function cutOff(state: State, lot: Lot): Lot[] {
  return lot.flows.flatMap((flow) =>
    flow.way === 'cut' && flow.lot ? (state.lots.get(flow.lot) ?? []) : [],
  );
}

/**
 * The shares of a piece: every lot cut off it, at any depth, by what it kept; and the piece
 * itself by what is still on the board or left it uncut. Together with liquid and unaccounted
 * they are the whole piece, to the tenth of a gram.
 */
export function leavesOf(state: State, piece: LotId): Leaf[] {
  const lot = state.lots.get(piece);
  if (!lot) return [];
  const massDg = totalDg(lot) - flowedDg(lot, 'cut', 'liquid', 'unaccounted');
  const own: Leaf[] = massDg > 0 ? [{ lot, massDg, destination: lot.destination }] : [];
  return [...own, ...cutOff(state, lot).flatMap((part) => leavesOf(state, part.id))];
}

/** A lot and everything cut off it, at any depth. */
export function familyOf(state: State, lot: Lot): Lot[] {
  return [lot, ...cutOff(state, lot).flatMap((part) => familyOf(state, part))];
}
