import type { PageTab } from '../kit/page-tabs';

/** The pages of the Freezer. */
export const FREEZER_PAGES: readonly PageTab[] = [
  { path: ['freezer'], name: 'Packs' },
  { path: ['freezer', 'tonight'], name: 'Ready tonight?' },
  { path: ['freezer', 'count'], name: 'Stock-take' },
  { path: ['freezer', 'power'], name: 'Power cut' },
];
