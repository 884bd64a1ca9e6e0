import type { Animal } from '../ledger/animal';
import { isUsable } from '../ledger/destination';
import { kindById, partOf } from '../catalogue/kinds';
import type { Part } from '../catalogue/kind-schema';
import { cookedShare } from '../cost/cooked';
import { eatenShare, type Skin } from '../cost/plates';
import type { Lot } from '../ledger/lot';
import { servedName, SIDES, type Half } from './half';
import { stretchOf } from '../units/cumulative';
import type { MassDg } from '../units/mass';

/** Whether plates are meant raw or cooked. */
export type PlateMeant = 'raw' | 'cooked';

/** One thing on the table: a portion that is not cut further, or a heap. */
export interface Token {
  readonly id: string;
  readonly lot: Lot;
  readonly isHeap: boolean;
  /** A piece of a portion that was too large for one plate; null where it is as it was cut. */
  readonly half: Half | null;
  readonly massDg: MassDg;
  /** What of a gram is eaten: without its bone, and its skin where that is left; cooked, where plates are meant cooked. */
  readonly eaten: number;
}

/** The table: a token for every portion, several weighed together at their mean; heaps whole. */
export function tokensOf(
  lots: readonly Lot[],
  appetite: PlateMeant,
  cooked: ReadonlyMap<string, number>,
  skin?: Skin,
): Token[] {
  return lots.flatMap((lot): Token[] => {
    const part = partOf(kindById(lot.kind), lot.part);
    const eaten =
      appetite === 'cooked' ? cookedShare(lot, lot.destination, cooked, skin) : eatenShare(lot, skin);
    if (isHeap(lot, part)) return [{ id: lot.id, lot, isHeap: true, half: null, massDg: lot.leftDg, eaten }];
    const upTo = (n: number): number => stretchOf(lot.leftDg, 0, n, lot.countLeft);
    return Array.from({ length: lot.countLeft }, (_, n) => ({
      id: lot.countLeft === 1 ? lot.id : `${lot.id}.${n + 1}`,
      lot,
      isHeap: false,
      half: null,
      massDg: upTo(n + 1) - upTo(n),
      eaten,
    }));
  });
}

/** Portions of one part of one piece differ from their mean by about so much, as a share; an estimate of ours. */
export const OFF_THE_MEAN = 0.1;

/**
 * How far the weight of a token may be off, as a share: a portion that was weighed with others has
 * their mean, and one that was weighed by itself has its own. The last that is left of several has
 * what they left, which is as doubtful.
 *
 * @example of four thighs weighed together each may be a tenth off
 */
export function doubtOf({ lot, isHeap }: Pick<Token, 'lot' | 'isHeap'>): number {
  return !isHeap && lot.count > 1 ? OFF_THE_MEAN : 0;
}

/** Whether any weight can be taken of it: no portion, nor one thing that is carved; and whatever is ground, stewed or sliced thin. */
function isHeap({ destination }: Lot, part: Part | undefined): boolean {
  return ['grind', 'stew', 'thin'].includes(destination) || (part?.portion === undefined && !part?.carved);
}

/** The table with portions cut in two: where, in tenths of a gram from one side, by id. */
export function cutInTwo(tokens: readonly Token[], cuts: ReadonlyMap<string, MassDg>): Token[] {
  return tokens.flatMap((token): Token[] => {
    const first = cuts.get(token.id);
    if (first === undefined || first <= 0 || first >= token.massDg) return [token];
    return SIDES.map((side) => {
      const half = { of: token.id, side };
      return { ...token, id: servedName(half), half, massDg: side === 1 ? first : token.massDg - first };
    });
  });
}

/** Whether it makes plates, as opposed to stock and fat. */
export function isPlateful({ lot }: Token): boolean {
  return isUsable(lot.destination);
}

/** What shares a pack only with its like. */
export function partKey({ lot }: Token): string {
  return `${lot.kind ?? 'mixed'}:${lot.part ?? lot.name ?? lot.id}`;
}

/** The animals on the table; each has packs of its own. */
export function animalsOf(tokens: readonly Token[]): (Animal | null)[] {
  return [...new Set(tokens.filter(isPlateful).map(({ lot }) => lot.animal))];
}
