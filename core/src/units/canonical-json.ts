/**
 * JSON with the keys of every object in code-unit order and nothing undefined: equal values give
 * equal text.
 *
 * @example canonicalJson({ b: 1, a: [2] }) // '{"a":[2],"b":1}'
 */
export function canonicalJson(value: unknown): string {
  return JSON.stringify(value, (_key, inner: unknown) => (isPlainObject(inner) ? sorted(inner) : inner));
}

function isPlainObject(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

function sorted(value: Record<string, unknown>): Record<string, unknown> {
  return Object.fromEntries(
    Object.keys(value)
      .sort()
      .map((key) => [key, value[key]]),
  );
}
