import type { EntryType } from '../ledger/entry';
import type { EntryId } from '../ledger/lot';
import { toldAt } from '../ledger/told-at';
import { canonicalJson } from '../units/canonical-json';
import type { Instant } from '../units/date';
import { settingsOf, valuesOf, type Household } from './household';
import { kinshipOf, type Kinship } from './kinship';
import type { RecordType } from './record';
import { partOfGroup, SETTINGS_GROUPS, type Settings, type SettingsGroup } from './settings';

/** Settings of which the two said different things. */
export interface Differing {
  readonly group: SettingsGroup;
  readonly here: Partial<Settings>;
  readonly there: Partial<Settings>;
  /** Whose stays. */
  readonly stays: 'here' | 'there';
}

/** A price that a closed piece counted with on one device, and another on the other. */
export interface CountedOtherwise {
  readonly piece: string;
  readonly item: string;
  /** Smallest coins a kilogram. */
  readonly here: number;
  readonly there: number;
  readonly now: number;
}

/** What one device wrote down of what came. */
export interface FromDevice {
  readonly device: string;
  readonly entries: number;
  readonly from: Instant;
  readonly to: Instant;
}

/** What a merge brought into a household. */
export interface WhatCame {
  readonly kinship: Kinship;
  readonly entries: number;
  readonly byType: Readonly<Partial<Record<EntryType, number>>>;
  readonly devices: readonly FromDevice[];
  /** Registers that are new or say something else now, settings apart. */
  readonly records: Readonly<Partial<Record<RecordType, number>>>;
  readonly settings: readonly Differing[];
  readonly counted: readonly CountedOtherwise[];
  /** Places of this household in which nothing lay, and which the older one does not have. */
  readonly placesGone: number;
  /** Entries that do not fit since. */
  readonly misfits: readonly EntryId[];
}

/**
 * What came into a household with a merge, for a person to look over.
 *
 * @param before the household, `other` what was merged into it, `after` both
 */
export function whatCame(before: Household, other: Household, after: Household): WhatCame {
  const known = new Set(before.journal.entries.map(({ id }) => id));
  const added = after.journal.entries.filter(({ id }) => !known.has(id));
  const devices = new Map<string, FromDevice>();
  for (const entry of added) {
    const at = toldAt(entry);
    const one = devices.get(entry.device) ?? { device: entry.device, entries: 0, from: at, to: at };
    const [from, to] = [at < one.from ? at : one.from, at > one.to ? at : one.to];
    devices.set(entry.device, { ...one, entries: one.entries + 1, from, to });
  }
  const changed = [...after.records].filter(
    ([register, { type, value }]) =>
      type !== 'settings' &&
      canonicalJson(before.records.get(register)?.value ?? null) !== canonicalJson(value),
  );
  const aside = new Set(before.journal.state.setAside.map(({ entry }) => entry.id));
  return {
    kinship: kinshipOf(before, other),
    entries: added.length,
    byType: tally(added.map(({ type }) => type)),
    devices: [...devices.values()],
    records: tally(changed.map(([, { type }]) => type)),
    settings: differing(before, other, after),
    counted: countedOtherwise(before, other, after),
    placesGone: [...valuesOf(before, 'place').keys()].filter((key) => !after.records.has(`place/${key}`))
      .length,
    misfits: after.journal.state.setAside.map(({ entry }) => entry.id).filter((id) => !aside.has(id)),
  };
}

function tally<T extends string>(all: readonly T[]): Partial<Record<T, number>> {
  const counts: Partial<Record<T, number>> = {};
  for (const each of all) counts[each] = (counts[each] ?? 0) + 1;
  return counts;
}

/** Only what both have said can differ. */
function differing(before: Household, other: Household, after: Household): Differing[] {
  const [ours, theirs, now] = [before, other, after].map((each) => settingsOf(each)) as [
    Settings,
    Settings,
    Settings,
  ];
  return (Object.keys(SETTINGS_GROUPS) as SettingsGroup[]).flatMap((group) => {
    const register = `settings/${group}`;
    if (!before.records.has(register) || !other.records.has(register)) return [];
    const [here, there] = [partOfGroup(group, ours), partOfGroup(group, theirs)];
    if (canonicalJson(here) === canonicalJson(there)) return [];
    const isHere = canonicalJson(partOfGroup(group, now)) === canonicalJson(here);
    return [{ group, here, there, stays: isHere ? ('here' as const) : ('there' as const) }];
  });
}

function countedOtherwise(before: Household, other: Household, after: Household): CountedOtherwise[] {
  const [ours, theirs, now] = [before, other, after].map((each) => valuesOf(each, 'basis'));
  const priceOf = (bases: typeof ours, piece: string, item: string): number | undefined =>
    bases?.get(piece)?.prices.find((price) => price.item === item)?.perKg;
  return [...(ours?.keys() ?? [])].flatMap((piece) =>
    (ours?.get(piece)?.prices ?? []).flatMap(({ item, perKg: here }) => {
      const [there, counts] = [priceOf(theirs, piece, item), priceOf(now, piece, item)];
      return there === undefined || there === here ? [] : [{ piece, item, here, there, now: counts ?? here }];
    }),
  );
}
