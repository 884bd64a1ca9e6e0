import { sum } from 'd3-array';
import { stretchOf } from '../units/cumulative';
import { litresOf } from './room';
import type { MassDg } from '../units/mass';

/** A pack in the picture of a drawer; all sizes as shares of its width and height, 0 to 1, from the top left. */
export interface Block<T> {
  readonly pack: T;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** A block this many times as wide as it is high reads best; an estimate. */
const BEST_SHAPE = 1.6;

/**
 * Packs in a drawer, drawn to scale: a block's area is to the drawer's what its litres are to the
 * drawer's litres. The first lie in the top row, from the left. Rows are as high as what lies in
 * them is large, so that nothing is cut and the order stays (a strip treemap).
 *
 * @param packs in their order
 * @param litres of the drawer; a fuller one is drawn full
 * @param shape its width ÷ its height
 */
export function drawerPicture<T extends { readonly leftDg: MassDg }>(
  packs: readonly T[],
  litres: number,
  shape: number,
): Block<T>[] {
  const sizes = packs.map(({ leftDg }) => litresOf(leftDg));
  const total = sum(sizes);
  if (total === 0) return [];
  const filled = Math.min(1, total / litres);
  const rows = rowsOf(packs.length, filled, shape);
  const blocks: Block<T>[] = [];
  let y = 1 - filled;
  for (let row = 0, first = 0; row < rows; row++) {
    const last = row === rows - 1 ? packs.length : stretchOf(packs.length, 0, row + 1, rows);
    const inRow = sum(sizes.slice(first, last));
    const height = (inRow / total) * filled;
    let x = 0;
    for (let at = first; at < last; at++) {
      const width = (sizes[at] ?? 0) / inRow;
      blocks.push({ pack: packs[at] as T, x, y, width, height });
      x += width;
    }
    y += height;
    first = last;
  }
  return blocks;
}

/** So many rows that blocks are about as wide as reads best. */
function rowsOf(count: number, filled: number, shape: number): number {
  return Math.max(1, Math.min(count, Math.round(Math.sqrt((count * filled * BEST_SHAPE) / shape))));
}
