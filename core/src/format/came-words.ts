import type { EntryType } from '../ledger/entry';
import type { RecordType } from '../records/record';
import type { SettingsGroup } from '../records/settings';
import type { Differing, FromDevice, WhatCame } from '../records/what-came';
import type { Format } from './format';

type Counted = readonly [types: readonly EntryType[], one: string];

/** What entries are called when they are counted. */
const ENTRIES: readonly Counted[] = [
  [['received'], 'piece bought'],
  [['acquired'], 'pack entered'],
  [['drained', 'cut'], 'weighing'],
  [['packed', 'combined', 'unpacked'], 'packing'],
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

/** What registers are called when they are counted; settings are told one by one. */
const RECORDS: Readonly<Partial<Record<RecordType, string>>> = {
  price: 'price',
  place: 'place',
  meal: 'planned dinner',
};

/** What settings are called, by group. */
const SETTINGS_NAMES: Readonly<Record<SettingsGroup, string>> = {
  units: 'kilograms or pounds',
  currency: 'the currency',
  eaters: 'who eats here',
  method: 'the method of cost',
  costs: 'what the work costs',
  room: 'the freezer’s litres',
  wrapping: 'which packs are wanted',
  dinners: 'when dinner is',
  keeping: 'the rules of keeping',
};

/** Ids that are made by chance are longer than names; four letters tell them apart. */
const LONG_ID = 8;
const LIST = new Intl.ListFormat('en-GB');

function counts(all: readonly (readonly [one: string, count: number])[], format: Format): string[] {
  return all
    .filter(([, count]) => count > 0)
    .map(([one, count]) =>
      count > 1 && PLURALS[one] ? `${count} ${PLURALS[one]}` : format.count(count, one),
    );
}

/**
 * What a merge brought, as short sentences.
 *
 * @example ['3 weighings, 2 uses and 14 prices', 'From one device, 3 to 24 Nov', 'Who eats here differs: what was said here stays']
 */
export function cameWords(
  { byType, records, devices, settings, placesGone, misfits }: WhatCame,
  format: Format,
): string[] {
  const entries = ENTRIES.map(
    ([types, one]) => [one, types.reduce((sum, type) => sum + (byType[type] ?? 0), 0)] as const,
  );
  const named = Object.entries(RECORDS).map(
    ([type, one]) => [one, records[type as RecordType] ?? 0] as const,
  );
  const others = (Object.keys(records) as RecordType[])
    .filter((type) => RECORDS[type] === undefined)
    .reduce((sum, type) => sum + (records[type] ?? 0), 0);
  const all = counts([...entries, ...named, ['other note', others]], format);
  return [
    all.length === 0 ? 'Nothing that was not here' : LIST.format(all),
    ...devices.map((device) => deviceWords(device, format)),
    ...settings.map(differs),
    ...(placesGone === 0
      ? []
      : [`${format.count(placesGone, 'place')} of this household, in which nothing lay, did not stay`]),
    ...(misfits.length === 0
      ? []
      : [`${misfits.length} of it ${misfits.length === 1 ? 'does' : 'do'} not fit: see the top of the page`]),
  ];
}

function deviceWords({ device, entries, from, to }: FromDevice, format: Format): string {
  const [first, last] = [format.day(from.slice(0, 10)), format.day(to.slice(0, 10))];
  const when = first === last ? first : `${first} to ${last}`;
  return `${entries} written by the device ${device.length > LONG_ID ? device.slice(0, 4) : device}, ${when}`;
}

function differs({ group, stays }: Differing): string {
  const name = SETTINGS_NAMES[group];
  return `${name.charAt(0).toUpperCase()}${name.slice(1)}: said otherwise there; ${stays === 'here' ? 'what was said here stays' : 'what was said there counts now'}`;
}
