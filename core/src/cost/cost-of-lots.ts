import { sum } from 'd3-array';
import type { Lot, LotId } from '../ledger/lot';
import type { State } from '../ledger/replay';
import { allocate } from '../units/allocate';
import { grouped } from '../units/grouped';
import type { Minor } from '../units/money';
import type { CostBasis } from './carriers';
import { carries, poolDg, type LotCost } from './lot-cost';
import type { CostMethod } from './method';
import { sharePaid } from './share-paid';

/**
 * What every lot cost under a method. The paid of each piece is shared among its packs and what is left
 * of its parts ({@link sharePaid}); from there money follows mass (through grinding, packing, eating in
 * parts): deed by deed, by largest remainder of what is there, so nothing is lost and nothing is made.
 *
 * Sources stand before what is made of them in the state's order, so one pass is enough.
 */
export function costOfLots(state: State, method: CostMethod, basis: CostBasis): Map<LotId, LotCost> {
  const costs = new Map<LotId, LotCost>();
  for (const lot of state.lots.values())
    if (lot.form === 'piece')
      sharePaid(state, lot.id, method, basis).forEach((cost, id) => costs.set(id, cost));
  for (const lot of state.lots.values()) if (!costs.has(lot.id)) costs.set(lot.id, costOf(lot, costs));
  return costs;
}

/** What a lot cost last; where it is the same lot and carries the same, it costs the same. */
const known = new WeakMap<Lot, LotCost>();

function costOf(lot: Lot, costs: ReadonlyMap<LotId, LotCost>): LotCost {
  const brought = broughtIn(lot, costs);
  const before = known.get(lot);
  if (before && isSame(before, brought)) return before;
  const cost = { ...brought, ...spreadOver(lot, brought.minor) };
  known.set(lot, cost);
  return cost;
}

type Brought = Pick<LotCost, 'minor' | 'complete' | 'isFinal'>;

const isSame = (one: Brought, other: Brought): boolean =>
  one.minor === other.minor && one.complete === other.complete && one.isFinal === other.isFinal;

/** Most packs lie there whole. */
const NONE: readonly Minor[] = [];

function spreadOver(lot: Lot, minor: Minor): Pick<LotCost, 'flows' | 'leftMinor'> {
  if (lot.flows.length === 0) return { flows: NONE, leftMinor: minor };
  const flows = lot.flows.map(() => 0);
  let [leftMinor, leftDg] = [minor, poolDg(lot)];
  const carrying = lot.flows.map((flow, at) => ({ flow, at })).filter(({ flow }) => carries(flow));
  for (const same of grouped(carrying, ({ flow }) => flow.deed).values()) {
    const taken = same.map(({ flow }) => flow.massDg);
    const restDg = Math.max(0, leftDg - sum(taken));
    if (leftDg <= 0) break;
    const shares = allocate(leftMinor, [...taken, restDg]);
    same.forEach(({ at }, k) => (flows[at] = shares[k] ?? 0));
    [leftMinor, leftDg] = [shares.at(-1) ?? 0, restDg];
  }
  return { flows, leftMinor };
}

function broughtIn(lot: Lot, costs: ReadonlyMap<LotId, LotCost>): Brought {
  if (lot.form === 'piece') return { minor: 0, complete: true, isFinal: lot.closed };
  if (lot.sources.length === 0)
    return { minor: lot.paidMinor ?? 0, complete: lot.paidMinor !== null, isFinal: true };
  const from = lot.sources.map((source) => ({ cost: costs.get(source.lot), flow: source.flow }));
  return {
    minor: sum(from, ({ cost, flow }) => cost?.flows[flow] ?? 0),
    complete: from.every(({ cost }) => cost?.complete ?? false),
    isFinal: from.every(({ cost }) => cost?.isFinal ?? true),
  };
}
