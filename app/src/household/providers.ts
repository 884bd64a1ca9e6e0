import { inject, type Provider } from '@angular/core';
import { Format } from '@core/format/format';
import { Clock } from './clock';
import { Colds } from './colds';
import { Repository } from './disk/repository';
import { HOUSEHOLD_NAME, type HouseholdName } from './household-name';
import { Copies } from './files/copies';
import { LinkedFile } from './files/linked-file';
import { MAY_PRACTISE } from './may-practise';
import { HouseholdStore } from './household-store';
import { Persistence } from './persistence';

/** What a page of this household stands on. */
export function householdProviders(name: HouseholdName): Provider[] {
  return [
    { provide: HOUSEHOLD_NAME, useValue: name },
    { provide: MAY_PRACTISE, useValue: name === 'demo' },
    { provide: Repository, useFactory: () => new Repository(name, inject(Clock)) },
    HouseholdStore,
    { provide: Format, useFactory: () => inject(HouseholdStore).format },
    LinkedFile,
    Persistence,
    Copies,
    Colds,
  ];
}
