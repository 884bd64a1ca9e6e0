import { readFile } from '@core/exchange/read-file';
import { Base } from '../../app/src/household/disk/base';
import type { HouseholdName } from '../../app/src/household/household-name';
import { markOwnHousehold } from '../../app/src/household/own-household-mark';
import { randomId } from '../../app/src/household/random-id';

/** Puts a household's file into this browser's database, written as the application writes. */
export async function putHousehold(name: HouseholdName, file: string, device: string): Promise<void> {
  const read = readFile(file);
  if (!read.ok) throw new Error(read.problem);
  const base = new Base(name, { instant: () => new Date().toISOString(), newId: randomId });
  await base.writing(async () => {
    await base.put(read.value, []);
    await base.setMeta('device', device);
  });
  base.database.close();
  if (name === 'home') markOwnHousehold();
}
