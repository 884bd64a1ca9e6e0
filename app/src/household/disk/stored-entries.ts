import type { Entry } from '@core/ledger/entry';
import type { Database, EntryRow } from './database';

/** From so many on, entries are kept as one text: read ten times as fast as rows of their own. */
const BUNDLE_FROM = 1000;

/**
 * The journal's entries in the database. New ones are rows, so that writing one is quick; many
 * are bundled. Whoever bundles changes the generation, as other tabs count rows.
 */
export class StoredEntries {
  constructor(private readonly database: Database) {}

  /** Every entry, in no order, and the last row. */
  async all(): Promise<{ entries: Entry[]; cursor: number }> {
    const [bundles, rows] = await Promise.all([
      this.database.bundles.toArray(),
      this.database.entries.toArray(),
    ]);
    const bundled = bundles.flatMap(({ text }) => JSON.parse(text) as Entry[]);
    return { entries: [...bundled, ...rows.map(({ entry }) => entry)], cursor: rows.at(-1)?.n ?? 0 };
  }

  /** The rows that were written after one. */
  async after(cursor: number): Promise<{ entries: Entry[]; cursor: number }> {
    const rows = await this.database.entries.where('n').above(cursor).toArray();
    return { entries: rows.map(({ entry }) => entry), cursor: rows.at(-1)?.n ?? cursor };
  }

  async lastRow(): Promise<number> {
    return (await this.database.entries.orderBy('n').last())?.n ?? 0;
  }

  /** Adds entries; true when they went into a bundle. Inside a transaction. */
  async add(entries: readonly Entry[]): Promise<{ bundled: boolean; cursor: number }> {
    if (entries.length >= BUNDLE_FROM) {
      await this.database.bundles.add({ text: JSON.stringify(entries) });
      return { bundled: true, cursor: 0 };
    }
    const rows = entries.map((entry) => ({ id: entry.id, entry }) as EntryRow);
    const keys = await this.database.entries.bulkAdd(rows, { allKeys: true });
    return { bundled: false, cursor: Math.max(0, ...keys) };
  }

  async hasManyRows(): Promise<boolean> {
    return (await this.database.entries.count()) >= BUNDLE_FROM;
  }

  /** Turns the rows into a bundle. Inside a transaction. */
  async bundleRows(): Promise<void> {
    const rows = await this.database.entries.toArray();
    await this.database.bundles.add({ text: JSON.stringify(rows.map(({ entry }) => entry)) });
    await this.database.entries.clear();
  }

  async clear(): Promise<void> {
    await Promise.all([this.database.entries.clear(), this.database.bundles.clear()]);
  }
}
