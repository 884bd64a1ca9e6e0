import { heapPlates } from './heap-plates';
import type { PortionClass } from './share-groups';

/** Portions that together make a plate for a target: how many of each class. */
export interface PossiblePlate {
  /** Index of the target. */
  readonly type: number;
  readonly classes: readonly number[];
  readonly counts: readonly number[];
  /** |mass − target| ÷ target. */
  readonly deviation: number;
  /** Where one portion is cut in two for two plates: the target of the other, and what each weighs. */
  readonly cut?: { readonly type: number; readonly massesG: readonly [number, number] };
}

/** Masses that differ by less are the same. */
const SAME_G = 1e-9;

/**
 * Every plate that portions can make within the tolerance, fewest pieces first. Where there are too
 * many, those of more pieces are left out.
 *
 * @returns the plates, and whether they are all there are
 */
export function possiblePlates(
  classes: readonly PortionClass[],
  targets: readonly number[],
  tolerance: number,
  mostPieces: number,
  most: number,
): { readonly plates: PossiblePlate[]; readonly isComplete: boolean } {
  const highest = Math.max(...targets) * (1 + tolerance) + SAME_G;
  const lightest = classes.at(-1)?.massG ?? Infinity;
  const plates: PossiblePlate[] = [];
  let looked = 0;
  for (let pieces = 1; pieces <= mostPieces && pieces * lightest <= highest; pieces++) {
    const found: PossiblePlate[] = [];
    const chosen: number[] = [];
    const counts: number[] = [];
    const add = (massG: number): void => {
      for (const [type, target] of targets.entries()) {
        const deviation = Math.abs(massG - target) / target;
        if (deviation <= tolerance + SAME_G)
          found.push({ type, classes: [...chosen], counts: [...counts], deviation });
      }
    };
    /** False where there are too many. */
    const choose = (from: number, left: number, massG: number): boolean => {
      looked += 1;
      if (left === 0) {
        add(massG);
        return plates.length + found.length <= most && looked <= most * 20;
      }
      for (let c = from; c < classes.length; c++) {
        const { massG: each, ids } = classes[c] as PortionClass;
        if (massG + each + (left - 1) * lightest > highest) continue;
        for (let count = Math.min(left, ids.length); count >= 1; count--) {
          if (massG + count * each > highest) continue;
          chosen.push(c);
          counts.push(count);
          const isFine = choose(c + 1, left - count, massG + count * each);
          chosen.pop();
          counts.pop();
          if (!isFine) return false;
        }
      }
      return true;
    };
    if (!choose(0, pieces, 0)) return { plates, isComplete: false };
    plates.push(...found);
  }
  return { plates, isComplete: true };
}

/** Two plates from one portion that may be cut, where it weighs about what two eaters want together. */
export function cutPlates(
  classes: readonly PortionClass[],
  targets: readonly number[],
  tolerance: number,
): PossiblePlate[] {
  return classes.flatMap(({ massG, mayCut }, c) => {
    if (!mayCut) return [];
    return targets.flatMap((first, type) =>
      targets.slice(type).flatMap((second, k): PossiblePlate[] => {
        const masses = heapPlates([first, second], massG, tolerance);
        if (!masses) return [];
        const [a, b] = masses as [number, number];
        return [
          {
            type,
            classes: [c],
            counts: [1],
            deviation: Math.abs(a - first) / first + Math.abs(b - second) / second,
            cut: { type: type + k, massesG: [a, b] },
          },
        ];
      }),
    );
  });
}
