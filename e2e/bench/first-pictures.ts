import type { Browser } from 'puppeteer-core';
import { launch, Person, serveApp } from '../harness';

const PLACES = ['counter', 'block', 'wrap', 'freezer', 'books', 'craft'] as const;
const ROUNDS = 7;

/** How long until a place shows its heading with the journal read, for one build or for two by turns. */
export interface FirstPicture {
  readonly place: (typeof PLACES)[number];
  readonly nowMs: number;
  /** Of the build to compare with; null where none was given. */
  readonly beforeMs: number | null;
}

async function shows(browser: Browser, address: string, place: string): Promise<number> {
  const person = await Person.at(browser, address);
  await person.page.goto(`${address}/demo/${place}`, { waitUntil: 'domcontentloaded' });
  await person.page.waitForFunction(() => document.querySelector('[data-journal="read"] h1'), {
    polling: 'raf',
  });
  const ms = await person.page.evaluate(() => performance.now());
  await person.page.close();
  return ms;
}

const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? NaN;

/**
 * The first picture of every place of the demo household, which is read already.
 *
 * @param before the folder of another build, served by the same server: measured by turns with ours
 */
export async function firstPictures(before: string | undefined): Promise<FirstPicture[]> {
  const served = [await serveApp(), ...(before ? [await serveApp(before)] : [])];
  const browser = await launch({ whole: true });
  try {
    for (const { address } of served) await shows(browser, address, 'counter');
    const found: FirstPicture[] = [];
    for (const place of PLACES) {
      const times: number[][] = served.map(() => []);
      for (let round = 0; round < ROUNDS; round++)
        for (const [at, { address }] of served.entries())
          times[at]?.push(await shows(browser, address, place));
      const [now, then] = times.map(median);
      found.push({ place, nowMs: now ?? NaN, beforeMs: then ?? null });
    }
    return found;
  } finally {
    await browser.close();
    for (const { stop } of served) stop();
  }
}
