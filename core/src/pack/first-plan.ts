import { sum } from 'd3-array';
import { countsOf, type PackModel, type Pattern } from './pack-model';
import type { PackRequest } from './pack-request';
import type { Chosen } from './packs-of';

/**
 * A plan without search: the largest packs first, each eater the nearest plate that is still there.
 * It is there when time runs out before anything better is found.
 *
 * @returns null where it does not keep the least counts
 */
export function firstPlan(model: PackModel, request: PackRequest): Chosen | null {
  const choice = new Map<number, number>();
  const left = model.groups.map(({ classes }) => classes.map(({ ids }) => ids.length));
  const heapLeft = new Map(request.divisible.map(({ id, massG }) => [id, massG]));
  const counts = request.packs.map(() => 0);
  const plates = platesByType(model);
  const add = (j: number): void => void choice.set(j, (choice.get(j) ?? 0) + 1);
  for (const { j, pattern } of patternsLargestFirst(model, request)) {
    const most = request.packs[pattern.kind]?.count[1] ?? 0;
    while ((counts[pattern.kind] as number) < most) {
      const taken = platesFor(
        pattern,
        countsOf(request.packs[pattern.kind] as PackRequest['packs'][number], request, model.targets),
        plates,
        model,
        left,
      );
      const heap = pattern.heap ? (heapLeft.get(pattern.heap.id) ?? 0) : Infinity;
      if (!taken || heap < pattern.heapG) {
        if (taken) restore(taken, model, left);
        break;
      }
      if (pattern.heap) heapLeft.set(pattern.heap.id, heap - pattern.heapG);
      taken.forEach(add);
      add(j);
      counts[pattern.kind] = (counts[pattern.kind] as number) + 1;
    }
  }
  return request.packs.every(({ count }, k) => (counts[k] as number) >= count[0]) ? choice : null;
}

function patternsLargestFirst(
  { meanings, served }: PackModel,
  { packs }: PackRequest,
): { readonly j: number; readonly pattern: Pattern }[] {
  const all = meanings.flatMap((meaning, j) =>
    meaning.is === 'packs' &&
    (meaning.pattern.heap === null || sum(meaning.pattern.fromHeap) === (served[j] as number))
      ? [{ j, pattern: meaning.pattern }]
      : [],
  );
  const isWanted = (kind: number): number => ((packs[kind]?.count[0] ?? 0) > 0 ? 1 : 0);
  return all.sort(
    (a, b) =>
      isWanted(b.pattern.kind) - isWanted(a.pattern.kind) ||
      (served[b.j] as number) - (served[a.j] as number) ||
      a.j - b.j,
  );
}

/** Possible plates of each group and target, nearest first. */
function platesByType({ meanings, groups, targets }: PackModel): number[][][] {
  const lists = groups.map(() => targets.map((): number[] => []));
  const deviation = (j: number): number => {
    const meaning = meanings[j];
    return meaning?.is === 'plate' ? meaning.plate.deviation : 0;
  };
  for (const [j, meaning] of meanings.entries())
    if (meaning.is === 'plate' && !meaning.plate.cut) lists[meaning.group]?.[meaning.plate.type]?.push(j);
  for (const list of lists.flat()) list.sort((a, b) => deviation(a) - deviation(b) || a - b);
  return lists;
}

function platesFor(
  { group, fromHeap }: Pattern,
  wanted: readonly number[],
  plates: readonly (readonly (readonly number[])[])[],
  model: PackModel,
  left: readonly number[][],
): number[] | null {
  const taken: number[] = [];
  for (const [type, count] of wanted.entries()) {
    for (let each = fromHeap[type] ?? 0; each < count; each++) {
      const j = plates[group]?.[type]?.find((candidate) => isThere(model, candidate, left));
      if (j === undefined) {
        restore(taken, model, left);
        return null;
      }
      change(model, j, left, -1);
      taken.push(j);
    }
  }
  return taken;
}

function isThere({ meanings }: PackModel, j: number, left: readonly (readonly number[])[]): boolean {
  const meaning = meanings[j];
  return (
    meaning?.is === 'plate' &&
    meaning.plate.classes.every(
      (c, k) => (left[meaning.group]?.[c] ?? 0) >= (meaning.plate.counts[k] as number),
    )
  );
}

function change({ meanings }: PackModel, j: number, left: readonly number[][], by: 1 | -1): void {
  const meaning = meanings[j];
  if (meaning?.is !== 'plate') return;
  const group = left[meaning.group] as number[];
  for (const [k, c] of meaning.plate.classes.entries())
    group[c] = (group[c] as number) + by * (meaning.plate.counts[k] as number);
}

function restore(taken: readonly number[], model: PackModel, left: readonly number[][]): void {
  for (const j of taken) change(model, j, left, 1);
}
