import type { ChooseSplit, Split } from '../optimise/whole-optimum';
import type { PackMeaning } from './pack-meaning';

/** Sums that are whole in every plan, the coarsest first: what a variable adds to which of them. */
const SUMS: readonly ((meaning: PackMeaning) => [key: string, value: number][])[] = [
  // All packs of a unit.
  (meaning) => ('meal' in meaning ? [[`${meaning.unit}`, 1]] : []),
  // Plates of an eater.
  (meaning) => (meaning.is === 'plate' ? [[`${meaning.unit} ${meaning.type}`, 1]] : []),
  // Packs of a meal.
  (meaning) => ('meal' in meaning ? [[`${meaning.unit} ${meaning.meal}`, 1]] : []),
  // Plates of an eater with so many eighths.
  (meaning) => (meaning.is === 'plate' ? [[`${meaning.unit} ${meaning.type} ${meaning.step}`, 1]] : []),
  // Pieces that go to an eater.
  (meaning) =>
    meaning.is === 'plate'
      ? meaning.items.map((item, k) => [
          `${meaning.unit} ${item} ${meaning.type}`,
          meaning.counts[k] as number,
        ])
      : [],
  // Pieces that lie on a plate together.
  (meaning) =>
    meaning.is === 'plate' || meaning.is === 'shared'
      ? meaning.items.flatMap((a, k) =>
          meaning.items.slice(k + 1).map((b): [string, number] => [`${meaning.unit} ${a} ${b}`, 1]),
        )
      : [],
];

/** Parts the plans of a program by the first sum that is not whole, the one farthest from it. */
export function packSplits(meanings: readonly PackMeaning[]): ChooseSplit {
  return (values) => {
    for (const sumsOf of SUMS) {
      const totals = new Map<string, number>();
      for (const [j, value] of values)
        for (const [key, each] of sumsOf(meanings[j] as PackMeaning))
          totals.set(key, (totals.get(key) ?? 0) + each * value);
      const broken = farthest(totals);
      if (broken !== null) return split(meanings, sumsOf, broken);
    }
    return null;
  };
}

function farthest(totals: ReadonlyMap<string, number>): string | null {
  let best: { key: string; off: number } | null = null;
  for (const [key, total] of totals) {
    const off = Math.abs(total - Math.round(total));
    if (off > 1e-6 && off > (best?.off ?? 0) + 1e-9) best = { key, off };
  }
  return best?.key ?? null;
}

function split(meanings: readonly PackMeaning[], sumsOf: (typeof SUMS)[number], key: string): Split {
  const terms = new Map<number, number>();
  for (const [j, meaning] of meanings.entries())
    for (const [own, value] of sumsOf(meaning)) if (own === key) terms.set(j, (terms.get(j) ?? 0) + value);
  return { terms };
}
