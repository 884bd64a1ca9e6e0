import type { PageTab } from '../household/parts/page-tabs';

/** The pages of Craft. */
export const CRAFT_PAGES: readonly PageTab[] = [
  { path: ['craft'], name: 'Pieces' },
  { path: ['craft', 'words'], name: 'Words' },
  { path: ['craft', 'knives'], name: 'Knives and board' },
  { path: ['craft', 'thickness'], name: 'Even thickness' },
  { path: ['craft', 'safety'], name: 'Safety' },
];
