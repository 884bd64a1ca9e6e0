import { canonicalJson } from '../units/canonical-json';

/** A record that a deed changed: what it was, and what the deed wrote. */
export interface Rewritten<T> {
  readonly key: string;
  readonly was: T;
  readonly wrote: T;
}

/**
 * Which of a deed's records may go back to what they were: only those that still hold what the deed
 * wrote. What somebody has changed since, here or on another device, stays, and is to be named.
 *
 * @param now the value that each key has now; what a missing one stands for comes from `absent`
 * @example two dinners planned, one of them changed on the phone since: one goes back, one is `changed`
 */
export function putBack<T>(
  deed: readonly Rewritten<T>[],
  now: ReadonlyMap<string, T>,
  absent: T,
): { readonly back: readonly Rewritten<T>[]; readonly changed: readonly Rewritten<T>[] } {
  const holds = ({ key, wrote }: Rewritten<T>): boolean =>
    canonicalJson(now.get(key) ?? absent) === canonicalJson(wrote);
  return { back: deed.filter(holds), changed: deed.filter((each) => !holds(each)) };
}
