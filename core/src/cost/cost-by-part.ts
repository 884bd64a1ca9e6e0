import type { Destination } from '../catalogue/destination';
import { leavesOrPiece } from '../journal/leaves';
import type { LotId } from '../journal/lot';
import type { State } from '../journal/replay';
import type { MassDg } from '../units/mass';
import type { Minor } from '../units/money';
import type { Basis } from './carriers';
import { SCHOOL_IDS, type SchoolId } from './school';
import { sharePaid } from './share-paid';

/** One part of a piece with what it cost under every school. */
export interface PartCost {
  /** Null for what was never cut off. */
  readonly part: string | null;
  readonly destination: Destination;
  readonly count: number;
  readonly massDg: MassDg;
  readonly minor: Readonly<Record<SchoolId, Minor>>;
}

const NOTHING: Record<SchoolId, Minor> = {
  'store-value': 0,
  'by-weight': 0,
  'by-product-credit': 0,
  'by-dinner': 0,
};

/** The parts of a piece, each with its share of what was paid under the four schools side by side. */
export function costByPart(state: State, piece: LotId, basis: Basis): PartCost[] {
  const shares = SCHOOL_IDS.map((school) => [school, sharePaid(state, piece, school, basis)] as const);
  const parts = new Map<string, PartCost>();
  for (const { lot, massDg, destination } of leavesOrPiece(state, piece)) {
    const key = `${lot.part ?? ''}/${destination}`;
    const seen = parts.get(key) ?? { part: lot.part, destination, count: 0, massDg: 0, minor: NOTHING };
    const minor = Object.fromEntries(
      shares.map(([school, of]) => [school, seen.minor[school] + (of.get(lot.id) ?? 0)]),
    ) as Record<SchoolId, Minor>;
    parts.set(key, { ...seen, count: seen.count + lot.count, massDg: seen.massDg + massDg, minor });
  }
  return [...parts.values()];
}
