import { compareText } from '../ledger/stamp';
import type { Household } from './household';

/** How two households stand to each other: one and the same, one that came into the other, or strangers. */
export type Kinship = 'same' | 'joined' | 'strangers';

/** What either has not begun yet is of the same as the other. */
export function kinshipOf(a: Household, b: Household): Kinship {
  if (!a.identity || !b.identity || a.identity.id === b.identity.id) return 'same';
  if (a.identity.joined.includes(b.identity.id) || b.identity.joined.includes(a.identity.id)) return 'joined';
  const known = new Set(a.journal.entries.map(({ id }) => id));
  return b.journal.entries.some(({ id }) => known.has(id)) ? 'same' : 'strangers';
}

/** The older household first: one that has a past before one that has none, then by the beginning. */
export function byAge(a: Household, b: Household): [older: Household, younger: Household] {
  const isLater =
    Number(b.journal.entries.length > 0) - Number(a.journal.entries.length > 0) ||
    compareText(a.identity?.began ?? '', b.identity?.began ?? '') ||
    compareText(a.identity?.id ?? '', b.identity?.id ?? '');
  return isLater <= 0 ? [a, b] : [b, a];
}
