import type { Routes } from '@angular/router';
import { LabelDraft } from './label-draft';
import { PieceAsked } from './piece-asked';
import { ReadyCut } from './ready-cut';

/** The pages of the Counter; what is typed on one of them waits while another is looked at. */
export const COUNTER_ROUTES: Routes = [
  {
    path: '',
    providers: [LabelDraft, PieceAsked, ReadyCut],
    children: [
      {
        path: '',
        title: 'Counter · Vendicus',
        loadComponent: () => import('./counter-page').then((m) => m.CounterPage),
      },
      {
        path: 'candidates',
        title: 'Side by side · Vendicus',
        loadComponent: () => import('./candidates-page').then((m) => m.CandidatesPage),
      },
      {
        path: 'prices',
        title: 'Price book · Vendicus',
        loadComponent: () => import('./prices-page').then((m) => m.PricesPage),
      },
      {
        path: 'lists',
        title: 'Shops’ lists · Vendicus',
        loadComponent: () => import('./lists-page').then((m) => m.ListsPage),
      },
    ],
  },
];
