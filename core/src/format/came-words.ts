import { shopItem } from '../catalogue/shop-items';
import type { RecordType } from '../records/record';
import type { SettingsGroup } from '../records/settings';
import type { CountedOtherwise, Differing, FromDevice, WhatCame } from '../records/what-came';
import { countedWords } from './counted-words';
import type { Format } from './format';

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
  skin: 'whether skin is eaten',
  method: 'the method of cost',
  costs: 'what the work costs',
  room: 'the freezer’s litres',
  wrapping: 'which packs are wanted',
  dinners: 'when dinner is',
  keeping: 'the rules of keeping',
  feasts: 'the feasts',
};

/** Ids that are made by chance are longer than names; four letters tell them apart. */
const LONG_ID = 8;
const LIST = new Intl.ListFormat('en-GB');

/**
 * What a merge brought, as short sentences.
 *
 * @example ['3 weighings, 2 uses and 14 prices', 'From one device, 3 to 24 Nov', 'Who eats here differs: what was said here stays']
 */
export function cameWords(
  { byType, records, devices, settings, counted, placesGone, misfits }: WhatCame,
  format: Format,
): string[] {
  const named = Object.entries(RECORDS).map(
    ([type, one]) => [one, records[type as RecordType] ?? 0] as const,
  );
  const others = (Object.keys(records) as RecordType[])
    .filter((type) => RECORDS[type] === undefined)
    .reduce((sum, type) => sum + (records[type] ?? 0), 0);
  const notes = [...named, ['other note', others] as const].filter(([, count]) => count > 0);
  const all = [...countedWords(byType), ...notes.map(([one, count]) => format.count(count, one))];
  return [
    all.length === 0 ? 'Nothing that was not here' : LIST.format(all),
    ...devices.map((device) => deviceWords(device, format)),
    ...settings.map(differs),
    ...counted.map((each) => countedWordsOf(each, format)),
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

/** What a closed piece counted with on two devices. */
function countedWordsOf({ item, here, there, now }: CountedOtherwise, format: Format): string {
  const name = shopItem(item)?.name ?? item;
  return `A closed piece counted ${name.toLowerCase()} at ${format.perUnit(here)} here and ${format.perUnit(there)} there: ${format.perUnit(now)} counts`;
}

function differs({ group, stays }: Differing): string {
  const name = SETTINGS_NAMES[group];
  return `${name.charAt(0).toUpperCase()}${name.slice(1)}: said otherwise there; ${stays === 'here' ? 'what was said here stays' : 'what was said there counts now'}`;
}
