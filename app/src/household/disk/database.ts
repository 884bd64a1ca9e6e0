import { Dexie, type EntityTable, type Transaction } from 'dexie';
import { FILE_VERSION } from '@core/exchange/household-file';
import type { Entry } from '@core/ledger/entry';
import { mergeRecords } from '@core/records/household';
import type { HouseholdRecord } from '@core/records/record';
import type { HouseholdName } from '../household-name';
import { randomId } from '../random-id';

/** An entry in the order in which this browser came to know it. */
export interface EntryRow {
  readonly n: number;
  readonly id: string;
  readonly entry: Entry;
}

/** Some hundred entries as one text, a JSON array, with its checksum. */
export interface BundleRow {
  readonly b?: number;
  readonly text: string;
  /** Bundles of before had none. */
  readonly sum?: number;
}

export interface RecordRow {
  readonly register: string;
  readonly record: HouseholdRecord;
}

/** What concerns this browser only, and is in no file. */
export interface MetaRow {
  readonly key: 'device' | 'exported-at' | 'exported-tally' | 'lineage' | 'household' | 'epoch';
  readonly value: string;
}

/** A text that is kept until a person has let it go: what was replaced, merged or cannot be read. */
export interface KeptRow {
  readonly n?: number;
  readonly at: string;
  readonly why: 'replaced' | 'merged' | 'unreadable';
  readonly text: string;
}

/** A file outside of the browser that is kept up to date. */
export interface LinkRow {
  readonly key: 'file';
  readonly handle: FileSystemFileHandle;
  /** The checksum of what was written there last; null before that. */
  readonly sum: number | null;
  readonly at: string | null;
}

/**
 * The version of the file that says the same. An application that knows a lower one neither reads nor writes: see
 * {@link NewerBase}.
 */
export const EPOCH = FILE_VERSION;

/** This base was written by a newer application than the one that is open. */
export class NewerBase extends Error {
  override readonly name = 'NewerBase';
}

/**
 * An application of before, which knows no epoch, takes every text here for entries. At this one it
 * stops, and touches nothing.
 */
export const GUARD: BundleRow = {
  b: -1,
  text: 'Everything here was written by a newer Vendicus. Reload this page; nothing is lost.',
};

/** The truth, on this machine. Every write is on the disk before it counts as written. */
export class Database extends Dexie {
  readonly entries!: EntityTable<EntryRow, 'n'>;
  readonly bundles!: EntityTable<BundleRow, 'b'>;
  readonly records!: EntityTable<RecordRow, 'register'>;
  readonly meta!: EntityTable<MetaRow, 'key'>;
  readonly kept!: EntityTable<KeptRow, 'n'>;
  readonly links!: EntityTable<LinkRow, 'key'>;

  constructor(name: HouseholdName) {
    super(`vendicus-${name}`, { chromeTransactionDurability: 'strict' });
    this.version(1).stores({ entries: '++n, &id', records: 'register', meta: 'key' });
    this.version(2).stores({ bundles: '++b' });
    this.version(3).stores({ kept: '++n', links: 'key' }).upgrade(intoThisEpoch);
    // Goes up with the version of the file: a tab with an application of before lets go of its base then.
    this.version(EPOCH).upgrade(intoThisVersion);
    this.on('populate', (transaction) => begin(transaction, randomId()));
  }
}

/** Not awaited within: a base that is being made waits for nothing but its own requests. */
function begin(transaction: Transaction, generation: string): PromiseLike<unknown> {
  const meta: MetaRow[] = [
    { key: 'lineage', value: JSON.stringify([generation]) },
    { key: 'epoch', value: String(EPOCH) },
  ];
  return transaction
    .table('meta')
    .bulkPut(meta)
    .then(() => transaction.table('bundles').put(GUARD));
}

async function intoThisVersion(transaction: Transaction): Promise<void> {
  await transaction.table('meta').put({ key: 'epoch', value: String(EPOCH) } satisfies MetaRow);
}

async function intoThisEpoch(transaction: Transaction): Promise<void> {
  const generation = (await transaction.table('meta').get('generation')) as { value: string } | undefined;
  await begin(transaction, generation?.value ?? randomId());
  const rows = (await transaction.table('records').toArray()) as RecordRow[];
  const records = mergeRecords(
    [],
    rows.map(({ record }) => record),
  );
  await transaction.table('records').clear();
  await transaction
    .table('records')
    .bulkPut([...records].map(([register, record]) => ({ register, record })));
}
