import { copiesKept } from '@core/exchange/copies-kept';
import { readFile } from '@core/exchange/read-file';
import { writeFile } from '@core/exchange/write-file';
import type { Household } from '@core/records/household';
import type { IsoDate } from '@core/units/date';
import { failure, success, type Result } from '@core/units/result';
import { namesIn, sumOf, writeInto } from './private-folder';

/** A copy of the household in the browser's private files. */
export interface Copy {
  readonly name: string;
  readonly day: IsoDate;
  readonly entries: number;
  readonly bytes: number;
  /** Whether it can be read back, to the letter. */
  readonly isWhole: boolean;
}

/** Day, entries and checksum stand in the name, so that a list needs no reading. */
const NAME = /^(\d{4}-\d{2}-\d{2})_(\d+)_([0-9a-f]{8})\.json\.gz$/;

async function packed(text: string): Promise<ArrayBuffer> {
  const stream = new Blob([text]).stream().pipeThrough(new CompressionStream('gzip'));
  return new Response(stream).arrayBuffer();
}

async function unpacked(file: Blob): Promise<string> {
  return new Response(file.stream().pipeThrough(new DecompressionStream('gzip'))).text();
}

/** Rolling copies of a household, a file a day, packed; each is read back before it counts. */
export class CopyStore {
  constructor(private readonly folder: FileSystemDirectoryHandle) {}

  /** Every copy, the latest first; each is read to see whether it is whole. */
  async list(): Promise<Copy[]> {
    const copies: Copy[] = [];
    for await (const [name, handle] of this.folder.entries()) {
      const [, day, entries] = NAME.exec(name) ?? [];
      if (day === undefined || handle.kind !== 'file') continue;
      const { size } = await (handle as FileSystemFileHandle).getFile();
      copies.push({ name, day, entries: Number(entries), bytes: size, isWhole: (await this.read(name)).ok });
    }
    return copies.sort((a, b) => (a.name < b.name ? 1 : -1));
  }

  /** The text of a copy; or why it cannot be gone back to. */
  async read(name: string): Promise<Result<string>> {
    const damaged = failure(
      'This copy is damaged: it is not what was written. Take another one. Nothing was changed.',
    );
    try {
      const file = await (await this.folder.getFileHandle(name)).getFile();
      const text = await unpacked(file);
      return sumOf(text) === NAME.exec(name)?.[3] ? success(text) : damaged;
    } catch {
      return damaged;
    }
  }

  /**
   * Makes the copy of a day, and takes out those that are no longer kept.
   *
   * @returns whether there is a copy of it as it is now; one that could not be read back is none
   */
  async make(household: Household, day: IsoDate): Promise<boolean> {
    const text = writeFile(household);
    const name = `${day}_${household.journal.entries.length}_${sumOf(text)}.json.gz`;
    if (!(await this.read(name)).ok) {
      await writeInto(this.folder, name, await packed(text));
      if (!(await this.isSame(name, text))) {
        await this.folder.removeEntry(name);
        return false;
      }
    }
    await this.thinOut(name, day);
    return true;
  }

  /** Read back through the same reader as an import, to the letter. */
  private async isSame(name: string, text: string): Promise<boolean> {
    const { value } = await this.read(name);
    const read = value === undefined ? undefined : readFile(value, { ownCopy: true }).value;
    return read !== undefined && writeFile(read) === text;
  }

  /** Of a day its last copy stays, and of days those that are kept. */
  private async thinOut(made: string, today: IsoDate): Promise<void> {
    const names = await namesIn(this.folder, NAME);
    const kept = new Set(
      copiesKept(
        names.map((name) => name.slice(0, today.length)),
        today,
      ),
    );
    for (const name of names) {
      const day = name.slice(0, today.length);
      if (!kept.has(day) || (day === today && name !== made)) await this.folder.removeEntry(name);
    }
  }
}
