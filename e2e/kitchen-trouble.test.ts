import type { BrowserContext } from 'puppeteer-core';
import { comesTo, freshWindow, Person, PHONE } from './harness';
import { ADDRESS, begin, choosePiece, weigh } from './journeys';
import { story } from './story';

// What goes wrong at the board and at the table, in pounds and dollars: each is answered, and nothing is lost.
describe('trouble in the kitchen', () => {
  let browser: BrowserContext;
  let person: Person;

  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS);
    await begin(person, { currency: 'USD', system: 'imperial' });
  });
  afterAll(() => browser.close());

  const count = async (): Promise<number> => (await person.stored()).entries.length;

  story('questions, wrong weights, many pieces', {
    'Escape goes back from a question, also where a notice lies over it': async () => {
      await choosePiece(person, 'Whole chicken');
      await person.fill('Weight of all', '4 lb');
      await person.fill('Price for a lb', '1.29');
      await person.click('Leave it');
      await person.page.waitForSelector('.p-toast .notice');
      await choosePiece(person, 'Whole chicken');
      await person.fill('Weight of all', '40 lb');
      await person.fill('Price for a lb', '1.29');
      await person.page.locator('::-p-text(Buy it for)').click();
      await person.sees('40.00 lb is unusual for one whole chicken');
      await person.press('Escape');
      await person.page.waitForFunction(() => !document.body.innerText.includes('is unusual for one'));
      await person.page.locator('::-p-text(Buy it for)').click();
      await person.reads('40.00 lb is unusual for one whole chicken');
      await person.click('Buy 40.00 lb');
      await person.sees('this is the true start');
      await weigh(person, '39.5 lb');
      expect(await comesTo(count, (entries) => entries === 2)).toBe(2);
    },

    'nothing, a whole animal, and more than there is are no weights of a part': async () => {
      const before = await count();
      await weigh(person, '0 oz', 'Wings');
      await person.sees('A weight is more than zero.');
      await weigh(person, '88 lb');
      await person.sees('88 lb for 2 wings?');
      expect(await count()).toBe(before);
    },

    'three hundred small pieces are planned, and everything has a place': async () => {
      await person.page.locator('::-p-called([role="radio"]) ::-p-text(Wings)').click();
      await person.fill('how many', '300');
      await weigh(person, '30 lb');
      await person.sees('Wings × 300');
      await person.click('Wrap 1 to wrap', 'link');
      await person.sees('lie here to be wrapped');
      await person.clickOn('.end .act');
      await person.sees('Everything is on a tray', 30_000);
      const pieces = await person.page.$$eval('v-tray v-token', (all) => all.length);
      expect(pieces).toBe(300);
    },

    'a bag that takes more of a heap than there is says how much there is': async () => {
      await person.goOn('/home/block');
      await person.sees('Weighed 1');
      await weigh(person, '2 lb', 'Back with tail');
      await person.sees('Back with tail: 2.00 lb');
      await person.goOn('/home/wrap');
      await person.click('Plan again');
      await person.write('of the back', '9 lb');
      await person.sees('is the most.');
      expect(person.complaints).toEqual([]);
    },

    'fits a phone': async () => {
      await person.page.setViewport(PHONE);
      await person.reload();
      await person.reads('Back with tail');
      const [wide, screen] = await person.page.evaluate(() => [
        document.documentElement.scrollWidth,
        window.innerWidth,
      ]);
      expect(wide).toBeLessThanOrEqual(screen ?? 0);
    },
  });
});
