/** The six places, in the order of work, with their pages. */
export const PLACES = [
  { path: 'counter', name: 'Counter', pages: () => import('../counter/pages').then((m) => m.COUNTER_PAGES) },
  { path: 'block', name: 'Block', pages: () => import('../block/pages').then((m) => m.BLOCK_PAGES) },
  { path: 'wrap', name: 'Wrap', pages: () => import('../wrap/pages').then((m) => m.WRAP_PAGES) },
  { path: 'freezer', name: 'Freezer', pages: () => import('../freezer/pages').then((m) => m.FREEZER_PAGES) },
  { path: 'books', name: 'Books', pages: () => import('../books/pages').then((m) => m.BOOKS_PAGES) },
  { path: 'craft', name: 'Craft', pages: () => import('../craft/pages').then((m) => m.CRAFT_PAGES) },
] as const;

export type PlacePath = (typeof PLACES)[number]['path'];
