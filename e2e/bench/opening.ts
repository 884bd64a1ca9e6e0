import { writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Browser } from 'puppeteer-core';
import { launch, Person, profileFolder, serveApp } from '../harness';
import { begin, mergeFile } from '../journeys';

const ROUNDS = 9;

/** How long from the address to the Counter with the household's journal read, median of some rounds. */
export async function openingTimes(file: string): Promise<{ emptyMs: number; largeMs: number }> {
  const { address, stop } = await serveApp();
  const profile = profileFolder();
  const browser = await launch({ whole: true, userDataDir: profile.path });
  try {
    const person = await Person.at(browser, address);
    await begin(person);
    const emptyMs = await opens(browser, address, 'Is it worth it?');
    const path = join(tmpdir(), 'vendicus-large.json');
    writeFileSync(path, file);
    await mergeFile(person, path, 120_000);
    await person.page.close();
    const largeMs = await opens(browser, address, 'Is it worth it?');
    return { emptyMs, largeMs };
  } finally {
    await browser.close();
    stop();
    profile.remove();
  }
}

async function opens(browser: Browser, address: string, text: string): Promise<number> {
  const times: number[] = [];
  for (let round = 0; round < ROUNDS; round++) {
    const person = await Person.at(browser, address);
    await person.page.goto(`${address}/home/counter`, { waitUntil: 'domcontentloaded' });
    await person.page.waitForFunction(
      (wanted) =>
        document.querySelector('h1')?.textContent === wanted &&
        document.querySelector('[data-journal="read"]'),
      { polling: 'raf' },
      text,
    );
    times.push(await person.page.evaluate(() => performance.now()));
    await person.page.close();
  }
  return times.sort((a, b) => a - b)[Math.floor(ROUNDS / 2)] ?? NaN;
}
