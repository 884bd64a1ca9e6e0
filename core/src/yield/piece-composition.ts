import { isUsable, type Destination } from '../catalogue/destination';
import { kindById, partOf } from '../catalogue/kinds';
import type { Kind, Way } from '../catalogue/kind-schema';
import { leavesOf } from '../journal/leaves';
import type { Lot } from '../journal/lot';
import type { State } from '../journal/replay';
import { LOSS, normalised, typicalComposition, type Composition } from './composition';

/**
 * The shares that a finished piece really gave, over the parts of the way it was cut. What the
 * way does not name goes to a part of the same destination, else to any usable one, else to loss.
 */
export function pieceComposition(state: State, piece: Lot, kind: Kind, way: Way): Composition {
  const { keys } = typicalComposition(way);
  const masses = new Map<string, number>(keys.map((key) => [key, 0]));
  let foundDg = 0;
  for (const { lot, massDg, destination } of leavesOf(state, piece.id)) {
    const key = keyOf(lot.part, destination, kind, keys);
    masses.set(key, (masses.get(key) ?? 0) + massDg);
    foundDg += massDg;
  }
  masses.set(LOSS, (masses.get(LOSS) ?? 0) + Math.max(0, piece.inDg - foundDg));
  return normalised(
    keys,
    keys.map((key) => masses.get(key) ?? 0),
  );
}

function keyOf(part: string | null, destination: Destination, kind: Kind, keys: readonly string[]): string {
  if (part !== null && keys.includes(part)) return part;
  const goesTo = (key: string): Destination | undefined => partOf(kind, key)?.destination;
  const same = keys.find((key) => goesTo(key) === destination);
  const usable = isUsable(destination) ? keys.find((key) => isUsable(goesTo(key) ?? 'bin')) : undefined;
  return same ?? usable ?? LOSS;
}

/** Every finished piece of a kind that was cut this way, oldest first, with what it gave. */
export function pastCompositions(
  state: State,
  kindId: string,
  wayId: string,
): { piece: Lot; composition: Composition }[] {
  const kind = kindById(kindId);
  const way = kind?.ways.find(({ id }) => id === wayId);
  if (!kind || !way) return [];
  const pieces = [...state.lots.values()].filter(
    (lot) =>
      lot.form === 'piece' && lot.closed && lot.kind === kindId && (lot.way ?? kind.ways[0]?.id) === wayId,
  );
  return pieces.map((piece) => ({ piece, composition: pieceComposition(state, piece, kind, way) }));
}
