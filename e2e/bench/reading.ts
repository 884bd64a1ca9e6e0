import { writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { ElementHandle } from 'puppeteer-core';
import { launch, Person, serveApp } from '../harness';

/**
 * How the page fares while a large file is read, checked and written: its longest task before the
 * household is taken over, how long that takes then, and all of it together.
 */
export async function readingTimes(
  file: string,
): Promise<{ longestTaskMs: number; switchMs: number; wholeMs: number }> {
  const { address, stop } = await serveApp();
  const browser = await launch({ whole: true });
  try {
    const path = join(tmpdir(), 'vendicus-reading.json');
    writeFileSync(path, file);
    const person = await Person.at(browser, address);
    await person.goTo('/home/start');
    const input = (await person.page.waitForSelector(
      'input[aria-label="The household’s file"]',
    )) as ElementHandle<HTMLInputElement>;
    await person.page.evaluate(() => {
      const tasks: PerformanceEntry[] = [];
      Object.assign(globalThis, { tasks, begun: performance.now() });
      new PerformanceObserver((list) => tasks.push(...list.getEntries())).observe({
        entryTypes: ['longtask'],
      });
    });
    await input.uploadFile(path);
    await person.page.waitForFunction(() => performance.getEntriesByName('household-switch').length > 0, {
      timeout: 120_000,
    });
    // The browser tells of long tasks a little later.
    await new Promise((done) => setTimeout(done, 500));
    return await person.page.evaluate(() => {
      const { tasks, begun } = globalThis as unknown as { tasks: PerformanceEntry[]; begun: number };
      const [{ startTime, duration }] = performance.getEntriesByName('household-switch') as [
        PerformanceEntry,
      ];
      const before = tasks.filter((task) => task.startTime + task.duration <= startTime);
      return {
        longestTaskMs: Math.max(0, ...before.map((task) => task.duration)),
        switchMs: duration,
        wholeMs: startTime + duration - begun,
      };
    });
  } finally {
    await browser.close();
    stop();
  }
}
