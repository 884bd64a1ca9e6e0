import { liveQuery } from 'dexie';
import { success, failure, type Result } from '@core/units/result';
import type { Entry, Fact } from '@core/ledger/entry';
import { TOLD_TO_THE_HOUR } from '@core/ledger/entry';
import { toldAt } from '@core/ledger/told-at';
import { writeFile } from '@core/exchange/write-file';
import type { Household } from '@core/records/household';
import { mergeHouseholds } from '@core/records/join';
import { append, stampOfNext, type Journal } from '@core/ledger/journal';
import type { EntryId } from '@core/ledger/lot';
import { NO_CLOCK_SAYS, stampAfter } from '@core/ledger/stamp';
import {
  registerOf,
  recordSchema,
  type HouseholdRecord,
  type NewRecord,
  type RecordChange,
} from '@core/records/record';
import type { Deed } from '@core/deeds/deed';
import type { Rewritten } from '@core/deeds/take-back';
import { malformation } from '@core/ledger/malformation';
import type { Refusal } from '@core/ledger/refusal';
import type { Moments } from '../moments';
import { Base, isOver, type GivenBackFrom, type Reading } from './base';
import type { KeptRow, MetaRow, RecordRow } from './database';
import type { HouseholdName } from '../household-name';
import { KeptNotes } from './kept-notes';
import { SecondPlace, type DeedNote } from './second-place';
import { isEmpty, Standing } from './standing';
import type { Spoilt } from './stored-entries';

/** A deed that is on the disk. */
export interface Written {
  readonly household: Household;
  readonly entries: readonly EntryId[];
  readonly rewritten: readonly Rewritten[];
}

/** Thrown inside a transaction, so that none of it stays. */
class Refused extends Error {
  constructor(readonly refusal: Refusal) {
    super(refusal.code);
  }
}

/**
 * The one way to the database. Whatever is appended is checked against what the database holds
 * at that moment, inside one transaction, so two tabs cannot both take the last steak.
 */
export class Repository {
  readonly base: Base;
  readonly standing: Standing;

  constructor(
    name: HouseholdName,
    private readonly clock: Moments,
    readonly second = new SecondPlace(name),
    readonly beside = new KeptNotes(second.home),
  ) {
    this.base = new Base(name, clock);
    this.standing = new Standing(this.base);
  }

  /** Calls back while another tab holds an older base, which cannot be opened before it lets go. */
  onHeld(held: () => void): void {
    this.base.database.on('blocked', held);
  }

  /** Reads everything; what is gone or cannot be read comes back from the second place. */
  async load(): Promise<Household> {
    const reading = await this.base.reading(() => this.base.read());
    const isWhole = !isEmpty(reading.household) && reading.spoilt.length === 0;
    const whole = isWhole ? null : await this.fromSecondPlace();
    return this.standing.settle(whole ?? (reading.isUntidy ? await this.tidied() : reading));
  }

  /** Null where nothing more stands there. */
  private async fromSecondPlace(): Promise<Reading | null> {
    await this.bringBackKept();
    const household = await this.second.read();
    if (!household) return null;
    return this.base.writing(async () => {
      const found = await this.base.read();
      const { value: both } = mergeHouseholds(found.household, household);
      if (!both || writeFile(both) === writeFile(found.household)) return null;
      await this.base.put(both, found.spoilt);
      return { ...(await this.base.read()), givenBackFrom: 'second-place' };
    });
  }

  /**
   * Writes whole households: whatever stood in the second place goes with what stood in the base.
   *
   * @param work inside the transaction; comes to the base as it is then, or null where nothing is written
   */
  async rewrite<T>(work: () => Promise<T>, readingOf: (done: T) => Reading | null): Promise<T> {
    const before = await this.second.names();
    const done = await this.base.writing(work);
    const reading = readingOf(done);
    if (!reading) return done;
    this.standing.settle(reading);
    await this.second.whole(reading.household, reading.spoilt.length === 0 ? before : []);
    return done;
  }

  /** Brings the second place up to date with the base, where all of that can be read. */
  async renewSecondPlace(): Promise<void> {
    const before = await this.second.names();
    const household = await this.load();
    if (this.spoilt.length === 0 && !isEmpty(household)) await this.second.whole(household, before);
    await this.beside.follow([], await this.kept());
  }

  /** What is kept beside the household, the oldest first. */
  kept(): Promise<KeptRow[]> {
    return this.base.database.kept.orderBy('n').toArray();
  }

  /** What was kept beside a household comes back with it where the base has lost it. */
  private async bringBackKept(): Promise<void> {
    const missing = await this.beside.missing(await this.kept());
    if (missing.length > 0) await this.base.writing(() => this.base.database.kept.bulkAdd(missing));
  }

  /** A base that cannot be written to is read all the same. */
  private tidied(): Promise<Reading> {
    return this.base
      .writing(async () => {
        await this.base.stored.tidy();
        await this.base.newGeneration();
        return this.base.read();
      })
      .catch(() => this.base.reading(() => this.base.read()));
  }

  /** From where the household was written back into a base that had lost it, since this was last asked. */
  givenBackFrom(): GivenBackFrom | null {
    return this.standing.givenBackFrom();
  }

  /** Everything in the base as a file, unread. */
  asFile(): Promise<string> {
    return this.base.asFile();
  }

  /** What was found in the base and cannot be read. */
  get spoilt(): readonly Spoilt[] {
    return this.standing.now.spoilt;
  }

  /**
   * Calls back whenever another tab has written something, and when the base was cleared away under
   * this one, after it was written back.
   */
  watch(
    changed: (household: Household) => void,
    failed: (error: unknown) => void,
  ): { unsubscribe: () => void } {
    const { database } = this.base;
    const look = (): Promise<void> => this.lookAgain().then(changed, failed);
    let isOver = false;
    let isReopening = false;
    let watching = this.news(look, () => again());
    // A browser that clears the site's data closes the base under the page.
    const again = (): void => {
      if (isOver || isReopening) return;
      isReopening = true;
      watching.unsubscribe();
      void this.base
        .reopen()
        .then(() => {
          if (isOver) return;
          watching = this.news(look, again);
          return look();
        }, failed)
        .finally(() => (isReopening = false));
    };
    database.on('close', again);
    return {
      unsubscribe: () => {
        isOver = true;
        database.on('close').unsubscribe(again);
        watching.unsubscribe();
      },
    };
  }

  /** Calls whenever the base is another than this tab knows it. */
  private news(look: () => void, failed: () => void): { unsubscribe: () => void } {
    const found = liveQuery(async () => {
      const [cursor, rows, lineage] = await Promise.all([
        this.base.stored.lastRow(),
        this.base.registers(this.spoilt),
        this.base.lineage(),
      ]);
      return { cursor, rows, lineage };
    });
    return found.subscribe({
      next: (now) => {
        if (this.isNews(now)) look();
      },
      error: failed,
    });
  }

  /**
   * Writes a deed down, all of it or none, in one transaction.
   *
   * @returns or why not, where a fact does not fit what the database holds by then
   */
  async write({ facts = [], records = [] }: Deed): Promise<Result<Written, Refusal>> {
    const now = this.clock.instant();
    if (now >= NO_CLOCK_SAYS) return failure({ code: 'clock', year: now.slice(0, now.indexOf('-', 1)) });
    let hadLost = false;
    try {
      const { reading, added, rewritten } = await this.base.writing(async () => {
        const fresh = await this.standing.fresh();
        hadLost = Boolean(fresh.givenBackFrom);
        const before = await this.begun(fresh);
        const device = await this.base.device();
        const written = await this.writeFacts(before, facts, device);
        return this.writeRecords(written, records, device);
      });
      const household = this.standing.settle(reading);
      await this.second.add(noteOf(reading.household, added, rewritten), reading.household, hadLost);
      if (hadLost) await this.bringBackKept();
      const entries = added.map(({ id }) => id);
      return success({ household, entries, rewritten });
    } catch (error) {
      if (!(error instanceof Refused)) throw error;
      // What was written back went with the deed that was refused: once more, without it.
      if (hadLost) await this.lookAgain();
      return failure(error.refusal);
    }
  }

  async meta(key: MetaRow['key']): Promise<string | undefined> {
    return this.base.meta(key);
  }

  async noteExport(at: string, tally: string): Promise<void> {
    await this.base.writing(async () => {
      await this.base.setMeta('exported-at', at);
      await this.base.setMeta('exported-tally', tally);
    });
  }

  close(): void {
    this.base.database.close();
  }

  /** Whoever writes first begins the household. Inside the transaction. */
  private async begun(reading: Reading): Promise<Reading> {
    const { household } = reading;
    const known = await this.base.identity();
    const identity = known ??
      household.identity ?? { id: this.clock.newId(), began: this.clock.instant(), joined: [] };
    if (!known) await this.base.setIdentity(identity);
    return { ...reading, household: { ...household, identity } };
  }

  /** Inside the transaction: all of them, or none. */
  private async writeFacts(
    reading: Reading,
    facts: readonly Fact[],
    device: string,
  ): Promise<{ reading: Reading; added: readonly Entry[] }> {
    if (facts.length === 0) return { reading, added: [] };
    const { journal, added } = this.accept(reading.household.journal, facts, device);
    const cursor = Math.max(reading.cursor, await this.base.add(added));
    const lineage = await this.base.lineage();
    const bundles = await this.base.stored.countBundles();
    return {
      reading: { ...reading, household: { ...reading.household, journal }, cursor, lineage, bundles },
      added,
    };
  }

  /** Inside the transaction. */
  private async writeRecords(
    { reading, added }: { reading: Reading; added: readonly Entry[] },
    values: readonly (NewRecord | RecordChange)[],
    device: string,
  ): Promise<{ reading: Reading; added: readonly Entry[]; rewritten: readonly Rewritten[] }> {
    if (values.length === 0) return { reading, added, rewritten: [] };
    const at = this.clock.instant();
    const known = new Map(
      (await this.base.registers(reading.spoilt)).map(({ register, record }) => [register, record]),
    );
    const records = values.map((each, seq) => stamped(whole(each, known), { at, device, seq }, known));
    const written = new Map(records.map((record) => [registerOf(record), record]));
    await this.base.putRecords(written, reading.spoilt);
    const spoilt = reading.spoilt.filter((each) => !isOver(each, written));
    const rewritten = records.map(({ type, key, value }) => ({
      type,
      key,
      was: known.get(registerOf({ type, key }))?.value ?? null,
      wrote: value,
    }));
    const rows = await this.base.registers(spoilt);
    const household = { ...reading.household, records: asKnown(reading.household.records, rows) };
    return { reading: { ...reading, household, spoilt }, added, rewritten };
  }

  private accept(
    before: Journal,
    facts: readonly Fact[],
    device: string,
  ): { journal: Journal; added: Entry[] } {
    let journal = before;
    const added: Entry[] = [];
    for (const fact of facts) {
      const stamp = stampOfNext(journal, this.clock.instant(), device);
      const deed = added[0] ? { deed: added[0].id } : {};
      const shown = this.clock.dayOf?.(toldAt(stamp));
      const day = shown !== undefined && TOLD_TO_THE_HOUR.has(fact.type) ? { day: shown } : {};
      const entry = { ...fact, id: this.clock.newId(), ...stamp, ...day, ...deed } as Entry;
      const result = append(journal, entry);
      if (!result.ok) throw new Refused(result.problem);
      journal = result.value;
      added.push(entry);
    }
    return { journal, added };
  }

  /** Whether the base is another than this tab knows it. */
  private isNews(
    found: Pick<Reading, 'cursor' | 'lineage'> & { readonly rows: readonly RecordRow[] },
  ): boolean {
    const { cursor, lineage, household } = this.standing.now;
    return (
      found.lineage.at(-1) !== lineage.at(-1) ||
      found.cursor > cursor ||
      asKnown(household.records, found.rows) !== household.records
    );
  }

  /** The base as it stands; what it has lost is written back. */
  private async lookAgain(): Promise<Household> {
    const seen = await this.base.reading(async () => {
      const reading = await this.standing.look();
      if (!reading) return null;
      const rows = await this.base.registers(reading.spoilt);
      const household = { ...reading.household, records: asKnown(reading.household.records, rows) };
      return { ...reading, household };
    });
    if (seen) return this.standing.settle(seen);
    const back = await this.base.writing(() => this.standing.fresh());
    await this.second.whole(back.household);
    await this.bringBackKept();
    return this.standing.settle(back);
  }
}

/** What a deed has written, as it stands in the second place. */
function noteOf(
  { identity, records }: Household,
  entries: readonly Entry[],
  rewritten: readonly Rewritten[],
): DeedNote {
  const written = rewritten.flatMap((register) => records.get(registerOf(register)) ?? []);
  return { household: identity, entries, records: written };
}

/** A record as it goes to the disk: later than what stands there, whatever this device's clock says. */
function stamped(
  value: NewRecord,
  stamp: HouseholdRecord['stamp'],
  known: ReadonlyMap<string, HouseholdRecord>,
): HouseholdRecord {
  const record = { ...value, stamp: stampAfter(stamp, known.get(registerOf(value))?.stamp) };
  const parsed = recordSchema.safeParse(record);
  if (!parsed.success) throw new Refused({ code: 'malformed', problem: malformation(parsed.error) });
  return parsed.data;
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

/** A record as it is to be, given what is known. */
function whole(each: NewRecord | RecordChange, known: ReadonlyMap<string, HouseholdRecord>): NewRecord {
  if (!('change' in each)) return each;
  const { type, key } = each;
  const change = each.change as (known: unknown) => unknown;
  return { type, key, value: change(known.get(registerOf(each))?.value ?? undefined) } as NewRecord;
}
