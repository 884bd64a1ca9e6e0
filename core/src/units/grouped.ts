/**
 * Things by a key that is a string, a number or the thing itself, in the order in which keys come first.
 * For where pieces are gone through by the thousand: a grouping that compares keys by value takes a
 * third of the time of all shares.
 *
 * @example grouped([1, 2, 3], (n) => n % 2) // Map { 1 → [1, 3], 0 → [2] }
 */
export function grouped<T, K>(things: Iterable<T>, keyOf: (thing: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>();
  for (const thing of things) {
    const key = keyOf(thing);
    const same = groups.get(key);
    if (same) same.push(thing);
    else groups.set(key, [thing]);
  }
  return groups;
}
