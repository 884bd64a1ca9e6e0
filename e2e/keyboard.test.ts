import type { BrowserContext } from 'puppeteer-core';
import { freshWindow, Person } from './harness';
import { ADDRESS } from './journeys';
import { story } from './story';

// No mouse in this file: tab, arrows, space, enter and letters only.
describe('with the keyboard alone', () => {
  let browser: BrowserContext;
  let person: Person;

  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS);
    await person.goTo('/home/start');
  });
  afterAll(() => browser.close());

  /** Presses tab until what has the focus is called this. */
  async function tabTo(name: RegExp, key: 'Tab' | 'ArrowDown' = 'Tab'): Promise<void> {
    for (let presses = 0; presses < 120; presses++) {
      await person.press(key);
      if (name.test(await focused())) return;
    }
    throw new Error(`${name} cannot be reached. Focus: ${await focused()}`);
  }

  async function focused(): Promise<string> {
    return person.page.evaluate(() => {
      const at = document.activeElement as
        | (HTMLElement & { labels?: NodeListOf<HTMLLabelElement> | null })
        | null;
      const by = document.getElementById(at?.getAttribute('aria-labelledby') ?? '');
      return [by?.innerText, at?.getAttribute('aria-label'), at?.labels?.[0]?.innerText, at?.innerText]
        .filter(Boolean)
        .join(' ')
        .replace(/\s+/g, ' ');
    });
  }

  async function typeInto(name: RegExp, text: string): Promise<void> {
    await tabTo(name);
    await person.page.keyboard.down('Control');
    await person.press('a');
    await person.page.keyboard.up('Control');
    await person.type(text);
  }

  story('from the first question to the Books', {
    'sets up a household': async () => {
      await tabTo(/^Currency/);
      await person.press('Enter');
      await person.page.waitForSelector('.p-select-filter:focus');
      await person.type('euro');
      await person.page.waitForFunction(
        () => document.querySelectorAll('.p-select-overlay [role=option]').length === 1,
      );
      await person.press('ArrowDown');
      await person.press('Enter');
      await person.shows('Currency', 'EUR, Euro');
      await tabTo(/^(kilograms|pounds)/);
      await person.press('ArrowLeft');
      if (!(await focused()).startsWith('kilograms')) await person.press('ArrowLeft');
      await tabTo(/^Go on/);
      await person.press('Enter');
      await person.sees('Who eats here?');
      await typeInto(/^Name of eater 1/, 'Odile');
      await tabTo(/^Begin/);
      await person.press('Enter');
      await person.sees('Is it worth it?');
    },

    'enters a pack that was there before': async () => {
      await tabTo(/^Freezer/);
      await person.press('Enter');
      await person.sees('Nothing in the cold yet');
      await tabTo(/^Enter a pack/);
      await person.press('Enter');
      await typeInto(/^What is it/, 'Lamb shanks');
      await typeInto(/^Weight/, '1.2 kg');
      await typeInto(/^Plates, if known/, '4');
      await person.press('Enter');
      await person.sees('Lamb shanks is in');
    },

    'buys a strip loin': async () => {
      await person.reload();
      await person.sees('Lamb shanks');
      await tabTo(/^Counter/);
      await person.press('Enter');
      await person.sees('Is it worth it?');
      await typeInto(/^Search by any name/, 'strip loin');
      await person.press('Enter');
      await typeInto(/^Weight on the label/, '5 kg');
      await typeInto(/^Total/, '70');
      await tabTo(/^offer/);
      await person.press('Enter');
      await tabTo(/^Offer/);
      // Letter by letter as the list follows: it forgets a search in a quarter of a second.
      await person.press('Enter');
      await person.page.waitForSelector('.p-select-overlay [role=option]');
      await person.type('s');
      await person.page.waitForSelector('.p-select-overlay [data-p-focused=true] ::-p-text(save)');
      await person.press('Enter');
      await person.shows('Offer', 'save … on the total');
      await typeInto(/^Save how much/, '3.50');
      await person.sees('€66.50');
      await tabTo(/^Shop and date/);
      await person.press('Enter');
      await typeInto(/^Shop$/, 'Hollis Lane Farm');
      await tabTo(/^Buy it for/);
      await person.press('Enter');
      await person.sees('Drained weight');
    },

    'drains and weighs without leaving the weight field': async () => {
      await person.type('4.9 kg');
      await person.press('Enter');
      await person.sees('100 g of liquid');
      await person.type('150');
      await person.press('Enter');
      await person.sees('Connective strip, tail tip: 150 g');
      await person.type('700');
      await person.press('Enter');
      await person.sees('Fat cap: 700 g');
      await person.press('ArrowDown');
      await person.type('360');
      await person.press('Enter');
      await person.sees('Steaks: 360 g');
      await person.type('350');
      await person.press('Enter');
      await person.sees('Steaks: 350 g');
    },

    'undoes and redoes': async () => {
      const control = async (key: 'z' | 'Z'): Promise<void> => {
        await person.page.keyboard.down('Control');
        if (key === 'Z') await person.page.keyboard.down('Shift');
        await person.press(key);
        if (key === 'Z') await person.page.keyboard.up('Shift');
        await person.page.keyboard.up('Control');
      };
      await control('z');
      await person.sees('Undone: weighed steaks, 350 g');
      await control('Z');
      await person.sees('Done again');
      await person.sees('1.560 kg accounted for');
    },

    'closes once it is said what became of what is missing': async () => {
      await tabTo(/^Finish/);
      await person.press('Enter');
      await person.sees('has not been weighed');
      await tabTo(/^Finish/);
      await person.press('Enter');
      await person.sees('Choose one.');
      await tabTo(/^It is really lost/);
      await person.press('Space');
      await tabTo(/^In a word, where it went/);
      await person.type('the rest went into the soup');
      await tabTo(/^Finish/);
      await person.press('Enter');
      await person.sees('Strip loin closed.');
    },

    'wraps two steaks and eats them': async () => {
      await person.sees('lie here to be wrapped');
      await tabTo(/^Steak 360 g/);
      await person.press('Space');
      await tabTo(/^Steak 350 g/);
      await person.press('Space');
      await tabTo(/^New tray with what is in the hand/);
      await person.press('Enter');
      await tabTo(/^Freeze \d/);
      await person.press('Enter');
      await person.sees('2 steaks wrapped');
      await person.sees('Which packs');
      await person.reload();
      await person.sees('Which packs');
      await tabTo(/^Freezer/);
      await person.press('Enter');
      await person.sees('Pack, oldest first');
      await tabTo(/^2 steaks/);
      await person.press('Enter');
      await person.page.waitForSelector('v-pack-card h2 ::-p-text(2 steaks)');
      await tabTo(/^Eat it all/);
      await person.press('Enter');
      await person.sees('2 steaks eaten');
      await tabTo(/^Undo/);
      await person.press('Enter');
      await person.sees('Undone: 2 steaks eaten');
    },

    'reads the Books and a guide': async () => {
      await person.reload();
      await person.sees('2 packs');
      await tabTo(/^Books/);
      await person.press('Enter');
      await person.sees('Usable kg');
      await tabTo(/^Strip loin/);
      await person.press('Enter');
      await person.sees('Where the mass went');
      await person.reload();
      await person.sees('Where the mass went');
      await tabTo(/^Craft/);
      await person.press('Enter');
      await person.sees('How each piece is cut');
      await tabTo(/^Beef tenderloin|Beef tenderloin/);
      await person.press('Enter');
      await person.sees('Print one sheet, all ways');
    },
  });
});
