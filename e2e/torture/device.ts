import type { Browser, Page } from 'puppeteer-core';
import { launch, profileFolder } from '../harness';
import type { Fault, Found } from './inside';

/** What the one outside knows: which deeds were planned, with how many entries, and which were confirmed. */
export class Ledger {
  readonly planned = new Map<string, number>();
  readonly confirmed = new Set<string>();

  /** What is lost or half-written, in words; nothing where all is well. */
  faultsIn({ deeds, registers, spoilt, isLawful }: Found): string[] {
    const there = new Set(registers);
    const lost = [...this.confirmed].filter((deed) => !(deed in deeds) || !there.has(deed));
    const half = [...this.planned].filter(([deed, entries]) => {
      const found = deeds[deed] ?? 0;
      return (found !== 0 && found !== entries) || (found !== 0) !== there.has(deed);
    });
    return [
      ...lost.map((deed) => `lost: ${deed}`),
      ...half.map(([deed, entries]) => `half-written: ${deed}, ${deeds[deed] ?? 0} of ${entries}`),
      ...(spoilt > 0 ? [`spoilt: ${spoilt}`] : []),
      ...(isLawful ? [] : ['mass is lost or made']),
    ];
  }
}

/** A browser with a profile of its own, which is killed and started again on the same disk. */
export class Device {
  private readonly profile = profileFolder();
  private browser: Promise<Browser> | undefined;

  constructor(
    private readonly address: string,
    private readonly code: string,
    private readonly ledger: Ledger,
  ) {}

  /** A page of the application's address that runs nothing of its own. */
  async tab(name: string): Promise<Page> {
    this.browser ??= launch({ userDataDir: this.profile.path });
    const page = await (await this.browser).newPage();
    // What is brought along is no script of the application's.
    await page.setBypassCSP(true);
    await page.goto(`${this.address}/nothing.txt`);
    await page.exposeFunction(
      'torturePlans',
      (deed: string, entries: number) => void this.ledger.planned.set(deed, entries),
    );
    await page.exposeFunction('tortureConfirms', (deed: string) => void this.ledger.confirmed.add(deed));
    await page.evaluate(this.code);
    await page.evaluate(`torture.open(${JSON.stringify(name)})`);
    return page;
  }

  /** Kills the browser's process, as a power cut or the system does. */
  async kill(): Promise<void> {
    const browser = await this.browser;
    this.browser = undefined;
    if (!browser) return;
    const gone = new Promise<void>((done) => browser.once('disconnected', () => done()));
    browser.process()?.kill('SIGKILL');
    await gone;
  }

  async end(): Promise<void> {
    await (await this.browser)?.close();
    this.browser = undefined;
    this.profile.remove();
  }
}

export const deeds = (page: Page, seed: number, name: string, count: number, fault: Fault): Promise<number> =>
  page.evaluate(
    `torture.deeds(${seed}, ${JSON.stringify(name)}, ${count}, ${JSON.stringify(fault)})`,
  ) as Promise<number>;
export const look = (page: Page): Promise<Found> => page.evaluate('torture.look()') as Promise<Found>;
