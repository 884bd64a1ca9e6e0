import type { Kind } from '../catalogue/kind-schema';
import { animalOfKind } from '../catalogue/kinds';
import { registerOwnKinds } from '../catalogue/own-kinds';
import { canonicalJson } from '../units/canonical-json';
import { journalOf, type Journal } from '../ledger/journal';
import { mergeEntries, type Contradiction } from '../ledger/merge';
import { success, type Result } from '../units/result';
import { registerOf, type HouseholdRecord, type RecordType, type RecordValue } from './record';
import type { Entry } from '../ledger/entry';
import { DEFAULT_SETTINGS, type Settings } from './settings';

/** Everything a household has written down: the journal, and the registers beside it. */
export interface Household {
  readonly journal: Journal;
  readonly records: ReadonlyMap<string, HouseholdRecord>;
}

export const EMPTY_HOUSEHOLD: Household = { journal: journalOf([], animalOfKind), records: new Map() };

/** A household of these entries and records, in any order. */
export function householdOf(entries: readonly Entry[], records: readonly HouseholdRecord[]): Household {
  return readWith(mergeRecords([], records), entries);
}

/**
 * Joins what two devices of one household know. Commutative, associative and idempotent.
 *
 * @returns or what is wrong, where one entry id stands for two different entries
 */
export function mergeHouseholds(a: Household, b: Household): Result<Household, Contradiction> {
  const entries = mergeEntries(a.journal.entries, b.journal.entries);
  if (!entries.ok) return entries;
  const records = mergeRecords([...a.records.values()], [...b.records.values()]);
  return success(readWith(records, entries.value));
}

/** Own kinds are known before the journal is read: it asks which animal a piece is of. */
function readWith(records: Household['records'], entries: readonly Entry[]): Household {
  registerOwnKinds(ownKinds({ records }));
  return { journal: journalOf(entries, animalOfKind), records };
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
  for (const record of [...a, ...b]) {
    const other = latest.get(registerOf(record));
    if (!other || rank(record) > rank(other)) latest.set(registerOf(record), record);
  }
  return latest;
}

/** Stamps as text that sorts; the content settles what two equal stamps leave open. */
function rank({ stamp, value }: HouseholdRecord): string {
  return `${stamp.at} ${stamp.device} ${String(stamp.seq).padStart(12, '0')} ${canonicalJson(value)}`;
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
  return valuesOf(household, 'settings').get('household') ?? DEFAULT_SETTINGS;
}
