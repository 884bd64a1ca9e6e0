import { inject } from '@angular/core';
import { Router, type CanActivateFn, type Route, type Routes } from '@angular/router';
import type { HouseholdName } from '../household/household-name';
import { HouseholdStore } from '../household/household-store';
import { householdProviders } from '../household/providers';
import { knowsOwnHousehold } from '../household/own-household-mark';

/** One's own household begins with its questions. */
const answered: CanActivateFn = async () => {
  const store = inject(HouseholdStore);
  const router = inject(Router);
  await store.whenLoaded();
  return store.isSetUp() || store.storageProblem() !== null || router.parseUrl('/home/start');
};

const places: Routes = [
  { path: '', pathMatch: 'full', redirectTo: 'counter' },
  { path: 'counter', loadChildren: () => import('../counter/routes').then((m) => m.COUNTER_ROUTES) },
  {
    path: 'block',
    title: 'Block · Vendicus',
    loadComponent: () => import('../block/bench/block-page').then((m) => m.BlockPage),
  },
  {
    path: 'block/:lot',
    title: 'Block · Vendicus',
    loadComponent: () => import('../block/bench/block-page').then((m) => m.BlockPage),
  },
  {
    path: 'block/:lot/slices',
    title: 'Where to cut · Vendicus',
    loadComponent: () => import('../block/slices/slices-page').then((m) => m.SlicesPage),
  },
  {
    path: 'wrap',
    title: 'Wrap · Vendicus',
    loadComponent: () => import('../wrap/table/wrap-page').then((m) => m.WrapPage),
  },
  {
    path: 'wrap/labels',
    title: 'Labels · Vendicus',
    loadComponent: () => import('../wrap/labels/labels-page').then((m) => m.LabelsPage),
  },
  {
    path: 'wrap/scan',
    title: 'Scan a label · Vendicus',
    loadComponent: () => import('../wrap/scan/scan-page').then((m) => m.ScanPage),
  },
  { path: 'freezer', loadChildren: () => import('../freezer/routes').then((m) => m.FREEZER_ROUTES) },
  {
    path: 'books',
    title: 'Books · Vendicus',
    loadComponent: () => import('../books/books-page').then((m) => m.BooksPage),
  },
  {
    path: 'books/trends',
    title: 'Totals and trends · Vendicus',
    loadComponent: () => import('../books/trends/trends-page').then((m) => m.TrendsPage),
  },
  {
    path: 'books/household',
    title: 'The household’s file · Vendicus',
    loadComponent: () => import('../books/file/file-page').then((m) => m.FilePage),
  },
  {
    path: 'books/:lot',
    title: 'A piece in the Books · Vendicus',
    loadComponent: () => import('../books/piece/piece-page').then((m) => m.PiecePage),
  },
  {
    path: 'craft',
    title: 'Craft · Vendicus',
    loadComponent: () => import('../craft/craft-page').then((m) => m.CraftPage),
  },
  {
    path: 'craft/words',
    title: 'Words · Vendicus',
    loadComponent: () => import('../craft/words-page').then((m) => m.WordsPage),
  },
  {
    path: 'craft/knives',
    title: 'Knives and board · Vendicus',
    loadComponent: () => import('../craft/knives-page').then((m) => m.KnivesPage),
  },
  {
    path: 'craft/safety',
    title: 'Safety · Vendicus',
    loadComponent: () => import('../craft/safety-page').then((m) => m.SafetyPage),
  },
  {
    path: 'craft/thickness',
    title: 'Even thickness · Vendicus',
    loadComponent: () => import('../craft/thickness-page').then((m) => m.ThicknessPage),
  },
  {
    path: 'craft/own/:id',
    title: 'A kind of your own · Vendicus',
    loadComponent: () => import('../craft/own-kind/own-kind-page').then((m) => m.OwnKindPage),
  },
  {
    path: 'craft/:kind',
    title: 'Craft · Vendicus',
    loadComponent: () => import('../craft/guide/guide-page').then((m) => m.GuidePage),
  },
];

const household = (name: HouseholdName, children: Routes): Route => ({
  path: name,
  providers: householdProviders(name),
  children,
});

const shell = (children: Routes): Route => ({
  path: '',
  loadComponent: () => import('./shell').then((m) => m.Shell),
  children,
});

export const routes: Routes = [
  { path: '', pathMatch: 'full', redirectTo: () => (knowsOwnHousehold() ? '/home' : '/demo') },
  household('demo', [shell(places)]),
  household('home', [
    {
      path: 'start',
      title: 'Your household · Vendicus',
      loadComponent: () => import('../start/start-page').then((m) => m.StartPage),
    },
    { ...shell(places), canActivate: [answered] },
  ]),
  { path: '**', redirectTo: '' },
];
