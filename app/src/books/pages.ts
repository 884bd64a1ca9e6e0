import type { PlacePages } from '../household/parts/place-pages';

/** The pages of the Books. */
export const BOOKS_PAGES: PlacePages = {
  pages: [
    { path: '', tab: 'Pieces', title: 'Books', load: () => import('./books-page').then((m) => m.BooksPage) },
    {
      path: 'trends',
      tab: 'Totals and trends',
      title: 'Totals and trends',
      load: () => import('./trends/trends-page').then((m) => m.TrendsPage),
    },
    {
      path: 'household',
      tab: 'File and settings',
      title: 'The household’s file',
      load: () => import('./file/file-page').then((m) => m.FilePage),
    },
    {
      path: ':lot',
      title: 'A piece in the Books',
      load: () => import('./piece/piece-page').then((m) => m.PiecePage),
    },
  ],
};
