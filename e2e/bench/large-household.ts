import type { Entry, Fact } from '@core/ledger/entry';
import { sortEntries } from '@core/ledger/replay';
import { householdOf, type Household } from '@core/records/household';

const START = Date.UTC(2020, 0, 1);

/** A household with so many entries: strip loins cut into steaks, wrapped, and mostly eaten. */
export function largeHousehold(size: number): Household {
  const entries: Entry[] = [];
  const add = (fact: Fact): void => {
    const seq = entries.length;
    entries.push({
      ...fact,
      id: `e${seq}`,
      at: new Date(START + seq * 60_000).toISOString(),
      device: 'tablet',
      seq,
    } as Entry);
  };
  const on = '2024-01-01';
  for (let piece = 0; entries.length < size; piece++) {
    const id = `p${piece}`;
    add({
      type: 'received',
      lot: id,
      kind: 'strip-loin',
      count: 1,
      massDg: 52_000,
      paidMinor: 7200 + (piece % 90),
      shop: 'Hollis Lane Farm',
      way: 'trim-first',
      on,
    });
    add({ type: 'drained', lot: id, massDg: 51_000 });
    for (let steak = 0; steak < 12; steak++)
      add({
        type: 'cut',
        from: id,
        lot: `${id}s${steak}`,
        part: 'steaks',
        destination: 'main',
        massDg: 3000 + ((piece + steak) % 400),
        count: 1,
        on,
      });
    add({ type: 'closed', lot: id });
    for (let pack = 0; pack < 3; pack++) {
      const lot = `${id}k${pack}`;
      add({
        type: 'packed',
        lot,
        name: '4 steaks',
        from: [0, 1, 2, 3].map((i) => ({ lot: `${id}s${pack * 4 + i}`, amount: 'all' })),
        plates: 4,
        on,
      });
      add({ type: 'placed', lot, place: 'freezer' });
      if (piece % 40 !== 0) add({ type: 'eaten', lot, amount: 'all', on });
    }
  }
  return householdOf(sortEntries(entries.slice(0, size)), [
    {
      type: 'settings',
      key: 'household',
      stamp: { at: new Date(START).toISOString(), device: 'tablet', seq: 0 },
      value: { system: 'metric', decimal: '.', currency: 'EUR', eaters: [{ name: 'Odile', plateDg: 2000 }] },
    },
  ]);
}
