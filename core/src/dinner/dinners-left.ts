import { sum } from 'd3-array';
import type { Animal } from '../ledger/animal';
import { kindById } from '../catalogue/kinds';
import type { Lot } from '../ledger/lot';
import type { Plate } from '../cost/plates';
import { isCollected } from './collections';
import { platesOf } from './plates-of';

/** How many dinners lie there of something. */
export interface DinnersLeft {
  readonly animal: Animal | null;
  /** The kind of piece they came from; null for what came as packs. */
  readonly kind: string | null;
  readonly name: string;
  readonly packs: number;
  readonly plates: number;
  readonly dinners: number;
}

/**
 * Dinners left by animal and kind of piece, most first within an animal.
 *
 * @param eaters how many a dinner is for
 * @param plate an average plate, for packs whose plates nobody counted
 */
export function dinnersLeft(stock: readonly Lot[], eaters: number, plate: Plate): DinnersLeft[] {
  const groups = new Map<string, Lot[]>();
  for (const lot of stock) {
    // What is collected is no dinner yet.
    if (platesOf(lot, plate) === 0 || isCollected(lot)) continue;
    const key = `${lot.animal ?? '~'} ${lot.kind ?? '~'}`;
    const known = groups.get(key);
    if (known) known.push(lot);
    else groups.set(key, [lot]);
  }
  const rows = [...groups.values()].map((lots): DinnersLeft => {
    const { animal = null, kind = null } = lots[0] ?? {};
    const plates = sum(lots, (lot) => platesOf(lot, plate));
    return {
      animal,
      kind,
      name: kindById(kind)?.name ?? 'other packs',
      packs: lots.length,
      plates,
      dinners: plates / Math.max(1, eaters),
    };
  });
  return rows.sort(
    (a, b) => compare(a.animal ?? '~', b.animal ?? '~') || b.plates - a.plates || compare(a.name, b.name),
  );
}

const compare = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);
