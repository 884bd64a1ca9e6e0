import type { HouseholdName } from '../household-name';
import type { KeptRow } from './database';
import { namesIn, privateFolder, sumOf, writeInto } from './private-folder';

/** The checksum stands in the name. */
const KEPT = /^kept-([0-9a-f]{8})\.json$/;
const LINKED = 'linked-file.txt';

const textOf = ({ at, why, text }: KeptRow): string => JSON.stringify({ at, why, text });
const nameOf = (row: KeptRow): string => `kept-${sumOf(textOf(row))}.json`;

/**
 * What is beside the household in the base, a second time in files: what was replaced, merged or cannot be read,
 * and how the file is called that is kept up to date. The handle of that file is in the base alone, as browsers
 * let nothing else hold it: where the base is lost, the file has to be chosen again, and is called by its name.
 */
export class KeptNotes {
  /** @param home null where somebody else sees to it */
  constructor(private readonly home: HouseholdName | null) {}

  /** What is kept by now; what was kept before and is no longer goes. */
  async follow(before: readonly KeptRow[], now: readonly KeptRow[]): Promise<void> {
    await this.trying(async (folder) => {
      const there = new Set(await namesIn(folder, KEPT));
      const wanted = new Map(now.map((row) => [nameOf(row), row]));
      for (const [name, row] of wanted) if (!there.has(name)) await writeInto(folder, name, textOf(row));
      for (const name of before.map(nameOf)) if (!wanted.has(name)) await gone(folder, name);
    });
  }

  /** What is written here and can be read, the oldest first. */
  async read(): Promise<KeptRow[]> {
    const rows: KeptRow[] = [];
    await this.trying(async (folder) => {
      for (const name of await namesIn(folder, KEPT)) {
        const text = await (await (await folder.getFileHandle(name)).getFile()).text();
        if (sumOf(text) === KEPT.exec(name)?.[1]) rows.push(JSON.parse(text) as KeptRow);
      }
    });
    return rows.sort((a, b) => (a.at < b.at ? -1 : 1));
  }

  /** The rows among them that are not there. */
  async missing(there: readonly KeptRow[]): Promise<KeptRow[]> {
    const known = new Set(there.map(nameOf));
    return (await this.read()).filter((row) => !known.has(nameOf(row)));
  }

  /** How the file is called that is kept up to date; null where there is none. */
  async linked(): Promise<string | null> {
    let name = '';
    await this.trying(async (folder) => {
      const isThere = (await namesIn(folder, /^linked-file\.txt$/)).length > 0;
      if (isThere) name = await (await (await folder.getFileHandle(LINKED)).getFile()).text();
    });
    return name === '' ? null : name;
  }

  async noteLinked(name: string | null): Promise<void> {
    await this.trying((folder) => (name === null ? gone(folder, LINKED) : writeInto(folder, LINKED, name)));
  }

  /** Where there is no room, or no such place, nothing else is different. */
  private async trying(work: (folder: FileSystemDirectoryHandle) => Promise<void>): Promise<void> {
    const folder = this.home === 'home' ? await privateFolder(`vendicus-${this.home}-kept`) : null;
    if (folder) await work(folder).catch(() => undefined);
  }
}

async function gone(folder: FileSystemDirectoryHandle, name: string): Promise<void> {
  await folder.removeEntry(name).catch(() => undefined);
}
