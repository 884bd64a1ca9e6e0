import type { ListSource } from '../price/shop-list';
import type { Deed } from './deed';

/** Keeps a shops' list, or where it is fetched. */
export function keepList(source: ListSource, key: string): Deed {
  return { records: [{ type: 'list', key, value: source }], say: `${source.name} is added` };
}

/** Takes a shops' list out; what was taken over from it stays in the price book. */
export function dropList(name: string, key: string): Deed {
  return { records: [{ type: 'list', key, value: null }], say: `${name} is taken out` };
}
