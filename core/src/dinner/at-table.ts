import type { Meal } from '../journal/meal';
import type { Settings } from '../journal/settings';

/** How many plates a dinner wants: the household less those who are away, and the guests. */
export function atTable(
  { eaters }: Pick<Settings, 'eaters'>,
  { absent, guests }: Pick<Meal, 'absent' | 'guests'>,
): number {
  const here = eaters.filter(({ name }) => !absent.includes(name)).length;
  return (eaters.length === 0 ? 1 : here) + guests;
}
