import { str } from 'crc-32';

/**
 * A folder in the browser's private file system, which is another place on the disk than its
 * database; null where this browser has none, or lets the page have none.
 */
export async function privateFolder(name: string): Promise<FileSystemDirectoryHandle | null> {
  if (!canWrite()) return null;
  try {
    const root = await navigator.storage.getDirectory();
    // One that is there is found also where there is no room to make one.
    return await root.getDirectoryHandle(name).catch(() => root.getDirectoryHandle(name, { create: true }));
  } catch {
    return null;
  }
}

/** Some browsers let only workers write, and only in place, where half a file can come of it. */
function canWrite(): boolean {
  return typeof FileSystemFileHandle !== 'undefined' && 'createWritable' in FileSystemFileHandle.prototype;
}

/** Writes a file: it is there whole, once this is through, or as it was before. */
export async function writeInto(
  folder: FileSystemDirectoryHandle,
  name: string,
  data: ArrayBuffer | string,
): Promise<void> {
  const handle = await folder.getFileHandle(name, { create: true });
  const out = await handle.createWritable();
  await out.write(data);
  await out.close();
}

/** The names in a folder that are of this form. */
export async function namesIn(folder: FileSystemDirectoryHandle, form: RegExp): Promise<string[]> {
  const names: string[] = [];
  for await (const name of folder.keys()) if (form.test(name)) names.push(name);
  return names;
}

/** The checksum of a text, as it stands in the name of its file. */
export const sumOf = (text: string): string => (str(text) >>> 0).toString(16).padStart(8, '0');
