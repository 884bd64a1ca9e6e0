import type { Destination } from '../ledger/destination';
import { leavesOrPiece } from '../ledger/leaves';
import type { LotId } from '../ledger/lot';
import type { State } from '../ledger/replay';
import type { MassDg } from '../units/mass';
import type { Minor } from '../units/money';
import { carriersOf, type CostBasis } from './carriers';
import { exactShares } from './coins-of-piece';
import { COST_METHODS } from './method';
import { COST_METHOD_IDS, type CostMethodId } from './method-ids';
import { sharePaid } from './share-paid';

/** One part of a piece with what it cost under every method. */
export interface PartCost {
  /** Null for what was never cut off. */
  readonly part: string | null;
  readonly destination: Destination;
  readonly count: number;
  readonly massDg: MassDg;
  readonly minor: Readonly<Record<CostMethodId, Minor>>;
  /** The same before anything was rounded to coins: what a kilogram of it cost follows from this. */
  readonly exact: Readonly<Record<CostMethodId, number>>;
}

const NOTHING = Object.fromEntries(COST_METHOD_IDS.map((id) => [id, 0])) as Record<CostMethodId, Minor>;

/** The parts of a piece, each with its share of what was paid under the four methods side by side. */
export function costByPart(state: State, piece: LotId, basis: CostBasis): PartCost[] {
  const carriers = carriersOf(state, piece, basis);
  const lot = state.lots.get(piece);
  const paid = lot?.paidMinor ?? 0;
  const leaves = leavesOrPiece(carriers, lot);
  const shares = COST_METHOD_IDS.map((method) => {
    const exact = exactShares(leaves, paid, COST_METHODS[method].weights(carriers, paid));
    return { method, coins: sharePaid(state, piece, COST_METHODS[method], basis), exact };
  });
  const parts = new Map<string, PartCost>();
  leaves.forEach(({ lot, massDg, destination }, at) => {
    const key = `${lot.part ?? ''}/${destination}`;
    const seen = parts.get(key) ?? {
      part: lot.part,
      destination,
      count: 0,
      massDg: 0,
      minor: NOTHING,
      exact: NOTHING,
    };
    const added = (
      to: Readonly<Record<CostMethodId, number>>,
      of: (share: (typeof shares)[number]) => number,
    ): Record<CostMethodId, number> =>
      Object.fromEntries(shares.map((share) => [share.method, to[share.method] + of(share)])) as Record<
        CostMethodId,
        number
      >;
    parts.set(key, {
      ...seen,
      count: seen.count + lot.count,
      massDg: seen.massDg + massDg,
      minor: added(seen.minor, ({ coins }) => coins.get(lot.id)?.minor ?? 0),
      exact: added(seen.exact, ({ exact }) => exact[at] ?? 0),
    });
  });
  return [...parts.values()];
}
