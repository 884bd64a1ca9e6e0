import type { Lot } from '../ledger/lot';
import { kindById } from './kinds';
import { lotName } from './lot-name';

/**
 * What a piece is called among others: with how it is cut, where another is called the same and is cut
 * another way.
 *
 * @example two of four birds: "2 whole chickens, flattened"
 */
export function pieceName(piece: Lot, among: readonly Lot[]): string {
  const name = lotName(piece);
  const isTwice = among.some(
    (each) => each.id !== piece.id && each.way !== piece.way && lotName(each) === name,
  );
  const way = kindById(piece.kind)?.ways.find(({ id }) => id === piece.way);
  return isTwice && way ? `${name}, ${way.name.charAt(0).toLowerCase()}${way.name.slice(1)}` : name;
}
