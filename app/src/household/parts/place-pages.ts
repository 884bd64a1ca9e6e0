import { InjectionToken, type Provider, type Type } from '@angular/core';
import type { Routes } from '@angular/router';

/** A page of a place. */
export interface Page {
  /** Below the place; empty for its first. */
  readonly path: string;
  /** What it is called in the row of pages; what is reached from another page has no name there. */
  readonly tab?: string;
  readonly title: string;
  readonly load: () => Promise<Type<unknown>>;
}

/** The pages of a place, and what they share while one goes from one to another. */
export interface PlacePages {
  readonly pages: readonly Page[];
  readonly providers?: readonly Provider[];
}

/** The row of pages of a place: paths below the household, and names. */
export interface PageRow {
  readonly of: string;
  readonly tabs: readonly { readonly path: readonly string[]; readonly name: string }[];
}

export const PAGE_ROW = new InjectionToken<PageRow>('the row of pages of this place');

/** The routes of a place, and the row that leads to them. */
export function routesOf(
  place: { readonly path: string; readonly name: string },
  { pages, providers = [] }: PlacePages,
): Routes {
  const row: PageRow = {
    of: place.name,
    tabs: pages.flatMap(({ path, tab }) =>
      tab === undefined ? [] : [{ path: path === '' ? [place.path] : [place.path, path], name: tab }],
    ),
  };
  return [
    {
      path: '',
      providers: [...providers, { provide: PAGE_ROW, useValue: row }],
      children: pages.map(({ path, title, load }) => ({
        path,
        title: `${title} · Vendicus`,
        loadComponent: load,
      })),
    },
  ];
}
