import { DESTINATION_IDS, isUsable, type Destination } from '../ledger/destination';
import { familyOf, leavesOf } from '../ledger/leaves';
import { drainedDg, flowedDg, type Lot, type LotId } from '../ledger/lot';
import type { State } from '../ledger/replay';
import { fromDg, type MassDg } from '../units/mass';

/** What became of a piece. */
export interface YieldTest {
  readonly receivedDg: MassDg;
  readonly drainedDg: MassDg;
  readonly destinations: Readonly<Record<Destination, MassDg>>;
  readonly unaccountedDg: MassDg;
  /** Still on the board. */
  readonly leftDg: MassDg;
  readonly usableDg: MassDg;
  /** Usable over received, 0 to 1. */
  readonly yield: number;
  /** Price a usable kilogram over price a kilogram as bought; null while nothing is usable. */
  readonly costFactor: number | null;
  /** Smallest coins a usable kilogram, unrounded; null while nothing is usable. */
  readonly perUsableKgMinor: number | null;
  /** How many weighings it rests on. */
  readonly weighings: number;
}

/**
 * The yield test of a piece: where each gram went and what a usable kilogram cost.
 *
 * @throws RangeError when there is no such piece
 * @source standard form of cost-control textbooks (from memory): yield = usable ÷ as purchased
 * @example 5.000 kg for 60.00 giving 3.920 kg usable: yield 0.784, 15.31 a usable kg
 */
export function yieldTest(state: State, piece: LotId): YieldTest {
  const lot = state.lots.get(piece);
  if (!lot) throw new RangeError(`no piece ${piece}`);
  const family = familyOf(state, lot);
  const liquidDg = sum(family, (each) => flowedDg(each, 'liquid'));
  const unaccountedDg = sum(family, (each) => flowedDg(each, 'unaccounted'));
  const destinations = Object.fromEntries(DESTINATION_IDS.map((id) => [id, 0])) as Record<
    Destination,
    MassDg
  >;
  const leaves = leavesOf(state, piece);
  for (const leaf of leaves) destinations[leaf.destination] += leaf.massDg;
  destinations.liquid += liquidDg;
  const onBoard = lot.closed ? 0 : lot.leftDg;
  // What a stock-take found beyond the piece lies there, and is not of it.
  const own = leaves.find((leaf) => leaf.lot.id === piece)?.massDg ?? 0;
  destinations[lot.destination] -= Math.min(onBoard, own);
  const usableDg = DESTINATION_IDS.filter(isUsable).reduce((total, id) => total + destinations[id], 0);
  const perUsableKgMinor = usableDg > 0 ? (lot.paidMinor ?? 0) / fromDg(usableDg, 'kg') : null;
  return {
    receivedDg: lot.inDg,
    drainedDg: drainedDg(lot),
    destinations,
    unaccountedDg,
    leftDg: onBoard,
    usableDg,
    yield: usableDg / lot.inDg,
    costFactor: usableDg > 0 ? lot.inDg / usableDg : null,
    perUsableKgMinor,
    weighings: family.length - 1,
  };
}

const sum = (lots: readonly Lot[], measure: (lot: Lot) => number): number =>
  lots.reduce((total, lot) => total + measure(lot), 0);
