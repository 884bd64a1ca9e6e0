import { Dexie } from 'dexie';
import { writeFile } from '@core/exchange/write-file';
import { householdOf, type Household } from '@core/records/household';
import { received, steak } from '@core/testing/facts';
import { JournalBuilder, workedPiece } from '@core/testing/journal-builder';
import { PrivateFiles } from '../../testing/private-files';
import { Joining, type Kept } from './joining';
import { givenMoments } from '../../testing/given-clock';
import { Repository } from './repository';

const units = { type: 'settings', key: 'units', value: { system: 'imperial', decimal: '.' } } as const;

/** Every deed stands a second time beside the database, which a browser may throw away as a whole. */
describe('the second place', () => {
  let files: PrivateFiles;
  let open: Repository | undefined;
  beforeEach(() => (files = PrivateFiles.install()));
  afterEach(async () => {
    open?.close();
    open = undefined;
    files.uninstall();
    await Dexie.delete('vendicus-home');
  });

  async function start(): Promise<{ it: Repository; joining: Joining }> {
    open?.close();
    open = new Repository('home', givenMoments);
    await open.load();
    return { it: open, joining: new Joining(open, givenMoments) };
  }

  /** What the browser does two starts after its process was killed in the middle of a write. */
  async function lose(): Promise<Household> {
    open?.close();
    await Dexie.delete('vendicus-home');
    return (await start()).it.standing.now.household;
  }

  const begun = async (): Promise<{ it: Repository; joining: Joining }> => {
    const one = await start();
    await one.it.write({ facts: [received()], records: [units] });
    await one.it.write({ facts: [steak('a'), steak('b')] });
    return one;
  };
  const shown = ({ it }: { it: Repository }): string => writeFile(it.standing.now.household);
  const other = householdOf(workedPiece().entries, []);

  it('gives everything back into a base that was thrown away, once', async () => {
    const before = shown(await begun());
    expect(writeFile(await lose())).toBe(before);
    expect(open?.givenBackFrom()).toBe('second-place');
    const again = await start();
    expect(shown(again)).toBe(before);
    expect(again.it.givenBackFrom()).toBeNull();
  });

  it('gives it back whenever the base is thrown away, and what was written between', async () => {
    await begun();
    for (const id of ['c', 'd']) {
      await lose();
      await open?.write({ facts: [steak(id)] });
    }
    expect([...(await lose()).journal.state.lots.keys()]).toEqual(['p', 'a', 'b', 'c', 'd']);
  });

  it('gives back what cannot be read any more, and keeps the text of it', async () => {
    const one = await begun();
    const before = shown(one);
    const { database } = one.it.base;
    await database.entries.put({ n: 2, id: 'x', entry: 'spoilt' as never });
    await database.records.put({ register: 'settings/units', record: { value: 'spoilt' } as never });
    const again = await start();
    expect(shown(again)).toBe(before);
    expect(again.it.spoilt).toEqual([]);
    expect(again.it.givenBackFrom()).toBe('second-place');
    expect((await again.joining.kept()).map(({ why, text }) => [why, text.includes('spoilt')])).toEqual([
      ['unreadable', true],
      ['unreadable', true],
    ]);
  });

  it('that knows no more leaves what cannot be read where it lies', async () => {
    const one = await begun();
    files.texts.clear();
    await one.it.base.database.entries.put({ n: 2, id: 'x', entry: 'spoilt' as never });
    expect((await start()).it.spoilt).toHaveLength(1);
  });

  it('is read in no other case', async () => {
    const { it: one } = await begun();
    const before = shown({ it: one });
    files.texts.clear();
    expect(shown(await start())).toBe(before);
  });

  it.each<[how: string, act: (joining: Joining) => Promise<unknown>]>([
    ['was merged', (joining) => joining.merge(other, 'phone.json')],
    ['was replaced', (joining) => joining.replace(other)],
    [
      'was merged and taken out again',
      async (joining) => {
        await joining.merge(other, 'phone.json');
        await joining.takeOut((await joining.kept())[0] as Kept);
      },
    ],
    [
      'was replaced and put back',
      async (joining) => {
        await joining.replace(other);
        await joining.putBack((await joining.kept())[0] as Kept);
      },
    ],
  ])('knows a household that %s', async (_how, act) => {
    const one = await begun();
    await act(one.joining);
    const before = shown(one);
    expect(writeFile(await lose())).toBe(before);
  });

  it('holds what is kept beside the household, and what is let go no more', async () => {
    const one = await begun();
    const before = shown(one);
    await one.joining.merge(other, 'phone.json');
    await one.joining.replace(workedPiece().household());
    const kept = (await one.joining.kept()).map(({ at, why, text }) => ({ at, why, text }));
    expect(kept.map(({ why }) => why)).toEqual(['replaced', 'merged']);
    await lose();
    const again = await start();
    const found = await again.joining.kept();
    expect(found.map(({ at, why, text }) => ({ at, why, text }))).toEqual(kept);
    // All of it still does what it did before the base was lost.
    expect((await again.joining.putBack(found[0] as Kept)).ok).toBe(true);
    const merge = (await again.joining.kept()).find(({ why }) => why === 'merged') as Kept;
    expect((await again.joining.takeOut(merge)).ok).toBe(true);
    expect(shown(again)).toBe(before);
    const left = (await again.joining.kept()).map(({ n }) => n);
    for (const n of left) await again.joining.letGo(n);
    await lose();
    expect(await (await start()).joining.kept()).toEqual([]);
  });

  it('gives what is kept back where the base was cleared away under the open page', async () => {
    const one = await begun();
    await one.joining.replace(other);
    await Dexie.delete('vendicus-home');
    await one.it.write({ facts: [received('late')] });
    expect((await one.joining.kept()).map(({ why }) => why)).toEqual(['replaced']);
  });

  it('knows which file is kept up to date, until another household takes its place', async () => {
    const one = await begun();
    await one.it.beside.noteLinked('meat.json');
    await lose();
    expect(await open?.beside.linked()).toBe('meat.json');
    await (await start()).joining.replace(other);
    expect(await open?.beside.linked()).toBeNull();
  });

  it('is renewed as one file', async () => {
    const one = await begun();
    const before = shown(one);
    expect(files.texts.size).toBe(2);
    await one.it.renewSecondPlace();
    expect([...files.texts.keys()]).toEqual([expect.stringContaining('/whole-')]);
    expect(writeFile(await lose())).toBe(before);
  });

  it('counts no note that a later whole one has made needless, where it was not taken away any more', async () => {
    const one = await begun();
    const old = [...files.texts];
    await one.joining.replace(other);
    const before = shown(one);
    for (const [name, text] of old) files.texts.set(name, text);
    expect(writeFile(await lose())).toBe(before);
  });

  it('leaves out a file that is not what was written', async () => {
    await begun();
    const last = [...files.texts.keys()].at(-1) as string;
    files.texts.set(last, `${files.texts.get(last)} `);
    expect([...(await lose()).journal.state.lots.keys()]).toEqual(['p']);
  });

  it('catches up with the next deed after there was no room', async () => {
    const one = await begun();
    files.isFull = true;
    expect((await one.it.write({ facts: [steak('c')] })).ok).toBe(true);
    files.isFull = false;
    await one.it.write({ facts: [steak('d')] });
    const before = shown(one);
    expect(writeFile(await lose())).toBe(before);
  });

  it('takes all of it where the base was cleared away under the open page', async () => {
    const { it: one } = await begun();
    await Dexie.delete('vendicus-home');
    files.texts.clear();
    await one.write({ facts: [steak('c')] });
    const before = shown({ it: one });
    expect(writeFile(await lose())).toBe(before);
  });

  it('says nothing of a household that a newer application has written', async () => {
    await begun();
    const builder = new JournalBuilder().add(received());
    const note = { version: 99, entries: builder.entries, records: [] };
    const { sumOf } = await import('./private-folder');
    files.texts.set(`vendicus-home-second/deed-x-${sumOf(JSON.stringify(note))}.json`, JSON.stringify(note));
    await expect(lose()).rejects.toMatchObject({ name: 'NewerBase' });
  });
});
