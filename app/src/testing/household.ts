import { Injector, runInInjectionContext, type Provider, type Type } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import type { Settings } from '@core/journal/settings';
import { Clock } from '../data/clock';
import { Figures } from '../data/figures';
import { HOUSEHOLD_NAME } from '../data/household-name';
import { HouseholdStore } from '../data/household-store';
import { Repository } from '../data/repository';

/** A household of its own on a given day, with what a place is given; and something that lives in it. */
export async function inHousehold<T>(
  what: Type<T>,
  settings: Partial<Settings> = {},
  providers: Provider[] = [],
): Promise<{ it: T; store: HouseholdStore }> {
  const clock = Object.assign(new Clock(), { today: () => '2026-11-24' });
  TestBed.configureTestingModule({
    providers: [
      { provide: Clock, useValue: clock },
      { provide: HOUSEHOLD_NAME, useValue: 'home' },
      Repository,
      HouseholdStore,
      Figures,
      ...providers,
    ],
  });
  const store = TestBed.inject(HouseholdStore) as HouseholdStore;
  await store.whenLoaded();
  await store.record({
    type: 'settings',
    key: 'household',
    value: { system: 'metric', decimal: '.', currency: 'EUR', eaters: [], ...settings },
  });
  const injector = TestBed.inject(Injector);
  return { it: runInInjectionContext(injector, () => injector.get(what)), store };
}
