import type { Instant } from '../units/date';

/** When something happened, as the clock said it: its place in the journal may be later. */
export function toldAt({ at, clock }: { readonly at: Instant; readonly clock?: Instant }): Instant {
  return clock ?? at;
}
