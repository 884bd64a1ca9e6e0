/** The six places, in the order of work. The folders of the app have the same names. */
export const PLACES = [
  { path: 'counter', name: 'Counter' },
  { path: 'block', name: 'Block' },
  { path: 'wrap', name: 'Wrap' },
  { path: 'freezer', name: 'Freezer' },
  { path: 'books', name: 'Books' },
  { path: 'craft', name: 'Craft' },
] as const;

export type PlacePath = (typeof PLACES)[number]['path'];
