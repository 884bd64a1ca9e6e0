import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { BrowserContext, ElementHandle } from 'puppeteer-core';
import { readFile } from '@core/exchange/read-file';
import { writeFile } from '@core/exchange/write-file';
import { workedPiece } from '@core/testing/journal-builder';
import { comesTo, freshWindow, launch, Person } from './harness';
import { ADDRESS, begin, weigh } from './journeys';
import { story } from './story';

/** Writes a private file of the browser, or reads it where nothing is to be written. */
function privateFile(person: Person, path: readonly string[], text?: string): Promise<string> {
  return person.page.evaluate(
    async (path, text) => {
      let folder = await navigator.storage.getDirectory();
      for (const name of path.slice(0, -1)) folder = await folder.getDirectoryHandle(name);
      const handle = await folder.getFileHandle(path.at(-1) ?? '', { create: true });
      if (text !== undefined) {
        const out = await handle.createWritable();
        await out.write(text);
        await out.close();
      }
      return (await handle.getFile()).text();
    },
    path,
    text,
  );
}

const COPIES = 'vendicus-home-copies';
const copies = (person: Person): Promise<string[]> =>
  person.page.evaluate(async (folder) => {
    const names: string[] = [];
    const root = await navigator.storage.getDirectory();
    for await (const name of (await root.getDirectoryHandle(folder)).keys()) names.push(name);
    return names;
  }, COPIES);

describe('copies that this browser makes by itself', () => {
  let browser: BrowserContext;
  let person: Person;
  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS);
    await person.hurry(5);
    await begin(person, {}, { kind: 'Strip loin', weight: '5 kg', price: '12' });
  });
  beforeEach(() => person.goOn('/home/books/household'));
  afterAll(async () => {
    expect(person.complaints).toEqual([]);
    await browser.close();
  });

  it('are made soon after the page is opened, read back, and listed', async () => {
    // How soon is the machine's affair: on a quick one there is a copy before anybody has looked.
    await person.reads('Put it in place');
    expect(await copies(person)).toContainEqual(expect.stringMatching(/^[\d-]{10}_1_[0-9a-f]{8}\.json\.gz$/));
    await person.reads('last copy inside it today');
  });

  it('can be gone back to; what was there since is kept, and put back', async () => {
    // What comes above it moves what is pressed.
    await person.reads('This browser has not promised to keep');
    await person.clickOn('button[aria-label^="Put in place the copy of"]');
    await person.sees('Put this copy in place?');
    await person.clickOn('[role="alertdialog"] .yes');
    await person.sees('Replaced; shown after');
    await person.reads('The household that was here until');
    await person.goTo('/home/block');
    await person.reads('this is the true start');
    await person.goTo('/home/books/household');
    await person.click('Put it back');
    await person.sees('It is back');
    await person.goTo('/home/block');
    await person.reads('this is the true start');
  });

  it('one that is not what was written is told from those that are, and not gone back to', async () => {
    await person.reads('Put it in place');
    for (const name of await copies(person)) await privateFile(person, [COPIES, name], 'spoilt');
    // That of today is made anew when the page is opened; one of another day stays as it is.
    await privateFile(person, [COPIES, '2099-01-01_1_00000000.json.gz'], 'spoilt');
    await person.reload();
    await person.reads('damaged: it cannot be read back');
    await person.reads('Put it in place');
    await person.reads('last copy inside it today');
  });

  it('a browser without private files says so once, and all else works', async () => {
    const without = await launch({ args: ['--disable-blink-features=FileSystemAccessOriginPrivate'] });
    try {
      const other = await Person.at(without, ADDRESS);
      await begin(other, {}, { kind: 'Strip loin', weight: '5 kg', price: '12' });
      await other.goOn('/home/books/household');
      await other.reads('so it makes no copies by itself');
      await other.reads('no copy inside it yet');
      expect(other.complaints).toEqual([]);
    } finally {
      await without.close();
    }
  });
});

describe('a file that is kept up to date by itself', () => {
  const FILE = ['linked.json'];
  const folder = mkdtempSync(join(tmpdir(), 'vendicus-link-'));
  let browser: BrowserContext;
  let person: Person;
  const holds = async (text: string): Promise<void> => {
    // While it is being written it cannot be read.
    const read = (): Promise<string> => privateFile(person, FILE).catch(() => '');
    expect(await comesTo(read, (last) => last.includes(text))).toContain(text);
  };

  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS);
    // The picker hands out a file of the browser's own; what is asked of it can be refused.
    await person.page.evaluateOnNewDocument(() => {
      const give = async (): Promise<FileSystemFileHandle> =>
        (await navigator.storage.getDirectory()).getFileHandle('linked.json', { create: true });
      Object.assign(globalThis, {
        showSaveFilePicker: give,
        showOpenFilePicker: async () => [await give()],
      });
      const real = FileSystemHandle.prototype.queryPermission;
      FileSystemHandle.prototype.queryPermission = function (this: FileSystemHandle, request) {
        return localStorage.getItem('forbidden') === null
          ? real.call(this, request)
          : Promise.resolve('prompt');
      };
    });
    await begin(person, {}, { kind: 'Strip loin', weight: '5 kg', price: '12' });
    await person.goOn('/home/books/household');
    await person.click('Keep a new file up to date');
    await person.sees('linked.json is kept up to date by itself');
  });
  afterAll(async () => {
    expect(person.complaints).toEqual([]);
    await browser.close();
    rmSync(folder, { recursive: true });
  });

  story('through deeds, merges, a lost permission and a stranger’s text', {
    'has every deed soon after it': async () => {
      await holds('"kind":"strip-loin"');
      await person.reads('last copy outside today, with all there is');
      await person.goOn('/home/block');
      await weigh(person, '4.9 kg');
      await person.sees('100 g of liquid');
      await holds('"type":"drained"');
    },

    'what another device has written there is merged, and not written over': async () => {
      const text = await privateFile(person, FILE);
      const pack = {
        type: 'acquired',
        id: 'theirs-1',
        at: '2026-11-20T10:00:00.000Z',
        device: 'phone',
        seq: 0,
        lot: 'theirs',
        name: 'From the other kitchen',
        destination: 'main',
        massDg: 5000,
        count: 1,
        paidMinor: null,
        origin: 'gift',
        on: null,
      };
      await privateFile(person, FILE, text.replace('"entries":[', `"entries":[\n${JSON.stringify(pack)},`));
      await weigh(person, '372 g');
      await person.sees('4.528 kg still on the board');
      await holds('"massDg":3720');
      await holds('From the other kitchen');
      await person.goOn('/home/freezer');
      await person.reads('From the other kitchen');
    },

    'permission that was lost is said, with the act beside it': async () => {
      await person.page.evaluate(() => localStorage.setItem('forbidden', 'yes'));
      await person.reload();
      await person.sees('linked.json is not kept up to date any more');
      await person.page.evaluate(() => localStorage.removeItem('forbidden'));
      await person.click('Try again');
      await person.goOn('/home/books/household');
      await person.reads('linked.json is kept up to date by itself');
    },

    'another household in its place lets it go, until it is chosen again': async () => {
      const other = join(folder, 'other.json');
      writeFileSync(other, writeFile(workedPiece().household()));
      const before = await privateFile(person, FILE);
      const input = await person.page.waitForSelector('input[aria-label="File to put in place"]');
      await (input as ElementHandle<HTMLInputElement>).uploadFile(other);
      await person.click('Save a file, then replace');
      await person.sees('What was here before is kept below');
      await person.sees('it holds the household that was here before');
      await person.click('Put it back');
      await person.sees('It is back');
      expect(await privateFile(person, FILE)).toBe(before);
      // Chosen by hand it is written again.
      await person.click('Choose it again');
      await person.sees('linked.json is kept up to date by itself');
    },

    'a base that was thrown away has lost which file it was: its name is said': async () => {
      await person.page.goto(`${ADDRESS}/manifest.webmanifest`);
      await person.page.evaluate(
        () =>
          new Promise<void>((done, failed) => {
            const going = indexedDB.deleteDatabase('vendicus-home');
            going.onsuccess = () => done();
            going.onerror = () => failed(new Error('cannot be deleted'));
          }),
      );
      await person.goTo('/home/books/household');
      await person.reads('linked.json is not kept up to date any more: this browser has lost which file');
      // What is kept beside the household came back with it.
      await person.reads('The household that was here until');
      await person.click('Choose it again');
      await person.sees('linked.json is kept up to date by itself');
    },

    'something else in the file is left alone': async () => {
      await privateFile(person, FILE, 'Shopping: salt');
      await person.reload();
      await person.sees('It holds something else');
      expect(await privateFile(person, FILE)).toBe('Shopping: salt');
      await person.click('Keep it up to date no more');
      await person.sees('Keep a new file up to date');
    },
  });
});

describe('what would be lost with this browser', () => {
  it('is counted, with the act beside it, once it is much', async () => {
    const browser = await freshWindow();
    try {
      const person = await Person.at(browser, ADDRESS);
      await begin(person, {}, { kind: 'Strip loin', weight: '9 kg', price: '12' });
      await person.click('I know');
      await weigh(person, '8.9 kg');
      await person.sees('100 g of liquid');
      for (let n = 0; n < 23; n++) {
        await weigh(person, `${300 + n} g`);
        await person.sees(`${n + 1} part`);
      }
      // It moves no page under a hand: it is said when the next one is opened.
      expect(await person.text()).not.toContain('has left this browser yet');
      await person.click('Freezer', 'link');
      await person.reads('1 piece bought and 24 weighings: no copy of them has left this browser yet.');
      await person.click('Save the file');
      await person.page.waitForFunction(() => !document.body.innerText.includes('has left this browser yet'));
    } finally {
      await browser.close();
    }
  });
});

describe('where the device hands files on', () => {
  it('the household’s file goes out by that, and counts as gone only where it went', async () => {
    const browser = await freshWindow();
    try {
      const person = await Person.at(browser, ADDRESS);
      await person.page.evaluateOnNewDocument(() => {
        const share = async ({ files = [] }: ShareData): Promise<void> => {
          if (localStorage.getItem('calls-off') !== null) throw new DOMException('', 'AbortError');
          if (localStorage.getItem('refuses') !== null) throw new DOMException('', 'NotAllowedError');
          const [file] = files;
          Object.assign(globalThis, { shared: [file?.name, await file?.text()] });
        };
        Object.assign(navigator, { canShare: () => true, share });
      });
      await begin(person, {}, { kind: 'Strip loin', weight: '5 kg', price: '12' });
      await person.goOn('/home/books/household');
      const sends = async (how: string): Promise<void> => {
        await person.page.evaluate((how) => {
          localStorage.removeItem('calls-off');
          localStorage.removeItem('refuses');
          localStorage.setItem(how, 'yes');
        }, how);
        await person.click('Send it to another device');
      };
      await sends('calls-off');
      await sends('refuses');
      await person.sees('This device did not take the file. Save it instead.');
      await person.reads('no copy outside yet');
      await sends('takes it');
      await person.reads('last copy outside today, with all there is');
      const [name, text] = await person.page.evaluate(
        () => (globalThis as unknown as { shared: [string, string] }).shared,
      );
      expect(name).toMatch(/^vendicus-home-[\d-]{10}\.txt$/);
      expect(readFile(text).value?.journal.entries).toHaveLength(1);
      expect(person.complaints).toEqual([]);
    } finally {
      await browser.close();
    }
  });
});
