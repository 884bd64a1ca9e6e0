import type { Routes } from '@angular/router';
import { PackRows } from './pack-rows';

/** The pages of the Freezer. */
export const FREEZER_ROUTES: Routes = [
  {
    path: '',
    providers: [PackRows],
    children: [
      {
        path: '',
        title: 'Freezer · Vendicus',
        loadComponent: () => import('./freezer-page').then((m) => m.FreezerPage),
      },
      {
        path: 'week',
        title: 'The week · Vendicus',
        loadComponent: () => import('./week-page').then((m) => m.WeekPage),
      },
      {
        path: 'tonight',
        title: 'Ready tonight? · Vendicus',
        loadComponent: () => import('./tonight-page').then((m) => m.TonightPage),
      },
      {
        path: 'batch',
        title: 'New batch · Vendicus',
        loadComponent: () => import('./batch-page').then((m) => m.BatchPage),
      },
      {
        path: 'buy',
        title: 'Buy next · Vendicus',
        loadComponent: () => import('./buy-page').then((m) => m.BuyPage),
      },
      {
        path: 'count',
        title: 'Stock-take · Vendicus',
        loadComponent: () => import('./count-page').then((m) => m.CountPage),
      },
      {
        path: 'power',
        title: 'Power cut · Vendicus',
        loadComponent: () => import('./power-page').then((m) => m.PowerPage),
      },
      {
        path: 'places',
        title: 'Places · Vendicus',
        loadComponent: () => import('./places-page').then((m) => m.PlacesPage),
      },
    ],
  },
];
