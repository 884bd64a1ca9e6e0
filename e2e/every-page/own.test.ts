import type { BrowserContext } from 'puppeteer-core';
import { writeFile } from '@core/exchange/write-file';
import { fullFreezers } from '../full-freezers';
import { DESK, freshWindow, Person } from '../harness';
import { ADDRESS, begin } from '../journeys';
import { pagesOf } from '../pages';
import { story } from '../story';
import { misfitsOf, type Size } from './fits';
import { misprints, PAPER } from './misprints';

const SIZES: readonly Size[] = [
  [320, 640],
  [390, 844],
  [820, 1180],
  [1280, 800],
  [1920, 1080],
];
const PAGES = pagesOf(null, null).map((page) => `/home/${page}`);

describe('every page of a household of one’s own', () => {
  let browser: BrowserContext;
  let person: Person;
  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS);
    await begin(person);
  });
  afterAll(() => browser.close());

  const says = (): Promise<string> => person.page.evaluate(() => document.body.innerHTML);
  /** What stood on each page of the empty one: what is the same is measured once. */
  const empty = new Map<string, string>();

  story('empty, and with 5,000 packs', {
    'with nothing in it, on screens and on paper': async () => {
      const found: string[] = [];
      for (const page of PAGES) {
        await person.goOn(page);
        await person.page.evaluate(() => vendicusFinding.drawn());
        empty.set(page, await says());
        await person.page.emulateMediaType('print');
        await person.page.setViewport(PAPER);
        found.push(...(await person.page.evaluate(misprints)).map((each) => `${page} on paper: ${each}`));
        await person.page.emulateMediaType('screen');
        found.push(...(await misfitsOf(person, page, SIZES)));
        await person.page.setViewport(DESK);
      }
      expect(found).toEqual([]);
      expect(person.complaints).toEqual([]);
    },

    'with 5,000 packs': async () => {
      await person.holds({ text: writeFile(fullFreezers(5000)), device: 'tablet' });
      await person.goTo('/home/counter');
      const found: string[] = [];
      for (const page of PAGES) {
        await person.goOn(page);
        await person.page.evaluate(() => vendicusFinding.drawn());
        if ((await says()) === empty.get(page)) continue;
        found.push(...(await misfitsOf(person, page, SIZES)));
        await person.page.setViewport(DESK);
      }
      expect(found).toEqual([]);
      expect(person.complaints).toEqual([]);
    },
  });
});
