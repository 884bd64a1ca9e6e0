import type { Destination } from '../ledger/destination';

/** Why a stretch of a log is no slice, and what it is usually for (common practice). */
export const USUAL_REST_FOR = {
  'square-off': 'grind',
  'left over': 'second',
  'too thin': 'thin',
  'beyond the stop line': 'grind',
} as const satisfies Record<string, Destination>;

export type RestReason = keyof typeof USUAL_REST_FOR;
export const REST_REASONS = Object.keys(USUAL_REST_FOR) as [RestReason, ...RestReason[]];

/** What each stretch is for, where it is not the usual. */
export type RestFor = Partial<Readonly<Record<RestReason, Destination>>>;
