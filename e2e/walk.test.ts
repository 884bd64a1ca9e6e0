import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { BrowserContext } from 'puppeteer-core';
import { writeFile } from '@core/exchange/write-file';
import { fullFreezers } from './full-freezers';
import { freshWindow, Person, profileFolder } from './harness';
import { ADDRESS, begin, mergeFile } from './journeys';
import { demoPages, pagesOf } from './pages';

const WIDTHS = [
  [320, 640],
  [390, 844],
  [820, 1180],
  [1280, 800],
  [1920, 1080],
] as const;

/** What opens on a page and may be wider than it: pressed by its selector. */
const OPENED: Readonly<Record<string, readonly string[]>> = {
  counter: [
    '.kind',
    '.offer',
    ...[1, 2, 3, 4].map((at) => `.folds v-fold:nth-of-type(${at}) summary`),
    'v-where-bought summary',
  ],
  freezer: ['button[aria-expanded=false] ::-p-text(Enter a pack)'],
  'freezer/week': ['.who', '::-p-text(When we eat)'],
  'freezer/places': ['::-p-text(Change)'],
};

/** What lies beyond the edge of the screen and cannot be scrolled to, and what is too small for a finger. */
function misfits(): { wide: string[]; small: string[] } {
  const name = (each: Element): string =>
    `${each.tagName.toLowerCase()}.${String(each.className)} “${(each.textContent ?? '').trim().slice(0, 30)}”`;
  const scrolls = (each: Element | null): boolean =>
    each !== null &&
    each !== document.body &&
    (getComputedStyle(each).overflowX !== 'visible' || scrolls(each.parentElement));
  const wide = [...document.querySelectorAll('main *, header *')].filter((each) => {
    const { right, left, width } = each.getBoundingClientRect();
    // Slips are there so that nothing has to be scrolled sideways.
    const areSlips = each.matches('.slips') && getComputedStyle(each).display === 'block';
    const isOff = right > innerWidth + 1 || left < -1;
    return width > 1 && isOff && (areSlips || !scrolls(each.parentElement));
  });
  const TARGETS =
    'button, summary, [role=combobox], [role=button], [role=radio], input:not([type=checkbox], [type=radio], [type=file]), a';
  const small =
    innerWidth > 390
      ? []
      : [...document.querySelectorAll(TARGETS)].filter((each) => {
          // A list of choices is one target, with its arrow.
          const { width, height } = (each.closest('.p-select') ?? each).getBoundingClientRect();
          const style = getComputedStyle(each);
          const isInText = each.tagName === 'A' && style.display === 'inline';
          const isHidden =
            width <= 1 || style.visibility === 'hidden' || each.closest('.visually-hidden, .skip');
          return !isHidden && !isInText && (height < 43.5 || width < 43.5);
        });
  const { scrollWidth } = document.documentElement;
  return {
    wide: [
      ...(scrollWidth > innerWidth ? [`the page is ${scrollWidth}`] : []),
      ...wide.map(name).slice(0, 4),
    ],
    small: small
      .map(
        (each) =>
          `${name(each)} ${Math.round(each.getBoundingClientRect().width)}×${Math.round(each.getBoundingClientRect().height)}`,
      )
      .slice(0, 8),
  };
}

describe('every page at every width', () => {
  let browser: BrowserContext;
  const profile = profileFolder();
  beforeAll(async () => {
    browser = await freshWindow();
  });
  afterAll(async () => {
    await browser.close();
    profile.remove();
  });

  /** All widths of the page as it is now. */
  async function fits(person: Person, what: string, found: string[]): Promise<void> {
    for (const [width, height] of WIDTHS) {
      await person.page.setViewport({ width, height });
      await person.page.evaluate(() => vendicusFinding.drawn());
      const { wide, small } = await person.page.evaluate(misfits);
      found.push(...wide.map((each) => `${what} at ${width}: off the screen: ${each}`));
      found.push(...small.map((each) => `${what} at ${width}: too small: ${each}`));
    }
  }

  async function walk(person: Person, pages: readonly string[]): Promise<void> {
    const found: string[] = [];
    for (const page of pages) {
      await person.goOn(page);
      await fits(person, page, found);
      for (const opened of OPENED[page.split('/').slice(2).join('/')] ?? []) {
        const button = await person.page.$(`main ${opened}`);
        if (!button) continue;
        await button.evaluate((each) => (each as unknown as HTMLElement).click());
        await fits(person, `${page}, ${opened}`, found);
      }
    }
    expect([...new Set(found)]).toEqual([]);
  }

  it('of the demo household', async () => {
    const person = await Person.at(browser, ADDRESS);
    await person.goTo('/demo/counter');
    await walk(person, demoPages());
  });

  it('of an empty one, and of one with 5,000 packs', async () => {
    const person = await Person.at(browser, ADDRESS);
    await begin(person);
    await walk(
      person,
      pagesOf(null, null).map((page) => `/home/${page}`),
    );
    await person.page.setViewport({ width: 1280, height: 800 });
    const file = join(profile.path, 'full.json');
    writeFileSync(file, writeFile(fullFreezers(5000)));
    await mergeFile(person, file, 60_000);
    await walk(
      person,
      pagesOf(null, null).map((page) => `/home/${page}`),
    );
  });
});
