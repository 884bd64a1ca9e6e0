import { type Contradiction } from '@core/ledger/merge';
import { success, type Result } from '@core/units/result';
import { inject, Injectable } from '@angular/core';
import { liveQuery, type Subscription } from 'dexie';
import type { Entry, Fact } from '@core/ledger/entry';
import { animalOfKind } from '@core/catalogue/kinds';
import { registerOwnKinds } from '@core/catalogue/own-kinds';
import {
  EMPTY_HOUSEHOLD,
  householdOf,
  mergeHouseholds,
  mergeRecords,
  ownKinds,
  type Household,
} from '@core/records/household';
import { append, journalOf, nextInstant, nextSequence, type Journal } from '@core/ledger/journal';
import type { EntryId } from '@core/ledger/lot';
import {
  registerOf,
  recordSchema,
  type HouseholdRecord,
  type NewRecord,
  type RecordChange,
} from '@core/records/record';
import type { Deed } from '@core/deeds/deed';
import type { Rewritten } from '@core/deeds/take-back';
import type { Refusal } from '@core/ledger/refusal';
import { Clock } from '../clock';
import { Database, type MetaRow, type RecordRow } from './database';
import { HOUSEHOLD_NAME } from '../household-name';
import { StoredEntries } from './stored-entries';

/** A deed that is on the disk. */
export interface Written {
  readonly household: Household;
  readonly entries: readonly EntryId[];
  readonly rewritten: readonly Rewritten[];
}

/**
 * The one way to the database. Whatever is appended is checked against what the database holds
 * at that moment, inside one transaction, so two tabs cannot both take the last steak.
 */
@Injectable()
export class Repository {
  private readonly clock = inject(Clock);
  private readonly database = new Database(inject(HOUSEHOLD_NAME));
  private readonly stored = new StoredEntries(this.database);
  private household: Household = EMPTY_HOUSEHOLD;
  /** The last row this tab has read. */
  private cursor = 0;
  /** Changes when the whole household is replaced, so that other tabs read it anew. */
  private generation = '';

  /** Reads everything. */
  async load(): Promise<Household> {
    if (await this.stored.hasManyRows()) await this.bundle();
    const { entries, bundles, records, meta } = this.database;
    const [stored, rows, generation] = await this.database.transaction(
      'r',
      [entries, bundles, records, meta],
      () => Promise.all([this.stored.all(), records.toArray(), this.meta('generation')]),
    );
    this.generation = generation ?? '';
    this.cursor = stored.cursor;
    this.household = householdOf(
      stored.entries,
      rows.map(({ record }) => record),
    );
    return this.household;
  }

  /** Calls back whenever another tab has written something. */
  watch(changed: (household: Household) => void, failed: (error: unknown) => void): Subscription {
    const last = liveQuery(async () => {
      const [n, records, generation] = await Promise.all([
        this.stored.lastRow(),
        this.database.records.toArray(),
        this.meta('generation'),
      ]);
      return { n, records, generation: generation ?? '' };
    });
    return last.subscribe({
      next: (found) => void this.catchUp(found).then(changed, failed),
      error: failed,
    });
  }

  /**
   * Writes a deed down, all of it or none, in one transaction.
   *
   * @returns or why not, where a fact does not fit what the database holds by then
   */
  async write({ facts = [], records = [] }: Deed): Promise<Result<Written, Refusal>> {
    const { entries, bundles, records: registers, meta } = this.database;
    const tables = [
      ...(facts.length > 0 ? [entries, bundles] : []),
      ...(records.length > 0 ? [registers] : []),
      meta,
    ];
    const done = await this.database.transaction('rw', tables, async () => {
      const device = await this.device();
      const written = await this.writeFacts(facts, device);
      return written.ok
        ? success({ written: written.value, ...(await this.writeRecords(records, device)) })
        : written;
    });
    if (!done.ok) return done;
    const { written, rows, rewritten } = done.value;
    // What another write has settled meanwhile stays: only what this one wrote is new.
    const { journal = this.household.journal, cursor = this.cursor, added = [] } = written ?? {};
    const known = this.household.records;
    const household = this.settle(journal, cursor, rows ? asKnown(known, rows) : known);
    return success({ household, entries: added.map(({ id }) => id), rewritten });
  }

  /** Inside the transaction: all of them, or none. */
  private async writeFacts(
    facts: readonly Fact[],
    device: string,
  ): Promise<Result<{ journal: Journal; cursor: number; added: readonly Entry[] } | null, Refusal>> {
    if (facts.length === 0) return success(null);
    const before = await this.fresh();
    const accepted = this.accept(before.journal, facts, device);
    if (!accepted.ok) return accepted;
    const { journal, added } = accepted.value;
    return success({ journal, cursor: Math.max(before.cursor, await this.add(added)), added });
  }

  /** Inside the transaction. */
  private async writeRecords(
    values: readonly (NewRecord | RecordChange)[],
    device: string,
  ): Promise<{ rows: readonly RecordRow[] | null; rewritten: readonly Rewritten[] }> {
    if (values.length === 0) return { rows: null, rewritten: [] };
    const at = this.clock.instant();
    const known = new Map(
      (await this.database.records.toArray()).map(({ register, record }) => [register, record]),
    );
    const records = values
      .map((each) => whole(each, known))
      .map((value, seq) =>
        recordSchema.parse({ ...value, stamp: this.stampAfter(known, value, { at, device, seq }) }),
      );
    await this.putRecords(mergeRecords([], records));
    const rewritten = records.map(({ type, key, value }) => ({
      type,
      key,
      was: known.get(registerOf({ type, key }))?.value ?? null,
      wrote: value,
    }));
    return { rows: await this.database.records.toArray(), rewritten };
  }

  /**
   * Takes in what another device knows.
   *
   * @returns or what is wrong, where it is of another household; nothing was written then
   */
  async merge(other: Household): Promise<Result<Household, Contradiction>> {
    const { entries, bundles, records, meta } = this.database;
    const done = await this.database.transaction('rw', [entries, bundles, records, meta], async () => {
      const before = await this.fresh();
      const ours = (await records.toArray()).map(({ record }) => record);
      const both = mergeHouseholds({ journal: before.journal, records: mergeRecords(ours, []) }, other);
      if (!both.ok) return both;
      const merged = both.value;
      const known = new Set(before.journal.entries.map(({ id }) => id));
      const added = merged.journal.entries.filter(({ id }) => !known.has(id));
      const cursor = Math.max(before.cursor, await this.add(added));
      await this.putRecords(merged.records);
      return success({ merged, cursor });
    });
    if (!done.ok) return done;
    const { merged, cursor } = done.value;
    return success(this.settle(merged.journal, cursor, merged.records));
  }

  /** Puts another household in the place of this one. The caller has saved this one first. */
  async replace(other: Household): Promise<Household> {
    const { entries, bundles, records, meta } = this.database;
    await this.database.transaction('rw', [entries, bundles, records, meta], async () => {
      await this.stored.clear();
      await records.clear();
      await this.newGeneration();
      await this.stored.add(other.journal.entries);
      await this.putRecords(other.records);
    });
    return this.load();
  }

  async meta(key: MetaRow['key']): Promise<string | undefined> {
    return (await this.database.meta.get(key))?.value;
  }

  async setMeta(key: MetaRow['key'], value: string): Promise<void> {
    await this.database.meta.put({ key, value });
  }

  close(): void {
    this.database.close();
  }

  private accept(
    before: Journal,
    facts: readonly Fact[],
    device: string,
  ): Result<{ journal: Journal; added: Entry[] }, Refusal> {
    let journal = before;
    const added: Entry[] = [];
    for (const fact of facts) {
      const at = nextInstant(journal, this.clock.instant());
      const entry = {
        ...fact,
        id: this.clock.newId(),
        at,
        device,
        seq: nextSequence(journal, device),
      } as Entry;
      const result = append(journal, entry);
      if (!result.ok) return result;
      journal = result.value;
      added.push(entry);
    }
    return success({ journal, added });
  }

  /** Adds entries, and tells other tabs to read anew when they cannot be seen as rows. */
  private async add(added: readonly Entry[]): Promise<number> {
    const { bundled, cursor } = await this.stored.add(added);
    if (bundled) await this.newGeneration();
    return cursor;
  }

  private async bundle(): Promise<void> {
    const { entries, bundles, meta } = this.database;
    await this.database.transaction('rw', entries, bundles, meta, async () => {
      if (!(await this.stored.hasManyRows())) return;
      await this.stored.bundleRows();
      await this.newGeneration();
    });
  }

  private newGeneration(): Promise<void> {
    return this.setMeta('generation', this.clock.newId());
  }

  /** The journal with what other tabs have written since. Inside a transaction. */
  private async fresh(): Promise<{ journal: Journal; cursor: number }> {
    if (((await this.meta('generation')) ?? '') !== this.generation) {
      const { entries, cursor } = await this.stored.all();
      return { journal: journalOf(entries, animalOfKind), cursor };
    }
    const { entries, cursor } = await this.stored.after(this.cursor);
    const known = this.household.journal;
    return { journal: entries.length === 0 ? known : extend(known, entries), cursor };
  }

  private async catchUp(found: {
    n: number;
    records: readonly RecordRow[];
    generation: string;
  }): Promise<Household> {
    const { n, generation } = found;
    if (generation !== this.generation) return this.load();
    const records = asKnown(this.household.records, found.records);
    const { journal, cursor } =
      n > this.cursor ? await this.fresh() : { journal: this.household.journal, cursor: this.cursor };
    return this.settle(journal, cursor, records);
  }

  private settle(journal: Journal, cursor: number, records: Household['records']): Household {
    if (cursor >= this.cursor) {
      if (records !== this.household.records) registerOwnKinds(ownKinds({ records }));
      this.household = { journal, records };
      this.cursor = cursor;
    }
    return this.household;
  }

  /** A register's new stamp is later than its old one, whatever this device's clock says. */
  private stampAfter(
    known: ReadonlyMap<string, HouseholdRecord>,
    value: NewRecord,
    stamp: HouseholdRecord['stamp'],
  ): HouseholdRecord['stamp'] {
    const before = known.get(registerOf(value))?.stamp.at;
    return before !== undefined && before >= stamp.at
      ? { ...stamp, at: new Date(Date.parse(before) + 1).toISOString() }
      : stamp;
  }

  private async putRecords(records: Household['records']): Promise<void> {
    await this.database.records.bulkPut([...records].map(([register, record]) => ({ register, record })));
  }

  private async device(): Promise<string> {
    const known = await this.meta('device');
    if (known !== undefined) return known;
    const device = this.clock.newId();
    await this.setMeta('device', device);
    return device;
  }
}

/** What was read, as the objects that are known already where nothing is newer: so nothing is drawn anew for nothing. */
function asKnown(known: Household['records'], rows: readonly RecordRow[]): Household['records'] {
  const isKnown = ({ register, record: { stamp } }: RecordRow): boolean => {
    const other = known.get(register)?.stamp;
    return (
      other !== undefined && other.at === stamp.at && other.seq === stamp.seq && other.device === stamp.device
    );
  };
  if (rows.length === known.size && rows.every(isKnown)) return known;
  return new Map(
    rows.map((row) => [row.register, isKnown(row) ? (known.get(row.register) ?? row.record) : row.record]),
  );
}

/** A journal with more entries: one by one where they come last, else read anew. */
function extend(journal: Journal, entries: readonly Entry[]): Journal {
  const known = new Set(journal.entries.map(({ id }) => id));
  const added = entries.filter(({ id }) => !known.has(id));
  const oneByOne = added.length <= 20 ? added : [];
  let result: Journal | undefined = oneByOne.length === added.length ? journal : undefined;
  for (const entry of oneByOne) result = result && append(result, entry).value;
  return result ?? journalOf([...journal.entries, ...added], journal.animalOf);
}

/** A record as it is to be, given what is known. */
function whole(each: NewRecord | RecordChange, known: ReadonlyMap<string, HouseholdRecord>): NewRecord {
  if (!('change' in each)) return each;
  const { type, key } = each;
  const change = each.change as (known: unknown) => unknown;
  return { type, key, value: change(known.get(registerOf(each))?.value ?? undefined) } as NewRecord;
}
