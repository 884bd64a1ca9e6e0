import type { PageTab } from '../household/parts/page-tabs';

/** The pages of the Books. */
export const BOOKS_PAGES: readonly PageTab[] = [
  { path: ['books'], name: 'Pieces' },
  { path: ['books', 'trends'], name: 'Totals and trends' },
  { path: ['books', 'household'], name: 'File and settings' },
];
