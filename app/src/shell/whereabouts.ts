import { computed, inject, Injectable } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { NavigationEnd, Router, type ActivatedRouteSnapshot } from '@angular/router';
import { filter, map, startWith } from 'rxjs';
import { PAGE_ROW, type PageRow } from '../household/parts/place-pages';

/** Where in the application somebody is: the place, its pages, what the address names. */
@Injectable()
export class Whereabouts {
  private readonly router = inject(Router);
  private readonly now = toSignal(
    this.router.events.pipe(
      filter((event) => event instanceof NavigationEnd),
      startWith(null),
      map(() => ({
        path: this.router.url.split(/[?#]/)[0] ?? '',
        row: rowOf(this.router.routerState.snapshot.root),
      })),
    ),
    { requireSync: true },
  );

  /** The place and its pages; null where no page of one is shown yet. */
  readonly row = computed(() => this.now().row);

  isAt(path: string): boolean {
    return this.now().path === path;
  }

  /** Whether the address names such a piece. */
  names(id: string): boolean {
    return this.now().path.split('/').includes(id);
  }

  /** `/demo/block` and `/demo/block/a-piece`, and nothing below. */
  isFirstPage(): boolean {
    return this.now().path.split('/').length <= 4;
  }
}

function rowOf(root: ActivatedRouteSnapshot): PageRow | null {
  for (let route: ActivatedRouteSnapshot | null = root; route; route = route.firstChild) {
    const row = route.data[PAGE_ROW] as PageRow | undefined;
    if (row) return row;
  }
  return null;
}
