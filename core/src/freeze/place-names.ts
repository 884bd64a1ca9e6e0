import type { Place } from '../cold/place';
import { isolated } from '../units/bidi';

/**
 * What places are called in full: a drawer with what it is a drawer of.
 *
 * @example placeNames(places).get('top') // 'Chest freezer, top basket'
 */
export function placeNames(places: ReadonlyMap<string, Place>): ReadonlyMap<string, string> {
  return new Map(
    [...places].map(([id, { name, within }]) => {
      const whole = within === undefined ? undefined : places.get(within);
      return [id, isolated(whole ? `${whole.name}, ${name}` : name)];
    }),
  );
}
