import type { PackRequest } from './pack-request';

/** Eaters who are all the same to a plan: one appetite, the same likes and nevers among what lies there. */
export interface EaterType {
  /** Whole grams. */
  readonly targetG: number;
  readonly names: readonly string[];
  readonly likes: ReadonlySet<string>;
  readonly never: ReadonlySet<string>;
  readonly isGuest: boolean;
}

/** Who eats, alike together, largest appetite first. */
export function eaterTypes({
  eaters,
  portions,
  divisible,
}: Pick<PackRequest, 'eaters' | 'portions' | 'divisible'>): EaterType[] {
  const parts = [...new Set([...portions, ...divisible].map(({ part }) => part))].sort();
  const types = new Map<string, EaterType & { names: string[] }>();
  for (const { name, targetG, likes = [], never = [], guest = false } of eaters) {
    const [liked, refused] = [likes, never].map((named) => parts.filter((part) => named.includes(part)));
    const grams = Math.max(1, Math.round(targetG));
    const key = JSON.stringify([grams, liked, refused, guest]);
    const known = types.get(key);
    if (known) known.names.push(name);
    else
      types.set(key, {
        targetG: grams,
        names: [name],
        likes: new Set(liked),
        never: new Set(refused),
        isGuest: guest,
      });
  }
  return [...types.values()].sort((a, b) => b.targetG - a.targetG);
}

export function eats({ never }: EaterType, part: string): boolean {
  return !never.has(part);
}
