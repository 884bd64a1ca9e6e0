import type { BrowserContext } from 'puppeteer-core';
import { freshWindow, Person } from './harness';
import { ADDRESS, begin } from './journeys';
import { story } from './story';

// Scales, cameras, printers and lists that are not there: in the demo, told apart there, and never at home.
describe('what is practised with', () => {
  let browser: BrowserContext;
  let person: Person;
  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS);
  });
  afterAll(() => browser.close());

  story('in the demo, and then at home', {
    'is offered in the demo, and what it weighs is told apart in the Books': async () => {
      person.household = 'demo';
      await begin(person, {}, { kind: 'Strip loin', weight: '5.250 kg', price: '15.00' });
      await person.hurry(3);
      await person.reload();
      await person.click('Scale');
      await person.page.locator('::-p-text(Practice scale)').click();
      await person.press('Escape');
      await person.page.waitForFunction(() => !document.querySelector('.p-dialog'));
      await person.reads('Practice scale, 1 g');
      await person.press('m');
      await person.page.waitForSelector('.take:not([aria-disabled])');
      await person.press('Space');
      await person.page.waitForSelector('v-part-row');
      const drained = (await person.stored()).entries.find(({ entry }) => entry.type === 'drained');
      expect(drained?.entry).toMatchObject({ practice: 'scale' });
      await person.goOn('/demo/books');
      await person.click('Strip loin', 'link');
      await person.reads('For practice: one weight from the practice scale.');
    },

    'does not stay chosen at home, and is offered in no corner of it': async () => {
      person.household = 'home';
      await begin(person, {}, { kind: 'Strip loin', weight: '5.250 kg', price: '15.00' });
      await person.reads('typed ▾');
      await person.click('Scale');
      await person.reads('Scale by USB');
      expect(await person.text()).not.toContain('Practice scale');
      await person.page.locator('::-p-text(Heard through the server)').click();
      await person.press('Escape');
      await person.page.waitForFunction(() => !document.querySelector('.p-dialog'));
      await person.reads('The server has no scale yet, only one for practice.');
      await person.goOn('/home/counter');
      await person.click('sticker');
      await person.reads('Digits under the bars');
      expect(await person.text()).not.toContain('Practice camera');
      await person.goOn('/home/wrap/scan');
      expect(await person.text()).not.toContain('Practice camera');
      await person.goOn('/home/wrap/labels');
      expect(await person.text()).not.toContain('No label printer?');
      await person.goOn('/home/counter/lists');
      await person.fill('Or where it lies on your own server', '/shops/lists.json');
      await person.press('Enter');
      await person.reads('/shops/lists.json is a list for practice');
      expect(person.complaints).toEqual([]);
    },
  });
});
