import type { BrowserContext } from 'puppeteer-core';
import { today } from './clock';
import { freshWindow, Person } from './harness';
import { ADDRESS, begin, buy, movesIn } from './journeys';
import { story } from './story';

// A freezer of 5 L, a warm one, a sealed piece that waits; and the week in which the clocks change.
describe('an awkward freezer', () => {
  let browser: BrowserContext;
  let person: Person;

  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS);
    await begin(person);
    await person.goOn('/home/freezer');
  });
  afterAll(() => browser.close());

  const enter = async (name: string, weight: string): Promise<void> => {
    await person.click('Packs', 'link');
    await person.click('Enter a pack');
    await person.fill('What is it', name);
    await person.fill('Weight', weight);
    await person.choose('Animal', 'beef');
    await person.choose('It', 'bought ready cut');
    await person.write('Bought on', today());
    await person.choose('Lies in', 'no place yet');
    await person.click('Put it in');
    await person.sees(`${name} is in`);
  };
  const change = async (field: string, text: string, answer: string): Promise<void> => {
    await person.toPage('Places');
    await person.page.locator('section ::-p-text(Change)').click();
    await person.fill(field, text);
    await person.click('Save');
    await person.click(answer);
    await person.sees('Freezer is saved');
  };

  story('of no size, of 5 L, and warm', {
    'of unknown size: nothing is claimed about what fits, and it says where to say it': async () => {
      await person.goOn('/home/freezer');
      await enter('Steaks', '500 g');
      await person.toPage('New batch');
      await person.sees('Nobody has said how large it is');
      await person.click('Say it under Places', 'link');
      await person.sees('size unknown');
    },

    'of 5 L: one pack a day, the other waits in the refrigerator, and both go where they were said to':
      async () => {
        await change('Litres in all', '5', 'Save this size');
        await enter('Chops', '400 g');
        await person.toPage('New batch');
        await person.sees('2 packs, 900 g, in no freezer yet');
        await person.sees('waits in the refrigerator until then');
        await person.sees('Freezes well in a day 200 g');
        await person.click('Put away like this');
        await person.sees('1 pack is in the freezer');
        await person.sees('1 pack, 400 g, in no freezer yet');
        await person.click('Packs', 'link');
        await person.sees('fresh');
        expect(
          await person.page.$$eval('tbody tr', (rows) =>
            rows.map((row) => (row as unknown as HTMLElement).innerText.includes('Refrigerator')),
          ),
        ).toEqual([true, false]);
      },

    'with air in which nothing freezes: a sentence, and no hours': async () => {
      await change('Its air, °C', '−1', 'Save it all the same');
      await person.toPage('New batch');
      await person.sees('Air of −1 °C does not freeze it');
      expect(await person.text()).not.toContain('Infinity');
      await person.toPage('Places');
      await person.page.locator('section ::-p-text(Change)').click();
      await person.fill('Its air, °C', '−18');
      await person.click('Save');
      await person.sees('−18 °C');
    },
  });

  it('a sealed piece waits with the date on its label, and lies where it lies', async () => {
    await buy(person, 'Strip loin', '5.250 kg', '15.00');
    const useBy = today(20);
    await person.page.$$eval('nav a', (links) =>
      (links.find((link) => link.textContent?.includes('Freezer')) as unknown as HTMLElement).click(),
    );
    await person.sees('Waits to be cut');
    // Nobody has said how it lay: the published days count, and it says so.
    await person.sees('nobody said that it came in its packer’s sealed bag');
    await person.choose('came in', 'sealed bag');
    await person.sees('Strip loin: in its sealed bag');
    await person.sees('open or freeze it from');
    await person.sees('last day');
    await person.choose('Date on its label, Strip loin', 'use by');
    await person.fill('The date of Strip loin', useBy);
    await person.press('Tab');
    await person.sees('on its label');
    await person.sees('Unopened: the use-by date on its label.');
    await person.choose('lies in', 'Refrigerator');
    await person.sees('Strip loin is in Refrigerator');
    await person.page.waitForFunction(() =>
      [...document.querySelectorAll('tbody tr')].some((row) => row.textContent?.includes('Strip loin')),
    );
    await person.click('Undo');
    await person.sees('Undone: Strip loin is in Refrigerator');
    expect(person.complaints).toEqual([]);
  });
});

describe('the week in which the clocks go forward', () => {
  it('a pack for Sunday leaves the freezer 24 true hours before: an hour earlier on the wall', async () => {
    const browser = await freshWindow();
    const person = await Person.at(browser, ADDRESS);
    await person.page.emulateTimezone('Europe/Paris');
    await person.setClock(Date.parse('2026-03-27T09:00:00Z'));
    await movesIn(person);
    await person.goTo('/home/freezer/week');
    await person.sees('Fri 27 Mar to Thu 2 Apr');
    await person.page.$eval('aside li button', (each) => (each as unknown as HTMLElement).focus());
    await person.press('3');
    await person.page.waitForFunction(() =>
      /out by Sat 28 Mar 16:45/.test(
        (document.querySelectorAll('v-day-card')[2] as HTMLElement).innerText.replace(/\s+/g, ' '),
      ),
    );
    expect(person.complaints).toEqual([]);
    await browser.close();
  });
});
