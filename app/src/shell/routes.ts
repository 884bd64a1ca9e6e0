import { inject, isDevMode } from '@angular/core';
import { Router, type CanActivateFn, type Route, type Routes } from '@angular/router';
import type { HouseholdName } from '../household/household-name';
import { HouseholdStore } from '../household/household-store';
import { householdProviders } from '../household/providers';
import { routesOf } from '../household/parts/place-pages';
import { knowsOwnHousehold } from '../household/own-household-mark';
import { PLACES, type PlaceOfWork } from './places';

/** One's own household begins with its questions. */
const answered: CanActivateFn = async () => {
  const store = inject(HouseholdStore);
  const router = inject(Router);
  const isThere = (): boolean => store.isSetUp() || store.trouble() !== null || store.spoilt().length > 0;
  await store.whenKnown();
  // What could not be opened may turn out to be nothing yet.
  if (!store.loaded()) void store.whenLoaded().then(() => isThere() || router.navigateByUrl('/home/start'));
  return isThere() || router.parseUrl('/home/start');
};

/** The page of all controls: in development, and where a test has opened the door. */
const isForBuilders = (): boolean => isDevMode() || sessionStorage.getItem('vendicus-for-builders') !== null;

/** The routes of all places; the first is where one begins. */
export function placeRoutes(places: readonly PlaceOfWork[] = PLACES): Routes {
  return [
    { path: '', pathMatch: 'full', redirectTo: places[0]?.path },
    ...places.map((place) => ({
      path: place.path,
      loadChildren: () => place.pages().then((pages) => routesOf(place, pages)),
    })),
  ];
}

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
  household('demo', [shell(placeRoutes())]),
  household('home', [
    {
      path: 'start',
      title: 'Your household · Vendicus',
      loadComponent: () => import('../start/start-page').then((m) => m.StartPage),
    },
    { ...shell(placeRoutes()), canActivate: [answered] },
  ]),
  {
    path: 'ui',
    title: 'Controls · Vendicus',
    canMatch: [isForBuilders],
    loadComponent: () => import('../ui/all/controls-page').then((m) => m.ControlsPage),
  },
  {
    path: '**',
    title: 'Nothing here · Vendicus',
    loadComponent: () => import('./nowhere-page').then((m) => m.NowherePage),
  },
];
