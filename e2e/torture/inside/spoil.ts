import { chance } from '../chance';
import { tab } from './tab';

/** What a bad disk does: so many rows of entries, texts and registers say something else. */
export async function spoil(seed: number, count: number): Promise<void> {
  const number = chance(seed);
  const { entries, bundles, records } = tab.repository.base.database;
  for (let n = 0; n < count; n++) {
    const table = [entries, bundles, records][number(3)] as typeof entries;
    const keys = (await table.toCollection().primaryKeys()).filter((key) => key !== -1);
    const key = keys[number(keys.length)];
    if (key === undefined) continue;
    const row = (await table.get(key)) as unknown as Record<string, unknown>;
    const value = { ...row, entry: 'spoilt', record: 'spoilt', text: 'spoilt' };
    await table.put(value as never);
  }
}
