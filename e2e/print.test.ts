import type { BrowserContext } from 'puppeteer-core';
import { freshWindow, Person } from './harness';
import { ADDRESS, begin, choosePiece } from './journeys';
import { demoPages, pagesOf } from './pages';

/** A4 with the margins that a browser leaves. */
const PAPER = { width: 718, height: 1017 };

/** What does not belong on paper: what is pressed or typed into, what lies beyond the edge, a box with nothing in it. */
function misprints(): string[] {
  const name = (each: Element): string =>
    `${each.tagName.toLowerCase()}.${String(each.className)} “${(each.textContent ?? '').trim().slice(0, 40)}”`;
  const isSeen = (each: Element): boolean => {
    const { width, height } = each.getBoundingClientRect();
    return width > 1 && height > 1 && each.checkVisibility({ visibilityProperty: true });
  };
  const all = [...document.querySelectorAll('body *')].filter(isSeen);
  const pressed = all.filter((each) =>
    each.matches('.act, .quiet, .p-button, .p-select-dropdown, input[type=file], nav a'),
  );
  const wide = all.filter((each) => {
    const { right, left } = each.getBoundingClientRect();
    return right > innerWidth + 1 || left < -1;
  });
  const empty = all.filter((each) => {
    const { borderTopWidth, borderLeftWidth, borderTopStyle } = getComputedStyle(each);
    const isBox =
      parseFloat(borderTopWidth) > 0 && parseFloat(borderLeftWidth) > 0 && borderTopStyle !== 'none';
    // A gauge may stand at nothing.
    const holds = 'svg, canvas, img, input, .p-checkbox';
    const isMark = each.closest('svg, .p-checkbox, .bar, i') !== null || each.querySelector(holds) !== null;
    return isBox && !isMark && (each.textContent ?? '').trim() === '' && !each.matches('input, canvas, img');
  });
  const headless = [...document.querySelectorAll('thead tr')].filter(
    (each) => each.checkVisibility() && !(each as HTMLElement).innerText.trim(),
  );
  // Ink on paper, also where the screen is dim.
  const head = document.querySelector('h1');
  const [, r = 0, g = 0, b = 0] = /(\d+), (\d+), (\d+)/.exec(head ? getComputedStyle(head).color : '') ?? [];
  const pale = Number(r) + Number(g) + Number(b) > 240 ? ['the heading is pale'] : [];
  return [
    ...pressed.map((each) => `to press: ${name(each)}`),
    ...wide.slice(0, 3).map((each) => `cut: ${name(each)}`),
    ...headless.map((each) => `a table without heads: ${name(each)}`),
    ...empty.map((each) => `empty: ${name(each)}`),
    ...(document.querySelector('main')?.innerText.trim() ? [] : ['a blank sheet']),
    ...pale,
  ].slice(0, 6);
}

describe('every page on paper', () => {
  let browser: BrowserContext;
  beforeAll(async () => {
    browser = await freshWindow();
  });
  afterAll(() => browser.close());

  async function prints(person: Person, pages: readonly string[]): Promise<void> {
    await person.page.emulateMediaType('print');
    await person.page.setViewport(PAPER);
    const found: Record<string, string[]> = {};
    for (const page of pages) {
      await person.goOn(page);
      const wrong = await person.page.evaluate(misprints);
      if (wrong.length > 0) found[page] = wrong;
    }
    expect(found).toEqual({});
  }

  it('of the demo household, read in the dim', async () => {
    const person = await Person.at(browser, ADDRESS);
    await person.page.emulateMediaFeatures([{ name: 'prefers-color-scheme', value: 'dark' }]);
    await person.goTo('/demo/counter');
    await choosePiece(person, 'Strip loin');
    await person.fill('Price for a kg', '15.45');
    await person.fill('Weight on the label', '5.320 kg');
    await prints(person, demoPages());
  });

  it('of an empty one', async () => {
    const person = await Person.at(browser, ADDRESS);
    await begin(person);
    await prints(
      person,
      pagesOf(null, null).map((page) => `/home/${page}`),
    );
  });
});
