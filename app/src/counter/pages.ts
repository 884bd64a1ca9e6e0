import { LabelDraft } from './label/label-draft';
import { Compared } from './candidates/compared';
import { AsWrapped } from './piece/as-wrapped';
import { PieceAsked } from './piece/piece-asked';
import { ReadyCut } from './answer/ready-cut';
import type { PlacePages } from '../household/parts/place-pages';

/** The pages of the Counter; what is typed on one of them waits while another is looked at. */
export const COUNTER_PAGES: PlacePages = {
  providers: [AsWrapped, Compared, LabelDraft, PieceAsked, ReadyCut],
  pages: [
    {
      path: '',
      tab: 'Worth it?',
      title: 'Counter',
      load: () => import('./counter-page').then((m) => m.CounterPage),
    },
    {
      path: 'candidates',
      tab: 'Side by side',
      title: 'Side by side',
      load: () => import('./candidates/candidates-page').then((m) => m.CandidatesPage),
    },
    {
      path: 'ask',
      tab: 'Ask for it',
      title: 'Ask for it',
      load: () => import('./ask/ask-page').then((m) => m.AskPage),
    },
    {
      path: 'which',
      tab: 'Which for us?',
      title: 'Which piece for us?',
      load: () => import('./which/which-page').then((m) => m.WhichPage),
    },
    {
      path: 'prices',
      tab: 'Price book',
      title: 'Price book',
      load: () => import('./prices/prices-page').then((m) => m.PricesPage),
    },
    {
      path: 'lists',
      tab: 'Shops’ lists',
      title: 'Shops’ lists',
      load: () => import('./prices/lists-page').then((m) => m.ListsPage),
    },
  ],
};
