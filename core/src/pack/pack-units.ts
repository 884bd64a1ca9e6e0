import { mean, sum } from 'd3-array';
import { OUT_OF_PLACE } from './out-of-place';
import type { Heap, PackKind, PackRequest, Portion } from './pack-request';

/** As many portions of one part and of one weight in whole grams, which are all the same to a plan. */
export interface Pieces {
  readonly part: string;
  readonly massG: number;
  readonly ids: readonly string[];
  /** It is a plate, or lies on one with others. */
  readonly isPlated: boolean;
  /** It is shared at the table. */
  readonly isCarved: boolean;
  readonly mayCut: boolean;
  readonly isCollected: boolean;
  /** What one that makes no plate is out of place by, g. */
  readonly leftG: number;
}

/** Heaps that may go into one pack together. */
export interface Pool {
  readonly heaps: readonly Heap[];
  readonly massG: number;
  /** Least and most of a pack. */
  readonly minG: number;
  readonly maxG: number;
  readonly isCollected: boolean;
}

/** How something is portioned: by who eats, so many a pack, so much a pack. */
export type PortionWay = 'eaters' | 'each' | 'massG';

/** What may share a pack, and is portioned in one way. */
export interface PackUnit {
  readonly way: PortionWay;
  /** Indexes of the wanted kinds of pack that it may go into. */
  readonly kinds: readonly number[];
  readonly parts: readonly string[];
  /** Heaviest first. */
  readonly pieces: readonly Pieces[];
  readonly pool: Pool | null;
}

interface Lot {
  readonly lot: Portion | Heap;
  readonly isHeap: boolean;
}

/** The table, parted into what may share a pack: the same part, or parts that were said to go together. */
export function packUnits(request: PackRequest): PackUnit[] {
  const lots: Lot[] = [
    ...request.portions.map((lot) => ({ lot, isHeap: false })),
    ...request.divisible.map((lot) => ({ lot, isHeap: true })),
  ];
  const groupOf = groupsByPart(lots, request.together ?? []);
  const units = new Map<string, Lot[]>();
  for (const each of lots) {
    const way = wayOf(each, request.packs);
    const collected = each.lot.collected ? 'collected' : '';
    const key = JSON.stringify([
      groupOf.get(each.lot.part),
      kindsFor(each, way, request.packs),
      way,
      collected,
    ]);
    units.set(key, [...(units.get(key) ?? []), each]);
  }
  const meanG = mean(request.eaters, ({ targetG }) => targetG) ?? Infinity;
  return [...units.values()].map((own): PackUnit => {
    const way = wayOf(own[0] as Lot, request.packs);
    return {
      way,
      kinds: kindsFor(own[0] as Lot, way, request.packs),
      parts: [...new Set(own.map(({ lot }) => lot.part))],
      pieces: piecesOf(
        own.flatMap(({ lot, isHeap }) => (isHeap ? [] : [lot as Portion])),
        meanG,
        way,
      ),
      pool: poolOf(own.flatMap(({ lot, isHeap }) => (isHeap ? [lot as Heap] : []))),
    };
  });
}

function groupsByPart(lots: readonly Lot[], together: readonly (readonly string[])[]): Map<string, string> {
  const groupOf = new Map(lots.map(({ lot }) => [lot.part, lot.part]));
  for (const parts of together) {
    const present = parts.filter((part) => groupOf.has(part));
    const [first] = present;
    if (first === undefined) continue;
    const into = groupOf.get(first) as string;
    const joined = new Set(present.map((part) => groupOf.get(part)));
    for (const [part, group] of groupOf) if (joined.has(group)) groupOf.set(part, into);
  }
  return groupOf;
}

/** The way that names the part; else portions by number and heaps by weight where a kind says so, else by who eats. */
function wayOf({ lot, isHeap }: Lot, packs: readonly PackKind[]): PortionWay {
  const has = (way: PortionWay, isNamed: boolean): boolean =>
    packs.some(
      (kind) =>
        kind[way] !== undefined && (isNamed ? (kind.parts?.includes(lot.part) ?? false) : !kind.parts),
    );
  for (const isNamed of [true, false]) {
    if (!isHeap && has('each', isNamed)) return 'each';
    if ((isHeap || isNamed) && has('massG', isNamed)) return 'massG';
    if (has('eaters', isNamed)) return 'eaters';
  }
  return has('massG', false) ? 'massG' : 'eaters';
}

function kindsFor({ lot }: Lot, way: PortionWay, packs: readonly PackKind[]): number[] {
  return packs.flatMap((kind, k) =>
    kind[way] !== undefined && (!kind.parts || kind.parts.includes(lot.part)) ? [k] : [],
  );
}

function piecesOf(portions: readonly Portion[], meanG: number, way: PortionWay): Pieces[] {
  const alike = new Map<string, Pieces & { ids: string[] }>();
  for (const { id, part, massG, carved = false, boneIn = false, ...said } of portions) {
    const grams = Math.max(1, Math.round(massG));
    const isTooLarge = !boneIn && grams > meanG * OUT_OF_PLACE.mostPlate;
    const piece = {
      part,
      massG: grams,
      isPlated: !carved && way === 'eaters',
      isCarved: carved || isTooLarge || way === 'massG',
      mayCut: (said.mayCut ?? false) && !boneIn && !carved,
      isCollected: said.collected ?? false,
      leftG: grams * (said.collected ? OUT_OF_PLACE.collected : OUT_OF_PLACE.left),
    };
    const key = JSON.stringify(piece);
    const known = alike.get(key);
    if (known) known.ids.push(id);
    else alike.set(key, { ...piece, ids: [id] });
  }
  return [...alike.values()].sort((a, b) => b.massG - a.massG || (a.part < b.part ? -1 : 1));
}

function poolOf(heaps: readonly Heap[]): Pool | null {
  if (heaps.length === 0) return null;
  return {
    heaps,
    massG: Math.floor(sum(heaps, ({ massG }) => massG) + 1e-6),
    minG: Math.max(...heaps.map(({ minG }) => minG)),
    maxG: Math.min(...heaps.map(({ maxG }) => maxG)),
    isCollected: heaps.every(({ collected }) => collected),
  };
}
