import { flowedDg, totalDg, type Flow, type Lot, type LotId } from '../ledger/lot';
import type { State } from '../ledger/replay';
import { stretchOf } from '../units/cumulative';
import type { Minor } from '../units/money';
import type { CostBasis } from './carriers';
import type { CostMethod } from './method';
import { sharePaid } from './share-paid';

/** What a lot cost, and where that went. */
export interface LotCost {
  /** Everything the lot carries, smallest coins. With `complete` false, a lower bound. */
  readonly minor: Minor;
  /** False where something in it came at a price that nobody knows. */
  readonly complete: boolean;
  /** What each of the lot's flows took along, by index; zero for cut, liquid, unaccounted. */
  readonly flows: readonly Minor[];
  /** What stays with what is left. */
  readonly leftMinor: Minor;
}

const CARRIES_NOTHING: ReadonlySet<Flow['way']> = new Set<Flow['way']>(['cut', 'liquid', 'unaccounted']);

/**
 * What every lot cost under a method. The paid of each piece is shared among its leaves; from
 * there money follows mass (through grinding, packing, eating in parts) by cumulative rounding,
 * so nothing is lost and nothing is made.
 *
 * Sources stand before what is made of them in the state's order, so one pass is enough.
 */
export function costOfLots(state: State, method: CostMethod, basis: CostBasis): Map<LotId, LotCost> {
  const shared = new Map<LotId, Minor>();
  for (const lot of state.lots.values()) {
    if (lot.form === 'piece')
      for (const [id, minor] of sharePaid(state, lot.id, method, basis)) shared.set(id, minor);
  }
  const costs = new Map<LotId, LotCost>();
  for (const lot of state.lots.values()) costs.set(lot.id, costOf(lot, shared.get(lot.id), costs));
  return costs;
}

/** What a lot cost last; where it is the same lot and carries the same, it costs the same. */
const known = new WeakMap<Lot, LotCost>();

function costOf(lot: Lot, shared: Minor | undefined, costs: ReadonlyMap<LotId, LotCost>): LotCost {
  const { minor, complete } = broughtIn(lot, shared, costs);
  const before = known.get(lot);
  if (before?.minor === minor && before.complete === complete) return before;
  const cost = spreadOver(lot, minor, complete);
  known.set(lot, cost);
  return cost;
}

function spreadOver(lot: Lot, minor: Minor, complete: boolean): LotCost {
  const poolDg = totalDg(lot) - flowedDg(lot, 'cut', 'liquid', 'unaccounted');
  let takenDg = 0;
  const flows = lot.flows.map((flow) => {
    if (CARRIES_NOTHING.has(flow.way)) return 0;
    takenDg += flow.massDg;
    return stretchOf(minor, takenDg - flow.massDg, takenDg, poolDg);
  });
  return { minor, complete, flows, leftMinor: minor - flows.reduce((a, b) => a + b, 0) };
}

function broughtIn(
  lot: Lot,
  shared: Minor | undefined,
  costs: ReadonlyMap<LotId, LotCost>,
): { minor: Minor; complete: boolean } {
  if (lot.form === 'piece') return { minor: shared ?? 0, complete: true };
  if (shared !== undefined) return { minor: shared, complete: true };
  if (lot.sources.length === 0) return { minor: lot.paidMinor ?? 0, complete: lot.paidMinor !== null };
  const parts = lot.sources.map(({ lot: id, flow }) => ({
    minor: costs.get(id)?.flows[flow] ?? 0,
    from: costs.get(id),
  }));
  return {
    minor: parts.reduce((sum, part) => sum + part.minor, 0),
    complete: parts.every((part) => part.from?.complete ?? false),
  };
}
