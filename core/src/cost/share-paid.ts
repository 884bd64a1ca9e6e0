import { leavesOrPiece } from '../ledger/leaves';
import type { LotId } from '../ledger/lot';
import type { State } from '../ledger/replay';
import { carriersOf, type Carriers, type CostBasis } from './carriers';
import { coinsOfPiece } from './coins-of-piece';
import type { LotCost } from './lot-cost';
import type { CostMethod } from './method';

/**
 * Shares what was paid for a piece among its leaves and what they were wrapped into. Where a method
 * gives nothing any weight (all of it went to stock, say), mass does; where there is no mass, the piece
 * keeps it all.
 *
 * @returns what each leaf carries, in whole coins; they sum to what was paid
 */
export function sharePaid(
  state: State,
  piece: LotId,
  method: CostMethod,
  basis: CostBasis,
): ReadonlyMap<LotId, LotCost> {
  const carriers = carriersOf(state, piece, basis);
  const known = sharesOf.get(carriers) ?? new Map<CostMethod, ReadonlyMap<LotId, LotCost>>();
  sharesOf.set(carriers, known);
  const lot = state.lots.get(piece);
  if (!lot) return new Map();
  const weights = (): number[] => method.weights(carriers, lot.paidMinor ?? 0);
  const shares = known.get(method) ?? coinsOfPiece(lot, leavesOrPiece(carriers, lot), weights());
  known.set(method, shares);
  return shares;
}

/** What was shared among the same carriers by the same method is the same. */
const sharesOf = new WeakMap<Carriers, Map<CostMethod, ReadonlyMap<LotId, LotCost>>>();
