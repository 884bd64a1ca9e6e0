import { groups } from 'd3-array';
import { isBird } from '../ledger/animal';
import { meatColour } from './meat-colour';
import { partKey, type Token } from './table';

/** A rule of what may share a pack. */
export interface SharingRule {
  readonly name: string;
  /** Parts of which different ones may lie in one pack; the same part always may. */
  readonly groups: (tokens: readonly Token[]) => string[][];
}

const birdParts = (tokens: readonly Token[]): Token[] =>
  tokens.filter(({ lot, isHeap }) => isBird(lot.animal) && !isHeap && meatColour(lot.part) !== null);
const partsOf = (tokens: readonly Token[]): string[] => [...new Set(tokens.map(partKey))];
const ofColour = (tokens: readonly Token[], colour: 'white' | 'dark'): string[] =>
  partsOf(birdParts(tokens).filter(({ lot }) => meatColour(lot.part) === colour));

/** What may share a pack. A new rule is an entry here. */
export const SHARING = {
  'same-part': { name: 'only the same part', groups: () => [] },
  'white-and-dark-apart': {
    name: 'bird parts, white and dark apart',
    groups: (tokens) => [ofColour(tokens, 'white'), ofColour(tokens, 'dark')],
  },
  'bird-parts-together': { name: 'all parts of a bird', groups: (tokens) => [partsOf(birdParts(tokens))] },
} as const satisfies Readonly<Record<string, SharingRule>>;

export type Sharing = keyof typeof SHARING;
export const SHARING_IDS = Object.keys(SHARING) as Sharing[];

/** Groups of parts that may share a pack, by a rule. */
export function mayShare(
  tokens: readonly Token[],
  rule: string,
  rules: Readonly<Record<string, SharingRule>> = SHARING,
): string[][] {
  const all = [...(rules[rule]?.groups(tokens) ?? []), ...endsOfALog(tokens)];
  return all.filter((group) => group.length > 1);
}

/** Head and tail of one muscle make a dinner together (common practice). */
function endsOfALog(tokens: readonly Token[]): string[][] {
  const ends = tokens.filter(({ lot, isHeap }) => !isHeap && (lot.part === 'head' || lot.part === 'tail'));
  return groups(ends, ({ lot }) => lot.kind).map(([, own]) => partsOf(own));
}
