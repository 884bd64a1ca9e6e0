import type { LotId } from '../ledger/lot';
import type { State } from '../ledger/replay';
import { allocate } from '../units/allocate';
import type { Minor } from '../units/money';
import { carriersOf, type Carriers, type CostBasis } from './carriers';
import type { CostMethod } from './method';

/**
 * Shares what was paid for a piece among its leaves. Where a method gives nothing any weight
 * (all of it went to stock, say), mass does; where there is no mass, the piece keeps it all.
 *
 * @returns smallest coins a lot; they sum to what was paid
 */
export function sharePaid(
  state: State,
  piece: LotId,
  method: CostMethod,
  basis: CostBasis,
): ReadonlyMap<LotId, Minor> {
  const paid = state.lots.get(piece)?.paidMinor ?? 0;
  const carriers = carriersOf(state, piece, basis);
  if (carriers.length === 0) return new Map([[piece, paid]]);
  const known = sharesOf.get(carriers) ?? new Map<CostMethod, ReadonlyMap<LotId, Minor>>();
  sharesOf.set(carriers, known);
  const shares = known.get(method) ?? shareAmong(carriers, paid, method);
  known.set(method, shares);
  return shares;
}

/** What was shared among the same carriers by the same method is the same. */
const sharesOf = new WeakMap<Carriers, Map<CostMethod, ReadonlyMap<LotId, Minor>>>();

function shareAmong(carriers: Carriers, paid: Minor, method: CostMethod): ReadonlyMap<LotId, Minor> {
  const weights = method.weights(carriers, paid);
  const carried = weights.some((weight) => weight > 0) ? weights : carriers.map(({ massDg }) => massDg);
  const shares = allocate(paid, carried);
  return new Map(carriers.map(({ lot }, index) => [lot.id, shares[index] ?? 0]));
}
