/** What a bad disk, a hand with an editor or another program puts in the place of a value. */
const STRANGE: readonly unknown[] = [
  null,
  '',
  '2026-02-30',
  '9999-12-31',
  -1,
  0,
  0.5,
  1e9,
  1e308,
  true,
  [],
  {},
  'x'.repeat(5000),
  '__proto__',
  Number.MAX_SAFE_INTEGER,
  2 ** 53,
  -(2 ** 31),
  // Half of a letter, one that turns the line round, and one that ends it.
  '\ud800',
  '\u202eteaks',
  '\u0000',
  '0000-01-01T00:00:00.000Z',
  '9999-12-31T23:59:59.999Z',
];

/** One blow to a file: where, how, and with what. Numbers are read modulo what there is. */
export interface Blow {
  readonly where: number;
  readonly how: number;
  readonly what: number;
}

/** Every place in a value where another could stand. */
function placesIn(value: unknown): { holder: Record<string, unknown>; key: string }[] {
  if (typeof value !== 'object' || value === null) return [];
  const holder = value as Record<string, unknown>;
  return Object.keys(holder).flatMap((key) => [{ holder, key }, ...placesIn(holder[key])]);
}

/** A file after some blows: values gone, replaced, doubled or those of another entry; at last the text cut off. */
export function mangled(text: string, blows: readonly Blow[], cutAt: number | null): string {
  const file: unknown = JSON.parse(text);
  for (const { where, how, what } of blows) {
    const places = placesIn(file);
    const one = places[where % places.length]!;
    const alike = places.filter(({ key }) => key === one.key);
    const other = alike[what % alike.length]!;
    const kept = one.holder[one.key];
    if (how % 8 === 0) delete one.holder[one.key];
    else if (how % 8 === 1) one.holder[one.key] = STRANGE[what % STRANGE.length];
    else if (how % 8 === 2 && Array.isArray(one.holder)) one.holder.push(structuredClone(kept));
    // What another entry says in its place: well-formed, and wrong.
    else one.holder[one.key] = structuredClone(other.holder[other.key]);
  }
  const after = JSON.stringify(file) ?? '';
  return cutAt === null ? after : after.slice(0, cutAt % (after.length + 1));
}
