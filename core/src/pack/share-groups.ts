import type { Heap, PackRequest, Portion } from './pack-request';

/** As many portions of exactly one weight, which are all the same to a plan. */
export interface PortionClass {
  readonly massG: number;
  readonly ids: readonly string[];
  readonly mayCut: boolean;
}

/** What may share a pack. */
export interface ShareGroup {
  /** Heaviest first. */
  readonly classes: readonly PortionClass[];
  readonly heaps: readonly Heap[];
}

/** The table, parted into what may share a pack: the same part, or parts that were said to go together. */
export function shareGroups({
  portions,
  divisible,
  together = [],
}: Pick<PackRequest, 'portions' | 'divisible' | 'together'>): ShareGroup[] {
  const groupOf = new Map<string, string>();
  for (const part of [...portions, ...divisible].map((lot) => lot.part)) groupOf.set(part, part);
  for (const parts of together) {
    const present = parts.filter((part) => groupOf.has(part));
    const [first] = present;
    if (first === undefined) continue;
    const into = groupOf.get(first) as string;
    const joined = new Set(present.map((part) => groupOf.get(part)));
    for (const [part, group] of groupOf) if (joined.has(group)) groupOf.set(part, into);
  }
  return [...new Set(groupOf.values())].map((group) => ({
    classes: classesOf(portions.filter(({ part }) => groupOf.get(part) === group)),
    heaps: divisible.filter(({ part }) => groupOf.get(part) === group),
  }));
}

function classesOf(portions: readonly Portion[]): PortionClass[] {
  const alike = new Map<string, { massG: number; mayCut: boolean; ids: string[] }>();
  for (const { id, massG, mayCut = false } of portions) {
    const key = `${massG} ${mayCut}`;
    const known = alike.get(key) ?? { massG, mayCut, ids: [] };
    known.ids.push(id);
    alike.set(key, known);
  }
  return [...alike.values()].sort((a, b) => b.massG - a.massG);
}
