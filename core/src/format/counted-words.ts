import type { Entry, EntryType } from '../ledger/entry';
import { plural } from './plural';

type Counted = readonly [types: readonly EntryType[], one: string];

/** What entries are called when they are counted. */
const ENTRIES: readonly Counted[] = [
  [['received'], 'piece bought'],
  [['acquired'], 'pack entered'],
  [['drained', 'cut'], 'weighing'],
  [['packed', 'combined', 'halved', 'unpacked'], 'packing'],
  [['placed', 'thawing', 'refrozen'], 'move'],
  [['eaten', 'given', 'discarded'], 'use'],
  [['counted'], 'count of stock'],
  [['changed', 'corrected', 'closed', 'reopened', 'undone', 'redone'], 'correction'],
];

const PLURALS: Readonly<Record<string, string>> = {
  'piece bought': 'pieces bought',
  'pack entered': 'packs entered',
  'count of stock': 'counts of stock',
};

/** How many entries there are of each type. */
export type Tally = Readonly<Partial<Record<EntryType, number>>>;

/** How many entries there are of each type. */
export function tallyOf(entries: readonly Pick<Entry, 'type'>[]): Tally {
  const counts: Partial<Record<EntryType, number>> = {};
  for (const { type } of entries) counts[type] = (counts[type] ?? 0) + 1;
  return counts;
}

/** What has come since an earlier count; what was taken out since counts for nothing. */
export function tallySince(now: Tally, then: Tally): Tally {
  return Object.fromEntries(
    (Object.keys(now) as EntryType[]).map((type) => [
      type,
      Math.max(0, (now[type] ?? 0) - (then[type] ?? 0)),
    ]),
  );
}

/** Of two counts, of which nobody knows how much is in both, what there is at least. */
export function mostOf(one: Tally, other: Tally): Tally {
  const types = new Set([...Object.keys(one), ...Object.keys(other)] as EntryType[]);
  return Object.fromEntries([...types].map((type) => [type, Math.max(one[type] ?? 0, other[type] ?? 0)]));
}

/**
 * Entries by what they are, as a household would count them; of which there are none are left out.
 *
 * @example countedWords({ cut: 30, drained: 1, received: 2 }) // ['2 pieces bought', '31 weighings']
 */
export function countedWords(tally: Tally): string[] {
  return ENTRIES.map(
    ([types, one]) => [one, types.reduce((sum, type) => sum + (tally[type] ?? 0), 0)] as const,
  )
    .filter(([, count]) => count > 0)
    .map(([one, count]) => (count > 1 && PLURALS[one] ? `${count} ${PLURALS[one]}` : plural(count, one)));
}
