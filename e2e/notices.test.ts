import type { BrowserContext } from 'puppeteer-core';
import { DESK, freshWindow, Person, PHONE } from './harness';
import { ADDRESS, choosePack, movesIn } from './journeys';
import { story } from './story';

const TABLET: typeof DESK = { ...DESK, width: 820, height: 1180 };

// Whether it covers what changed, or the next deed, every page of every test complains of.
describe.each([PHONE, TABLET, DESK])('what is said after a deed, $width wide', (size) => {
  let browser: BrowserContext;
  let person: Person;
  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS, size);
    await movesIn(person);
    await person.goTo('/home/freezer');
  });
  afterAll(() => browser.close());

  /** It stands on the screen, and is looked at. */
  async function isSaid(text: string): Promise<void> {
    await person.page.waitForFunction(
      (text) => document.querySelector('.notice[data-looked-at]')?.textContent?.includes(text),
      { polling: 50 },
      text,
    );
    const { left, right, top, bottom } = await person.page.$eval('.notice', (each) => {
      const { left, right, top, bottom } = each.getBoundingClientRect();
      return { left, right, top, bottom };
    });
    expect([left >= 0, right <= size.width, top >= 0, bottom <= size.height]).not.toContain(false);
  }

  story('stands where it is seen and covers nothing', {
    'at a pack that is kept for something': async () => {
      await choosePack(person, '5 steaks');
      await person.fill('Keep it for', 'guests');
      await person.click('Keep it');
      await isSaid('guests');
    },

    'at a pack that was eaten; Escape closes it': async () => {
      await choosePack(person, 'Chain');
      await person.click('Eat it all, from frozen');
      await isSaid('eaten');
      await person.press('Escape');
      await person.page.waitForFunction(() => !document.querySelector('.notice'));
    },

    'at the days that were proposed, and its Undo says so there': async () => {
      await person.goOn('/home/freezer/week');
      await person.clickOn('main .act');
      await isSaid('proposed');
      await person.clickOn('.notice .does');
      await isSaid('Undone');
    },

    'at a price that is noted': async () => {
      await person.goOn('/home/counter/prices');
      await person.page.waitForSelector('v-price-form');
      await person.choose('Item', 'Strip steak');
      await person.fill('Price', '21.90');
      await person.fill('Shop', 'Corner Stall', 'combobox');
      await person.press('Escape');
      await person.click('Write it down');
      await isSaid('Strip steak');
    },

    'and none stays for longer than eight seconds': async () => {
      await person.page.waitForFunction(() => !document.querySelector('.notice'), { timeout: 12_000 });
      expect(person.complaints).toEqual([]);
    },
  });
});
