import type { Entry } from '@core/ledger/entry';
import { append, journalOf, type Journal } from '@core/ledger/journal';
import { registerOwnKinds } from '@core/catalogue/own-kinds';
import { animalOf, EMPTY_HOUSEHOLD, ownKinds, type Household } from '@core/records/household';
import { kinshipOf } from '@core/records/kinship';
import { mergeHouseholds } from '@core/records/join';
import { writeFile } from '@core/exchange/write-file';
import { GIVEN_BACK, type Base, type GivenBackFrom, type Reading } from './base';

/** What this tab shows is gone from the base, and something else is there in its place. */
class Supplanted extends Error {
  override readonly name = 'Supplanted';
}

/** One by one an entry is taken quickly; more are read anew. */
const FEW = 20;

const NOTHING: Reading = { household: EMPTY_HOUSEHOLD, cursor: 0, bundles: 0, lineage: [], spoilt: [] };

/**
 * What this tab knows of the base. Whatever is written builds on it, so it is first looked at whether
 * the base still holds it: a browser may have cleared the base away under an open tab.
 */
export class Standing {
  private known = NOTHING;
  private gaveBack: GivenBackFrom | null = null;

  constructor(private readonly base: Base) {}

  get now(): Reading {
    return this.known;
  }

  /**
   * The base as it stands: with what other tabs have written, and with what it has lost written back.
   * Inside a transaction that writes; counts for this tab once that is through, with {@link settle}.
   *
   * @throws Supplanted where another household is there
   */
  async fresh(): Promise<Reading> {
    return (await this.look()) ?? this.giveBack();
  }

  /** The same inside a transaction that only reads; null where the base has lost what this tab knows. */
  async look(): Promise<Reading | null> {
    const { household, cursor, lineage } = this.known;
    const found = await this.base.lineage();
    const mine = lineage.at(-1) ?? '';
    if (found.at(-1) === mine && (await this.base.stored.holds(this.known))) {
      const added = await this.base.stored.after(cursor);
      const identity = (await this.base.identity()) ?? household.identity;
      if (added.entries.length === 0 && identity?.id === household.identity?.id) return this.known;
      const journal = extend(household.journal, added.entries);
      return { ...this.known, household: { ...household, journal, identity }, cursor: added.cursor };
    }
    if (isEmpty(household)) return this.base.read();
    const since = found.includes(mine) ? found.slice(found.indexOf(mine) + 1) : [];
    const isWhole = since.length > 0 && !since.some((generation) => generation.startsWith(GIVEN_BACK));
    return isWhole ? this.base.read() : null;
  }

  /** What a transaction has come to; what another one has settled meanwhile stays. */
  settle(reading: Reading): Household {
    const [before, after] = [this.known.lineage.at(-1) ?? '', reading.lineage.at(-1) ?? ''];
    const isBehind =
      before === after ? reading.cursor < this.known.cursor : this.known.lineage.includes(after);
    if (!isBehind) this.known = withKinds({ ...reading, givenBackFrom: null }, this.known.household.records);
    this.gaveBack ??= reading.givenBackFrom ?? null;
    return this.known.household;
  }

  /** From where the household was written back since this was last asked. */
  givenBackFrom(): GivenBackFrom | null {
    const from = this.gaveBack;
    this.gaveBack = null;
    return from;
  }

  private async giveBack(): Promise<Reading> {
    const found = await this.base.read();
    const mine = this.known.household;
    const isOther = !isEmpty(found.household) && kinshipOf(mine, found.household) !== 'same';
    const both = mergeHouseholds(mine, found.household);
    if (isOther || !both.ok) throw new Supplanted();
    // Another tab may have written it back, with all that is known here.
    if (writeFile(both.value) === writeFile(found.household)) return found;
    await this.base.put(both.value, found.spoilt);
    await this.base.newGeneration(this.known.lineage);
    return { ...(await this.base.read()), givenBackFrom: 'this-tab' };
  }
}

/** Where registers have changed, the kinds among them are those that count. */
function withKinds(reading: Reading, before: Household['records']): Reading {
  const { household } = reading;
  if (household.records === before) return reading;
  registerOwnKinds(ownKinds(household));
  const journal = { ...household.journal, animalOf: animalOf(household.records) };
  return { ...reading, household: { ...household, journal } };
}

export function isEmpty({ journal, records }: Household): boolean {
  return journal.entries.length === 0 && records.size === 0;
}

/** A journal with more entries: one by one where they come last, else read anew. */
function extend(journal: Journal, entries: readonly Entry[]): Journal {
  const known = new Set(journal.entries.map(({ id }) => id));
  const added = entries.filter(({ id }) => !known.has(id));
  if (added.length === 0) return journal;
  const oneByOne = added.length <= FEW ? added : [];
  let result: Journal | undefined = oneByOne.length === added.length ? journal : undefined;
  for (const entry of oneByOne) result = result && append(result, entry).value;
  return result ?? journalOf([...journal.entries, ...added], journal.animalOf);
}
