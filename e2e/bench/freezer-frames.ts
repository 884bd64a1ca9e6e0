import { writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from 'puppeteer-core';
import { writeFile } from '@core/exchange/write-file';
import { launch, Person, serveApp } from '../harness';
import { fullFreezers } from '../full-freezers';
import { begin, mergeFile } from '../journeys';

/** How long the picture of a full freezer takes, and what a frame costs while it is used. */
export interface FreezerTimes {
  readonly firstMs: number;
  /** Median of the main thread's work in a frame, from Chromium's trace. */
  readonly filterMs: number;
  readonly dragMs: number;
}

const WORDS = 'lamb shanks';

export async function freezerTimes(packs: number): Promise<FreezerTimes> {
  const { address, stop } = await serveApp();
  const browser = await launch({ whole: true });
  try {
    const person = await Person.at(browser, address);
    await begin(person);
    const path = join(tmpdir(), `vendicus-${packs}.json`);
    writeFileSync(path, writeFile(fullFreezers(packs)));
    await mergeFile(person, path, 120_000);
    const firsts: number[] = [];
    for (let round = 0; round < 5; round++) {
      await person.page.goto(`${address}/home/freezer`, { waitUntil: 'domcontentloaded' });
      await person.page.waitForFunction(
        () => document.querySelector('canvas')?.width && document.querySelectorAll('tbody tr').length > 30,
        { polling: 'raf', timeout: 60_000 },
      );
      firsts.push(await person.page.evaluate(() => performance.now()));
    }
    const filterMs = await frameMs(person.page, () => typeSlowly(person.page));
    await person.clear('Find a pack', 'searchbox');
    const dragMs = await frameMs(person.page, () => dragAcross(person.page));
    return { firstMs: middle(firsts), filterMs, dragMs };
  } finally {
    await browser.close();
    stop();
  }
}

async function typeSlowly(page: Page): Promise<void> {
  await page.focus('input[type=search]');
  for (let round = 0; round < 3; round++) {
    await page.keyboard.type(WORDS, { delay: 60 });
    for (const _letter of WORDS) await page.keyboard.press('Backspace', { delay: 30 });
  }
}

async function dragAcross(page: Page): Promise<void> {
  const boxes = await page.$$eval('[data-drawer] canvas', (all) =>
    all
      .map((each) => each.getBoundingClientRect())
      .map(({ left, bottom, top }) => ({ x: left + 12, y: (bottom + top) / 2, low: bottom - 5 })),
  );
  const [from, ...rest] = boxes as [
    { x: number; y: number; low: number },
    ...{ x: number; y: number; low: number }[],
  ];
  await page.mouse.move(from.x, from.low);
  await page.mouse.down();
  for (let round = 0; round < 4; round++)
    for (const { x, y } of rest.slice(0, 6)) await page.mouse.move(x + round * 20, y, { steps: 10 });
  await page.keyboard.press('Escape');
  await page.mouse.up();
}

interface TraceEvent {
  readonly name: string;
  readonly ph: string;
  readonly ts: number;
  readonly dur?: number;
  readonly tid: number;
  readonly pid: number;
  readonly args: { readonly name?: string };
}

/** A frame of a screen, microseconds. */
const FRAME_US = 1e6 / 60;

/** What the page's own thread works for a frame (its rendering, and what came in the sixtieth of a second before), median, while something is done. */
async function frameMs(page: Page, act: () => Promise<void>): Promise<number> {
  await page.tracing.start({
    categories: ['toplevel', 'devtools.timeline', 'disabled-by-default-devtools.timeline'],
  });
  await act();
  const trace = JSON.parse(new TextDecoder().decode(await page.tracing.stop())) as {
    traceEvents: TraceEvent[];
  };
  const main = mainThread(trace.traceEvents);
  const frames = main
    .filter(isFrame)
    .map(({ ts }) => ts)
    .sort((a, b) => a - b);
  const tasks = main.filter(({ name, ph }) => ph === 'X' && name === 'RunTask');
  const work = frames.map((at, i) => {
    const from = Math.max(at - FRAME_US, frames[i - 1] ?? 0);
    return (
      tasks
        .filter(({ ts, dur = 0 }) => ts <= at && ts + dur > from && !(ts <= (frames[i - 1] ?? -1)))
        .reduce((sum, { dur = 0 }) => sum + dur, 0) / 1000
    );
  });
  return middle(work);
}

const isFrame = ({ name, ph }: TraceEvent): boolean => name === 'Commit' && ph === 'X';
const keyOf = ({ pid, tid }: TraceEvent): string => `${pid} ${tid}`;

/** The thread that has the most frames: the page's. */
function mainThread(events: readonly TraceEvent[]): TraceEvent[] {
  const counts = new Map<string, number>();
  for (const event of events.filter(isFrame)) counts.set(keyOf(event), (counts.get(keyOf(event)) ?? 0) + 1);
  const [most] = [...counts].sort((a, b) => b[1] - a[1]);
  return events.filter((event) => keyOf(event) === most?.[0]);
}

const middle = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? NaN;
