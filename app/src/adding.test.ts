import type { Route } from '@angular/router';
import { TestBed } from '@angular/core/testing';
import { placeRoutes } from './shell/routes';
import { PLACES } from './shell/places';
import { BENCH_KEYS, pressKey, type AtTheBench } from './block/bench/keys';
import { SCALES, type ScaleKinds } from './devices/scale/scales';
import { ScaleLink } from './devices/scale/scale-link';
import { FREEZER_PAGES } from './freezer/pages';
import { PAGE_ROW, routesOf, type Page, type PageRow } from './household/parts/place-pages';

class Thermometers {}
const page: Page = {
  path: 'thermometers',
  tab: 'Thermometers',
  title: 'Thermometers',
  load: () => Promise.resolve(Thermometers),
};

/** The list *Adding* of docs/architecture.md, where it is of the app: for each line one is added, and appears. */
const ADDS: Readonly<Record<string, () => void | Promise<void>>> = {
  'a page of a place': async () => {
    const place = { path: 'freezer', name: 'Freezer' };
    const [route] = routesOf(place, { ...FREEZER_PAGES, pages: [...FREEZER_PAGES.pages, page] });
    const added = route?.children?.at(-1) as Route;
    expect([added.path, added.title]).toEqual(['thermometers', 'Thermometers · Vendicus']);
    expect(await added.loadComponent?.()).toBe(Thermometers);
    expect((route?.data?.[PAGE_ROW] as PageRow).tabs.at(-1)).toEqual({
      path: ['freezer', 'thermometers'],
      name: 'Thermometers',
      isSeldom: false,
    });
  },
  'a place': async () => {
    const cellar = { path: 'cellar', name: 'Cellar', pages: () => Promise.resolve({ pages: [page] }) };
    const routes = placeRoutes([...PLACES, cellar]);
    expect(routes.map(({ path }) => path)).toContain('counter');
    expect(await routes.at(-1)?.loadChildren?.()).toMatchObject([{ children: [{ path: 'thermometers' }] }]);
  },
  'a scale': async () => {
    localStorage.clear();
    const spring = {
      name: 'Spring balance',
      graduationDg: 50,
      listen: (hear: (event: { type: 'reading'; reading: object }) => void) => {
        hear({ type: 'reading', reading: { massDg: 4200, isStable: true, isOverload: false } });
        return Promise.resolve(() => undefined);
      },
    };
    const scales = { spring: { name: 'Spring balance', about: '', source: () => spring } };
    TestBed.configureTestingModule({
      providers: [{ provide: SCALES, useValue: scales as unknown as ScaleKinds }],
    });
    const link = TestBed.inject(ScaleLink);
    link.choose({ source: 'spring' });
    await Promise.resolve();
    expect([link.name(), link.graduationDg(), link.reading()?.massDg]).toEqual(['Spring balance', 50, 4200]);
    link.disconnect();
  },
  'a key at the bench': () => {
    const showList = jest.fn();
    const bench = { showList } as unknown as AtTheBench;
    expect(pressKey('z', bench)).toBe(false);
    expect(pressKey('z', bench, { ...BENCH_KEYS, z: (at) => at.showList() })).toBe(true);
    expect(showList).toHaveBeenCalledTimes(1);
  },
};

describe('what is added appears:', () => {
  it.each(Object.entries(ADDS))('%s', (_what, adds) => adds());
});
