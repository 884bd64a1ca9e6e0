import type { Destination } from '../ledger/destination';
import { leavesOrPiece } from '../ledger/leaves';
import type { LotId } from '../ledger/lot';
import type { State } from '../ledger/replay';
import type { MassDg } from '../units/mass';
import type { Minor } from '../units/money';
import type { CostBasis } from './carriers';
import { COST_METHOD_IDS, type CostMethodId, COST_METHODS } from './method';
import { sharePaid } from './share-paid';

/** One part of a piece with what it cost under every method. */
export interface PartCost {
  /** Null for what was never cut off. */
  readonly part: string | null;
  readonly destination: Destination;
  readonly count: number;
  readonly massDg: MassDg;
  readonly minor: Readonly<Record<CostMethodId, Minor>>;
}

const NOTHING = Object.fromEntries(COST_METHOD_IDS.map((id) => [id, 0])) as Record<CostMethodId, Minor>;

/** The parts of a piece, each with its share of what was paid under the four methods side by side. */
export function costByPart(state: State, piece: LotId, basis: CostBasis): PartCost[] {
  const shares = COST_METHOD_IDS.map(
    (method) => [method, sharePaid(state, piece, COST_METHODS[method], basis)] as const,
  );
  const parts = new Map<string, PartCost>();
  for (const { lot, massDg, destination } of leavesOrPiece(state, piece)) {
    const key = `${lot.part ?? ''}/${destination}`;
    const seen = parts.get(key) ?? { part: lot.part, destination, count: 0, massDg: 0, minor: NOTHING };
    const minor = Object.fromEntries(
      shares.map(([method, of]) => [method, seen.minor[method] + (of.get(lot.id) ?? 0)]),
    ) as Record<CostMethodId, Minor>;
    parts.set(key, { ...seen, count: seen.count + lot.count, massDg: seen.massDg + massDg, minor });
  }
  return [...parts.values()];
}
