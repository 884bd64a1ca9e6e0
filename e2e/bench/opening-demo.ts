import type { Browser } from 'puppeteer-core';
import { DESK, launch, Person, serveApp } from '../harness';

const ROUNDS = 11;
const REST_MS = 2500;

/** Medians in milliseconds: until the demo is shown to somebody who never was here, and to one who was. */
export interface DemoTimes {
  readonly first: number;
  readonly again: number;
}

/**
 * How long until a page shows that its journal is read.
 *
 * @param keeps whether the application may keep itself for when there is no network, as it does for everybody
 */
async function shows(browser: Pick<Browser, 'newPage'>, address: string, keeps: boolean): Promise<number> {
  const person = await Person.at(browser, address, DESK, keeps);
  await person.page.goto(`${address}/demo/counter`, { waitUntil: 'domcontentloaded' });
  await person.page.waitForFunction(
    () => document.querySelector('[data-journal="read"] h1, v-start-page h1'),
    {
      polling: 'raf',
    },
  );
  const ms = await person.page.evaluate(() => performance.now());
  // What is still being written then belongs to no opening.
  await new Promise((rested) => setTimeout(rested, REST_MS));
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
        const [stranger, known] = [
          await browser.createBrowserContext(),
          await browser.createBrowserContext(),
        ];
        times[at]?.first.push(await shows(stranger, address, true));
        await stranger.close();
        await shows(known, address, false);
        times[at]?.again.push(await shows(known, address, false));
        await known.close();
      }
    return times.map(({ first, again }) => ({ first: median(first), again: median(again) }));
  } finally {
    await browser.close();
    for (const { stop } of served) stop();
  }
}
