import type { Kind } from '../catalogue/kind-schema';
import { animalOfKind } from '../catalogue/kinds';
import { knowingOwnKinds } from '../catalogue/own-kinds';
import { canonicalJson } from '../units/canonical-json';
import { journalOf, type Journal } from '../ledger/journal';
import { compareStamps, compareText } from '../ledger/stamp';
import { identityFrom, type Identity } from './identity';
import { registerOf, type HouseholdRecord, type RecordType, type RecordValue } from './record';
import type { Entry } from '../ledger/entry';
import { DEFAULT_SETTINGS, partOfGroup, settingsGroups, type Settings, type SettingsGroup } from './settings';

/** Everything a household has written down: the journal, and the registers beside it. */
export interface Household {
  readonly journal: Journal;
  readonly records: ReadonlyMap<string, HouseholdRecord>;
  /** Which household it is; null before it has begun. */
  readonly identity: Identity | null;
}

export const EMPTY_HOUSEHOLD: Household = {
  journal: journalOf([], animalOfKind),
  records: new Map(),
  identity: null,
};

/**
 * A household of these entries and records, in any order.
 *
 * @param identity where it has one; else that of a household of older files
 */
export function householdOf(
  entries: readonly Entry[],
  records: readonly HouseholdRecord[],
  identity: Identity | null = null,
): Household {
  const latest = mergeRecords([], records);
  const journal = journalOf(entries, animalOf(latest));
  return { journal, records: latest, identity: identity ?? identityFrom(journal.entries, latest.values()) };
}

/**
 * Which animal a piece is of, the kinds of these records among them. A file that is only looked at
 * makes none of its kinds known.
 */
export function animalOf(records: Household['records']): Journal['animalOf'] {
  return knowingOwnKinds(ownKinds({ records }), animalOfKind);
}

/** The household's own kinds that are not deleted. */
export function ownKinds(household: Pick<Household, 'records'>): Kind[] {
  return [...valuesOf(household, 'kind').values()];
}

/** The latest of every register. */
export function mergeRecords(
  a: readonly HouseholdRecord[],
  b: readonly HouseholdRecord[],
): ReadonlyMap<string, HouseholdRecord> {
  const latest = new Map<string, HouseholdRecord>();
  for (const record of [...a, ...b].flatMap(inGroups)) {
    const other = latest.get(registerOf(record));
    if (!other || isLater(record, other)) latest.set(registerOf(record), record);
  }
  return latest;
}

/** The content settles what two equal stamps leave open. */
function isLater(a: HouseholdRecord, b: HouseholdRecord): boolean {
  return (compareStamps(a.stamp, b.stamp) || compareText(canonicalJson(a.value), canonicalJson(b.value))) > 0;
}

/** Settings of older files are one record: as what they are now, each group with the stamp of all. */
function inGroups(record: HouseholdRecord): HouseholdRecord[] {
  if (record.type !== 'settings' || record.key !== 'household') return [record];
  return settingsGroups(record.value ?? {}).map((group) => ({ ...record, ...group }));
}

/** The values of one type that are not deleted, by key. */
export function valuesOf<T extends RecordType>(
  household: Pick<Household, 'records'>,
  type: T,
): Map<string, RecordValue<T>> {
  const values = new Map<string, RecordValue<T>>();
  for (const record of household.records.values()) {
    if (record.type === type && record.value !== null) values.set(record.key, record.value as RecordValue<T>);
  }
  return values;
}

/** How this household counts. */
export function settingsOf(household: Pick<Household, 'records'>): Settings {
  const groups = [...valuesOf(household, 'settings')];
  return Object.assign(
    { ...DEFAULT_SETTINGS },
    ...groups.map(([key, value]) => partOfGroup(key as SettingsGroup, value)),
  ) as Settings;
}

/** Whether amounts of money are written down, which mean nothing in another currency. */
export function holdsMoney(household: Household): boolean {
  const lots = [...household.journal.state.lots.values()];
  return (
    valuesOf(household, 'price').size > 0 || lots.some(({ paidMinor }) => paidMinor !== null && paidMinor > 0)
  );
}
