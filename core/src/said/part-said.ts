import type { Part } from '../catalogue/kind-schema';
import { cutNames } from '../catalogue/cut-names';
import { shopItem } from '../catalogue/shop-items';
import { DESTINATION_IDS, type Destination } from '../ledger/destination';

/** What a line speaks of: a part that is known, or what only says where it goes. */
export interface PartSaid {
  readonly part: string;
  readonly name: string;
  readonly destination: Destination;
}

/** A part's words, each without its plural: "carcasses" and "carcass" are one. */
const stem = (word: string): string =>
  word
    .toLowerCase()
    .replace(/(?<=ss|sh|ch|x)es$/u, '')
    .replace(/(?<=\p{L}{3})s$/u, '')
    .replace(/(?<=hal)ve$/u, 'f');
const wordsOf = (text: string): string[] => text.toLowerCase().match(/\p{L}+/gu) ?? [];

/** What is said for a destination, beside its own name. */
const ALSO: Readonly<Record<string, Destination>> = {
  trash: 'bin',
  waste: 'bin',
  rubbish: 'bin',
  trim: 'grind',
  trimming: 'grind',
  mince: 'grind',
  ground: 'grind',
  bone: 'stock',
  fat: 'render',
  drip: 'liquid',
  purge: 'liquid',
  liquid: 'liquid',
  brine: 'liquid',
};

/** Parts of which a phrase says every word. */
function named(parts: readonly Part[], phrase: readonly string[]): Part[] {
  const said = phrase.flatMap(wordsOf).map(stem);
  return parts.filter(({ id, name, portion = '', portions = '' }) => {
    const own = new Set([id, name, portion, portions].flatMap(wordsOf).map(stem));
    return said.every((word) => own.has(word));
  });
}

/** Parts of which a phrase is another name: what a shop calls it, or calls it elsewhere. */
function calledElsewhere(parts: readonly Part[], phrase: readonly string[]): Part[] {
  const said = phrase.flatMap(wordsOf).map(stem).join(' ');
  const isIt = (name: string): boolean =>
    wordsOf(name.replace(/\(.*\)/, ''))
      .map(stem)
      .join(' ') === said;
  return parts.filter(({ shopItem: id = '' }) => [shopItem(id)?.name ?? '', ...cutNames(id)].some(isIt));
}

/** Parts that a phrase names, by their own names or those of shops. */
export function partsNamed(parts: readonly Part[], phrase: readonly string[]): PartSaid[] {
  const own = named(parts, phrase);
  const found = own.length > 0 ? own : calledElsewhere(parts, phrase).slice(0, 1);
  return found.map(({ id, name, destination }) => ({ part: id, name, destination }));
}

/**
 * What a phrase means on this piece.
 *
 * @param parts those of the way first
 * @returns what it means; several where it may mean each of them; none where it means nothing here
 * @example partsSaid(parts, ['fat']) // the fat cap of a strip loin
 */
export function partsSaid(parts: readonly Part[], phrase: readonly string[]): PartSaid[] {
  const found = partsNamed(parts, phrase);
  if (found.length > 0) return found;
  const [word = '', ...more] = phrase.map(stem);
  const destination = ALSO[word] ?? DESTINATION_IDS.find((id) => stem(id) === word);
  if (!destination || more.length > 0) return [];
  const going = parts.filter((part) => part.destination === destination);
  if (going.length === 1 && going[0]) {
    const [{ id, name }] = [going[0]];
    return [{ part: id, name, destination }];
  }
  // Several go there, or none: what was said is its name.
  return [{ part: word, name: word, destination }];
}
