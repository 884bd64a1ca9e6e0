import { valuesOf, type Household } from './household';

/**
 * Old names of shops and what each is called now, however many times it was renamed. Two names
 * that point at each other stay as they are.
 */
export function shopNames(household: Pick<Household, 'records'>): Map<string, string> {
  const direct = new Map([...valuesOf(household, 'shop').values()].map(({ from, to }) => [from, to]));
  const names = new Map<string, string>();
  for (const from of direct.keys()) {
    const seen = new Set([from]);
    let name = from;
    for (let next = direct.get(name); next !== undefined && !seen.has(next); next = direct.get(name)) {
      seen.add(next);
      name = next;
    }
    if (name !== from && !direct.has(name)) names.set(from, name);
  }
  return names;
}
