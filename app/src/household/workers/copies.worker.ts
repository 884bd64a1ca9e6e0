import { expose } from 'comlink';
import type { IsoDate } from '@core/units/date';
import { failure, type Result } from '@core/units/result';
import type { HouseholdName } from '../household-name';
import { randomId } from '../random-id';
import { CopyStore, type Copy } from '../disk/copy-store';
import { privateFolder } from '../disk/private-folder';
import { Repository } from '../disk/repository';

const api = { make, list, read };
export type CopiesWorker = typeof api;
expose(api);

async function store(home: HouseholdName): Promise<CopyStore | null> {
  const folder = await privateFolder(`vendicus-${home}-copies`);
  return folder && new CopyStore(folder);
}

/**
 * Makes today's copy of what is on the disk. Of a household a part of which cannot be read no copy is
 * made: it would push out good ones.
 *
 * @returns the copies there are; null where there can be none
 */
async function make(home: HouseholdName, today: IsoDate, now: string): Promise<Copy[] | null> {
  const copies = await store(home);
  if (!copies) return null;
  const repository = new Repository(home, { instant: () => now, newId: randomId });
  try {
    await repository.renewSecondPlace();
    const { household } = repository.standing.now;
    const isWhole = repository.spoilt.length === 0 && household.journal.entries.length > 0;
    if (isWhole) await copies.make(household, today);
  } finally {
    repository.close();
  }
  return copies.list();
}

async function list(home: HouseholdName): Promise<Copy[] | null> {
  return (await (await store(home))?.list()) ?? null;
}

async function read(home: HouseholdName, name: string): Promise<Result<string>> {
  return (await (await store(home))?.read(name)) ?? failure('This browser has no copies.');
}
