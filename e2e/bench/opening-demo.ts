import type { Browser } from 'puppeteer-core';
import { launch, Person, serveApp } from '../harness';

const ROUNDS = 9;

/** Medians in milliseconds: until the demo is shown to somebody who never was here, and to one who was. */
export interface DemoTimes {
  readonly first: number;
  readonly again: number;
}

/** How long until a page shows that its journal is read. */
async function shows(browser: Pick<Browser, 'newPage'>, address: string, path: string): Promise<number> {
  const person = await Person.at(browser, address);
  await person.page.goto(address + path, { waitUntil: 'domcontentloaded' });
  await person.page.waitForFunction(
    () => document.querySelector('[data-journal="read"] h1, v-start-page h1'),
    {
      polling: 'raf',
    },
  );
  const ms = await person.page.evaluate(() => performance.now());
  // The first time it is written while it is looked at.
  await person.page.waitForFunction(
    async () =>
      location.pathname.startsWith('/home') ||
      (await new Promise<boolean>((done) => {
        const opening = indexedDB.open('vendicus-demo');
        opening.onsuccess = () => {
          const counting = opening.result.transaction('bundles').objectStore('bundles').count();
          counting.onsuccess = () => {
            opening.result.close();
            done(counting.result > 0);
          };
        };
      })),
  );
  await person.page.close();
  return ms;
}

const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? NaN;

/**
 * Opening the demo, by turns in each of some builds: each time in a window that has never seen it.
 *
 * @param folders of builds, served by the same server
 */
export async function demoTimes(folders: readonly (string | undefined)[]): Promise<DemoTimes[]> {
  const served = await Promise.all(folders.map((folder) => serveApp(folder)));
  const browser = await launch({ whole: true });
  try {
    const times = served.map(() => ({ first: [] as number[], again: [] as number[] }));
    for (let round = 0; round < ROUNDS; round++)
      for (const [at, { address }] of served.entries()) {
        const window = await browser.createBrowserContext();
        times[at]?.first.push(await shows(window, address, '/demo/counter'));
        times[at]?.again.push(await shows(window, address, '/demo/counter'));
        await window.close();
      }
    return times.map(({ first, again }) => ({ first: median(first), again: median(again) }));
  } finally {
    await browser.close();
    for (const { stop } of served) stop();
  }
}
