// Runs in a page of the application's own address: the real base in a real browser, without the screens.
import { writeFile } from '@core/exchange/write-file';
import { readFile } from '@core/exchange/read-file';
import type { Household } from '@core/records/household';
import type { RecordChange } from '@core/records/record';
import { settingsChange } from '@core/records/change';
import { mangled } from '@core/testing/mangled';
import { factOf } from '@core/testing/random-journal';
import { seededUniform } from '@core/units/random';
import { Joining } from '../../app/src/household/disk/joining';
import { Repository } from '../../app/src/household/disk/repository';

/** Faults that are planted to see whether they are found. */
export type Fault = 'none' | 'told-early' | 'two-transactions' | 'dropped-in-merge';

/** What stands on the disk, as the one outside looks it over. */
export interface Found {
  /** Deeds by their number, and how many entries of each there are. */
  readonly deeds: Readonly<Record<string, number>>;
  /** Deeds whose register is there. */
  readonly registers: readonly string[];
  readonly spoilt: number;
  readonly isLawful: boolean;
  readonly text: string;
}

interface Outside {
  /** A deed is about to be written: so many entries, and whether with a register. */
  torturePlans(deed: string, entries: number): Promise<void>;
  /** The screen would say now that it is written. */
  tortureConfirms(deed: string): Promise<void>;
}
const outside = globalThis as unknown as Outside;

let repository: Repository;
let joining: Joining;
let clockMs = Date.UTC(2026, 10, 27);
let made = 0;
let deed = '';

const moments = {
  instant: () => new Date((clockMs += 1000)).toISOString(),
  // The deed's number stands in each id: half a deed is seen on the disk.
  newId: () => `${deed}-${(made += 1)}`,
};

async function open(name: string): Promise<void> {
  deed = `open${name}`;
  repository = new Repository('home', moments);
  joining = new Joining(repository, moments);
  await repository.load();
}

/** Writes random deeds, each with one to three entries and a register; and jumps of the clock between. */
async function deeds(seed: number, name: string, count: number, fault: Fault): Promise<number> {
  const random = seededUniform(seed);
  const number = (most: number): number => Math.floor(random() * most);
  let written = 0;
  for (let n = 0; n < count; n++) {
    if (number(20) === 0) clockMs += (number(3) - 1) * [3_600_000, 86_400_000, 31_536_000_000][number(3)]!;
    deed = `${name}x${n}`;
    made = 0;
    const { journal } = repository.standing.now.household;
    const facts = Array.from({ length: 1 + number(3) }, (_, at) =>
      factOf(
        journal,
        { what: n < 2 ? n : number(1e6), which: number(1e6), other: number(1e6), size: number(1200) },
        `${deed}-lot${at}`,
      ),
    );
    const records = [register(deed), settingsChange('room', () => ({ freezerL: 1 + number(500) }))];
    await outside.torturePlans(deed, facts.length);
    if (fault === 'told-early') await outside.tortureConfirms(deed);
    const done =
      fault === 'two-transactions'
        ? (await repository.write({ facts })).ok && (await repository.write({ records })).ok
        : (await repository.write({ facts, records })).ok;
    if (!done) continue;
    written += 1;
    if (fault !== 'told-early') await outside.tortureConfirms(deed);
  }
  return written;
}

/** A shop's price that only this deed writes. */
function register(key: string): RecordChange {
  return {
    type: 'price',
    key,
    change: () => ({ item: 'strip-steak', shop: 'Corner Stall', perKgMinor: 2790, on: '2026-11-27' }),
  };
}

/** What the disk says to somebody who opens it now. */
async function look(): Promise<Found> {
  const fresh = new Repository('home', moments);
  const household = await fresh.load();
  const spoilt = fresh.spoilt.length;
  fresh.close();
  const counts: Record<string, number> = {};
  for (const { id } of household.journal.entries) {
    const of = id.replace(/-\d+$/, '');
    counts[of] = (counts[of] ?? 0) + 1;
  }
  const registers = [...household.records.values()]
    .filter(({ type }) => type === 'price')
    .map(({ key }) => key);
  return {
    deeds: counts,
    registers,
    spoilt,
    isLawful: areLawful(household),
    text: writeFile(household),
  };
}

/** Whether every gram has a place. */
function areLawful({ journal }: Household): boolean {
  return [...journal.state.lots.values()].every(
    ({ leftDg, flows, inDg, foundDg }) =>
      leftDg >= 0 && flows.reduce((sum, { massDg }) => sum + massDg, 0) + leftDg === inDg + foundDg,
  );
}

/** The file of this device, as another takes it. */
async function file(): Promise<string> {
  await repository.load();
  return writeFile(repository.standing.now.household);
}

async function merge(text: string, fault: Fault): Promise<void> {
  deed = `merge${(made += 1)}`;
  const read = readFile(text, { ownCopy: true });
  if (!read.ok) throw new Error(read.problem);
  if (fault === 'dropped-in-merge') {
    const entries = read.value.journal.entries.slice(0, -1);
    const other = { ...read.value, journal: { ...read.value.journal, entries } };
    await joining.merge(other, 'phone.json');
    return;
  }
  const merged = await joining.merge(read.value, 'phone.json');
  if (!merged.ok) throw new Error(merged.problem.reason);
}

/**
 * So many files that something happened to, through the reader.
 *
 * @returns what it answered wrongly: neither a household nor a sentence, or one in which mass is lost
 */
function files(seed: number, count: number): string[] {
  const random = seededUniform(seed);
  const number = (): number => Math.floor(random() * 1e9);
  const good = writeFile(repository.standing.now.household);
  const wrong: string[] = [];
  for (let n = 0; n < count; n++) {
    const blows = Array.from({ length: 1 + (number() % 3) }, () => ({
      where: number(),
      how: number(),
      what: number(),
    }));
    const text = mangled(good, blows, n % 10 === 0 ? number() : null);
    try {
      const { value, problem } = readFile(text);
      if (value ? !areLawful(value) : !/\.$/.test(problem ?? ''))
        wrong.push(`file ${n}: ${problem ?? 'mass'}`);
    } catch (error) {
      wrong.push(`file ${n}: ${String(error)}`);
    }
  }
  return wrong;
}

const inside = { open, deeds, look, file, merge, files };
export type Inside = typeof inside;
Object.assign(globalThis, { torture: inside });
