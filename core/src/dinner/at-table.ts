import type { Meal } from './meal';
import type { Eater } from '../pack/eater';

/** How many plates a dinner wants: the household less those who are away, and the guests. */
export function atTable(
  { eaters }: { readonly eaters: readonly Eater[] },
  { absent, guests }: Pick<Meal, 'absent' | 'guests'>,
): number {
  const here = eaters.filter(({ name }) => !absent.includes(name)).length;
  return (eaters.length === 0 ? 1 : here) + guests;
}
