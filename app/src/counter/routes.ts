import type { Routes } from '@angular/router';
import { LabelDraft } from './label/label-draft';
import { PieceAsked } from './answer/piece-asked';
import { ReadyCut } from './answer/ready-cut';

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
        loadComponent: () => import('./candidates/candidates-page').then((m) => m.CandidatesPage),
      },
      {
        path: 'prices',
        title: 'Price book · Vendicus',
        loadComponent: () => import('./prices/prices-page').then((m) => m.PricesPage),
      },
      {
        path: 'lists',
        title: 'Shops’ lists · Vendicus',
        loadComponent: () => import('./prices/lists-page').then((m) => m.ListsPage),
      },
    ],
  },
];
