import type { Destination } from '../ledger/destination';
import type { RestFor, RestReason } from './rest-for';

/** What one kind of slice shall be like. */
export interface SliceKind {
  readonly name: string;
  /** Exactly so long, in mm. */
  readonly lengthMm?: number;
  /** As near to this weight as can be. */
  readonly targetG?: number;
  /** As near to this thickness as can be. */
  readonly thicknessMm?: number;
  readonly minThicknessMm?: number;
  readonly maxThicknessMm?: number;
  /** Least and most of them; any number where it is not said. */
  readonly count?: readonly [number, number];
  readonly worthPerKg?: number;
  /** How far a weight may be off, as a share of the target. */
  readonly tolerance?: number;
}

export type Wish =
  | { readonly by: 'weight'; readonly targetG: number; readonly tolerance?: number }
  | { readonly by: 'thickness'; readonly thicknessMm: number }
  | { readonly by: 'equal'; readonly count: number }
  | { readonly by: 'mix'; readonly kinds: readonly SliceKind[] };

/**
 * What to do where the log gets too thin for a face: cut double and open each slice like a book, fold
 * all of it under into one slice, or leave it.
 */
export const TAIL_RULES = ['double', 'fold', 'leave'] as const;
export type TailRule = (typeof TAIL_RULES)[number];

/** How a slice is made: cut through, cut double and opened like a book, folded under, or kept in one as the head. */
export type SliceHow = 'cut' | 'opened' | 'folded' | 'head';

/** What is wanted of a log. */
export interface Request {
  readonly wish: Wish;
  readonly from: 'start' | 'end';
  /** Cut off at the starting end to make a flat face. */
  readonly squareOffMm: number;
  /** The thick first end, kept in one so far from its face: a small roast. */
  readonly headMm?: number;
  /** Where to stop, from the start of the log; null cuts to the other end. */
  readonly stopAtMm: number | null;
  readonly minThicknessMm: number;
  readonly maxThicknessMm: number;
  /** Below this face (its smaller side) the tail rule holds. */
  readonly tail?: { readonly faceMm: number; readonly rule: TailRule };
  /** Cuts that a hand has fixed, in mm from the start of the log. */
  readonly pinnedMm?: readonly number[];
  /** What is done with that which is no slice. */
  readonly restFor?: RestFor;
}

/** A slice of a plan. */
export interface Slice {
  readonly kind: string;
  /** From the start of the log, whichever end is cut first. */
  readonly fromMm: number;
  readonly toMm: number;
  readonly thicknessMm: number;
  readonly massG: number;
  /** Likely weight, four times in five, with a knife off by 2 mm and measures off by a little. */
  readonly lowG: number;
  readonly highG: number;
  readonly faceWidthMm: number;
  readonly faceHeightMm: number;
  readonly how: SliceHow;
}

export interface Rest {
  readonly fromMm: number;
  readonly toMm: number;
  readonly massG: number;
  readonly why: RestReason;
  readonly destination: Destination;
}

export interface Plan {
  readonly slices: readonly Slice[];
  readonly rest: readonly Rest[];
  readonly objective: number;
  readonly worth: number | null;
}
