import type { Routes } from '@angular/router';
import { PackRows } from './packs/pack-rows';

/** The pages of the Freezer. */
export const FREEZER_ROUTES: Routes = [
  {
    path: '',
    providers: [PackRows],
    children: [
      {
        path: '',
        title: 'Freezer · Vendicus',
        loadComponent: () => import('./packs/freezer-page').then((m) => m.FreezerPage),
      },
      {
        path: 'week',
        title: 'The week · Vendicus',
        loadComponent: () => import('./week/week-page').then((m) => m.WeekPage),
      },
      {
        path: 'tonight',
        title: 'Ready tonight? · Vendicus',
        loadComponent: () => import('./week/tonight-page').then((m) => m.TonightPage),
      },
      {
        path: 'batch',
        title: 'New batch · Vendicus',
        loadComponent: () => import('./batch/batch-page').then((m) => m.BatchPage),
      },
      {
        path: 'buy',
        title: 'Buy next · Vendicus',
        loadComponent: () => import('./week/buy-page').then((m) => m.BuyPage),
      },
      {
        path: 'count',
        title: 'Stock-take · Vendicus',
        loadComponent: () => import('./count/count-page').then((m) => m.CountPage),
      },
      {
        path: 'power',
        title: 'Power cut · Vendicus',
        loadComponent: () => import('./power/power-page').then((m) => m.PowerPage),
      },
      {
        path: 'places',
        title: 'Places · Vendicus',
        loadComponent: () => import('./places/places-page').then((m) => m.PlacesPage),
      },
    ],
  },
];
