import { entrySchema, type Entry } from '@core/ledger/entry';
import { bundlesOf, readBundle } from './bundle';
import { GUARD, type BundleRow, type Database, type EntryRow } from './database';

/** From so many on, entries are kept in bundles. */
const BUNDLE_FROM = 1000;

/** What is in the base as it was found, where it cannot be read. */
export interface Spoilt {
  readonly table: 'entries' | 'bundles' | 'records';
  readonly key: number | string;
  readonly text: string;
}

/** What the base holds of the journal. */
export interface Stored {
  /** In no order. */
  readonly entries: Entry[];
  /** The last row. */
  readonly cursor: number;
  readonly bundles: number;
  readonly spoilt: readonly Spoilt[];
  /** Whether there are too many rows, or bundles of before, which were large and had no checksum. */
  readonly isUntidy: boolean;
}

/**
 * The journal's entries in the database. New ones are rows, so that writing one is quick; many
 * are bundled. Whoever bundles begins a new generation, as other tabs count rows.
 */
export class StoredEntries {
  constructor(private readonly database: Database) {}

  async all(): Promise<Stored> {
    const [bundles, rows] = await Promise.all([this.bundles(), this.database.entries.toArray()]);
    const entries: Entry[] = [];
    const spoilt: Spoilt[] = [];
    for (const row of bundles) {
      const read = entriesOf(row);
      if (read) for (const entry of read) entries.push(entry);
      else spoilt.push({ table: 'bundles', key: row.b ?? 0, text: String(row.text) });
    }
    for (const row of rows) {
      if (isWhole(row)) entries.push(row.entry);
      else spoilt.push({ table: 'entries', key: row.n, text: JSON.stringify(row) });
    }
    const isUntidy = rows.length >= BUNDLE_FROM || bundles.some((row) => isOfBefore(row) && entriesOf(row));
    return { entries, cursor: rows.at(-1)?.n ?? 0, bundles: bundles.length, spoilt, isUntidy };
  }

  /** The rows that were written after one. */
  async after(cursor: number): Promise<{ entries: Entry[]; cursor: number }> {
    const rows = await this.database.entries.where('n').above(cursor).toArray();
    return { entries: rows.map(({ entry }) => entry), cursor: rows.at(-1)?.n ?? cursor };
  }

  async lastRow(): Promise<number> {
    return (await this.database.entries.orderBy('n').last())?.n ?? 0;
  }

  /** Whether what was read before is still there: the last row, and as many bundles. */
  async holds({ cursor, bundles }: Pick<Stored, 'cursor' | 'bundles'>): Promise<boolean> {
    const [row, count] = await Promise.all([
      cursor === 0 ? true : this.database.entries.where('n').equals(cursor).count(),
      this.countBundles(),
    ]);
    return Boolean(row) && count >= bundles;
  }

  /** Adds entries; true when they went into bundles. Inside a transaction. */
  async add(entries: readonly Entry[]): Promise<{ bundled: boolean; cursor: number }> {
    if (entries.length >= BUNDLE_FROM) {
      await this.database.bundles.bulkAdd(bundlesOf(entries));
      return { bundled: true, cursor: 0 };
    }
    const rows = entries.map((entry) => ({ id: entry.id, entry }) as EntryRow);
    const keys = await this.database.entries.bulkAdd(rows, { allKeys: true });
    return { bundled: false, cursor: Math.max(0, ...keys) };
  }

  /** Turns rows, and bundles of before, into bundles; what cannot be read stays as it is. Inside a transaction. */
  async tidy(): Promise<void> {
    const rows = (await this.database.entries.toArray()).filter(isWhole);
    const old = (await this.bundles()).filter((row) => isOfBefore(row) && entriesOf(row));
    const entries = [...old.flatMap((row) => entriesOf(row) ?? []), ...rows.map(({ entry }) => entry)];
    await this.database.bundles.bulkAdd(bundlesOf(entries));
    await this.database.bundles.bulkDelete(old.map(({ b }) => b ?? 0));
    await this.database.entries.bulkDelete(rows.map(({ n }) => n));
  }

  async clear(): Promise<void> {
    await Promise.all([
      this.database.entries.clear(),
      this.database.bundles.where('b').above(GUARD.b).delete(),
    ]);
  }

  private bundles(): Promise<BundleRow[]> {
    return this.database.bundles.where('b').above(GUARD.b).toArray();
  }

  countBundles(): Promise<number> {
    return this.database.bundles.where('b').above(GUARD.b).count();
  }
}

const isOfBefore = ({ sum }: BundleRow): boolean => sum === undefined;

/** Rows are few, so each is looked at whole. */
function isWhole(row: EntryRow): boolean {
  return entrySchema.safeParse(row.entry).success && row.entry.id === row.id;
}

/** A bundle of before vouches for nothing: what is in it is looked at, until it gets a checksum. */
function entriesOf(row: BundleRow): Entry[] | null {
  const entries = readBundle(row);
  const isGood = !isOfBefore(row) || entries?.every((entry) => entrySchema.safeParse(entry).success);
  return isGood ? entries : null;
}
