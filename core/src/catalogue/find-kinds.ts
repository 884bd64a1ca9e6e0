import { plainLetters } from '../units/plain-letters';
import { cutNames, kindNames } from './cut-names';
import type { Kind, Part } from './kind-schema';
import { shopItem } from './shop-items';
import { WORDS } from './words';

/**
 * The kinds whose name, synonym, item number or animal holds every word of the text, or that give a
 * cut of that name, here or elsewhere; best first: names before synonyms before the rest, and what
 * the piece is called before what comes off it.
 *
 * @example findKinds(KINDS, 'eye fillet') // [beef tenderloin, …]
 * @example findKinds(KINDS, 'maryland') // [whole chicken]: its leg quarter is called so elsewhere
 */
export function findKinds(kinds: readonly Kind[], text: string): Kind[] {
  const words = plainLetters(text).split(/\s+/).filter(Boolean);
  const ranked = kinds.map((kind, index) => ({ kind, index, rank: rankOf(kind, words) }));
  return ranked
    .filter(({ rank }) => rank < Infinity)
    .sort((a, b) => a.rank - b.rank || a.index - b.index)
    .map(({ kind }) => kind);
}

function rankOf(kind: Kind, words: string[]): number {
  const fields = [
    [kind.name],
    [...kind.synonyms, ...kindNames(kind.id).map(({ name }) => name)],
    [kind.animal, kind.itemNumber ?? '', kind.bone],
    kind.parts.flatMap(namesOf),
  ];
  const ranks = words.map((word) =>
    fields.findIndex((texts) => texts.some((text) => plainLetters(text).includes(word))),
  );
  return ranks.includes(-1) ? Infinity : Math.max(0, ...ranks);
}

/** What a part is called here, in the shop, and elsewhere. */
function namesOf({ name, portion, shopItem: item }: Part): string[] {
  const here = [name, portion ?? '', (item && shopItem(item)?.name) ?? ''];
  const text = plainLetters(here.join(' '));
  const elsewhere = WORDS.filter(({ word }) => text.includes(plainLetters(word)));
  return [...here, ...cutNames(item ?? ''), ...elsewhere.flatMap(({ alsoCalled }) => alsoCalled)];
}
