import type { PackRequest } from '../pack/pack-request';

/** The best packing of portions alone: most plates, least deviation, fewest packs. */
export interface BestPacking {
  readonly plates: number;
  readonly objective: number;
  readonly packs: number;
}

/** Tries every packing of a few portions. Knows nothing of how plans are made. */
export function everyPacking({
  portions,
  eaters,
  packs,
  tolerance,
  together = [],
}: PackRequest): BestPacking | null {
  const targetOf = (name: string): number => eaters.find((eater) => eater.name === name)!.targetG;
  const mayShare = (a: string, b: string): boolean =>
    a === b || together.some((parts) => parts.includes(a) && parts.includes(b));
  let best: BestPacking | null = null;
  const tryCounts = (counts: readonly number[]): void => {
    const plates = packs.flatMap(({ eaters: names }, k) =>
      Array.from({ length: counts[k]! }, (_, n) =>
        names.map((name) => ({ pack: `${k} ${n}`, target: targetOf(name) })),
      ).flat(),
    );
    if (best && plates.length < best.plates) return;
    const masses = plates.map(() => 0);
    const partsOf = new Map<string, string[]>();
    const assign = (p: number): void => {
      if (p === portions.length) {
        const offs = masses.map((mass, k) => Math.abs(mass - plates[k]!.target) / plates[k]!.target);
        if (offs.some((off) => off > tolerance + 1e-9)) return;
        const found = {
          plates: plates.length,
          objective: offs.reduce((sum, off) => sum + off, 0),
          packs: counts.reduce((sum, count) => sum + count, 0),
        };
        const order = best
          ? best.plates - found.plates ||
            (Math.abs(found.objective - best.objective) < 1e-9
              ? found.packs - best.packs
              : found.objective - best.objective)
          : -1;
        if (order < 0) best = found;
        return;
      }
      const { massG, part } = portions[p]!;
      assign(p + 1);
      for (const [k, { pack, target }] of plates.entries()) {
        const others = partsOf.get(pack) ?? [];
        if (
          masses[k]! + massG > target * (1 + tolerance) + 1e-9 ||
          !others.every((other) => mayShare(part, other))
        )
          continue;
        masses[k]! += massG;
        partsOf.set(pack, [...others, part]);
        assign(p + 1);
        masses[k]! -= massG;
        partsOf.set(pack, others);
      }
    };
    assign(0);
  };
  const choose = (k: number, counts: readonly number[]): void => {
    if (k === packs.length) return tryCounts(counts);
    for (let n = packs[k]!.count[0]; n <= packs[k]!.count[1]; n++) {
      const wanted = [...counts, n].reduce((sum, count, each) => sum + count * packs[each]!.eaters.length, 0);
      if (wanted <= portions.length) choose(k + 1, [...counts, n]);
    }
  };
  choose(0, []);
  return best;
}
