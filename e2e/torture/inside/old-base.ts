import { Dexie } from 'dexie';
import { EMPTY_HOUSEHOLD } from '@core/records/household';
import { chance } from '../chance';
import { textsOf } from './texts';
import { beginDeed, outside } from './tab';
import { withDeed } from './whole';

/** A base as an application of before has left it, with so many deeds, all of them confirmed. */
export async function oldBase(seed: number, name: string, count: number): Promise<void> {
  const number = chance(seed);
  const isBundled = number(2) === 0;
  let household = EMPTY_HOUSEHOLD;
  for (let n = 0; n < count; n++) {
    const deed = `${name}o${n}`;
    beginDeed(deed);
    const { after, entries } = withDeed(household, deed, 4, number);
    if (entries === 0) continue;
    household = after;
    await outside.torturePlans(deed, { entries, registers: {} });
    await outside.tortureConfirms(deed, textsOf(after.journal.entries.slice(-entries)));
  }
  await Dexie.delete('vendicus-home');
  const old = new Dexie('vendicus-home', { chromeTransactionDurability: 'strict' });
  old.version(1).stores({ entries: '++n, &id', records: 'register', meta: 'key' });
  old.version(2).stores({ bundles: '++b' });
  const { entries } = household.journal;
  if (isBundled) await old.table('bundles').add({ text: JSON.stringify(entries) });
  else await old.table('entries').bulkAdd(entries.map((entry) => ({ id: entry.id, entry })));
  const rows = [...household.records].map(([register, record]) => ({ register, record }));
  await old.table('records').bulkAdd(rows);
  old.close();
}
