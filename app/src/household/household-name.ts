import { InjectionToken } from '@angular/core';

/** Which household a tab looks at: the demo, or one's own. Each has a database of its own. */
export type HouseholdName = 'demo' | 'home';

export const HOUSEHOLD_NAME = new InjectionToken<HouseholdName>('HOUSEHOLD_NAME');
