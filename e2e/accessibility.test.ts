import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { AxeResults } from 'axe-core';
import type { BrowserContext } from 'puppeteer-core';
import { DESK, freshWindow, Person, PHONE } from './harness';
import { ADDRESS, choosePiece } from './journeys';
import { demoPages } from './pages';

const AXE = readFileSync(createRequire(__filename).resolve('axe-core/axe.min.js'), 'utf8');

describe.each([
  ['on a desk', DESK],
  ['on a phone', PHONE],
])('axe %s', (_name, viewport) => {
  let browser: BrowserContext;
  let person: Person;
  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS, viewport as typeof DESK);
  });
  afterAll(() => browser.close());

  async function light(scheme: 'light' | 'dark'): Promise<void> {
    await person.page.emulateMediaFeatures([
      { name: 'prefers-color-scheme', value: scheme },
      { name: 'prefers-reduced-motion', value: 'reduce' },
    ]);
    await person.page.waitForFunction(
      (isDim) => document.documentElement.classList.contains('dim') === isDim,
      {},
      scheme === 'dark',
    );
  }

  /** What is wrong with the page as it is now; of some rules only, where they are named. */
  async function violations(rules?: readonly string[]): Promise<string[]> {
    const found = (await person.page.evaluate(
      (runOnly) =>
        (globalThis as unknown as { axe: { run: (options: object) => Promise<unknown> } }).axe.run({
          resultTypes: ['violations'],
          ...(runOnly ? { runOnly } : {}),
        }),
      rules,
    )) as AxeResults;
    return found.violations.map(
      ({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 160)).join(' | ')}`,
    );
  }

  /** And in the dim, where only the colours are others; those are the same on every width. */
  async function violationsLightAndDim(): Promise<Record<string, string[]>> {
    await light('light');
    const inTheLight = await violations();
    if (viewport !== DESK) return { inTheLight, inTheDim: [] };
    await light('dark');
    return { inTheLight, inTheDim: await violations(['color-contrast']) };
  }
  const NONE = { inTheLight: [], inTheDim: [] };

  it('finds nothing at the bench with a scale, and in its dialogs', async () => {
    const { identifier } = await person.page.evaluateOnNewDocument(() =>
      localStorage.setItem('vendicus-scale', '{"source":"stand-in"}'),
    );
    await person.goTo('/demo/block');
    await person.sees('Stand-in scale, 1 g');
    await person.page.evaluate(AXE);
    for (const open of [null, '.source', '.list']) {
      if (open) await person.page.locator(open).click();
      if (open) await person.page.waitForSelector('.p-dialog');
      expect({ open, ...(await violationsLightAndDim()) }).toEqual({ open, ...NONE });
      if (open) await person.press('Escape');
      if (open) await person.page.waitForFunction(() => document.querySelector('.p-dialog') === null);
    }
    await person.page.removeScriptToEvaluateOnNewDocument(identifier);
  });

  it.each(['/home/start', '/nothing/here', '/demo/counter'])('finds nothing at %s', async (path) => {
    await person.goTo(path);
    await person.page.evaluate(AXE);
    expect(await violationsLightAndDim()).toEqual(NONE);
  });

  it('nor with a piece that is asked about, and all of it unfolded', async () => {
    await choosePiece(person, 'Strip loin');
    await person.fill('Price for a kg', '18.95');
    await person.click('offer');
    await person.page.$$eval('summary', (all) => all.forEach((each) => (each as HTMLElement).click()));
    await person.sees('Prices ready cut');
    expect(await violationsLightAndDim()).toEqual(NONE);
  });

  it.each(demoPages().filter((path) => path !== '/demo/counter'))('and nothing at %s', async (path) => {
    await person.goOn(path);
    expect(await violationsLightAndDim()).toEqual(NONE);
  });
});
