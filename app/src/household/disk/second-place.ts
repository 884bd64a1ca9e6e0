import { FILE_FORMAT, FILE_VERSION } from '@core/exchange/household-file';
import { readFile } from '@core/exchange/read-file';
import { writeFile } from '@core/exchange/write-file';
import type { Entry } from '@core/ledger/entry';
import type { Household } from '@core/records/household';
import type { HouseholdRecord } from '@core/records/record';
import type { Identity } from '@core/records/identity';
import type { HouseholdName } from '../household-name';
import { randomId } from '../random-id';
import { NewerBase } from './database';
import { namesIn, privateFolder, sumOf, writeInto } from './private-folder';

/** The checksum stands in the name. */
const NAME = /^(deed|whole)-[0-9a-z]+-([0-9a-f]{8})\.json$/;

/** What a deed has written. */
export interface DeedNote {
  readonly household: Identity | null;
  readonly entries: readonly Entry[];
  readonly records: readonly HouseholdRecord[];
}

/** Everything up to a moment, and which notes it makes needless. */
interface WholeNote {
  readonly supersedes: readonly string[];
  readonly text: string;
}

/** The parts of a household's file. */
interface FileText {
  readonly version?: number;
  readonly household?: Identity | null;
  readonly entries: readonly unknown[];
  readonly records: readonly unknown[];
}

/**
 * Every deed a second time, in files beside the database: a browser whose process is killed in the
 * middle of a write can throw its database away, all of it, two starts later (decision 0030). One
 * file holds the household as it was, one file each what was written since; each is there whole or not
 * at all. Read only where the database is found empty, or a part of it cannot be read. Where a browser
 * has no private files, or no room, there is no second place, and nothing else is different.
 */
export class SecondPlace {
  /** Whether something could not be written: the next deed brings all of it. */
  private isBehind = false;

  /** @param home null where somebody else sees to it */
  constructor(readonly home: HouseholdName | null) {}

  /** What a deed has written; or the whole household, where this place is behind or was cleared away. */
  async add(note: DeedNote, household: Household, isCleared: boolean): Promise<void> {
    if (this.isBehind || isCleared) return this.whole(household);
    await this.trying(async (folder) => {
      const text = JSON.stringify({ version: FILE_VERSION, ...note });
      await writeInto(folder, `deed-${randomId()}-${sumOf(text)}.json`, text);
    });
  }

  /**
   * The household as it stands.
   *
   * @param supersedes the notes that were there before it was read from the database
   */
  async whole(household: Household, supersedes: readonly string[] = []): Promise<void> {
    await this.trying(async (folder) => {
      const note: WholeNote = { supersedes, text: writeFile(household) };
      const text = JSON.stringify(note);
      await writeInto(folder, `whole-${randomId()}-${sumOf(text)}.json`, text);
      this.isBehind = false;
      for (const name of supersedes) await folder.removeEntry(name).catch(() => undefined);
    });
  }

  /** The notes that are there. */
  async names(): Promise<string[]> {
    const folder = await this.folder();
    return folder ? namesIn(folder, NAME).catch(() => []) : [];
  }

  /**
   * The household as it is written here; null where there is nothing.
   *
   * @throws NewerBase where a newer application has written it
   */
  async read(): Promise<Household | null> {
    const folder = await this.folder();
    const names = await this.names();
    if (!folder || names.length === 0) return null;
    const texts = new Map<string, string>();
    for (const name of names) {
      const text = await textOf(folder, name);
      if (text !== null) texts.set(name, text);
    }
    return together(texts);
  }

  private async folder(): Promise<FileSystemDirectoryHandle | null> {
    return this.home === 'home' ? privateFolder(`vendicus-${this.home}-second`) : null;
  }

  private async trying(work: (folder: FileSystemDirectoryHandle) => Promise<void>): Promise<void> {
    const folder = await this.folder();
    if (!folder) return;
    try {
      await work(folder);
    } catch {
      this.isBehind = true;
    }
  }
}

/** A note's text; null where it is not what was written, or gone meanwhile. */
async function textOf(folder: FileSystemDirectoryHandle, name: string): Promise<string | null> {
  try {
    const text = await (await (await folder.getFileHandle(name)).getFile()).text();
    return sumOf(text) === NAME.exec(name)?.[2] ? text : null;
  } catch {
    return null;
  }
}

/** All notes that still count, read through the same reader as an import. */
function together(texts: ReadonlyMap<string, string>): Household | null {
  const wholes = [...texts].flatMap(([name, text]) =>
    name.startsWith('whole') ? [JSON.parse(text) as WholeNote] : [],
  );
  const superseded = new Set(wholes.flatMap(({ supersedes }) => supersedes));
  const parts = [...texts]
    .filter(([name]) => !superseded.has(name))
    .map(
      ([name, text]) =>
        JSON.parse(name.startsWith('whole') ? (JSON.parse(text) as WholeNote).text : text) as FileText,
    );
  if (parts.some(({ version = 0 }) => version > FILE_VERSION)) throw new NewerBase();
  const identity = parts.find(({ household }) => household)?.household;
  const file = {
    format: FILE_FORMAT,
    version: FILE_VERSION,
    ...(identity ? { household: identity } : {}),
    entries: parts.flatMap(({ entries }) => entries),
    records: parts.flatMap(({ records }) => records),
  };
  return readFile(JSON.stringify(file), { ownCopy: true }).value ?? null;
}
