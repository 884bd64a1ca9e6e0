import { spawn, type ChildProcess } from 'node:child_process';
import { complainsOfCovered } from './nothing-covered';
import { mkdtempSync, readdirSync, rmSync, statSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Browser, BrowserContext, ElementHandle, Page } from 'puppeteer-core';
import type { Start } from './chromium';
import type * as InPage from './finding/in-page';
import type { SeededFile } from './seeding/household-file';
import type * as Seeding from './seeding/in-page';
import { clockScript, now, paceScript, ZONE } from './clock';

/** How long something may take to appear: a busy machine with a slow disk holds a safe write back for many seconds. */
const PATIENCE = Number(process.env['PATIENCE_MS'] ?? 60_000);

/** Where the tests run, one browser serves all files of a process; a script has one of its own. */
const chromium = (): Promise<Chromium> =>
  Promise.resolve((globalThis as { vendicusChromium?: Chromium }).vendicusChromium ?? import('./chromium'));
type Chromium = typeof import('./chromium');

/** What somebody types into is noted, where a list asks for it. */
const filled = (): Set<string> | undefined => (globalThis as { vendicusFilled?: Set<string> }).vendicusFilled;

/** A browser's window in which nobody has been yet: nothing is kept, and no other test looks in. */
export async function freshWindow(): Promise<BrowserContext> {
  return (await (await chromium()).sharedBrowser()).createBrowserContext();
}

/** A browser of its own, for what outlives it, is started with, or is allowed it; else {@link freshWindow}. */
export async function launch(options: Start = {}): Promise<Browser> {
  return (await chromium()).launch(options);
}

/** A profile folder for browsers that are started again on the same data. */
export function profileFolder(): { path: string; remove: () => void } {
  const path = mkdtempSync(join(tmpdir(), 'vendicus-profile-'));
  return { path, remove: () => removed(path) };
}

/** A browser that was killed still writes for a moment: what came meanwhile is looked for anew each time. */
function removed(path: string, tries = 8): void {
  try {
    rmSync(path, { recursive: true, force: true, maxRetries: 3 });
  } catch (error) {
    if (tries === 0) throw error;
    removed(path, tries - 1);
  }
}

/** Serves the built app on a free port. */
export async function serveApp(folder = 'dist/app'): Promise<{ address: string; stop: () => void }> {
  const port = await freePort();
  const clock = `data:text/javascript,${encodeURIComponent(clockScript())}`;
  const server = spawn(process.execPath, ['--import', clock, 'dist/server.mjs', folder], {
    env: { ...process.env, TZ: ZONE, PORT: String(port), HOST: '127.0.0.1' },
  });
  await said(server, /Vendicus is at/);
  return { address: `http://127.0.0.1:${port}`, stop: () => void server.kill() };
}

/** Resolves once the process has printed something that matches. */
export function said(child: ChildProcess, pattern: RegExp): Promise<string> {
  return new Promise((done, failed) => {
    let text = '';
    const hear = (chunk: Buffer): void => {
      text += chunk.toString();
      if (pattern.test(text)) done(text);
    };
    child.stdout?.on('data', hear);
    child.stderr?.on('data', hear);
    child.once('exit', () => failed(new Error(`ended before it said ${pattern}: ${text}`)));
  });
}

/** Asks again and again until the answer is as it should be; the last answer where it does not come to be. */
export async function comesTo<T>(ask: () => Promise<T>, isSo: (answer: T) => boolean): Promise<T> {
  for (const until = performance.now() + PATIENCE; ;) {
    const answer = await ask();
    if (isSo(answer) || performance.now() > until) return answer;
    await new Promise((done) => setTimeout(done, 50));
  }
}

/** Waits for a file that the browser saves, which is empty at first, and says its name in the folder. */
export async function saved(folder: string, is: (name: string) => boolean): Promise<string> {
  for (const until = Date.now() + PATIENCE; Date.now() < until;) {
    const name = readdirSync(folder).find(
      (each) => !each.endsWith('.crdownload') && is(each) && statSync(join(folder, each)).size > 0,
    );
    if (name !== undefined) return name;
    await new Promise((done) => setTimeout(done, 20));
  }
  throw new Error(`no file like ${is} came; there are ${readdirSync(folder).join(', ')}`);
}

export function freePort(): Promise<number> {
  return new Promise((done) => {
    const probe = createServer();
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address();
      probe.close(() => done(typeof address === 'object' && address ? address.port : 0));
    });
  });
}

declare global {
  /** Inside a page: what finds and waits there. */
  var vendicusFinding: typeof InPage;
  /** Inside a page: what puts a household there. */
  var vendicusSeeding: typeof Seeding;
}

/** Runs inside a page: tells in which components something is typed, the innermost first; each once. */
function tellsWhatIsFilled(): void {
  const told = new Set<string>();
  const tell = ({ target }: Event): void => {
    const around: string[] = [];
    for (let each = target as Element | null; each; each = each.parentElement)
      if (each.localName.startsWith('v-')) around.push(each.localName);
    const where = around.join(' in ');
    if (told.has(where)) return;
    told.add(where);
    (globalThis as unknown as { vendicusFills: (where: string) => void }).vendicusFills(where);
  };
  addEventListener('input', tell, true);
}

/** What a page said at some moment. */
interface Said {
  readonly page: string;
  readonly text: string;
}
const NOTHING: Said = { page: '', text: '' };

/** The same button is pressed again after this at the earliest. */
const AGAIN_MS = 450;
export const DESK = { width: 1280, height: 800 };
export const PHONE = { width: 390, height: 844, isMobile: true, hasTouch: true };

/** A page of the same place that is not the application. */
const NOT_THE_APP = '/icon.svg';

/** A page as a person has it: found by what can be read on it, and complaining loudly. */
export class Person {
  readonly complaints: string[] = [];
  /** What was asked for and did not come. */
  private readonly lost: string[] = [];
  private clock: string | undefined;

  private constructor(
    readonly page: Page,
    private readonly address: string,
  ) {}

  /**
   * @param kept whether the browser keeps the application for when the server is gone: that fetches all
   *   of it at the first visit, which is much for a test about something else
   */
  static async at(
    browser: Pick<Browser, 'newPage'>,
    address: string,
    viewport: typeof DESK = DESK,
    kept = false,
  ): Promise<Person> {
    const page = await browser.newPage();
    const person = new Person(page, address);
    // All of Chromium asks by itself for the sign of a page that is a picture.
    const isForTheSign = (url = ''): boolean => url.endsWith('/favicon.ico');
    page.on('console', (message) => {
      if (message.type() === 'error' && !isForTheSign(message.location().url))
        person.complaints.push(message.text());
    });
    page.on('requestfailed', (request) =>
      person.lost.push(`${request.failure()?.errorText}: ${request.url()}`),
    );
    page.on('pageerror', (error) => person.complaints.push(String(error)));
    await page.evaluateOnNewDocument((await chromium()).FINDING);
    await page.evaluateOnNewDocument(clockScript());
    await page.evaluateOnNewDocument(complainsOfCovered);
    if (filled()) {
      await page.exposeFunction('vendicusFills', (where: string) => void filled()?.add(where));
      await page.evaluateOnNewDocument(tellsWhatIsFilled);
    }
    if (!kept)
      await page.evaluateOnNewDocument(() => {
        delete (Navigator.prototype as { serviceWorker?: unknown }).serviceWorker;
      });
    page.setDefaultTimeout(PATIENCE);
    await page.setViewport(viewport);
    await page.emulateMediaFeatures([{ name: 'prefers-reduced-motion', value: 'reduce' }]);
    return person;
  }

  /** Lets what the page saves go into a folder, or nowhere. */
  async savesTo(folder: string | null): Promise<void> {
    const session = await this.page.createCDPSession();
    const { id } = this.page.browserContext();
    await session.send('Browser.setDownloadBehavior', {
      ...(id === undefined ? {} : { browserContextId: id }),
      ...(folder === null ? { behavior: 'deny' } : { behavior: 'allow', downloadPath: folder }),
    });
  }

  /** Lets every page that is opened from now on begin at such a moment; its clock goes on from there. */
  async setClock(from: number): Promise<void> {
    if (this.clock) await this.page.removeScriptToEvaluateOnNewDocument(this.clock);
    const { identifier } = await this.page.evaluateOnNewDocument(clockScript(from - now()));
    this.clock = identifier;
  }

  /** Lets the time of every page that is opened from now on go by so many times faster. */
  async hurry(pace: number): Promise<void> {
    await this.page.evaluateOnNewDocument(paceScript(pace));
  }

  /** No page is left sooner than a hand could: what has just been typed is kept within a frame. */
  private async rests(): Promise<void> {
    await this.page.evaluate(() => new Promise((done) => requestAnimationFrame(() => setTimeout(done, 50))));
  }

  async goTo(path: string): Promise<void> {
    this.before = NOTHING;
    await this.rests();
    await this.page.goto(this.address + path, { waitUntil: 'load' });
    await this.page.waitForSelector('h1, .empty');
    await this.page.evaluate(() => document.fonts.ready.then(() => undefined));
  }

  /** The day that it is in this window. */
  async today(): Promise<string> {
    await this.page.goto(this.address + NOT_THE_APP);
    return this.page.evaluate(() =>
      new Intl.DateTimeFormat('en-CA', { dateStyle: 'short' }).format(Date.now()),
    );
  }

  /** Has a household in this browser already, before the application is opened. */
  async holds({ text, device }: SeededFile): Promise<void> {
    await this.page.goto(this.address + NOT_THE_APP);
    await this.page.evaluate((await chromium()).seedingScript());
    await this.page.evaluate(
      (...given) => vendicusSeeding.putHousehold(...given),
      this.household,
      text,
      device,
    );
  }

  /** Goes on to another page of the household as a link does, without loading the application anew. */
  async goOn(path: string): Promise<void> {
    if (this.page.url() === this.address + path) return this.looksAnew();
    if (!this.page.url().startsWith(this.address)) return this.goTo(path);
    this.before = NOTHING;
    await this.rests();
    await this.page.evaluate((path) => {
      history.pushState(null, '', path);
      dispatchEvent(new PopStateEvent('popstate'));
    }, path);
    // The router notes in the history that it has arrived, and shows the page in the same breath.
    await this.page
      .waitForFunction(
        () =>
          (history.state as { navigationId?: number } | null)?.navigationId !== undefined &&
          document.querySelector('main :is(h1, .empty)'),
        { polling: 50, timeout: PATIENCE },
      )
      .catch(async () => {
        throw new Error(`${path} did not come. The page says:\n${await this.text()}`);
      });
  }

  /** Runs something inside the page, anew where the page is loaded meanwhile. */
  private async inside<A extends unknown[], T>(what: (...given: A) => Promise<T>, ...given: A): Promise<T> {
    for (const until = performance.now() + PATIENCE; ;)
      try {
        return await this.page.evaluate(what, ...(given as never));
      } catch (error) {
        const isGone = /context was destroyed|Cannot find context|frame was detached/.test(String(error));
        if (!isGone || performance.now() > until) throw error;
      }
  }

  /** Where something is pressed, once it can be. */
  private async spotOf(
    wanted: InPage.Wanted,
    scroll?: 'never' | 'middle',
    patienceMs = PATIENCE,
  ): Promise<InPage.Spot> {
    const spot = await this.inside(
      (wanted, how) => vendicusFinding.spotOf(wanted, how),
      wanted,
      scroll === undefined ? { patienceMs } : { patienceMs, scroll },
    );
    if (spot) return spot;
    throw new Error(
      `Nothing can be pressed that is ${wanted.called ?? wanted.at ?? wanted.option}. The page says:\n${await this.text()}`,
    );
  }

  /** Presses it once it can be, and anew where it moved away under the pointer, as one does. */
  private async presses(...wanted: Parameters<Person['spotOf']>): Promise<InPage.Spot> {
    for (const until = performance.now() + PATIENCE; ;) {
      const spot = await this.spotOf(...wanted);
      await this.page.mouse.click(spot.x, spot.y);
      // Where another page has come by now, it was met.
      const isMissed = await this.page.evaluate(() => vendicusFinding.isMissed()).catch(() => false);
      if (!isMissed || performance.now() > until) return spot;
    }
  }

  /** Clicks what has this role and this visible name; where a link leads elsewhere, once one is there. */
  async click(name: string, role = 'button'): Promise<void> {
    await this.acts();
    await this.isNoSlip(name);
    const here = this.page.url();
    const { href } = await this.presses({ called: `[name="${name}"][role="${role}"]` });
    // A busy machine may have let it wait.
    this.pressed = { name, at: performance.now() };
    if (role === 'link' && href !== here) await this.leaves(here);
  }

  /** Whose household: one's own, or, where somebody practises with what is not there, the demo's, with one's own in it. */
  household: 'home' | 'demo' = 'home';

  private pressed = { name: '', at: 0 };

  /** Pressed again on purpose, and not by a thumb that slips: no hand is as fast as a program. */
  private async isNoSlip(name: string): Promise<void> {
    const sinceMs = performance.now() - this.pressed.at;
    if (this.pressed.name === name && sinceMs < AGAIN_MS)
      await this.page.evaluate((ms) => new Promise((done) => setTimeout(done, ms)), AGAIN_MS - sinceMs);
  }

  /** Goes to a page of this place: by the row, or behind the end of it where it is a seldom one. */
  async toPage(name: string): Promise<void> {
    await this.acts();
    const here = this.page.url();
    const row = await this.page.waitForSelector('v-page-row nav', { timeout: PATIENCE });
    const isWide = await row?.isVisible();
    const inRow = await this.page.$$eval('v-page-row a', (all) =>
      all.map((each) => each.textContent?.trim()),
    );
    if (isWide && inRow.includes(name)) return this.click(name, 'link');
    // On a phone all of them stand behind the place’s name.
    await this.page
      .locator(isWide ? 'v-page-row button' : '.here button')
      .setTimeout(PATIENCE)
      .click();
    await this.page.locator(`[role=menuitem] ::-p-text(${name})`).setTimeout(PATIENCE).click();
    await this.leaves(here);
  }

  /** Waits until another page is shown: what is pressed before that is pressed on the old one. */
  private async leaves(here: string): Promise<void> {
    await this.page
      .waitForFunction((old) => location.href !== old, { timeout: PATIENCE, polling: 50 }, here)
      .catch(() => {
        throw new Error(`No other page came. ${[...this.lost, ...this.complaints].join('\n')}`);
      });
  }

  /** Clicks what stands at a selector, a notice put away first that lies over it. */
  async clickOn(selector: string): Promise<void> {
    await this.acts();
    await this.presses({ at: selector }, 'middle');
  }

  /** Scrolls until the text is in the middle of the screen, clear of bars, and presses it. */
  async pressText(text: string): Promise<void> {
    await this.acts();
    const element = await this.page.waitForSelector(`main ::-p-text(${text})`, { timeout: PATIENCE });
    await element?.evaluate((each) => each.scrollIntoView({ block: 'center' }));
    await element?.click();
  }

  /** Fills the field with this label. */
  async fill(label: string, text: string, role = 'textbox'): Promise<void> {
    await this.acts();
    await this.fillIn(`[name="${label}"][role="${role}"]`, text);
  }

  /** Writes into the field with this label, whatever it takes (a time, a day), and goes on to the next. */
  async write(label: string, text: string): Promise<void> {
    await this.acts();
    await this.fillIn(label, text);
    await this.press('Tab');
  }

  private async fillIn(called: string, text: string): Promise<void> {
    const isFilled = await this.inside(
      (called, text, patienceMs) => vendicusFinding.fillField({ called }, text, { patienceMs }),
      called,
      text,
      PATIENCE,
    );
    if (!isFilled)
      throw new Error(`No field that can be filled is ${called}. The page says:\n${await this.text()}`);
  }

  /** Marks all that stands in the field with this label. */
  async marks(label: string, role = 'textbox'): Promise<ElementHandle | null> {
    await this.acts();
    const called = `[name="${label}"][role="${role}"]`;
    const { x, y } = await this.spotOf({ called }, 'middle');
    await this.page.mouse.click(x, y, { count: 3 });
    const field = await this.page.$(`::-p-called(${called})`);
    return field;
  }

  /** Waits until the field or the choice with this label shows the text. */
  async shows(label: string, text: string | RegExp): Promise<void> {
    const field = await this.page.waitForSelector(`::-p-called(${label})`, { timeout: PATIENCE });
    const wanted =
      typeof text === 'string' ? `^${text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}$` : text.source;
    await this.page.waitForFunction(
      (element, pattern) => {
        const { value, selectedOptions } = element as HTMLInputElement & HTMLSelectElement;
        const shown = selectedOptions?.[0]?.label ?? value ?? element?.textContent?.trim() ?? '';
        return new RegExp(pattern).test(shown);
      },
      { timeout: PATIENCE, polling: 50 },
      field,
      wanted,
    );
  }

  /** Empties the field with this label, as one does: all of it marked, and deleted. */
  async clear(label: string, role = 'textbox'): Promise<void> {
    await this.marks(label, role);
    await this.page.keyboard.press('Backspace');
  }

  /** Chooses by what is read there, or the beginning of it; or by the value where the words differ. */
  async choose(label: string, wanted: string): Promise<void> {
    await this.acts();
    const field = await this.page.waitForSelector(`::-p-called([name="${label}"][role="combobox"])`, {
      timeout: PATIENCE,
    });
    if (await field?.evaluate((each) => each.tagName !== 'SELECT')) return this.chooseFromList(label, wanted);
    const value = await field?.evaluate((select, wanted) => {
      const all = [...(select as unknown as HTMLSelectElement).options];
      const found =
        all.find((each) => each.value === wanted) ?? all.find((each) => each.label.startsWith(wanted));
      return found?.value;
    }, wanted);
    await field?.select(value ?? wanted);
  }

  /** Waits until the field that is called so has the focus. */
  async focuses(label: RegExp): Promise<void> {
    await this.page.waitForFunction(
      (source) => {
        const { labels } = document.activeElement as HTMLInputElement;
        return new RegExp(source).test(labels?.[0]?.innerText ?? '');
      },
      { timeout: PATIENCE },
      label.source,
    );
  }

  /** Chooses from the list, and opens it again where it closed under the hand, as one does. */
  private async chooseFromList(label: string, wanted: string): Promise<void> {
    for (const until = performance.now() + PATIENCE; ;)
      try {
        await this.openList(label);
        await this.takeOption(wanted);
        return await this.listIsGone();
      } catch (problem) {
        if (performance.now() > until) throw problem;
        if (await this.page.$('.p-select-overlay')) await this.page.keyboard.press('Escape');
      }
  }

  /** Looks for the word where there is room to, and presses it. */
  private async takeOption(wanted: string): Promise<void> {
    const looks = await this.page.$('.p-select-filter');
    await looks?.type(wanted);
    // Pressed where it is: a list closes where the page is scrolled under it.
    const list = await this.page.$('.p-select-overlay');
    await list?.evaluate((each) =>
      each.addEventListener('click', () => document.body.setAttribute('data-taken', ''), { capture: true }),
    );
    await this.presses({ option: wanted }, 'never', PATIENCE / 10);
    // It may have closed as the finger came down: then nothing was taken from it.
    const isTaken = await this.page.evaluate(() => {
      const is = document.body.hasAttribute('data-taken');
      document.body.removeAttribute('data-taken');
      return is;
    });
    if (!isTaken) throw new Error(`The list closed before “${wanted}” was taken from it.`);
  }

  /** A list that is closing still lies over what is pressed next, and has options that go with it. */
  private async listIsGone(): Promise<void> {
    await this.page.waitForFunction(() => document.querySelector('.p-select-overlay') === null, {
      timeout: PATIENCE,
      polling: 50,
    });
  }

  /**
   * Opens a list, in the middle of the screen: it closes where the page is scrolled under it. Where that
   * was so all the same it is pressed again, as one does.
   */
  private async openList(label: string): Promise<void> {
    await this.listIsGone();
    for (const until = performance.now() + PATIENCE; ;) {
      await this.presses({ called: `[name="${label}"][role="combobox"]` }, 'middle');
      const opened = this.page.waitForSelector('.p-select-overlay [role=option]', { timeout: PATIENCE / 10 });
      if (await opened.catch(() => null)) return;
      if (performance.now() > until)
        throw new Error(`${label} does not open. The page says:\n${await this.text()}`);
    }
  }

  /** What can be chosen there. */
  async choices(label: string): Promise<string[]> {
    await this.acts();
    await this.openList(label);
    const words = await this.page.$$eval('.p-select-overlay [role=option]', (all) =>
      all.map((each) => each.textContent?.trim() ?? ''),
    );
    await this.page.keyboard.press('Escape');
    await this.listIsGone();
    return words;
  }

  async press(...keys: Parameters<Page['keyboard']['press']>[0][]): Promise<void> {
    await this.acts();
    for (const key of keys) await this.page.keyboard.press(key);
  }

  async type(text: string): Promise<void> {
    await this.acts();
    await this.page.keyboard.type(text);
  }

  /** Loads the page again, as one does who has lost track, or a phone that had put it away. */
  async reload(): Promise<void> {
    this.before = NOTHING;
    await this.rests();
    await this.page.reload({ waitUntil: 'load' });
  }

  /** What the page said before the first act since somebody last looked. */
  private before = NOTHING;
  private looked = true;

  /** Keeps what the page says before something is done to it, for `sees`. */
  async acts(): Promise<void> {
    if (!this.looked) return;
    this.looked = false;
    this.before = { page: this.page.url(), text: await this.text() };
  }

  /** All that the page says counts as new. */
  private looksAnew(): void {
    this.before = NOTHING;
    this.looked = true;
  }

  /** Waits until the page shows the text, newly or more often than before what was done last, or on another page. */
  async sees(text: string, timeout = PATIENCE): Promise<void> {
    this.looked = true;
    await this.waitsFor(text, this.before, timeout);
  }

  /** Waits until the page shows the text; it may have been there all along. */
  async reads(text: string, timeout = PATIENCE): Promise<void> {
    this.looked = true;
    await this.waitsFor(text, NOTHING, timeout);
  }

  private async waitsFor(text: string, before: Said, timeout: number): Promise<void> {
    const times = before.text.split(text).length - 1;
    const isSaid = await this.inside(
      (wanted, before, timeout) => vendicusFinding.says(wanted, before, timeout),
      text,
      { page: before.page, times },
      timeout,
    );
    if (isSaid) return;
    const told = times > 0 ? 'did not appear anew' : 'did not appear';
    throw new Error(`“${text}” ${told}. The page says:\n${await this.text()}`);
  }

  async text(): Promise<string> {
    return this.page.evaluate(() => document.body.innerText.replace(/\s+/g, ' '));
  }

  /** Everything in the database of one's own household. */
  async stored(): Promise<{ entries: { entry: { type: string } }[] }> {
    return this.page.evaluate(
      (database) =>
        new Promise<{ entries: { entry: { type: string } }[] }>((done, failed) => {
          const opening = indexedDB.open(database);
          opening.onerror = () => failed(new Error('cannot be opened'));
          opening.onsuccess = () => {
            const all = opening.result.transaction('entries').objectStore('entries').getAll();
            all.onsuccess = () => {
              opening.result.close();
              done({ entries: all.result as { entry: { type: string } }[] });
            };
          };
        }),
      `vendicus-${this.household}`,
    );
  }

  async shot(path: string, fullPage = false): Promise<void> {
    await this.page.screenshot({ path: path as `${string}.png`, fullPage });
  }
}
