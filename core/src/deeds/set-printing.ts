import type { Printing } from '../label/printing';
import type { Deed } from './deed';

/**
 * How labels are printed: on what, how many, with which note.
 *
 * @param usual what counts while nothing has been said
 */
export function setPrinting(change: (now: Printing) => Partial<Printing>, usual: Printing): Deed {
  return {
    records: [
      { type: 'printing', key: 'labels', change: (known = usual) => ({ ...known, ...change(known) }) },
    ],
  };
}
