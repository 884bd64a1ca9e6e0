import type { PlacePages } from '../household/parts/place-pages';

/** The pages of the Block. */
export const BLOCK_PAGES: PlacePages = {
  pages: [
    { path: '', title: 'Block', load: () => import('./bench/block-page').then((m) => m.BlockPage) },
    { path: ':lot', title: 'Block', load: () => import('./bench/block-page').then((m) => m.BlockPage) },
    {
      path: ':lot/slices',
      title: 'Where to cut',
      load: () => import('./slices/slices-page').then((m) => m.SlicesPage),
    },
  ],
};
