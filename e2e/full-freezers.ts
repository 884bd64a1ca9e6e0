import type { Place } from '@core/cold/place';
import type { Entry, Fact } from '@core/ledger/entry';
import { householdOf, type Household } from '@core/records/household';
import type { HouseholdRecord } from '@core/records/record';
import { DEFAULT_SETTINGS, settingsGroups } from '@core/records/settings';

const START = Date.UTC(2026, 0, 1);
const NAMES = ['steaks', 'thighs', 'chops', 'roast', 'shanks', 'mince', 'wings'];
const ANIMALS = ['beef', 'chicken', 'pork', 'beef', 'lamb', 'beef', 'chicken'] as const;

/** How it counts: a household that has begun. */
function counted(): HouseholdRecord[] {
  const settings = { ...DEFAULT_SETTINGS, eaters: [{ name: 'Odile', plateDg: 1800 }] };
  const stamp = { at: new Date(START).toISOString(), device: 'tablet', seq: 0 };
  return settingsGroups(settings).map((group) => ({ type: 'settings', ...group, stamp }));
}

/** Packs in four freezers of three drawers each. */
export function fullFreezers(packs: number): Household {
  const entries: Entry[] = [];
  const add = (fact: Fact): void =>
    void entries.push({
      ...fact,
      id: `e${entries.length}`,
      at: new Date(START + entries.length * 1000).toISOString(),
      device: 'tablet',
      seq: entries.length,
    } as Entry);
  for (let i = 0; i < packs; i++) {
    // Frozen on the day of purchase: what had lain about until today would be overdue, all of it.
    const on = `2025-${String(1 + (i % 12)).padStart(2, '0')}-10`;
    add({
      type: 'acquired',
      lot: `p${i}`,
      name: `${2 + (i % 5)} ${NAMES[i % NAMES.length]}`,
      animal: ANIMALS[i % ANIMALS.length],
      destination: i % 7 === 5 ? 'grind' : 'main',
      massDg: 3000 + ((i * 37) % 9000),
      count: 4,
      plates: 4,
      paidMinor: 900,
      origin: 'bought-cut',
      on,
    });
    add({ type: 'placed', lot: `p${i}`, place: `f${i % 4}d${Math.floor(i / 4) % 3}`, on });
  }
  const place = (key: string, value: Place): HouseholdRecord => ({
    type: 'place',
    key,
    value,
    stamp: { at: new Date(START).toISOString(), device: 'tablet', seq: 0 },
  });
  const litres = Math.max(100, packs / 2);
  const records = [0, 1, 2, 3].flatMap((f) => [
    place(`f${f}`, { name: `Freezer ${f + 1}`, cold: 'freezer', litres }),
    ...[0, 1, 2].map((d) =>
      place(`f${f}d${d}`, { name: `drawer ${d + 1}`, cold: 'freezer', within: `f${f}`, order: d }),
    ),
  ]);
  return householdOf(entries, [...counted(), ...records]);
}
