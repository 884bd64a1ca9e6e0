import { writeFile } from '@core/exchange/write-file';
import { readFile } from '@core/exchange/read-file';
import { householdOf, type Household } from '@core/records/household';
import type { Identity } from '@core/records/identity';
import { mergeHouseholds, type CannotJoin } from '@core/records/join';
import { registerOf, type HouseholdRecord } from '@core/records/record';
import { whatCame, type WhatCame } from '@core/records/what-came';
import type { EntryId } from '@core/ledger/lot';
import { canonicalJson } from '@core/units/canonical-json';
import { failure, success, type Result } from '@core/units/result';
import type { Moments } from '../moments';
import type { Reading } from './base';
import type { KeptRow } from './database';
import type { Repository } from './repository';

/** So many merges can be taken out again, the latest. */
const MERGES_KEPT = 10;

/** A merge, as it can be looked over and taken out again. */
export interface Merged {
  /** The file that came. */
  readonly name: string;
  readonly came: WhatCame;
  readonly added: readonly EntryId[];
  readonly rewritten: readonly {
    readonly was: HouseholdRecord | null;
    readonly wrote: HouseholdRecord | null;
  }[];
  readonly identity: Identity | null;
}

/** Something that is kept beside the household until a person lets it go. */
export interface Kept extends KeptRow {
  readonly n: number;
}

/** Whole households and the base: files that come in, and what they took the place of. */
export class Joining {
  constructor(
    private readonly repository: Repository,
    private readonly clock: Moments,
  ) {}

  /**
   * Takes in what another device knows, in one transaction.
   *
   * @param name of the file, for whoever looks it over later
   * @returns or why not; nothing was written then
   */
  async merge(other: Household, name: string): Promise<Result<Merged, CannotJoin>> {
    const { base } = this.repository;
    const done = await this.rewriting(async () => {
      const before = await this.whole();
      const both = mergeHouseholds(before.household, other);
      if (!both.ok) return both;
      const merged = mergeOf(before.household, other, both.value, name);
      if (isNothing(merged, before.household, both.value)) return success({ reading: before, merged });
      const added = new Set(merged.added);
      await base.add(both.value.journal.entries.filter(({ id }) => added.has(id)));
      await base.putRecords(both.value.records, before.spoilt);
      await base.dropRecords(before.household.records, both.value.records);
      await base.setIdentity(both.value.identity);
      await this.keep('merged', JSON.stringify(merged));
      await this.forgetMerges();
      // Other tabs read all of it anew: it may be another household since.
      await base.newGeneration();
      return success({ reading: await base.read(), merged });
    });
    return done.ok ? success(done.value.merged) : done;
  }

  /**
   * Puts another household in the place of this one, which is kept until somebody lets it go. A file that was
   * kept up to date is let go: it holds the household that was here.
   */
  async replace(other: Household): Promise<Household> {
    const { base, standing, beside } = this.repository;
    await beside.noteLinked(null);
    await this.rewriting(async () => {
      const before = await this.whole();
      const { journal, records } = before.household;
      if (journal.entries.length > 0 || records.size > 0)
        await this.keep('replaced', writeFile(before.household));
      await base.database.links.clear();
      await base.put(other, before.spoilt);
      return success({ reading: await base.read() });
    });
    return standing.now.household;
  }

  /** Puts another household in the place of one that may go, of which nothing is kept then. */
  async renew(other: Household, mayGo: (there: Household) => boolean): Promise<void> {
    const { base } = this.repository;
    await this.rewriting(async () => {
      const before = await this.whole();
      if (!mayGo(before.household)) return success({ reading: before });
      await base.put(other, before.spoilt);
      return success({ reading: await base.read() });
    });
  }

  /** What is kept beside the household, the latest first. */
  async kept(): Promise<Kept[]> {
    return (await this.repository.kept()).reverse() as Kept[];
  }

  async letGo(n: number): Promise<void> {
    const { base } = this.repository;
    await this.besideToo(() => base.writing(() => base.database.kept.delete(n)));
  }

  /** A household that was replaced comes back; the one in its place is kept in turn. */
  async putBack({ n, text }: Kept): Promise<Result<Household>> {
    const read = readFile(text, { ownCopy: true });
    if (!read.ok) return read;
    const household = await this.replace(read.value);
    await this.letGo(n);
    return success(household);
  }

  /** What cannot be read is put aside: it stays here as text, and stands in nobody's way. */
  async putAside(): Promise<Household> {
    const { base, standing } = this.repository;
    await this.rewriting(async () => {
      const { household, spoilt } = await base.read();
      await base.put(household, spoilt);
      return success({ reading: await base.read() });
    });
    return standing.now.household;
  }

  /**
   * Takes a merge out again, as if the file had never come, but for what somebody has changed since.
   *
   * @returns or how many entries were written since that rest on what came
   */
  async takeOut({ n, text }: Kept): Promise<Result<Household, { readonly rest: number }>> {
    const { base, standing } = this.repository;
    const merged = JSON.parse(text) as Merged;
    const done = await this.rewriting(async () => {
      const before = await this.whole();
      const without = withoutMerge(before.household, merged);
      const aside = new Set(before.household.journal.state.setAside.map(({ entry }) => entry.id));
      const rest = without.journal.state.setAside.filter(({ entry }) => !aside.has(entry.id)).length;
      if (rest > 0) return failure({ rest });
      await base.put(without, before.spoilt);
      await base.database.kept.delete(n);
      return success({ reading: await base.read() });
    });
    return done.ok ? success(standing.now.household) : done;
  }

  private rewriting<T extends { readonly reading: Reading }, P>(
    work: () => Promise<Result<T, P>>,
  ): Promise<Result<T, P>> {
    return this.besideToo(() => this.repository.rewrite(work, ({ value }) => value?.reading ?? null));
  }

  /** What is kept after an act, and no longer, stands in the second place too. */
  private async besideToo<T>(act: () => Promise<T>): Promise<T> {
    const before = await this.repository.kept();
    const done = await act();
    await this.repository.beside.follow(before, await this.repository.kept());
    return done;
  }

  /** The household as the base has it, its registers among it. Inside a transaction. */
  private async whole() {
    const reading = await this.repository.standing.fresh();
    return reading.givenBackFrom ? reading : this.repository.base.read();
  }

  private async keep(why: KeptRow['why'], text: string): Promise<void> {
    await this.repository.base.database.kept.add({ at: this.clock.instant(), why, text });
  }

  private async forgetMerges(): Promise<void> {
    const merges = (await this.kept()).filter(({ why }) => why === 'merged').slice(MERGES_KEPT);
    await this.repository.base.database.kept.bulkDelete(merges.map(({ n }) => n));
  }
}

function mergeOf(before: Household, other: Household, after: Household, name: string): Merged {
  const known = new Set(before.journal.entries.map(({ id }) => id));
  const rewritten = [...after.records].flatMap(([register, wrote]) => {
    const was = before.records.get(register) ?? null;
    return canonicalJson(was) === canonicalJson(wrote) ? [] : [{ was, wrote }];
  });
  const dropped = [...before.records]
    .filter(([register]) => !after.records.has(register))
    .map(([, was]) => ({ was, wrote: null }));
  return {
    name,
    came: whatCame(before, other, after),
    added: after.journal.entries.map(({ id }) => id).filter((id) => !known.has(id)),
    rewritten: [...rewritten, ...dropped],
    identity: before.identity,
  };
}

function isNothing({ added, rewritten }: Merged, before: Household, after: Household): boolean {
  return (
    added.length === 0 &&
    rewritten.length === 0 &&
    canonicalJson(before.identity) === canonicalJson(after.identity)
  );
}

function withoutMerge({ journal, records }: Household, merged: Merged): Household {
  const added = new Set(merged.added);
  const left = new Map(records);
  for (const { was, wrote } of merged.rewritten) {
    const register = registerOf((wrote ?? was) as HouseholdRecord);
    if (canonicalJson(left.get(register) ?? null) !== canonicalJson(wrote)) continue;
    if (was) left.set(register, was);
    else left.delete(register);
  }
  return householdOf(
    journal.entries.filter(({ id }) => !added.has(id)),
    [...left.values()],
    merged.identity,
  );
}
