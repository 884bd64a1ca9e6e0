import type { Destination } from './destination';
import { flowedDg, type Lot, type LotId, totalDg } from './lot';
import type { State } from './replay';

/** A share of a piece that carries cost: what a lot holds beyond what was cut off it. */
export interface Leaf {
  readonly lot: Lot;
  readonly massDg: number;
  readonly destination: Destination;
}

/** The lots cut off a lot, in the order of cutting. */
function cutOff(state: State, lot: Lot): Lot[] {
  const cut: Lot[] = [];
  for (const { way, lot: id } of lot.flows) {
    const part = way === 'cut' && id ? state.lots.get(id) : undefined;
    if (part) cut.push(part);
  }
  return cut;
}

/** A lot and everything cut off it, at any depth: each before what came off it, in the order of cutting. */
export function familyOf(state: State, lot: Lot): Lot[] {
  const family: Lot[] = [];
  const open = [lot];
  for (let next = open.pop(); next; next = open.pop()) {
    family.push(next);
    open.push(...cutOff(state, next).reverse());
  }
  return family;
}

/**
 * The shares of a piece: every lot cut off it, at any depth, by what it kept; and the piece
 * itself by what is still on the board or left it uncut. Together with liquid and unaccounted
 * they are the whole piece, to the tenth of a gram.
 *
 * What a stock-take found in a part later is not of this piece: it raises no yield.
 *
 * @param family what {@link familyOf} says of the piece, where somebody has asked already
 */
export function leavesOf(state: State, piece: LotId, family?: readonly Lot[]): Leaf[] {
  const lot = state.lots.get(piece);
  if (!lot) return [];
  /** What was cut off a lot beyond what it had of the piece, by the lot that it went into. */
  const beyond = new Map<LotId, number>();
  return (family ?? familyOf(state, lot)).flatMap((each): Leaf[] => {
    const keptDg = totalDg(each) - flowedDg(each, 'cut', 'liquid', 'unaccounted');
    const massDg = keptDg - each.countedUpDg - (beyond.get(each.id) ?? 0);
    const last = massDg < 0 ? cutOff(state, each).at(-1) : undefined;
    if (last) beyond.set(last.id, -massDg);
    return massDg > 0 ? [{ lot: each, massDg, destination: each.destination }] : [];
  });
}

/** The shares of a piece, or the piece itself with no mass where nothing of it was found again: what was paid has to stand somewhere. */
export function leavesOrPiece(leaves: readonly Leaf[], piece: Lot | undefined): readonly Leaf[] {
  return leaves.length > 0 || !piece ? leaves : [{ lot: piece, massDg: 0, destination: piece.destination }];
}
