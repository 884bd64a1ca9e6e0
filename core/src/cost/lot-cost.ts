import { flowedDg, totalDg, type Flow, type Lot } from '../ledger/lot';
import type { Minor } from '../units/money';

/** What a lot cost, and where that went. */
export interface LotCost {
  /** Everything the lot carries, smallest coins. With `complete` false, a lower bound. */
  readonly minor: Minor;
  /** False where something in it came at a price that nobody knows. */
  readonly complete: boolean;
  /** False while a piece in it is open on the Block: it is so much so far. */
  readonly isFinal: boolean;
  /** What each of the lot's flows took along, by index; zero for cut, liquid, unaccounted. */
  readonly flows: readonly Minor[];
  /** What stays with what is left. */
  readonly leftMinor: Minor;
}

/** Whether what leaves a lot so takes its share of the cost along. */
export const carries = ({ way }: Pick<Flow, 'way'>): boolean =>
  way !== 'cut' && way !== 'liquid' && way !== 'unaccounted';

/** Mass of a lot that carries what it cost: all but what was cut off it or lost. */
export const poolDg = (lot: Lot): number => totalDg(lot) - flowedDg(lot, 'cut', 'liquid', 'unaccounted');
