import type { Undone } from '@core/deeds/undone-deed';
import type { HouseholdName } from './household-name';
import { keepHere } from './kept-here';

/** So many undone deeds are remembered; what is older is in the journal. */
const MOST = 20;

/** What they are kept under: on this device, for every tab of the household. */
const UNDONE = 'undone';

/** Remembers an undone deed, the newest first. It is read, and checked, by who lists them. */
export function rememberUndone(name: HouseholdName, undone: Undone): void {
  keepHere(UNDONE, name, [undone, ...rememberedUndone(name)].slice(0, MOST));
}

/** What is remembered, unchecked; nothing where it cannot be read. */
export function rememberedUndone(name: HouseholdName): readonly unknown[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(`vendicus-${UNDONE} ${name}`) ?? '[]');
    return Array.isArray(kept) ? kept : [];
  } catch {
    return [];
  }
}
