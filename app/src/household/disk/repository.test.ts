import type { Result } from '@core/units/result';
import { Dexie } from 'dexie';
import { writeFile } from '@core/exchange/write-file';
import { valuesOf } from '@core/records/household';
import type { Fact } from '@core/ledger/entry';
import { received, steak } from '@core/testing/facts';
import { workedPiece } from '@core/testing/journal-builder';
import type { Moments } from '../moments';
import { Joining } from './joining';
import { givenMoments } from '../../testing/given-clock';
import { Repository } from './repository';
import { storageProblem } from './storage-problem';

const piece: Fact = received();
const cut = (lot: string, massDg: number): Fact => steak(lot, massDg);

const joining = (repository: Repository): Joining => new Joining(repository, givenMoments);

/** Each is what a tab has: its own repository on the one database. */
const open: Repository[] = [];
async function tab(clock: Moments = givenMoments): Promise<Repository> {
  const repository = new Repository('home', clock);
  open.push(repository);
  await repository.load();
  return repository;
}

/** What was written; a test that expects it fails where it was refused. */
function done<T>(result: Result<T, unknown>): T {
  if (!result.ok) throw new Error(JSON.stringify(result.problem));
  return result.value;
}

afterEach(async () => {
  for (const repository of open.splice(0)) repository.close();
  await Dexie.delete('vendicus-home');
});

describe('the repository', () => {
  it('writes all facts or none', async () => {
    const one = await tab();
    await one.write({ facts: [piece] });
    expect((await one.write({ facts: [cut('a', 30_000), cut('b', 30_000)] })).problem).toMatchObject({
      code: 'too-much',
    });
    const again = await (await tab()).load();
    expect([...again.journal.state.lots.keys()]).toEqual(['p']);
  });

  it('writes what happened and what registers say together, or neither', async () => {
    const one = await tab();
    const note = { type: 'piece' as const, key: 'p', value: { marks: ['silver'] } };
    const { value: written } = await one.write({ facts: [piece], records: [note] });
    expect(written?.rewritten).toEqual([{ type: 'piece', key: 'p', was: null, wrote: note.value }]);
    const lean = { ...note, value: { text: 'lean' } };
    expect((await one.write({ facts: [cut('a', 90_000)], records: [lean] })).problem).toMatchObject({
      code: 'too-much',
    });
    const wrong = { ...note, value: { minutes: -1 } };
    expect((await one.write({ facts: [cut('a', 1000)], records: [wrong] })).problem).toMatchObject({
      code: 'malformed',
    });
    const again = await (await tab()).load();
    expect([...again.journal.state.lots.keys()]).toEqual(['p']);
    expect(valuesOf(again, 'piece').get('p')).toEqual(note.value);
  });

  it('checks against what another tab has written, though it has not been told yet', async () => {
    const one = await tab();
    await one.write({ facts: [piece] });
    const two = await tab();
    await one.write({ facts: [cut('a', 40_000)] });
    expect((await two.write({ facts: [cut('b', 20_000)] })).problem).toMatchObject({
      code: 'too-much',
      leftDg: 10_000,
    });
    const written = await two.write({ facts: [cut('b', 10_000)] });
    expect(written.value?.household.journal.entries).toHaveLength(3);
  });

  it('two tabs at once: each entry once, none lost', async () => {
    const [one, two] = [await tab(), await tab()];
    await one.write({ facts: [piece] });
    await Promise.all(
      Array.from({ length: 20 }, (_, i) => (i % 2 ? one : two).write({ facts: [cut(`s${i}`, 1000)] })),
    );
    const { journal } = await (await tab()).load();
    expect(journal.entries).toHaveLength(21);
    expect(journal.state.setAside).toEqual([]);
    expect(journal.state.lots.get('p')?.leftDg).toBe(30_000);
    expect(new Set(journal.entries.map(({ device, seq }) => `${device}/${seq}`)).size).toBe(21);
  });

  it('a tab that looks at a household that was replaced writes to the new one', async () => {
    const [one, two] = [await tab(), await tab()];
    await one.write({ facts: [piece] });
    await two.write({ facts: [cut('a', 1000)] });
    await joining(one).replace(workedPiece().household());
    expect((await two.write({ facts: [cut('b', 1000)] })).problem).toMatchObject({ code: 'no-such-lot' });
  });

  it('merging twice changes nothing, and keeps records', async () => {
    const one = await tab();
    await one.write({ facts: [piece] });
    done(await joining(one).merge(workedPiece().household(), 'phone.json'));
    const first = writeFile(one.standing.now.household);
    done(await joining(one).merge(workedPiece().household(), 'phone.json'));
    expect(writeFile(one.standing.now.household)).toBe(first);
    expect(valuesOf(await (await tab()).load(), 'price').size).toBe(3);
  });

  it('a record set again counts, also when the clock was set back', async () => {
    const one = await tab();
    const place = (name: string) => ({
      type: 'place' as const,
      key: 'a',
      value: { name, cold: 'freezer' as const },
    });
    await one.write({ records: [place('Drawer')] });
    const setBack = await tab({ ...givenMoments, instant: () => '2001-01-01T00:00:00.000Z' });
    const { household } = done(await setBack.write({ records: [place('Chest')] }));
    expect(valuesOf(household, 'place').get('a')?.name).toBe('Chest');
  });
});

describe('a record that is changed in part', () => {
  const noted = (change: object) => ({
    type: 'piece' as const,
    key: 'p',
    change: (known: object = {}) => ({ ...known, ...change }),
  });

  it('keeps what another field, another tab or an unfinished write has put there', async () => {
    const [one, other] = [await tab(), await tab()];
    await Promise.all([
      one.write({ records: [noted({ minutes: 40 })] }),
      one.write({ records: [noted({ text: 'much fat' })] }),
      other.write({ records: [noted({ marks: ['silver'] })] }),
    ]);
    const household = await (await tab()).load();
    expect(valuesOf(household, 'piece').get('p')).toEqual({
      minutes: 40,
      text: 'much fat',
      marks: ['silver'],
    });
  });

  it('begins anew where it was deleted', async () => {
    const one = await tab();
    await one.write({ records: [noted({ minutes: 40 })] });
    await one.write({ records: [{ type: 'piece', key: 'p', value: null }] });
    const { household } = done(await one.write({ records: [noted({ text: 'lean' })] }));
    expect(valuesOf(household, 'piece').get('p')).toEqual({ text: 'lean' });
  });
});

describe('many entries', () => {
  const many = (): Fact[] => [piece, ...Array.from({ length: 1100 }, (_, i) => cut(`s${i}`, 10))];
  const rows = async (): Promise<number> => {
    const database = new Dexie('vendicus-home');
    await database.open();
    const count = await database.table('entries').count();
    database.close();
    return count;
  };

  it('are bundled when the household is opened, and nothing is lost, in other tabs either', async () => {
    const [one, two] = [await tab(), await tab()];
    await one.write({ facts: many().slice(0, 600) });
    await one.write({ facts: many().slice(600) });
    const three = await tab();
    expect(await rows()).toBe(0);
    await three.write({ facts: [cut('three', 10)] });
    const { journal } = done(await two.write({ facts: [cut('two', 10)] })).household;
    expect(journal.entries).toHaveLength(1103);
    expect(
      done(await one.write({ facts: [cut('one', 10)] })).household.journal.state.lots.get('p')?.leftDg,
    ).toBe(50_000 - 11_030);
    expect(writeFile(await (await tab()).load())).toBe(writeFile(await one.load()));
  });

  it('a database of the first version is read as it is', async () => {
    const old = new Dexie('vendicus-home');
    old.version(1).stores({ entries: '++n, &id', records: 'register', meta: 'key' });
    const household = workedPiece().household();
    await old.table('entries').bulkAdd(household.journal.entries.map((entry) => ({ id: entry.id, entry })));
    await old
      .table('records')
      .bulkAdd([...household.records].map(([register, record]) => ({ register, record })));
    old.close();
    expect(writeFile(await (await tab()).load())).toBe(writeFile(household));
  });
});

describe('what is said when storing fails', () => {
  it.each([
    ['QuotaExceededError', 'x', 'full'],
    ['SecurityError', 'x', 'does not let the page store'],
    ['DatabaseClosedError', 'closed', 'newer Vendicus in another tab'],
    ['Error', 'something odd', 'something odd'],
  ])('%s', (name, message, words) => {
    const error = Object.assign(new Error(message), { name });
    expect(storageProblem(error)).toContain(words);
  });
});
