import type { ComparisonLine } from '../books/comparison';
import type { PieceSummary, PieceTotals } from '../books/piece-summary';
import type { PartCost } from '../cost/cost-by-part';

/** A piece as the Books tell it. */
export interface BookedPiece extends PieceSummary {
  readonly kind: string;
  readonly shop: string;
  readonly minutes: number | null;
}

/** A part of a piece as the Books tell it. */
export interface BookedPart extends PartCost {
  readonly name: string | null;
  readonly line: ComparisonLine | null;
}

/** A month or a year of pieces. */
export interface BookedPeriod {
  readonly name: string;
  readonly totals: PieceTotals;
  readonly dinners: number;
}

/** What was never cut off. */
export const NO_PART = 'uncut';
