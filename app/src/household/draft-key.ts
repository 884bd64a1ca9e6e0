import { inject } from '@angular/core';
import { HOUSEHOLD_NAME } from './household-name';
import { HouseholdStore } from './household-store';

/**
 * The key under which something half typed waits in the tab: one household's never comes up in
 * another, and a figure is never read again in another unit or with another sign.
 */
export function draftKey(what: string): () => string {
  const [household, store] = [inject(HOUSEHOLD_NAME), inject(HouseholdStore)];
  return () => {
    const { system, decimal } = store.settings();
    return `vendicus-${what} ${household} ${system} ${decimal}`;
  };
}
