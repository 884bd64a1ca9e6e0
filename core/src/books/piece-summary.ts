import type { CostBasis } from '../cost/carriers';
import { compareWithShop, type Comparison } from './comparison';
import type { Lot } from '../ledger/lot';
import type { State } from '../ledger/replay';
import { yieldTest } from '../yield/yield-test';

/** What a piece came to, as one line of the Books. */
export interface PieceSummary {
  readonly lot: Lot;
  readonly yield: number;
  readonly usableDg: number;
  readonly perUsableKgMinor: number | null;
  readonly mainShare: number;
  readonly comparison: Comparison;
  /** Its price for a kilogram as bought, smallest coins. */
  readonly perKgMinor: number;
}

/** Sums a piece up: yield, cost of a usable kilogram, and how it stands against the shop. */
export function summarisePiece(state: State, lot: Lot, basis: CostBasis): PieceSummary {
  const { yield: part, usableDg, perUsableKgMinor, destinations, receivedDg } = yieldTest(state, lot.id);
  return {
    lot,
    yield: part,
    usableDg,
    perUsableKgMinor,
    mainShare: destinations.main / receivedDg,
    comparison: compareWithShop(state, lot.id, basis),
    perKgMinor: ((lot.paidMinor ?? 0) * 10_000) / lot.inDg,
  };
}

/** Sums of several pieces: for a group, a month, a year. */
export interface PieceTotals {
  readonly pieces: number;
  readonly receivedDg: number;
  readonly usableDg: number;
  readonly paidMinor: number;
  readonly savedMinor: number;
  /** False where a piece's worth is only a lower bound. */
  readonly complete: boolean;
}

/** Totals over finished pieces; a piece of which no price is known has no saving to add. */
export function totalsOf(summaries: readonly PieceSummary[]): PieceTotals {
  const finished = summaries.filter(({ lot }) => lot.closed);
  const sum = (of: (each: PieceSummary) => number): number =>
    finished.reduce((total, each) => total + of(each), 0);
  return {
    pieces: finished.length,
    receivedDg: sum(({ lot }) => lot.inDg),
    usableDg: sum(({ usableDg }) => usableDg),
    paidMinor: sum(({ lot }) => lot.paidMinor ?? 0),
    savedMinor: sum(({ comparison }) => (comparison.isKnown ? comparison.savedMinor : 0)),
    complete: finished.every(({ comparison }) => comparison.complete),
  };
}
