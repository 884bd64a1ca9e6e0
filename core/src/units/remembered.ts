/** Something made of parts, remembered under a key. */
export type Remembered<Key, Value> = (key: Key, from: readonly unknown[], make: () => Value) => Value;

/**
 * Remembers the last value of each key while all parts that it was made of are the same things.
 * What it holds goes with it.
 *
 * @example
 * const of = remembered<string, number>();
 * of('a', [lot], () => slow(lot)); // made
 * of('a', [lot], () => slow(lot)); // remembered
 */
export function remembered<Key, Value>(): Remembered<Key, Value> {
  const known = new Map<Key, { readonly from: readonly unknown[]; readonly value: Value }>();
  return (key, from, make) => {
    const found = known.get(key);
    if (found && isSame(found.from, from)) return found.value;
    const value = make();
    known.set(key, { from, value });
    return value;
  };
}

function isSame(a: readonly unknown[], b: readonly unknown[]): boolean {
  return a.length === b.length && a.every((each, index) => each === b[index]);
}
