import type { PlacePages } from '../household/parts/place-pages';

/** The pages of Wrap. */
export const WRAP_PAGES: PlacePages = {
  pages: [
    { path: '', title: 'Wrap', load: () => import('./table/wrap-page').then((m) => m.WrapPage) },
    { path: 'labels', title: 'Labels', load: () => import('./labels/labels-page').then((m) => m.LabelsPage) },
    { path: 'scan', title: 'Scan a label', load: () => import('./scan/scan-page').then((m) => m.ScanPage) },
  ],
};
