import type { MenuItem } from 'primeng/api';
import type { HouseholdName } from '../household/household-name';
import type { PageTab } from '../household/parts/place-pages';

/** A page as a line of a menu. */
export function pageItem({ name, path }: PageTab, household: HouseholdName): MenuItem {
  return {
    label: name,
    routerLink: ['/', household, ...path],
    routerLinkActiveOptions: { exact: true },
  };
}
