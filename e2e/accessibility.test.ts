import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { AxeResults } from 'axe-core';
import type { Browser } from 'puppeteer-core';
import { DESK, launch, Person, PHONE } from './harness';
import { ADDRESS } from './journeys';

const AXE = readFileSync(createRequire(__filename).resolve('axe-core/axe.min.js'), 'utf8');
/** The first piece of the demo household, or its last: the one in work. */
function aPiece(which: 'first' | 'last' = 'first'): string {
  const { entries } = JSON.parse(readFileSync('demo/household.json', 'utf8')) as {
    entries: { type: string; lot: string }[];
  };
  const pieces = entries.filter(({ type }) => type === 'received');
  return pieces.at(which === 'first' ? 0 : -1)?.lot ?? '';
}

const PATHS = [
  '/demo/counter',
  '/demo/counter/candidates',
  '/demo/counter/prices',
  '/demo/counter/lists',
  '/demo/block',
  `/demo/block/${aPiece('last')}/slices`,
  '/demo/wrap',
  '/demo/wrap/labels',
  '/demo/wrap/scan',
  '/demo/freezer',
  '/demo/freezer/week',
  '/demo/freezer/batch',
  '/demo/freezer/buy',
  '/demo/freezer/places',
  '/demo/freezer/tonight',
  '/demo/freezer/count',
  '/demo/freezer/power',
  '/demo/books',
  `/demo/books/${aPiece()}`,
  '/demo/books/trends',
  '/demo/books/household',
  '/demo/craft',
  '/demo/craft/lamb-leg',
  '/demo/craft/words',
  '/demo/craft/knives',
  '/demo/craft/thickness',
  '/demo/craft/safety',
  '/demo/craft/own/new?from=lamb-rack',
  '/home/start',
];

describe.each([
  ['on a desk, light', DESK, 'light'],
  ['on a desk, dim', DESK, 'dark'],
  ['on a phone', PHONE, 'light'],
])('axe %s', (_name, viewport, scheme) => {
  let browser: Browser;
  let person: Person;
  beforeAll(async () => {
    browser = await launch();
    person = await Person.at(browser, ADDRESS, viewport as typeof DESK);
    await person.page.emulateMediaFeatures([
      { name: 'prefers-color-scheme', value: scheme },
      { name: 'prefers-reduced-motion', value: 'reduce' },
    ]);
  });
  afterAll(() => browser.close());

  it('finds nothing at the bench with a scale, and in its dialogs', async () => {
    const { identifier } = await person.page.evaluateOnNewDocument(() =>
      localStorage.setItem('vendicus-scale', '{"source":"stand-in"}'),
    );
    await person.goTo('/demo/block');
    await person.sees('Stand-in scale, 1 g');
    for (const open of [null, '.source', '.list']) {
      if (open) await person.page.locator(open).click();
      if (open) await person.page.waitForSelector('.p-dialog');
      await person.page.evaluate(AXE);
      const { violations } = (await person.page.evaluate(() =>
        (globalThis as unknown as { axe: { run: (options: object) => Promise<unknown> } }).axe.run({
          resultTypes: ['violations'],
        }),
      )) as AxeResults;
      expect(
        violations.map(
          ({ id, nodes }) => `${open}: ${id}: ${nodes.map(({ html }) => html.slice(0, 160)).join(' | ')}`,
        ),
      ).toEqual([]);
      if (open) await person.press('Escape');
      if (open) await person.page.waitForFunction(() => document.querySelector('.p-dialog') === null);
    }
    await person.page.removeScriptToEvaluateOnNewDocument(identifier);
  });

  it.each(PATHS)('finds nothing at %s', async (path) => {
    await person.goTo(path);
    await person.page.evaluate(AXE);
    // In the dim only the colours are others.
    const { violations } = (await person.page.evaluate(
      (isDim) =>
        (globalThis as unknown as { axe: { run: (options: object) => Promise<unknown> } }).axe.run({
          resultTypes: ['violations'],
          ...(isDim ? { runOnly: ['color-contrast'] } : {}),
        }),
      scheme === 'dark',
    )) as AxeResults;
    expect(
      violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 160)).join(' | ')}`),
    ).toEqual([]);
  });
});
