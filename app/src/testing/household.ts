import { Injector, runInInjectionContext, type Provider, type Type } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { DEFAULT_SETTINGS, settingsGroups, type Settings } from '@core/records/settings';
import { ActivatedRoute, convertToParamMap, type Params } from '@angular/router';
import { Dexie } from 'dexie';
import { of } from 'rxjs';
import { householdProviders } from '../household/providers';
import { HouseholdStore } from '../household/household-store';

// A household ends with its test.
afterEach(async () => {
  TestBed.resetTestingModule();
  await Dexie.delete('vendicus-home');
});

/** A household of its own, with what a place is given; and something that lives in it. */
export async function inHousehold<T>(
  what: Type<T>,
  settings: Partial<Settings> = {},
  providers: Provider[] = [],
): Promise<{ it: T; store: HouseholdStore }> {
  TestBed.configureTestingModule({ providers: [...householdProviders('home'), ...providers] });
  const store = TestBed.inject(HouseholdStore) as HouseholdStore;
  await store.whenLoaded();
  await store.perform({
    records: settingsGroups({ ...DEFAULT_SETTINGS, ...settings }).map((group) => ({
      type: 'settings',
      ...group,
    })),
  });
  const injector = TestBed.inject(Injector);
  return { it: runInInjectionContext(injector, () => injector.get(what)), store };
}

/** The address that something is opened with. */
export function at(path: Params, query: Params = {}): Provider {
  return {
    provide: ActivatedRoute,
    useValue: { paramMap: of(convertToParamMap(path)), queryParamMap: of(convertToParamMap(query)) },
  };
}
