import { existsSync } from 'node:fs';
import puppeteer, { Puppeteer, type Browser, type LaunchOptions } from 'puppeteer-core';
import { ZONE } from './clock';
import { FINDER } from './finding/finder';
import { forThePage } from './for-the-page';

export { FINDING } from './finding/finder';

const there = (...paths: (string | undefined)[]): string | undefined =>
  paths.find((path) => path && existsSync(path));

/** All of it, and what draws pages alone, which starts and runs at half the cost. */
const WHOLE = there(
  process.env['CHROMIUM_PATH'],
  '/usr/bin/chromium',
  '/usr/bin/chromium-browser',
  '/usr/bin/google-chrome',
);
const SHELL = there(process.env['CHROMIUM_SHELL_PATH'], '/usr/lib/chromium/chromium-headless-shell') ?? WHOLE;

const QUIET = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--disable-dev-shm-usage',
  '--lang=en-IE',
  // Most of a page's code runs a few times: compiled simply and at once it takes a fifth less than interpreted.
  '--js-flags=--always-sparkplug',
  // Pages of the browser's own, which cost half of its start.
  '--disable-features=WebUIOmniboxPopup,WebUIOmniboxAimPopup',
];

Puppeteer.registerCustomQueryHandler('called', FINDER);

/** How a browser is started: all of Chromium, as people have it, where pictures are taken and times measured. */
export interface Start extends LaunchOptions {
  readonly whole?: boolean;
}

/** Starts headless Chromium with a profile of its own. */
export function launch({ whole = false, ...options }: Start = {}): Promise<Browser> {
  const program = whole ? WHOLE : SHELL;
  return puppeteer.launch({
    ...(program === undefined ? {} : { executablePath: program }),
    headless: program === WHOLE ? true : 'shell',
    env: { ...process.env, TZ: ZONE },
    ...options,
    args: [...QUIET, ...(options.args ?? [])],
  });
}

let seeding: string | undefined;

/** What puts a household into a browser's database, for the page; made when it is asked for first. */
export const seedingScript = (): string =>
  (seeding ??= `void ${forThePage('e2e/seeding/in-page.ts', 'vendicusSeeding')}`);

let shared: Promise<Browser> | undefined;

/** A browser that is open already, as `npm run e2e` leaves one. */
const OPEN = process.env['VENDICUS_BROWSER'];

/** The one browser of this process, started anew where it has gone. */
export async function sharedBrowser(): Promise<Browser> {
  if (!(await shared?.catch(() => undefined))?.connected)
    shared = OPEN ? puppeteer.connect({ browserWSEndpoint: OPEN, defaultViewport: null }) : launch();
  return shared as Promise<Browser>;
}
