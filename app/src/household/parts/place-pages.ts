import type { Provider, Type } from '@angular/core';
import type { Routes } from '@angular/router';

/** A page of a place. */
export interface Page {
  /** Below the place; empty for its first. */
  readonly path: string;
  /** What it is called in the row of pages; what is reached from another page has no name there. */
  readonly tab?: string;
  /** Seldom wanted: behind “More” at the end of the row. */
  readonly isSeldom?: boolean;
  readonly title: string;
  readonly load: () => Promise<Type<unknown>>;
}

/** The pages of a place, and what they share while one goes from one to another. */
export interface PlacePages {
  readonly pages: readonly Page[];
  readonly providers?: readonly Provider[];
}

export interface PageTab {
  readonly path: readonly string[];
  readonly name: string;
  readonly isSeldom: boolean;
}

/** The row of pages of a place: paths below the household, and names. */
export interface PageRow {
  /** The place: its path and its name. */
  readonly path: string;
  readonly of: string;
  readonly tabs: readonly PageTab[];
}

/** The row of pages stands in the data of their routes under this name: the shell shows it. */
export const PAGE_ROW = 'pageRow';

/** The routes of a place, and the row that leads to them. */
export function routesOf(
  place: { readonly path: string; readonly name: string },
  { pages, providers = [] }: PlacePages,
): Routes {
  const row: PageRow = {
    path: place.path,
    of: place.name,
    tabs: pages.flatMap(({ path, tab, isSeldom = false }) =>
      tab === undefined
        ? []
        : [{ path: path === '' ? [place.path] : [place.path, path], name: tab, isSeldom }],
    ),
  };
  return [
    {
      path: '',
      providers: [...providers],
      data: { [PAGE_ROW]: row },
      children: pages.map(({ path, title, load }) => ({
        path,
        title: `${title} · Vendicus`,
        loadComponent: load,
      })),
    },
  ];
}
