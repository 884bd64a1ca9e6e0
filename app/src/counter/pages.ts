import type { PageTab } from '../household/parts/page-tabs';

/** The pages of the Counter. */
export const COUNTER_PAGES: readonly PageTab[] = [
  { path: ['counter'], name: 'Worth it?' },
  { path: ['counter', 'candidates'], name: 'Side by side' },
  { path: ['counter', 'prices'], name: 'Price book' },
  { path: ['counter', 'lists'], name: 'Shops’ lists' },
];
