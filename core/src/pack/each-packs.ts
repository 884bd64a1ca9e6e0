import { groups, sum } from 'd3-array';
import { OUT_OF_PLACE } from './out-of-place';
import type { PackRequest } from './pack-request';
import type { PlannedPack } from './pack-plan';
import type { PackUnit } from './pack-units';

/** Packs by number, what is in none, and what that is out of place by, g. */
export interface EachPacks {
  readonly packs: readonly PlannedPack[];
  readonly left: readonly string[];
  readonly outG: number;
}

interface Way {
  readonly outG: number;
  /** The kind of each pack. */
  readonly kinds: readonly number[];
}

/**
 * So many portions a pack: the fewest packs that are full, then one that is not; as heavy as each
 * other as can be by dealing the heaviest to the lightest pack in turn.
 *
 * @param room how many packs of each kind there may still be
 */
export function eachPacks(
  unit: PackUnit,
  request: PackRequest,
  room: ReadonlyMap<number, number>,
): EachPacks {
  const portions = unit.pieces.flatMap(({ ids, massG }) => ids.map((id) => ({ id, massG })));
  const meanG = sum(portions, ({ massG }) => massG) / Math.max(1, portions.length);
  const ways: (Way | undefined)[] = [{ outG: 0, kinds: [] }];
  for (let n = 1; n <= portions.length; n++) ways[n] = cheapestWay(n, unit.kinds, request, room, meanG, ways);
  let packed = portions.length;
  while (!ways[packed]) packed -= 1;
  const { kinds, outG } = ways[packed] as Way;
  const left = portions.slice(packed);
  return {
    packs: dealt(kinds, portions.slice(0, packed), request),
    left: left.map(({ id }) => id),
    outG: outG + sum(left, ({ massG }) => massG) * OUT_OF_PLACE.left,
  };
}

function cheapestWay(
  n: number,
  kinds: readonly number[],
  { packs }: PackRequest,
  room: ReadonlyMap<number, number>,
  meanG: number,
  ways: readonly (Way | undefined)[],
): Way | undefined {
  let best: Way | undefined;
  for (const kind of kinds) {
    const each = packs[kind]?.each ?? 1;
    const full = Math.min(n, each);
    const before = ways[n - full];
    // One that is not full is the only one that holds so few.
    if (!before || (full < each && n !== full)) continue;
    if (before.kinds.filter((own) => own === kind).length >= (room.get(kind) ?? 0)) continue;
    const outG = before.outG + OUT_OF_PLACE.pack + (full < each ? full * meanG * OUT_OF_PLACE.smaller : 0);
    if (outG < (best?.outG ?? Infinity)) best = { outG, kinds: [...before.kinds, kind] };
  }
  return best;
}

function dealt(
  kinds: readonly number[],
  portions: readonly { readonly id: string; readonly massG: number }[],
  { packs }: PackRequest,
): PlannedPack[] {
  const order = [...kinds].sort((a, b) => (packs[b]?.each ?? 0) - (packs[a]?.each ?? 0));
  const bags = order.map((kind) => ({ kind, each: packs[kind]?.each ?? 1, ids: [] as string[], massG: 0 }));
  // Somebody who asks for three a pack gets threes, and one bag with what is over.
  const last = bags.at(-1);
  if (last) last.each -= sum(bags, ({ each }) => each) - portions.length;
  for (const { id, massG } of portions) {
    const open = bags.filter(({ ids, each }) => ids.length < each);
    const lightest = open.reduce(
      (a, b) => (b.massG / b.each < a.massG / a.each ? b : a),
      open[0] as (typeof bags)[number],
    );
    lightest.ids.push(id);
    lightest.massG += massG;
  }
  return groups(bags, ({ kind }) => kind).flatMap(([kind, own]) =>
    own.map(({ ids, massG }) => ({
      name: packs[kind]?.name ?? '',
      isSmaller: ids.length < (packs[kind]?.each ?? 1),
      portions: ids,
      divisible: {},
      massG,
      targetG: massG,
      plates: [],
    })),
  );
}
