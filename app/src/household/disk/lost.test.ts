import { Dexie } from 'dexie';
import { writeFile } from '@core/exchange/write-file';
import { householdOf, settingsOf, type Household } from '@core/records/household';
import { received, steak } from '@core/testing/facts';
import { JournalBuilder, workedPiece } from '@core/testing/journal-builder';
import { readFile } from '@core/exchange/read-file';
import type { Entry, Fact } from '@core/ledger/entry';
import { registerOf, type HouseholdRecord } from '@core/records/record';
import { OLD_VERSIONS, oldFile } from '@core/testing/old-file';
import { EPOCH, GUARD } from './database';
import { isUntouched } from '../demo-untouched';
import { Joining, type Kept } from './joining';
import { givenMoments } from '../../testing/given-clock';
import { Repository } from './repository';
import { storageProblem } from './storage-problem';

const open: Repository[] = [];

async function tab(): Promise<{ it: Repository; joining: Joining }> {
  const it = new Repository('home', givenMoments);
  open.push(it);
  await it.load();
  return { it, joining: new Joining(it, givenMoments) };
}

const units = {
  type: 'settings',
  key: 'units',
  value: { system: 'imperial', decimal: '.' },
} as const;
const lots = ({ journal }: Household): string[] => [...journal.state.lots.keys()];
const onDisk = async (): Promise<Household> => (await tab()).it.standing.now.household;

/** What the browser does when a person clears the site's data. */
const clearAway = (): Promise<void> => Dexie.delete('vendicus-home');

/** Writes into the database by hand. */
async function byHand(work: (database: Dexie) => PromiseLike<unknown>): Promise<void> {
  const database = new Dexie('vendicus-home');
  await database.open();
  await work(database);
  database.close();
}

afterEach(async () => {
  for (const each of open.splice(0)) each.close();
  await Dexie.delete('vendicus-home');
});

describe('a base that was cleared away under an open tab', () => {
  it('gets the household back with the next deed', async () => {
    const { it: one } = await tab();
    await one.write({ facts: [received()], records: [units] });
    const { identity } = one.standing.now.household;
    await clearAway();
    expect((await one.write({ facts: [steak('a')] })).ok).toBe(true);
    expect(one.givenBackFrom()).toBe('this-tab');
    const found = await onDisk();
    expect(lots(found)).toEqual(['p', 'a']);
    expect(settingsOf(found).system).toBe('imperial');
    expect(found.identity).toEqual(identity);
    await one.write({ facts: [steak('b')] });
    expect(one.givenBackFrom()).toBeNull();
  });

  it('with a deed that writes settings only, too', async () => {
    const { it: one } = await tab();
    await one.write({ facts: [received()] });
    await clearAway();
    await one.write({ records: [units] });
    expect(lots(await onDisk())).toEqual(['p']);
  });

  it('also where that deed is refused', async () => {
    const { it: one } = await tab();
    await one.write({ facts: [received()] });
    await clearAway();
    expect((await one.write({ facts: [steak('a', 90_000)] })).problem).toMatchObject({ code: 'too-much' });
    expect(lots(await onDisk())).toEqual(['p']);
  });

  it('by itself, while it is watched', async () => {
    const { it: one } = await tab();
    await one.write({ facts: [received()] });
    const seen: Household[] = [];
    let watching = { unsubscribe: (): void => undefined };
    const back = new Promise<void>((done, failed) => {
      watching = one.watch((household) => {
        seen.push(household);
        done();
      }, failed);
    });
    await clearAway();
    await back.finally(() => watching.unsubscribe());
    expect(lots(seen[0] as Household)).toEqual(['p']);
    expect(lots(await onDisk())).toEqual(['p']);
  });

  it('two tabs give it back once, and both go on', async () => {
    const [{ it: one }, { it: two }] = [await tab(), await tab()];
    await one.write({ facts: [received()] });
    await two.write({ facts: [steak('a')] });
    await clearAway();
    const written = await Promise.all([
      one.write({ facts: [steak('b')] }),
      two.write({ facts: [steak('c')] }),
    ]);
    expect(written.map(({ ok }) => ok)).toEqual([true, true]);
    const found = await onDisk();
    expect(lots(found).sort()).toEqual(['a', 'b', 'c', 'p']);
    expect(found.journal.entries).toHaveLength(4);
  });

  it('is left alone where another household has begun there since', async () => {
    const { it: one } = await tab();
    await one.write({ facts: [received()] });
    await clearAway();
    const { it: other } = await tab();
    await other.write({ records: [units] });
    const failed = await one.write({ facts: [steak('a')] }).catch((error: unknown) => error);
    expect(storageProblem(failed)).toContain('another household is stored in its place');
    expect(lots(one.standing.now.household)).toEqual(['p']);
    expect(lots(await onDisk())).toEqual([]);
  });
});

describe('something in the base that cannot be read', () => {
  const many: Fact[] = [received(), ...Array.from({ length: 1200 }, (_, at) => steak(`s${at}`, 10))];

  it('takes no more along than its own few hundred entries, and stays until somebody has saved it', async () => {
    const { it: one } = await tab();
    await one.write({ facts: many });
    await byHand((database) => database.table('bundles').where('b').equals(2).modify({ text: '[{"broken' }));
    const { it: two, joining } = await tab();
    expect(two.spoilt.map(({ text }) => text)).toEqual(['[{"broken']);
    expect(two.standing.now.household.journal.entries).toHaveLength(701);
    // Another household takes its place: the text is kept.
    await joining.replace(workedPiece().household());
    const kept = await joining.kept();
    expect(kept.map(({ why }) => why)).toEqual(['unreadable', 'replaced']);
    expect(kept[0]?.text).toBe('[{"broken');
    expect(two.spoilt).toEqual([]);
  });

  it('is found by its checksum where it can be read all the same', async () => {
    const { it: one } = await tab();
    await one.write({ facts: many });
    await byHand((database) =>
      database
        .table('bundles')
        .where('b')
        .equals(1)
        .modify((row: { text: string }) => {
          row.text = row.text.replace('"massDg":50000', '"massDg":50001');
        }),
    );
    expect((await tab()).it.spoilt).toHaveLength(1);
  });

  it('a merge of the household’s file brings back what is missing', async () => {
    const { it: one } = await tab();
    await one.write({ facts: many, records: [units] });
    const file = one.standing.now.household;
    await byHand(async (database) => {
      await database.table('bundles').where('b').above(0).modify({ text: '' });
      await database.table('records').put({ register: 'settings/units', record: { type: 'settings' } });
    });
    const { it: two, joining } = await tab();
    expect(two.spoilt).toHaveLength(4);
    expect(two.standing.now.household.journal.entries).toHaveLength(0);
    await joining.merge(file, 'copy.json');
    await joining.putAside();
    expect(two.spoilt).toEqual([]);
    expect(writeFile(await onDisk())).toBe(writeFile(file));
    expect((await joining.kept()).filter(({ why }) => why === 'unreadable')).toHaveLength(4);
  });
});

describe('versions of the base', () => {
  it('one of a newer application is neither read nor written, and comes out as a file', async () => {
    const { it: one } = await tab();
    await one.write({ facts: [received()] });
    await byHand((database) => database.table('meta').put({ key: 'epoch', value: String(EPOCH + 1) }));
    const failed = await one.write({ facts: [steak('a')] }).catch((error: unknown) => error);
    expect(storageProblem(failed)).toContain('Reload this page');
    const two = new Repository('home', givenMoments);
    open.push(two);
    await expect(two.load()).rejects.toMatchObject({ name: 'NewerBase' });
    const file = JSON.parse(await two.asFile()) as { version: number; entries: unknown[] };
    expect(file).toMatchObject({ version: EPOCH + 1, entries: [{ lot: 'p' }] });
  });

  it('one of an application of before is this one’s once it was opened', async () => {
    const old = new Dexie('vendicus-home');
    old.version(1).stores({ entries: '++n, &id', records: 'register', meta: 'key' });
    old.version(2).stores({ bundles: '++b' });
    old.version(3).stores({ kept: '++n', links: 'key' });
    await old.table('meta').bulkPut([
      { key: 'lineage', value: '["then"]' },
      { key: 'epoch', value: '6' },
    ]);
    const [entry] = new JournalBuilder('tablet').add(received()).entries;
    await old.table('entries').add({ id: entry?.id, entry });
    old.close();
    expect(lots((await tab()).it.standing.now.household)).toEqual(['p']);
    const now: unknown[] = [];
    await byHand(async (database) => {
      now.push(await database.table('meta').get('epoch'), database.backendDB().version);
    });
    expect(now).toEqual([{ key: 'epoch', value: String(EPOCH) }, EPOCH * 10]);
  });

  it('an application of before, which takes every text for entries, stops at the first', () => {
    expect(() => JSON.parse(GUARD.text) as unknown).toThrow();
  });

  it.each(
    OLD_VERSIONS.flatMap((version) => [
      [version, 'rows'],
      [version, 'one text'],
    ]),
  )('one of the times of file version %s, with its entries as %s', async (version, how) => {
    const file = JSON.parse(oldFile(version as 1)) as { entries: Entry[]; records: HouseholdRecord[] };
    const old = new Dexie('vendicus-home');
    old.version(1).stores({ entries: '++n, &id', records: 'register', meta: 'key' });
    if (how === 'one text') old.version(2).stores({ bundles: '++b' });
    if (how === 'rows')
      await old.table('entries').bulkAdd(file.entries.map((entry) => ({ id: entry.id, entry })));
    else await old.table('bundles').add({ text: JSON.stringify(file.entries) });
    await old
      .table('records')
      .bulkAdd(file.records.map((record) => ({ register: registerOf(record), record })));
    old.close();
    const read = writeFile(readFile(oldFile(version as 1)).value as Household);
    const { it: one } = await tab();
    expect(one.spoilt).toEqual([]);
    expect(writeFile(one.standing.now.household)).toBe(read);
    expect(writeFile(await onDisk())).toBe(read);
  });

  it('one of version 2, with one large text of entries and settings in one record', async () => {
    const old = new Dexie('vendicus-home');
    old.version(1).stores({ entries: '++n, &id', records: 'register', meta: 'key' });
    old.version(2).stores({ bundles: '++b' });
    const builder = new JournalBuilder().add(...many(1500));
    const whole = { system: 'imperial', decimal: '.', currency: 'USD', eaters: [] };
    const stamp = { at: '2026-01-01T00:00:00.000Z', device: 'tablet', seq: 0 };
    await old.table('bundles').add({ text: JSON.stringify(builder.entries) });
    await old.table('meta').add({ key: 'generation', value: 'before' });
    const record = { type: 'settings', key: 'household', value: whole, stamp };
    await old.table('records').add({ register: 'settings/household', record });
    old.close();
    const { it: one } = await tab();
    const household = one.standing.now.household;
    expect(settingsOf(household)).toEqual(whole);
    expect([...household.records.keys()]).not.toContain('settings/household');
    expect(writeFile(household)).toBe(writeFile(householdOf(builder.entries, [record as never])));
    // Its entries are in small texts with checksums since.
    const rows: { b: number; sum?: number }[] = [];
    await byHand(async (database) => rows.push(...(await database.table('bundles').toArray())));
    expect(rows.filter(({ b }) => b >= 0)).toHaveLength(4);
    expect(rows.filter(({ b }) => b >= 0).every(({ sum }) => sum !== undefined)).toBe(true);
  });

  function many(count: number): Fact[] {
    return [received(), ...Array.from({ length: count }, (_, at) => steak(`s${at}`, 10))];
  }
});

describe('what comes in, and what it takes the place of', () => {
  it('a household that was replaced is kept, and can be put back', async () => {
    const { it: one, joining } = await tab();
    await one.write({ facts: [received()], records: [units] });
    const before = writeFile(one.standing.now.household);
    await joining.replace(workedPiece().household());
    const [kept] = await joining.kept();
    expect(kept).toMatchObject({ why: 'replaced', text: before });
    expect((await joining.putBack(kept as Kept)).ok).toBe(true);
    expect(writeFile(await onDisk())).toBe(before);
    // And what was in its place is kept in turn.
    expect((await joining.kept()).map(({ text }) => text)).toEqual([writeFile(workedPiece().household())]);
  });

  it('a demo that nobody has touched gives way to one that is told anew, and nothing of it is kept', async () => {
    const { it: one, joining } = await tab();
    const [told, anew] = [
      new JournalBuilder('tablet').add(received('then')).household(),
      new JournalBuilder('tablet').add(received('now')).household(),
    ];
    await joining.replace(told);
    await joining.renew(anew, isUntouched);
    expect(lots(await onDisk())).toEqual(['now']);
    expect(await joining.kept()).toEqual([]);
    await one.write({ facts: [steak('a', 100, 'now')] });
    await joining.renew(told, isUntouched);
    expect(lots(await onDisk())).toEqual(['now', 'a']);
  });

  it('a merge is taken out again as one, but for what was changed since', async () => {
    const { it: one, joining } = await tab();
    await one.write({ facts: [received()], records: [units] });
    const before = writeFile(one.standing.now.household);
    const other = workedPiece().price('liver', 300).household();
    expect((await joining.merge(other, 'phone.json')).value?.added).toHaveLength(7);
    const kept = (await joining.kept())[0] as Kept;
    expect((await joining.takeOut(kept)).ok).toBe(true);
    expect(writeFile(await onDisk())).toBe(before);
    expect(await joining.kept()).toEqual([]);
  });

  it('not while something that was written since rests on it', async () => {
    const { it: one, joining } = await tab();
    await one.write({ facts: [received('mine')] });
    const other = new JournalBuilder('phone').add(received('theirs')).household();
    await joining.merge(other, 'phone.json');
    await one.write({ facts: [steak('a', 3500, 'theirs'), steak('b', 3500, 'mine')] });
    const kept = (await joining.kept())[0] as Kept;
    expect((await joining.takeOut(kept)).problem).toEqual({ rest: 1 });
    expect(lots(await onDisk())).toContain('theirs');
  });
});
