import type { PlacePages } from '../household/parts/place-pages';

/** A place: its folder, its name, and its pages once somebody goes there. */
export interface PlaceOfWork {
  readonly path: string;
  readonly name: string;
  readonly pages: () => Promise<PlacePages>;
}

/** The six places, in the order of work. A new one is a line here, and a folder. */
export const PLACES = [
  { path: 'counter', name: 'Counter', pages: () => import('../counter/pages').then((m) => m.COUNTER_PAGES) },
  { path: 'block', name: 'Block', pages: () => import('../block/pages').then((m) => m.BLOCK_PAGES) },
  { path: 'wrap', name: 'Wrap', pages: () => import('../wrap/pages').then((m) => m.WRAP_PAGES) },
  { path: 'freezer', name: 'Freezer', pages: () => import('../freezer/pages').then((m) => m.FREEZER_PAGES) },
  { path: 'books', name: 'Books', pages: () => import('../books/pages').then((m) => m.BOOKS_PAGES) },
  { path: 'craft', name: 'Craft', pages: () => import('../craft/pages').then((m) => m.CRAFT_PAGES) },
] as const satisfies readonly PlaceOfWork[];

export type PlacePath = (typeof PLACES)[number]['path'];
