import type { Column, Row, Sense } from '../optimise/program';
import type { ChooseSplit, Split } from '../optimise/whole-optimum';
import { heapPlates } from './heap-plates';
import type { Heap, PackKind, PackRequest } from './pack-request';
import { cutPlates, possiblePlates, type PossiblePlate } from './possible-plates';
import { shareGroups, type ShareGroup } from './share-groups';

/** A bag more is worth less than any difference of the plates that a kitchen scale could see. */
const BAG_COST = 1e-7;
/** More possible plates than this are not looked at. */
const MOST_PLATES = 60_000;
/** More ways to share a pack between portions and a heap are not looked at: then all of it comes from the heap, or nothing. */
const MOST_SHARES = 2000;

/** Packs of one kind from one group, some of whose plates come from a heap. */
export interface Pattern {
  readonly group: number;
  readonly kind: number;
  readonly heap: Heap | null;
  /** How many plates of each target come from the heap. */
  readonly fromHeap: readonly number[];
  /** What the heap gives to each such pack where there is enough of it, and the least that a bag may hold. */
  readonly heapG: number;
  readonly leastHeapG: number;
}

/** What a variable stands for. */
export type Meaning =
  | { readonly is: 'plate'; readonly group: number; readonly plate: PossiblePlate }
  | { readonly is: 'packs'; readonly pattern: Pattern }
  | { readonly is: 'less'; readonly heap: Heap };

/** The packing of a table as a program. */
export interface PackModel {
  readonly groups: readonly ShareGroup[];
  /** Different appetites, g. */
  readonly targets: readonly number[];
  readonly columns: readonly Column[];
  readonly meanings: readonly Meaning[];
  readonly rows: readonly Row[];
  /** Plates that one of each variable serves. */
  readonly served: readonly number[];
  readonly isComplete: boolean;
  readonly choose: ChooseSplit;
}

/**
 * The packing of a table as a program: a variable for every plate that portions can make, one for
 * every way a pack can be put together, and the grams by which plates of a heap are smaller where
 * it runs short. Rows: each portion at most once; plates made = plates packed, by appetite and
 * group; counts of packs; what there is of a heap.
 */
export function packModel(request: PackRequest): PackModel {
  const groups = shareGroups(request);
  const targets = [...new Set(request.eaters.map(({ targetG }) => targetG))].sort((a, b) => b - a);
  const builder = new Builder();
  const kindRows = request.packs.map(({ count: [least, most] }) => [
    ...(least > 0 ? [builder.row('≥', least)] : []),
    builder.row('≤', most),
  ]);
  const byClass: number[][][] = [];
  let isComplete = true;
  for (const [g, group] of groups.entries()) {
    const classRows = group.classes.map(({ ids }) => builder.row('≤', ids.length));
    const plateRows = targets.map(() => builder.row('=', 0));
    const possible = possiblePlates(
      group.classes,
      targets,
      request.tolerance,
      request.mostPieces,
      MOST_PLATES - builder.columns.length,
    );
    isComplete &&= possible.isComplete;
    byClass.push(group.classes.map(() => []));
    for (const plate of [...possible.plates, ...cutPlates(group.classes, targets, request.tolerance)]) {
      const j = builder.column(
        { is: 'plate', group: g, plate },
        plate.deviation,
        true,
        [
          ...plate.classes.map((c, k) => [classRows[c] as number, plate.counts[k] as number] as const),
          ...platesMade(plate).map(([type, made]) => [plateRows[type] as number, made] as const),
        ],
        0,
      );
      for (const c of plate.classes) byClass[g]?.[c]?.push(j);
    }
    const heapRows = new Map(group.heaps.map((heap) => [heap, builder.row('≤', heap.massG / 1000)]));
    const lessRows = new Map(
      group.heaps.map((heap) => [
        heap,
        targets.map((target) => lessColumn(builder, heap, heapRows.get(heap) as number, target)),
      ]),
    );
    for (const [k, kind] of request.packs.entries()) {
      const wanted = countsOf(kind, request, targets);
      isComplete &&= !hasManyShares(group, wanted);
      for (const { heap, fromHeap } of heapShares(group, wanted)) {
        const chosen = fromHeap.flatMap((count, type) =>
          Array.from({ length: count }, () => targets[type] as number),
        );
        const bag = heap ? bagOf(heap, chosen, request.tolerance) : { heapG: 0, leastHeapG: 0, deviation: 0 };
        if (!bag) continue;
        const pattern: Pattern = {
          group: g,
          kind: k,
          heap,
          fromHeap,
          heapG: bag.heapG,
          leastHeapG: bag.leastHeapG,
        };
        const terms = [
          ...(kindRows[k] ?? []).map((row) => [row, 1] as const),
          ...wanted.map((count, type) => [plateRows[type] as number, (fromHeap[type] ?? 0) - count] as const),
        ];
        if (heap) terms.push([heapRows.get(heap) as number, bag.heapG / 1000]);
        if (heap)
          terms.push(
            ...lessTerms(
              builder,
              pattern,
              bag.deviation,
              heapRows.get(heap) as number,
              lessRows.get(heap) ?? [],
              targets,
              request.tolerance,
            ),
          );
        builder.column(
          { is: 'packs', pattern },
          BAG_COST + bag.deviation,
          true,
          terms.filter(([, value]) => value !== 0),
          kind.eaters.length,
        );
      }
    }
  }
  return { groups, targets, ...builder.built(), isComplete, choose: splitBy(builder.meanings, byClass) };
}

/** How many plates of which target it makes: one, or two where a portion is cut. */
function platesMade({ type, cut }: PossiblePlate): (readonly [type: number, plates: number])[] {
  if (!cut) return [[type, 1]];
  return cut.type === type
    ? [[type, 2]]
    : [
        [type, 1],
        [cut.type, 1],
      ];
}

class Builder {
  readonly columns: Column[] = [];
  readonly meanings: Meaning[] = [];
  readonly rows: Row[] = [];
  readonly served: number[] = [];

  row(sense: Sense, rhs: number): number {
    return this.rows.push({ sense, rhs }) - 1;
  }

  column(
    meaning: Meaning,
    cost: number,
    isWhole: boolean,
    terms: readonly (readonly [row: number, value: number])[],
    served: number,
  ): number {
    this.meanings.push(meaning);
    this.served.push(served);
    return (
      this.columns.push({
        cost,
        isWhole,
        rows: terms.map(([row]) => row),
        values: terms.map(([, value]) => value),
      }) - 1
    );
  }

  built(): Pick<PackModel, 'columns' | 'meanings' | 'rows' | 'served'> {
    return { columns: this.columns, meanings: this.meanings, rows: this.rows, served: this.served };
  }
}

/** How many eaters of each target a kind of pack is for. */
export function countsOf(
  kind: PackKind,
  { eaters }: Pick<PackRequest, 'eaters'>,
  targets: readonly number[],
): number[] {
  const counts = targets.map(() => 0);
  for (const name of kind.eaters) {
    const type = targets.indexOf(eaters.find((eater) => eater.name === name)?.targetG ?? NaN);
    counts[type] = (counts[type] ?? 0) + 1;
  }
  return counts;
}

/** Which plates of a pack can come from a heap: none, or, where portions share packs with it, any of them. */
function heapShares(
  { classes, heaps }: Pick<ShareGroup, 'classes' | 'heaps'>,
  wanted: readonly number[],
): { readonly heap: Heap | null; readonly fromHeap: readonly number[] }[] {
  const none = wanted.map(() => 0);
  if (heaps.length === 0) return classes.length > 0 ? [{ heap: null, fromHeap: none }] : [];
  const shares: number[][] =
    classes.length === 0 || hasManyShares({ classes, heaps }, wanted)
      ? [[...wanted]]
      : subsetsOf(wanted).filter((share) => share.some((count) => count > 0));
  return [
    ...(classes.length > 0 ? [{ heap: null, fromHeap: none }] : []),
    ...heaps.flatMap((heap) => shares.map((fromHeap) => ({ heap, fromHeap }))),
  ];
}

/** Whether there are too many ways to tell which plates of a pack come from a heap. */
function hasManyShares(
  { classes, heaps }: Pick<ShareGroup, 'classes' | 'heaps'>,
  wanted: readonly number[],
): boolean {
  const ways = wanted.reduce((product, count) => product * (count + 1), 1);
  return heaps.length > 0 && classes.length > 0 && ways > MOST_SHARES;
}

function subsetsOf(counts: readonly number[]): number[][] {
  return counts.reduce<number[][]>(
    (all, count) =>
      all.flatMap((share) => Array.from({ length: count + 1 }, (_, taken) => [...share, taken])),
    [[]],
  );
}

/** What a bag of a heap holds for these plates; null where its limits do not allow them. */
function bagOf(
  { minG, maxG, massG }: Heap,
  targets: readonly number[],
  tolerance: number,
): { readonly heapG: number; readonly leastHeapG: number; readonly deviation: number } | null {
  const sum = targets.reduce((total, target) => total + target, 0);
  const heapG = Math.max(minG, Math.min(maxG, sum));
  const leastHeapG = Math.max(minG, sum * (1 - tolerance));
  const plates = heapPlates(targets, heapG, tolerance);
  if (!plates || leastHeapG > massG + 1e-9) return null;
  return {
    heapG,
    leastHeapG: Math.min(heapG, leastHeapG),
    deviation: plates.reduce(
      (total, plate, index) =>
        total + Math.abs(plate - (targets[index] as number)) / (targets[index] as number),
      0,
    ),
  };
}

/** Grams less on the plates of one appetite, as far as plain bags allow: the row that holds it. */
function lessColumn(builder: Builder, heap: Heap, heapRow: number, target: number): number {
  const row = builder.row('≤', 0);
  builder.column(
    { is: 'less', heap },
    1000 / target,
    false,
    [
      [heapRow, -1],
      [row, 1],
    ],
    0,
  );
  return row;
}

/** How much less a pack of this pattern can hold. A plain bag adds to its heap's rows; one at a limit has rows of its own. */
function lessTerms(
  builder: Builder,
  { heap, fromHeap, heapG, leastHeapG }: Pattern,
  deviation: number,
  heapRow: number,
  lessRows: readonly number[],
  targets: readonly number[],
  tolerance: number,
): (readonly [number, number])[] {
  const sum = fromHeap.reduce((total, count, type) => total + count * (targets[type] as number), 0);
  const room = fromHeap.map((count, type) => (count * tolerance * (targets[type] as number)) / 1000);
  if (deviation === 0 && Math.abs(leastHeapG - sum * (1 - tolerance)) < 1e-9)
    return room.flatMap((value, type) => (value > 0 ? [[lessRows[type] as number, -value] as const] : []));
  if (!heap || heapG - leastHeapG < 1e-9) return [];
  const whole = builder.row('≤', 0);
  // What the plates are smaller already, since the bag holds no more, is no room any longer.
  let used = Math.max(0, sum - heapG) / 1000;
  const terms: (readonly [number, number])[] = [[whole, -(heapG - leastHeapG) / 1000]];
  for (const [type, all] of room.entries()) {
    const taken = Math.min(all, used);
    used -= taken;
    if (all - taken <= 0) continue;
    const row = builder.row('≤', 0);
    builder.column(
      { is: 'less', heap },
      1000 / (targets[type] as number),
      false,
      [
        [heapRow, -1],
        [row, 1],
        [whole, 1],
      ],
      0,
    );
    terms.push([row, -(all - taken)]);
  }
  return terms;
}

/** Parts by how many packs of a pattern there are, then by who gets a portion, then by which lie on one plate. */
function splitBy(meanings: readonly Meaning[], byClass: ByClass): ChooseSplit {
  return (values) => {
    const packs = [...values].filter(([j, value]) => isBroken(value) && meanings[j]?.is === 'packs');
    if (packs.length > 0)
      return { terms: new Map([[packs.reduce((a, b) => (offWhole(b[1]) > offWhole(a[1]) ? b : a))[0], 1]]) };
    const plates = [...values].flatMap(([j, value]): Used[] => {
      const meaning = meanings[j];
      return meaning?.is === 'plate' ? [{ group: meaning.group, plate: meaning.plate, value }] : [];
    });
    return mostBroken(plates, gets, meanings, byClass) ?? mostBroken(plates, together, meanings, byClass);
  };
}

type ByClass = readonly (readonly (readonly number[])[])[];

/** A plate that a relaxed plan makes so much of. */
interface Used {
  readonly group: number;
  readonly plate: PossiblePlate;
  readonly value: number;
}

/** Something that is whole in every plan: the portions it is about, and what a plate adds to it. */
interface Sum {
  readonly key: string;
  readonly group: number;
  /** A class that every plate which adds to it has. */
  readonly classIndex: number;
  readonly of: (plate: PossiblePlate) => number;
}

/** How many of a class go to whom. */
function gets({ group, plate: { classes, type } }: Used): Sum[] {
  return classes.map((c) => ({
    key: `${group} ${c} ${type}`,
    group,
    classIndex: c,
    of: (plate) => (plate.type === type && !plate.cut ? (plate.counts[plate.classes.indexOf(c)] ?? 0) : 0),
  }));
}

/** How many plates have portions of two classes. */
function together({ group, plate: { classes } }: Used): Sum[] {
  return classes.flatMap((a, k) =>
    classes.slice(k + 1).map((b) => ({
      key: `${group} ${a} ${b}`,
      group,
      classIndex: a,
      of: (plate: PossiblePlate) => (plate.classes.includes(a) && plate.classes.includes(b) ? 1 : 0),
    })),
  );
}

/** Of the sums that broken plates add to, the one that is farthest from whole. */
function mostBroken(
  plates: readonly Used[],
  sumsOf: (used: Used) => Sum[],
  meanings: readonly Meaning[],
  byClass: ByClass,
): Split | null {
  const candidates = new Map(
    plates
      .filter(({ value }) => isBroken(value))
      .flatMap(sumsOf)
      .map((sum) => [sum.key, sum]),
  );
  let best: { sum: Sum; off: number } | null = null;
  for (const sum of candidates.values()) {
    let total = 0;
    for (const { group, plate, value } of plates) if (group === sum.group) total += value * sum.of(plate);
    const off = offWhole(total);
    if (off > 1e-6 && off > (best?.off ?? 0)) best = { sum, off };
  }
  if (!best) return null;
  const terms = new Map<number, number>();
  for (const j of byClass[best.sum.group]?.[best.sum.classIndex] ?? []) {
    const meaning = meanings[j];
    const value = meaning?.is === 'plate' ? best.sum.of(meaning.plate) : 0;
    if (value !== 0) terms.set(j, value);
  }
  return { terms };
}

const offWhole = (value: number): number => Math.abs(value - Math.round(value));
const isBroken = (value: number): boolean => offWhole(value) > 1e-6;
