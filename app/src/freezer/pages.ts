import type { PageTab } from '../household/parts/page-tabs';

/** The pages of the Freezer. */
export const FREEZER_PAGES: readonly PageTab[] = [
  { path: ['freezer'], name: 'Packs' },
  { path: ['freezer', 'week'], name: 'Week' },
  { path: ['freezer', 'tonight'], name: 'Ready tonight?' },
  { path: ['freezer', 'batch'], name: 'New batch' },
  { path: ['freezer', 'buy'], name: 'Buy next' },
  { path: ['freezer', 'count'], name: 'Stock-take' },
  { path: ['freezer', 'power'], name: 'Power cut' },
  { path: ['freezer', 'places'], name: 'Places' },
];
