import { sum } from 'd3-array';
import { isUsable, type Destination } from '../ledger/destination';
import { kindById, partOf } from '../catalogue/kinds';
import type { Kind, Way } from '../catalogue/kind-schema';
import { leavesOf } from '../ledger/leaves';
import type { Lot } from '../ledger/lot';
import type { State } from '../ledger/replay';
import { yieldTest } from './yield-test';
import { LOSS, normalised, typicalComposition, type Composition } from './composition';

/**
 * The shares that a finished piece really gave, over the parts of the way it was cut. What the
 * way does not name goes to a part of the same destination, else to a lesser usable one, else to what is
 * thrown away or boiled; what stands beside the shares of every way (giblets), or has no like in this one, is taken out.
 */
function pieceComposition(state: State, piece: Lot, kind: Kind, way: Way): Composition {
  const { keys } = typicalComposition(way);
  const masses = new Map<string, number>(keys.map((key) => [key, 0]));
  let foundDg = 0;
  let besideDg = 0;
  for (const { lot, massDg, destination } of leavesOf(state, piece.id)) {
    if (isBeside(kind, lot.part)) {
      besideDg += massDg;
      continue;
    }
    const key = keyOf(lot.part, destination, kind, keys);
    if (key === undefined) {
      besideDg += massDg;
      continue;
    }
    masses.set(key, (masses.get(key) ?? 0) + massDg);
    foundDg += massDg;
  }
  masses.set(LOSS, (masses.get(LOSS) ?? 0) + Math.max(0, piece.inDg - besideDg - foundDg));
  return normalised(
    keys,
    keys.map((key) => masses.get(key) ?? 0),
  );
}

/** Where what was weighed counts; what was weighed is never lost. */
function keyOf(
  part: string | null,
  destination: Destination,
  kind: Kind,
  keys: readonly string[],
): string | undefined {
  if (part !== null && keys.includes(part)) return part;
  const goesTo = (key: string): Destination | undefined => partOf(kind, key)?.destination;
  const same = keys.find((key) => goesTo(key) === destination);
  // What this way does not give is never learnt as its main part.
  const lesser = isUsable(destination)
    ? keys.find((key) => goesTo(key) !== 'main' && isUsable(goesTo(key) ?? 'bin'))
    : undefined;
  const other = keys.find((key) => key !== LOSS && !isUsable(goesTo(key) ?? 'main'));
  return same ?? lesser ?? other;
}

/** Whether a part stands beside the shares of every way, such as giblets in a bird's label weight. */
function isBeside(kind: Kind, part: string | null): boolean {
  return (
    part !== null &&
    kind.ways.every(({ shares }) => shares[part] === undefined) &&
    kind.marks.some(({ from, to }) => from === 'all' && to !== 'all' && to[0] === part)
  );
}

/** A piece of which more than this went to parts that its way does not give was cut another way. */
const FOREIGN = 0.1;

function isCutSo(state: State, piece: Lot, kind: Kind, way: Way): boolean {
  const goesTo = new Set(Object.keys(way.shares).map((key) => partOf(kind, key)?.destination));
  const foreignDg = sum(leavesOf(state, piece.id), ({ lot, massDg, destination }) => {
    const isOwn = lot.part !== null && way.shares[lot.part] !== undefined;
    return isOwn || goesTo.has(destination) || !isUsable(destination) ? 0 : massDg;
  });
  return foreignDg <= FOREIGN * piece.inDg;
}

/** Drip, evaporation, the board and the scale explain two or three per cent of the drained weight; an estimate. */
export const MUCH_UNACCOUNTED = 0.04;

/**
 * Whether a finished piece says what pieces give: what was not found again beyond the usual teaches only
 * where it was really lost, and what was cut with meat left on its bones does not.
 */
function teaches(state: State, piece: Lot): boolean {
  if (piece.bonesWere === 'meat-left') return false;
  const { unaccountedDg, drainedDg } = yieldTest(state, piece.id);
  return piece.lossWas === 'lost' || unaccountedDg <= MUCH_UNACCOUNTED * drainedDg;
}

/** Every finished piece of a kind that was cut this way and teaches, oldest first, with what it gave. */
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
  return pieces
    .filter((piece) => isCutSo(state, piece, kind, way) && teaches(state, piece))
    .map((piece) => ({ piece, composition: pieceComposition(state, piece, kind, way) }));
}
