import type { PlacePages } from '../household/parts/place-pages';

/** The pages of Craft. */
export const CRAFT_PAGES: PlacePages = {
  pages: [
    { path: '', tab: 'Pieces', title: 'Craft', load: () => import('./craft-page').then((m) => m.CraftPage) },
    {
      path: 'words',
      tab: 'Words',
      title: 'Words',
      load: () => import('./words-page').then((m) => m.WordsPage),
    },
    {
      path: 'knives',
      tab: 'Knives and board',
      title: 'Knives and board',
      load: () => import('./knives-page').then((m) => m.KnivesPage),
    },
    {
      path: 'thickness',
      tab: 'Even thickness',
      title: 'Even thickness',
      load: () => import('./thickness-page').then((m) => m.ThicknessPage),
    },
    {
      path: 'safety',
      tab: 'Safety',
      title: 'Safety',
      load: () => import('./safety-page').then((m) => m.SafetyPage),
    },
    {
      path: 'own/:id',
      title: 'A kind of your own',
      load: () => import('./own-kind/own-kind-page').then((m) => m.OwnKindPage),
    },
    { path: ':kind', title: 'Craft', load: () => import('./guide/guide-page').then((m) => m.GuidePage) },
  ],
};
