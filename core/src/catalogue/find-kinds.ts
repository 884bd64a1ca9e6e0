import type { Kind } from './kind-schema';

/**
 * The kinds whose name, synonym, item number or animal holds every word of the text; best first:
 * names before synonyms before the rest.
 *
 * @example findKinds(KINDS, 'eye fillet') // [beef tenderloin]
 */
export function findKinds(kinds: readonly Kind[], text: string): Kind[] {
  const words = fold(text).split(/\s+/).filter(Boolean);
  const ranked = kinds.map((kind, index) => ({ kind, index, rank: rankOf(kind, words) }));
  return ranked
    .filter(({ rank }) => rank < Infinity)
    .sort((a, b) => a.rank - b.rank || a.index - b.index)
    .map(({ kind }) => kind);
}

function rankOf(kind: Kind, words: string[]): number {
  const fields = [[kind.name], kind.synonyms, [kind.animal, kind.itemNumber ?? '', kind.bone]];
  const ranks = words.map((word) =>
    fields.findIndex((texts) => texts.some((text) => fold(text).includes(word))),
  );
  return ranks.includes(-1) ? Infinity : Math.max(0, ...ranks);
}

const fold = (text: string): string => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();
