import { spawnSync } from 'node:child_process';
import { appendFileSync, cpSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import type { Browser, Page } from 'puppeteer-core';
import { launch, profileFolder } from '../harness';
import type { Fault } from './fault';
import type { Inside } from './inside/inside';
import type { Ledger } from './ledger';

/** Where the trials take place. */
export interface Ground {
  readonly address: string;
  /** What runs in a page. */
  readonly code: string;
}

/** The head of a record that was not written any further: so a kill in the middle of a write leaves a log. */
const TORN = Buffer.from([1, 2, 3, 4, 0x40, 0x02, 1]);

/** A browser with a profile of its own, which is killed and started again on the same disk. */
export class Device {
  private browser: Promise<Browser> | undefined;

  constructor(
    private readonly ground: Ground,
    private readonly ledger: Ledger,
    private readonly profile = profileFolder(),
  ) {}

  /** A second device with a copy of all that is on this one's disk, as from a backup. */
  async copied(): Promise<Device> {
    await this.stop();
    const profile = profileFolder();
    const filter = (path: string): boolean => !/Singleton/.test(path);
    cpSync(this.profile.path, profile.path, { recursive: true, filter });
    return new Device(this.ground, this.ledger, profile);
  }

  /** A page of the application's address that runs nothing of its own. */
  async tab(name: string, fault: Fault = 'none'): Promise<Page> {
    this.browser ??= launch({ userDataDir: this.profile.path });
    const page = await (await this.browser).newPage();
    // What is brought along is no script of the application's.
    await page.setBypassCSP(true);
    await page.goto(`${this.ground.address}/nothing.txt`);
    const { ledger } = this;
    await page.exposeFunction('torturePlans', ledger.plans.bind(ledger));
    await page.exposeFunction('tortureConfirms', ledger.confirms.bind(ledger));
    await page.exposeFunction('tortureComplains', ledger.complains.bind(ledger));
    await page.evaluate(this.ground.code);
    await inside(page, 'open', name, fault);
    return page;
  }

  /** Kills the browser's process, as the system does, and waits until all of it is gone. */
  async kill(): Promise<void> {
    const browser = await this.browser;
    this.browser = undefined;
    if (!browser) return;
    const gone = new Promise<void>((done) => browser.once('disconnected', () => done()));
    browser.process()?.kill('SIGKILL');
    await gone;
    while (spawnSync('pgrep', ['-f', this.profile.path]).status === 0)
      await new Promise((done) => setTimeout(done, 20));
  }

  /** @see tearLog */
  tear(): void {
    tearLog(this.profile.path);
  }

  private async stop(): Promise<void> {
    await (await this.browser)?.close();
    this.browser = undefined;
  }

  /** @param isKept whether what is on the disk stays, to be looked at */
  async end(isKept = false): Promise<void> {
    await this.stop();
    if (isKept) console.log(`The profile is kept in ${this.profile.path}.`);
    else this.profile.remove();
  }
}

/**
 * Leaves the database's log as a kill between two of its writes does, which comes to pass once in
 * some hundred kills. Chromium reads it at the next start, goes on writing after it, and throws all
 * of the database away at the start after that.
 */
export function tearLog(profile: string): void {
  const folder = join(profile, 'Default', 'IndexedDB');
  const base = readdirSync(folder).find((name) => name.endsWith('.leveldb')) ?? '';
  const log = readdirSync(join(folder, base))
    .filter((name) => name.endsWith('.log'))
    .sort()
    .at(-1);
  appendFileSync(join(folder, base, log ?? ''), TORN);
}

/** Calls what runs in the page. */
export async function inside<Name extends keyof Inside>(
  page: Page,
  name: Name,
  ...given: Parameters<Inside[Name]>
): Promise<Awaited<ReturnType<Inside[Name]>>> {
  const found: unknown = await page.evaluate(`torture.${name}(...${JSON.stringify(given)})`);
  return found as Awaited<ReturnType<Inside[Name]>>;
}
