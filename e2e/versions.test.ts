import { createHash } from 'node:crypto';
import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { spawn, type ChildProcess } from 'node:child_process';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { BrowserContext } from 'puppeteer-core';
import { DESK, freePort, freshWindow, Person, said } from './harness';
import { ADDRESS, begin, weigh } from './journeys';
import { story } from './story';

const EPOCH_OF_TOMORROW = '99';

/** The stores of a base of before, as its version 3 had them. */
const STORES: readonly [name: string, by: string, counts?: boolean][] = [
  ['entries', 'n', true],
  ['bundles', 'b', true],
  ['records', 'register'],
  ['meta', 'key'],
  ['kept', 'n', true],
  ['links', 'key'],
];

/** A server of its own, whose build can be exchanged beneath it. */
async function serve(folder: string): Promise<{ address: string; server: ChildProcess }> {
  const port = String(await freePort());
  const server = spawn(process.execPath, ['dist/server.mjs', folder, '--empty'], {
    env: { ...process.env, PORT: port, HOST: '127.0.0.1' },
  });
  await said(server, /Vendicus is at/);
  return { address: `http://127.0.0.1:${port}`, server };
}

/** Puts another build in place: the same but for a remark on its page. */
function publish(folder: string, remark: string): void {
  const page = join(folder, 'index.html');
  writeFileSync(page, `${readFileSync(page, 'utf8')}<!-- ${remark} -->`);
  const list = join(folder, 'ngsw.json');
  const manifest = JSON.parse(readFileSync(list, 'utf8')) as {
    timestamp: number;
    hashTable: Record<string, string>;
  };
  manifest.timestamp += 1;
  manifest.hashTable['/index.html'] = createHash('sha1').update(readFileSync(page)).digest('hex');
  writeFileSync(list, JSON.stringify(manifest));
}

describe('a newer version', () => {
  const folder = mkdtempSync(join(tmpdir(), 'vendicus-build-'));
  let browser: BrowserContext;
  let person: Person;
  let server: ChildProcess;
  beforeAll(async () => {
    cpSync('dist/app', folder, { recursive: true });
    const served = await serve(folder);
    server = served.server;
    browser = await freshWindow();
    person = await Person.at(browser, served.address, DESK, true);
    await begin(person, {}, { kind: 'Strip loin', weight: '5 kg', price: '12' });
    await person.page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    // From now on it is the kept application that answers.
    await person.page.waitForFunction(async () =>
      (await caches.keys()).some((key) => key.includes('assets')),
    );
    await person.reload();
  });
  afterAll(async () => {
    await browser.close();
    server.kill();
    rmSync(folder, { recursive: true, force: true });
  });

  const remarks = (): Promise<string> =>
    person.page.evaluate(async () => (await fetch('/index.html', { cache: 'no-store' })).text());

  story('is waited for here, opened elsewhere', {
    'is said in a quiet line, leaves the weighing alone, and is taken on request': async () => {
      await person.goTo('/home/block');
      await weigh(person, '4.9 kg');
      await person.sees('100 g of liquid');
      publish(folder, 'second');
      await person.page.locator('input.num').fill('372 g');
      await person.page.evaluate(async () => {
        const registration = await navigator.serviceWorker.getRegistration();
        registration?.active?.postMessage({ action: 'CHECK_FOR_UPDATES', nonce: 1 });
      });
      await person.sees('A newer Vendicus is here');
      expect(await person.page.$eval('input.num', (field) => (field as HTMLInputElement).value)).toBe(
        '372 g',
      );
      await person.press('Enter');
      await person.sees('4.528 kg still on the board');
      await person.click('now');
      await person.page.waitForFunction(() => !document.body.innerText.includes('A newer Vendicus is here'));
      await person.reads('4.528 kg still on the board');
      expect(await remarks()).toContain('second');
    },

    'that was opened in another tab keeps an old tab from writing, which says what to do and gives its file':
      async () => {
        await person.page.evaluate(
          (epoch) =>
            new Promise<void>((done, failed) => {
              const opening = indexedDB.open('vendicus-home');
              opening.onerror = () => failed(new Error('cannot be opened'));
              opening.onsuccess = () => {
                const change = opening.result.transaction('meta', 'readwrite');
                change.objectStore('meta').put({ key: 'epoch', value: epoch });
                change.oncomplete = () => {
                  opening.result.close();
                  done();
                };
              };
            }),
          EPOCH_OF_TOMORROW,
        );
        const before = (await person.stored()).entries.length;
        await weigh(person, '400 g');
        await person.sees('written by a newer Vendicus than this one');
        await person.reads('Reload this page');
        expect((await person.stored()).entries).toHaveLength(before);
        // Opened anew it does not ask the first questions over what it cannot read.
        await person.goTo('/home');
        await person.reads('written by a newer Vendicus than this one');
        await person.reads('Save the household’s file');
        expect(await person.text()).not.toContain('Who eats here?');
      },
  });
});

describe('an older base that another tab holds', () => {
  it('is said after two seconds, and waited for', async () => {
    const browser = await freshWindow();
    try {
      const old = await browser.newPage();
      await old.goto(`${ADDRESS}/manifest.webmanifest`);
      await old.evaluate(
        (stores) =>
          new Promise<void>((done, failed) => {
            const opening = indexedDB.open('vendicus-home', 30);
            opening.onupgradeneeded = () => {
              for (const [name, by, counts = false] of stores) {
                const store = opening.result.createObjectStore(name, { keyPath: by, autoIncrement: counts });
                if (name === 'entries') store.createIndex('id', 'id', { unique: true });
                if (name === 'meta') {
                  store.put({ key: 'lineage', value: '["then"]' });
                  store.put({ key: 'epoch', value: '6' });
                }
              }
            };
            opening.onerror = () => failed(new Error('cannot be made'));
            // It stays open, and lets go for nobody.
            opening.onsuccess = () => done();
          }),
        STORES,
      );
      const person = await Person.at(browser, ADDRESS);
      await person.page.goto(`${ADDRESS}/home`);
      await person.reads('Another tab or window still has an older Vendicus open');
      await old.close();
      await person.reads('Two questions, then who eats');
      await person.page.waitForFunction(() => !document.body.innerText.includes('an older Vendicus open'));
      await begin(person, {}, { kind: 'Strip loin', weight: '5 kg', price: '12' });
      expect((await person.stored()).entries).toHaveLength(1);
      expect(person.complaints).toEqual([]);
    } finally {
      await browser.close();
    }
  });
});
