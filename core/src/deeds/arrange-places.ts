import type { Place } from '../cold/place';
import type { Lot } from '../ledger/lot';
import { failure, success, type Result } from '../units/result';
import type { Deed } from './deed';

type Places = ReadonlyMap<string, Place>;

/** Saves a place; the drawers within it are as cold as it is. */
export function savePlace(key: string, value: Place, places: Places): Deed {
  const drawers = [...places].filter(([, { within, cold }]) => within === key && cold !== value.cold);
  return {
    records: [
      { type: 'place', key, value },
      ...drawers.map(([id, place]) => ({
        type: 'place' as const,
        key: id,
        change: (known = place) => ({ ...known, cold: value.cold }),
      })),
    ],
    say: `${value.name} is saved`,
  };
}

/** Lets a place change with the one above it. */
export function movePlaceUp(id: string, siblings: readonly { id: string; place: Place }[]): Deed {
  const at = siblings.findIndex((each) => each.id === id);
  const [above, moved] = [siblings[at - 1], siblings[at]];
  const order =
    above && moved ? [...siblings.slice(0, at - 1), moved, above, ...siblings.slice(at + 1)] : siblings;
  return {
    records: order.map(({ id: key, place }, index) => ({
      type: 'place',
      key,
      change: (known = place) => ({ ...known, order: index }),
    })),
    say: 'The order is changed',
  };
}

/** Takes a place out with its drawers, where nothing lies in them. */
export function removePlace(key: string, places: Places, stock: readonly Lot[]): Result<Deed> {
  const inside = [key, ...[...places].flatMap(([id, { within }]) => (within === key ? [id] : []))];
  const packs = stock.filter(({ place }) => place !== null && inside.includes(place)).length;
  const name = places.get(key)?.name ?? 'It';
  if (packs > 0)
    return failure(
      `${packs} ${packs === 1 ? 'pack lies' : 'packs lie'} in ${name}. Move ${packs === 1 ? 'it' : 'them'} first; the drawers are drawn under Packs.`,
    );
  return success({
    records: inside.map((id) => ({ type: 'place', key: id, value: null })),
    say: `${name} is taken out`,
  });
}
