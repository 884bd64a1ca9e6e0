import { expose } from 'comlink';
import { tallyOf, type Tally } from '@core/format/counted-words';
import { aheadOf, type Ahead } from '@core/exchange/ahead';
import { readFile, sizeProblem } from '@core/exchange/read-file';
import { settingsOf, type Household } from '@core/records/household';
import { mergeHouseholds, type CannotJoin } from '@core/records/join';
import { byAge } from '@core/records/kinship';
import { whatCame, type WhatCame } from '@core/records/what-came';
import { failure, success, type Result } from '@core/units/result';
import type { HouseholdName } from '../household-name';
import { randomId } from '../random-id';
import { cannotJoin } from '../files/cannot-join';
import { isUntouched } from '../demo-untouched';
import { Joining, type Merged } from '../disk/joining';
import { Repository } from '../disk/repository';
import { SecondPlace } from '../disk/second-place';
import { storageProblem } from '../disk/storage-problem';

/** A file that was read and checked, and nothing written. */
export interface Looked {
  readonly entries: number;
  readonly ahead: Ahead | null;
  readonly currency: string;
  /** What the file holds: it has left this browser, or never was in it. */
  readonly tally: Tally;
  /** What a merge would bring; or why it cannot be one household with ours. */
  readonly merging: Result<WhatCame, CannotJoin>;
  /** Whether there is a household here already. */
  readonly isFirst: boolean;
  /** When the file's household began, where it is the older of the two: its settings stay then. */
  readonly isOlderSince: string | null;
}

/** How much of the way reading, checking and comparing are; writing is the rest. */
const [READ, CHECKED] = [0.05, 0.8];

/** From so many entries on the second place takes so long that the page would show them before it is told of them. */
const MANY = 2000;

/** What was read last, and waits to be taken in. */
let waiting: { readonly household: Household; readonly name: string } | null = null;

const api = { look, take, renewSecondPlace };
export type FileWorker = typeof api;
expose(api);

function open(home: HouseholdName, now: string): Repository {
  return new Repository(home, { instant: () => now, newId: randomId });
}

/**
 * Reads a file and checks all of it.
 *
 * @param now the moment, which only the page knows
 * @param isOwnCopy whether it is a copy of this household that was made here
 */
async function look(
  home: HouseholdName,
  file: File,
  now: string,
  isOwnCopy: boolean,
  told: (share: number) => void,
): Promise<Result<Looked>> {
  waiting = null;
  const tooLarge = sizeProblem(file.size);
  if (tooLarge) return failure(tooLarge);
  try {
    const text = await file.text();
    told(READ);
    const read = readFile(text, {
      ownCopy: isOwnCopy,
      told: (share) => told(READ + (CHECKED - READ) * share),
    });
    if (!read.ok) return read;
    const repository = open(home, now);
    const ours = await repository.load();
    repository.close();
    waiting = { household: read.value, name: file.name };
    const both = mergeHouseholds(ours, read.value);
    told(CHECKED);
    return success({
      entries: read.value.journal.entries.length,
      ahead: aheadOf(read.value, now),
      currency: settingsOf(read.value).currency,
      tally: tallyOf(read.value.journal.entries),
      merging: both.ok ? success(whatCame(ours, read.value, both.value)) : both,
      isOlderSince: byAge(ours, read.value)[0] === read.value ? (read.value.identity?.began ?? null) : null,
      isFirst: ours.records.size === 0 && ours.journal.entries.length === 0,
    });
  } catch (error) {
    return failure(storageProblem(error));
  }
}

/**
 * Writes down what was looked at last, in one transaction; of many entries the second place is renewed once
 * they are shown.
 *
 * @param how `renew`: only in the place of a household that nobody has touched
 */
async function take(
  home: HouseholdName,
  how: 'merge' | 'replace' | 'renew',
  now: string,
): Promise<Result<Merged | null>> {
  if (!waiting) return failure('Choose the file again. Nothing was written.');
  const { household, name } = waiting;
  const moments = { instant: () => now, newId: randomId };
  const isMany = household.journal.entries.length > MANY;
  const repository = new Repository(home, moments, new SecondPlace(isMany ? null : home));
  try {
    await repository.load();
    const joining = new Joining(repository, moments);
    if (how === 'replace') {
      await joining.replace(household);
      return success(null);
    }
    if (how === 'renew') {
      await joining.renew(household, isUntouched);
      return success(null);
    }
    const merged = await joining.merge(household, name);
    return merged.ok ? merged : failure(cannotJoin(merged.problem));
  } catch (error) {
    return failure(storageProblem(error));
  } finally {
    repository.close();
    waiting = null;
  }
}

/** What was written stands in the second place too. */
async function renewSecondPlace(home: HouseholdName, now: string): Promise<void> {
  const repository = open(home, now);
  try {
    await repository.renewSecondPlace();
  } finally {
    repository.close();
  }
}
