import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { BrowserContext } from 'puppeteer-core';
import { DESK, freshWindow, launch, Person, profileFolder, saved } from './harness';
import { ADDRESS, begin, beginByHand, buy, weigh } from './journeys';

describe('storage', () => {
  let browser: BrowserContext;
  beforeEach(async () => {
    browser = await freshWindow();
  });
  afterEach(() => browser.close());

  it('two tabs on the same piece: the second is refused what the first has taken', async () => {
    const one = await Person.at(browser, ADDRESS);
    await begin(one, {}, { kind: 'Strip loin', weight: '5 kg', price: '12' });
    await weigh(one, '4.9 kg');
    await one.sees('100 g of liquid');
    const two = await Person.at(browser, ADDRESS);
    await two.goTo('/home/block');
    await two.sees('4.900 kg still on the board');
    await one.page.bringToFront();
    await weigh(one, '3 kg');
    await one.sees('1.900 kg still on the board');
    await two.page.bringToFront();
    await two.sees('1.900 kg still on the board');
    // Both at once: what one tab writes, the other has not shown yet.
    await two.page.evaluate(() => ((document.querySelector('input.num') as HTMLInputElement).value = ''));
    await Promise.all([weigh(two, '1.2 kg'), one.page.evaluate(() => document.title)]);
    await two.sees('700 g still on the board');
    await one.page.bringToFront();
    await weigh(one, '1.2 kg');
    await one.sees('1.200 kg is more than is left of strip loin: 700 g');
    expect((await one.stored()).entries).toHaveLength(4);
  });

  it('full: says so, keeps what stood before and the text in the field, and goes on later', async () => {
    const person = await Person.at(browser, ADDRESS);
    await begin(person, {}, { kind: 'Strip loin', weight: '5 kg', price: '12' });
    await person.page.evaluate(() => {
      const store = IDBObjectStore.prototype as IDBObjectStore & { realAdd?: IDBObjectStore['add'] };
      store.realAdd = store.add;
      store.add = () => {
        throw new DOMException('full', 'QuotaExceededError');
      };
    });
    await weigh(person, '4.9 kg');
    await person.sees('storage for this page is full, so this was not written down');
    const folder = mkdtempSync(join(tmpdir(), 'vendicus-full-'));
    await person.savesTo(folder);
    await person.click('Save the household’s file');
    const name = await saved(folder, (each) => each.endsWith('.json'));
    expect(readFileSync(join(folder, name), 'utf8')).toContain('"kind":"strip-loin"');
    rmSync(folder, { recursive: true, force: true });
    expect(await person.page.$eval('input.num', (field) => (field as HTMLInputElement).value)).toBe('4.9 kg');
    expect((await person.stored()).entries).toHaveLength(1);
    await person.page.evaluate(() => {
      const store = IDBObjectStore.prototype as IDBObjectStore & { realAdd?: IDBObjectStore['add'] };
      if (store.realAdd) store.add = store.realAdd;
    });
    await person.page.focus('input.num');
    await person.press('Enter');
    await person.sees('100 g of liquid');
  });

  it('full, as the browser has it: the page opens again, with all that was written, and its file comes out', async () => {
    const [profile, folder] = [profileFolder(), mkdtempSync(join(tmpdir(), 'vendicus-full-'))];
    const own = await launch({ userDataDir: profile.path });
    try {
      const person = await Person.at(own, ADDRESS, DESK, true);
      await begin(person, {}, { kind: 'Strip loin', weight: '5 kg', price: '12' });
      await person.page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
      const session = await person.page.createCDPSession();
      const { origin } = new URL(ADDRESS);
      await session.send('Storage.overrideQuotaForOrigin', { origin, quotaSize: 1 });
      await person.savesTo(folder);
      for (const path of ['/home/freezer', '/home/block']) await person.goTo(path);
      await person.reads('this is the true start');
      await person.goTo('/home/books/household');
      await person.click('Export the household');
      const name = await saved(folder, (each) => each.endsWith('.json'));
      expect(readFileSync(join(folder, name), 'utf8')).toContain('"kind":"strip-loin"');
    } finally {
      await own.close();
      profile.remove();
      rmSync(folder, { recursive: true, force: true });
    }
  });

  it('cleared away under an open page: written back with the next deed, and said', async () => {
    const person = await Person.at(browser, ADDRESS);
    await begin(person, {}, { kind: 'Strip loin', weight: '5 kg', price: '12' });
    const session = await person.page.createCDPSession();
    const { origin } = new URL(ADDRESS);
    await session.send('Storage.clearDataForOrigin', { origin, storageTypes: 'all' });
    await person.sees('This browser had cleared the household away');
    await weigh(person, '4.9 kg');
    await person.sees('100 g of liquid');
    await person.goTo('/home/block');
    await person.reads('4.900 kg still on the board');
    expect((await person.stored()).entries.map(({ entry }) => entry.type)).toEqual(['received', 'drained']);
  });

  it('spoilt: put back from the second place, and said; its text is kept', async () => {
    const person = await Person.at(browser, ADDRESS);
    await beginByHand(person);
    await buy(person, 'Strip loin', '5 kg', '12');
    await spoil(person, 1);
    await person.goTo('/home/block');
    await person.reads('All that was written down is back, from the second place');
    await person.reads('this is the true start');
    await person.goTo('/home/books/household');
    await person.reads('Something that could not be read, put aside');
  });

  it('spoilt in part, and no second place: its file is made of what can be read, once that is agreed to', async () => {
    const person = await withoutPrivateFiles(browser);
    const folder = mkdtempSync(join(tmpdir(), 'vendicus-spoilt-'));
    await person.savesTo(folder);
    await begin(person, {}, { kind: 'Strip loin', weight: '5 kg', price: '12' });
    await weigh(person, '4.9 kg');
    await person.sees('100 g of liquid');
    await spoil(person, 2);
    await person.goTo('/home/books/household');
    await person.click('Export the household');
    await person.sees('The file will hold the 1 entry that can be');
    await person.click('Export what can be read');
    const name = await saved(folder, (each) => each.endsWith('.json'));
    expect(readFileSync(join(folder, name), 'utf8')).toContain('"kind":"strip-loin"');
    rmSync(folder, { recursive: true, force: true });
  });

  it('spoilt, and no second place: says so, offers what cannot be read, and neither loses it nor calls it a household', async () => {
    const person = await withoutPrivateFiles(browser);
    await begin(person, {}, { kind: 'Strip loin', weight: '5 kg', price: '12' });
    await spoil(person, 1);
    await person.goTo('/home/books/household');
    await person.reads('One part of what this browser has stored cannot be read');
    await person.click('Export the household');
    await person.sees('Nothing that this browser has stored can be read, so no file is made of it');
    await person.click('Put it aside');
    await person.sees('Put aside what cannot be read?');
    await person.page.locator('[role="alertdialog"] .yes').click();
    await person.sees('Something that could not be read, put aside');
    await person.reload();
    await person.reads('Something that could not be read, put aside');
    expect(await person.text()).not.toContain('One part of what this browser');
  });

  it('not promised to be kept: said once, where there is something to lose', async () => {
    const person = await Person.at(browser, ADDRESS);
    await begin(person);
    expect(await person.text()).not.toContain('has not promised');
    await buy(person, 'Strip loin', '5 kg', '12');
    await person.reads('This browser has not promised to keep the household');
    await person.click('I know');
    await person.reload();
    await person.reads('this is the true start');
    expect(await person.text()).not.toContain('has not promised');
  });

  it('refused: says so and what to do', async () => {
    const person = await Person.at(browser, ADDRESS);
    await person.page.evaluateOnNewDocument(() => {
      IDBFactory.prototype.open = () => {
        throw new DOMException('not here', 'SecurityError');
      };
    });
    await person.goTo('/home/start');
    await person.sees('does not let the page store anything');
    await person.page.goto(`${ADDRESS}/home/counter`);
    await person.sees('does not let the page store anything');
  });

  it('writes with strict durability', async () => {
    const person = await Person.at(browser, ADDRESS);
    await person.page.evaluateOnNewDocument(() => {
      const seen: string[] = [];
      (globalThis as { durabilities?: string[] }).durabilities = seen;
      const real = IDBDatabase.prototype.transaction;
      IDBDatabase.prototype.transaction = function (
        this: IDBDatabase,
        ...given: Parameters<IDBDatabase['transaction']>
      ) {
        if (given[1] === 'readwrite') seen.push(given[2]?.durability ?? 'none');
        return real.apply(this, given);
      };
    });
    await beginByHand(person);
    await buy(person, 'Strip loin', '5 kg', '12');
    await weigh(person, '4.9 kg');
    await person.sees('100 g of liquid');
    const seen = await person.page.evaluate(
      () => (globalThis as { durabilities?: string[] }).durabilities ?? [],
    );
    expect(seen.length).toBeGreaterThan(2);
    expect(new Set(seen)).toEqual(new Set(['strict']));
  });
});

/** A browser that has no place but its database. */
async function withoutPrivateFiles(browser: BrowserContext): Promise<Person> {
  const person = await Person.at(browser, ADDRESS);
  await person.page.evaluateOnNewDocument(() => {
    StorageManager.prototype.getDirectory = () => Promise.reject(new DOMException('none', 'SecurityError'));
  });
  return person;
}

/** What a bad disk does to a row of the base. */
function spoil(person: Person, row: number): Promise<void> {
  return person.page.evaluate(
    (n) =>
      new Promise<void>((done, failed) => {
        const opening = indexedDB.open('vendicus-home');
        opening.onerror = () => failed(new Error('cannot be opened'));
        opening.onsuccess = () => {
          const change = opening.result.transaction('entries', 'readwrite');
          change.objectStore('entries').put({ n, id: 'x', entry: 'spoilt' });
          change.oncomplete = () => {
            opening.result.close();
            done();
          };
        };
      }),
    row,
  );
}
