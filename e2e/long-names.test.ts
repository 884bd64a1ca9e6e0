import type { BrowserContext } from 'puppeteer-core';
import { DESK, freshWindow, Person, PHONE } from './harness';
import { ADDRESS } from './journeys';
import { misfits } from './every-page/misfits';
import { pagesOf } from './pages';
import { livedIn } from './seeding/lived-in';

const LONG = 'Uninterrupted'.repeat(12);
const TURNED = '\u202eekaetS';

type Part = Record<string, unknown>;

/** A household in which every name that somebody gave has no space, and one turns its direction. */
function renamed(text: string): string {
  const file = JSON.parse(text) as {
    entries: Part[];
    records: { type: string; value: (Part & { eaters?: Part[] }) | null }[];
  };
  for (const [nth, entry] of file.entries.entries()) {
    if (typeof entry['name'] === 'string') entry['name'] = nth % 2 ? `${LONG}${nth}` : TURNED;
    if (typeof entry['shop'] === 'string') entry['shop'] = `${LONG}s`;
  }
  for (const { type, value } of file.records) {
    if (type === 'place' && value) value['name'] = `${LONG}p`.slice(0, 60);
    if (type === 'price' && value) value['shop'] = `${LONG}s`;
    if (value?.eaters)
      for (const [nth, eater] of value.eaters.entries()) eater['name'] = `${LONG.slice(0, 39)}${nth}`;
  }
  return JSON.stringify(file);
}

describe('names without a space', () => {
  let browser: BrowserContext;
  let person: Person;
  let pages: string[];
  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS, PHONE);
    const { text, device } = livedIn(await person.today());
    const whole = renamed(text);
    await person.holds({ text: whole, device });
    await person.goTo('/home/craft');
    const { entries } = JSON.parse(whole) as { entries: { type: string; lot: string }[] };
    const pieces = entries.filter(({ type }) => type === 'received').map(({ lot }) => lot);
    pages = pagesOf(pieces[0] ?? null, pieces.at(-1) ?? null).map((page) => `/home/${page}`);
  });
  afterAll(() => browser.close());

  it.each([PHONE, DESK])('wrap on every page, $width wide', async (size) => {
    await person.goOn('/home/craft');
    await person.page.setViewport(size);
    const wide: string[] = [];
    for (const page of pages) {
      await person.goOn(page);
      await person.page.evaluate(() => vendicusFinding.drawn());
      const width = await person.page.evaluate(() => document.documentElement.scrollWidth);
      if (width > size.width)
        wide.push(
          `${page}: ${width}: ${(await person.page.evaluate(misfits, size.width)).wide.slice(0, 3).join(' | ')}`,
        );
    }
    expect(wide).toEqual([]);
    expect(person.complaints).toEqual([]);
  });

  it('that turn their direction turn nothing but themselves', async () => {
    await person.goOn('/home/freezer');
    const text = await person.page.evaluate(() => document.body.textContent ?? '');
    const turned = text.split('\u202e').length - 1;
    expect(turned).toBeGreaterThan(0);
    expect(text.split('\u2068\u202e').length - 1).toBe(turned);
  });
});
