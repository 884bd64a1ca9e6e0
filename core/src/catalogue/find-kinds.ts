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
  const ranks = words.map((word) => fields.findIndex((texts) => texts.some((text) => isIn(text, word))));
  return ranks.includes(-1) ? Infinity : Math.max(0, ...ranks);
}

/** Short words begin a word: "ham" is no hamburger's, "tri" no strip's; long ones may stand within a compound. */
const SHORT = 4;

function isIn(text: string, word: string): boolean {
  const plain = plainLetters(text);
  return word.length > SHORT
    ? plain.includes(word)
    : plain.split(/[^\p{L}\p{N}]+/u).some((each) => each.startsWith(word));
}

/** Mince, cubes and bones are called what they are elsewhere whatever they come off: those names lead to no piece. */
const isOfItsOwn = ({ destination }: Part): boolean => destination === 'main' || destination === 'second';

/** What a part is called here, in the shop, and elsewhere. */
function namesOf(part: Part): string[] {
  const { name, portion, shopItem: item } = part;
  const here = [name, portion ?? '', (item && shopItem(item)?.name) ?? ''];
  if (!isOfItsOwn(part)) return here;
  const text = plainLetters(here.join(' '));
  const elsewhere = WORDS.filter(({ word }) => text.includes(plainLetters(word)));
  return [...here, ...cutNames(item ?? ''), ...elsewhere.flatMap(({ alsoCalled }) => alsoCalled)];
}
