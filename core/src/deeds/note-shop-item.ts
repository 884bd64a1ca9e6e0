import { cookedKey } from '../cost/cooked';
import type { ItemChoice } from '../price/item-choice';
import { itemChange } from '../records/change';
import type { Deed } from './deed';

/** What the household thinks of something that shops sell: it would not buy it, or compares it otherwise. */
export function noteShopItem(item: string, choice: ItemChoice): Deed {
  return { records: [itemChange(item, choice)] };
}

/**
 * How much of a raw part is eaten once it is cooked.
 *
 * @param share of its raw weight, above 0, to 1
 */
export function noteCooked(kind: string | null, part: string | null, share: number): Deed {
  return { records: [{ type: 'cooked', key: cookedKey(kind, part), value: { share } }] };
}
