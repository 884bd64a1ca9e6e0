import { PackRows } from './packs/pack-rows';
import { PiecesNow } from './week/pieces-now';
import type { PlacePages } from '../household/parts/place-pages';

/** The pages of the Freezer. */
export const FREEZER_PAGES: PlacePages = {
  providers: [PackRows, PiecesNow],
  pages: [
    {
      path: '',
      tab: 'Packs',
      title: 'Freezer',
      load: () => import('./packs/freezer-page').then((m) => m.FreezerPage),
    },
    {
      path: 'week',
      tab: 'Week',
      title: 'The week',
      load: () => import('./week/week-page').then((m) => m.WeekPage),
    },
    {
      path: 'tonight',
      tab: 'Tonight',
      title: 'Ready tonight?',
      load: () => import('./week/tonight-page').then((m) => m.TonightPage),
    },
    {
      path: 'batch',
      tab: 'New batch',
      isSeldom: true,
      title: 'New batch',
      load: () => import('./batch/batch-page').then((m) => m.BatchPage),
    },
    {
      path: 'buy',
      tab: 'Buy next',
      isSeldom: true,
      title: 'Buy next',
      load: () => import('./week/buy-page').then((m) => m.BuyPage),
    },
    {
      path: 'count',
      tab: 'Count',
      title: 'Stock-take',
      load: () => import('./count/count-page').then((m) => m.CountPage),
    },
    {
      path: 'power',
      tab: 'Power cut',
      title: 'Power cut',
      load: () => import('./power/power-page').then((m) => m.PowerPage),
    },
    {
      path: 'places',
      tab: 'Places',
      isSeldom: true,
      title: 'Places',
      load: () => import('./places/places-page').then((m) => m.PlacesPage),
    },
  ],
};
