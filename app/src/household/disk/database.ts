import { Dexie, type EntityTable } from 'dexie';
import type { Entry } from '@core/ledger/entry';
import type { HouseholdRecord } from '@core/records/record';
import type { HouseholdName } from '../household-name';

/** An entry in the order in which this browser came to know it. */
export interface EntryRow {
  readonly n: number;
  readonly id: string;
  readonly entry: Entry;
}

/** Many entries as one text, a JSON array. */
export interface BundleRow {
  readonly b?: number;
  readonly text: string;
}

export interface RecordRow {
  readonly register: string;
  readonly record: HouseholdRecord;
}

/** What concerns this browser only, and is in no file. */
export interface MetaRow {
  readonly key: 'device' | 'exported-at' | 'generation';
  readonly value: string;
}

/** The truth, on this machine. Every write is on the disk before it counts as written. */
export class Database extends Dexie {
  readonly entries!: EntityTable<EntryRow, 'n'>;
  readonly bundles!: EntityTable<BundleRow, 'b'>;
  readonly records!: EntityTable<RecordRow, 'register'>;
  readonly meta!: EntityTable<MetaRow, 'key'>;

  constructor(name: HouseholdName) {
    super(`vendicus-${name}`, { chromeTransactionDurability: 'strict' });
    this.version(1).stores({ entries: '++n, &id', records: 'register', meta: 'key' });
    this.version(2).stores({ bundles: '++b' });
  }
}
