import type { Entry } from '@core/ledger/entry';
import { householdOf, type Household } from '@core/records/household';
import { identitySchema, type Identity } from '@core/records/identity';
import { recordSchema } from '@core/records/record';
import { FILE_FORMAT } from '@core/exchange/household-file';
import type { Moments } from '../moments';
import { Database, EPOCH, NewerBase, type MetaRow, type RecordRow } from './database';
import { StoredEntries, type Spoilt } from './stored-entries';
import type { HouseholdName } from '../household-name';

/** So many generations are remembered: a tab that has slept longer reads everything anew. */
const LINEAGE = 200;

/** A generation that begins so was written back by a tab, which may have known less than another. */
export const GIVEN_BACK = 'back-';

/** What was read from a base, and where it stood then. */
export interface Reading {
  readonly household: Household;
  /** The last row. */
  readonly cursor: number;
  readonly bundles: number;
  /**
   * Every state of the base that this one followed upon, the latest last: a new one begins whenever
   * the base is written anew and other tabs have to read all of it.
   */
  readonly lineage: readonly string[];
  readonly spoilt: readonly Spoilt[];
  readonly isUntidy?: boolean;
  /** The base had lost the household, and it was written back from there. */
  readonly givenBackFrom?: GivenBackFrom | null;
}

/** This tab, which still showed it; or the files beside the base. */
export type GivenBackFrom = 'this-tab' | 'second-place';

/** How often, and after how long, a base that the browser has closed is tried again. */
const [REOPEN_TRIES, REOPEN_AFTER_MS] = [6, 50];

/** Whether something unreadable lies where these registers go. */
export function isOver({ table, key }: Spoilt, records: Household['records']): boolean {
  return table === 'records' && records.has(String(key));
}

/** The database as whole households: reading all, and writing inside one transaction. */
export class Base {
  readonly database: Database;
  readonly stored: StoredEntries;

  constructor(
    name: HouseholdName,
    private readonly clock: Moments,
  ) {
    this.database = new Database(name);
    this.stored = new StoredEntries(this.database);
  }

  private get tables() {
    const { entries, bundles, records, meta, kept, links } = this.database;
    return [entries, bundles, records, meta, kept, links];
  }

  /** Reads everything as it stands. */
  reading<T>(work: () => Promise<T>): Promise<T> {
    return this.transaction('r', work);
  }

  /** Writes all of it or nothing. */
  writing<T>(work: () => Promise<T>): Promise<T> {
    return this.transaction('rw', work);
  }

  /** Opens the base again after the browser has closed it, which takes it a moment while it clears it away. */
  async reopen(): Promise<void> {
    for (let tries = 1; tries < REOPEN_TRIES; tries++) {
      if (
        await this.database.open().then(
          () => true,
          () => false,
        )
      )
        return;
      await new Promise((done) => setTimeout(done, REOPEN_AFTER_MS * tries));
    }
    await this.database.open();
  }

  private async transaction<T>(mode: 'r' | 'rw', work: () => Promise<T>): Promise<T> {
    let isBegun = false;
    const once = (): Promise<T> =>
      this.database.transaction(mode, this.tables, async () => {
        isBegun = true;
        if (Number(await this.meta('epoch')) > EPOCH) throw new NewerBase();
        return work();
      });
    try {
      return await once();
    } catch (error) {
      // What has begun may have got through: it is not done twice.
      if (isBegun) throw error;
      await this.reopen();
      return once();
    }
  }

  /** Inside a transaction. */
  async read(): Promise<Reading> {
    const [stored, rows, lineage, identity] = await Promise.all([
      this.stored.all(),
      this.database.records.toArray(),
      this.lineage(),
      this.identity(),
    ]);
    const isWhole = ({ record }: RecordRow): boolean => recordSchema.safeParse(record).success;
    const records = rows.filter(isWhole).map(({ record }) => record);
    const spoilt = rows
      .filter((row) => !isWhole(row))
      .map((row): Spoilt => ({ table: 'records', key: row.register, text: JSON.stringify(row) }));
    const { entries, cursor, bundles, isUntidy } = stored;
    return {
      household: householdOf(entries, records, identity),
      cursor,
      bundles,
      isUntidy,
      lineage,
      spoilt: [...stored.spoilt, ...spoilt],
    };
  }

  /** Adds entries, and begins a new generation when other tabs cannot see them as rows. Inside a transaction. */
  async add(added: readonly Entry[]): Promise<number> {
    const { bundled, cursor } = await this.stored.add(added);
    if (bundled) await this.newGeneration();
    return cursor;
  }

  /** Puts a household in the place of what is there; what cannot be read is kept. Inside a transaction. */
  async put({ journal, records, identity }: Household, spoilt: readonly Spoilt[]): Promise<void> {
    await this.keepSpoilt(spoilt);
    await this.stored.clear();
    await this.database.records.clear();
    await this.stored.add(journal.entries);
    await this.putRecords(records, []);
    await this.setIdentity(identity);
    await this.newGeneration();
  }

  /** Keeps as text what is about to be written over though nobody could read it. Inside a transaction. */
  async keepSpoilt(spoilt: readonly Spoilt[]): Promise<void> {
    const at = this.clock.instant();
    await this.database.kept.bulkAdd(spoilt.map(({ text }) => ({ at, why: 'unreadable' as const, text })));
  }

  /** The registers as they lie there, without those that were found to be unreadable. */
  async registers(spoilt: readonly Spoilt[]): Promise<RecordRow[]> {
    const rows = await this.database.records.toArray();
    const unreadable = new Set(spoilt.filter(({ table }) => table === 'records').map(({ key }) => key));
    return unreadable.size === 0 ? rows : rows.filter(({ register }) => !unreadable.has(register));
  }

  /** @param spoilt what was found to be unreadable: what of it is written over is kept as text */
  async putRecords(records: Household['records'], spoilt: readonly Spoilt[]): Promise<void> {
    await this.keepSpoilt(spoilt.filter((each) => isOver(each, records)));
    await this.database.records.bulkPut([...records].map(([register, record]) => ({ register, record })));
  }

  /** Takes out the registers that are there no longer. */
  async dropRecords(before: Household['records'], after: Household['records']): Promise<void> {
    await this.database.records.bulkDelete([...before.keys()].filter((register) => !after.has(register)));
  }

  async lineage(): Promise<string[]> {
    return JSON.parse((await this.meta('lineage')) ?? '[]') as string[];
  }

  /** @param givenBack the lineage of a base that was cleared away, where this one is written in its place */
  async newGeneration(givenBack?: readonly string[]): Promise<void> {
    const generation = `${givenBack ? GIVEN_BACK : ''}${this.clock.newId()}`;
    const all = [...new Set([...(givenBack ?? []), ...(await this.lineage()), generation])];
    await this.setMeta('lineage', JSON.stringify(all.slice(-LINEAGE)));
  }

  async setIdentity(identity: Identity | null): Promise<void> {
    if (identity) await this.setMeta('household', JSON.stringify(identity));
    else await this.database.meta.delete('household');
  }

  /** What this device is called in the journal. */
  async device(): Promise<string> {
    const known = await this.meta('device');
    if (known !== undefined) return known;
    const device = this.clock.newId();
    await this.setMeta('device', device);
    return device;
  }

  async meta(key: MetaRow['key']): Promise<string | undefined> {
    return (await this.database.meta.get(key))?.value;
  }

  async setMeta(key: MetaRow['key'], value: string): Promise<void> {
    await this.database.meta.put({ key, value });
  }

  /** Everything as a file, unread: of a base that this application does not know how to read. */
  async asFile(): Promise<string> {
    const { entries, bundles, records } = this.database;
    return this.database.transaction('r', this.tables, async () => {
      const [rows, texts, registers, epoch, identity] = await Promise.all([
        entries.toArray(),
        bundles.toArray(),
        records.toArray(),
        this.meta('epoch'),
        this.meta('household'),
      ]);
      const bundled = texts
        .filter(({ b = 0 }) => b >= 0)
        .flatMap(({ text }) => JSON.parse(text) as unknown[]);
      return JSON.stringify({
        format: FILE_FORMAT,
        version: Number(epoch),
        ...(identity === undefined ? {} : { household: JSON.parse(identity) as unknown }),
        entries: [...bundled, ...rows.map(({ entry }) => entry)],
        records: registers.map(({ record }) => record),
      });
    });
  }

  /** Which household it is, where that is written down. */
  async identity(): Promise<Identity | null> {
    const text = await this.meta('household');
    const parsed = identitySchema.safeParse(text === undefined ? null : JSON.parse(text));
    return parsed.data ?? null;
  }
}
