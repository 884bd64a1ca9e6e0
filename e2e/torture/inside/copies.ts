import { writeFile } from '@core/exchange/write-file';
import { CopyStore } from '../../../app/src/household/disk/copy-store';
import { privateFolder } from '../../../app/src/household/disk/private-folder';
import { chance, type Chance } from '../chance';
import type { Fault } from '../fault';
import { deeds } from './deeds';
import { tab } from './tab';

export const COPIES = 'vendicus-home-copies';
/** Of so many copies one is written by a bad disk. */
const BAD_IN = 3;

/**
 * So many copies, some of them on a bad disk, each of another day.
 *
 * @returns what was said to be a copy and is none
 */
export async function copies(seed: number, name: string, count: number, fault: Fault): Promise<string[]> {
  const number = chance(seed);
  const folder = await privateFolder(COPIES);
  if (!folder) return ['there are no private files'];
  const wrong: string[] = [];
  for (let n = 0; n < count; n++) {
    await deeds({ seed: seed + n, name: `${name}c${n}`, count: 2 });
    const day = new Date(Date.UTC(2027, 0, 1 + n)).toISOString().slice(0, 10);
    const { household } = tab.repository.standing.now;
    const store = new CopyStore(number(BAD_IN) === 0 ? onBadDisk(folder, number) : folder);
    // The fault: what was written is taken for what is there.
    if (fault === 'copy-not-read-back') Object.assign(store, { isSame: () => Promise.resolve(true) });
    const isMade = await store.make(household, day);
    const latest = (await new CopyStore(folder).list())[0];
    const text = latest ? await new CopyStore(folder).read(latest.name) : undefined;
    if (isMade && text?.value !== writeFile(household)) wrong.push(`copy ${n} is none`);
    if (latest?.isWhole === false) wrong.push(`copy ${n} stayed though it is damaged`);
  }
  return wrong;
}

/** The same folder, but of what is written to it something arrives as something else. */
function onBadDisk(folder: FileSystemDirectoryHandle, number: Chance): FileSystemDirectoryHandle {
  const getFileHandle = async (name: string, options?: FileSystemGetFileOptions) => {
    const handle = await folder.getFileHandle(name, options);
    const createWritable = async () => {
      const out = await handle.createWritable();
      const write = (data: ArrayBuffer): Promise<void> => out.write(struck(data, number));
      return { write, close: () => out.close() };
    };
    return { getFile: () => handle.getFile(), createWritable };
  };
  return {
    getFileHandle,
    keys: () => folder.keys(),
    entries: () => folder.entries(),
    removeEntry: (name: string) => folder.removeEntry(name),
  } as unknown as FileSystemDirectoryHandle;
}

/** A byte that is another, or the end missing. */
function struck(data: ArrayBuffer, number: Chance): ArrayBuffer {
  const at = number(data.byteLength);
  if (number(2) === 0) return data.slice(0, at);
  const bytes = new Uint8Array(data.slice(0));
  bytes[at] = ((bytes[at] ?? 0) + 1 + number(255)) % 256;
  return bytes.buffer;
}
