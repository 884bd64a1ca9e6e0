import { isAhead } from '../ledger/stamp';
import type { Household } from '../records/household';
import type { Instant } from '../units/date';

/** What a household says was written down more than a day from now. */
export interface Ahead {
  readonly count: number;
  readonly latest: Instant;
}

/**
 * How far a household is ahead of a clock, where by more than a day: the clock of one of its devices was
 * wrong, or this one's is.
 */
export function aheadOf({ journal, records }: Household, now: Instant): Ahead | null {
  const stamps = [...journal.entries, ...[...records.values()].map(({ stamp }) => stamp)];
  const ahead = stamps.map(({ at }) => at).filter((at) => isAhead(at, now));
  return ahead.length === 0 ? null : { count: ahead.length, latest: ahead.reduce((a, b) => (a > b ? a : b)) };
}
