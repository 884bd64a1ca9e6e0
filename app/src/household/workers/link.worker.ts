import { str } from 'crc-32';
import { expose } from 'comlink';
import { readFile } from '@core/exchange/read-file';
import { writeFile } from '@core/exchange/write-file';
import { kinshipOf } from '@core/records/kinship';
import type { HouseholdName } from '../household-name';
import { randomId } from '../random-id';
import { Joining } from '../disk/joining';
import { Repository } from '../disk/repository';
import { cannotJoin } from '../files/cannot-join';

/** What came of bringing a file up to date. */
export type Updated =
  | { readonly done: true; readonly sum: number; readonly hasMerged: boolean }
  /** Nothing was written there. */
  | { readonly done: false; readonly problem: string };

const api = { update };
export type LinkWorker = typeof api;
expose(api);

const refused = (problem: string): Updated => ({ done: false, problem });

/**
 * Writes the household to a file. What another device has written there in the meantime is merged
 * first, so that nothing of it is written over; what is no file of this household is left alone.
 *
 * @param sum of what was written there last; null before that
 */
async function update(
  home: HouseholdName,
  handle: FileSystemFileHandle,
  sum: number | null,
  now: string,
): Promise<Updated> {
  const moments = { instant: () => now, newId: randomId };
  const repository = new Repository(home, moments);
  try {
    const ours = await repository.load();
    if (repository.spoilt.length > 0)
      return refused('A part of the household cannot be read here, so its file is left as it is.');
    const found = await (await handle.getFile()).text();
    const isOurs = found === '' || str(found) === sum;
    if (!isOurs) {
      const read = readFile(found);
      if (!read.ok) return refused(`It holds something else: ${read.problem}`);
      if (kinshipOf(ours, read.value) === 'strangers')
        return refused('It is the file of another household. Merge it here first, or choose another file.');
      const merged = await new Joining(repository, moments).merge(read.value, handle.name);
      if (!merged.ok) return refused(cannotJoin(merged.problem));
    }
    const text = writeFile(repository.standing.now.household);
    if (text !== found) await write(handle, text);
    if ((await (await handle.getFile()).text()) !== text)
      return refused('What was written there cannot be read back. Choose another place for it.');
    return { done: true, sum: str(text), hasMerged: !isOurs };
  } finally {
    repository.close();
  }
}

/** The file is swapped as a whole when it is closed: a browser that is killed leaves the one before. */
async function write(handle: FileSystemFileHandle, text: string): Promise<void> {
  const out = await handle.createWritable();
  await out.write(text);
  await out.close();
}
