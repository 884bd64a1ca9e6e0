import type { BrowserContext } from 'puppeteer-core';
import { freshWindow, Person, PHONE } from './harness';
import { ADDRESS } from './journeys';
import { story } from './story';

// A whole evening with a phone beside the board: fingers and the phone's own keyboard, no mouse and no keys.
describe('a household on a phone', () => {
  let browser: BrowserContext;
  let person: Person;

  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS, PHONE);
  });
  afterAll(() => browser.close());

  /** Taps what has this role and this visible name; scrolled to, clear of the bars, as a thumb does. */
  async function tap(name: string, role = 'button'): Promise<void> {
    await touch(`::-p-called([name="${name}"][role="${role}"])`);
  }
  async function touch(selector: string): Promise<void> {
    await person.acts();
    const element = await person.page.waitForSelector(selector);
    await element!.evaluate((each) => each.scrollIntoView({ block: 'center' }));
    await element!.tap();
  }
  /** Taps a field, marks what stands there, and types. */
  async function write(selector: string, text: string): Promise<void> {
    await touch(selector);
    await person.page.$eval(selector, (field) => (field as unknown as HTMLInputElement).select());
    await person.type(text);
  }
  /** Nothing is wider than the phone. */
  async function fits(): Promise<void> {
    expect([
      person.page.url(),
      await person.page.evaluate(() => document.documentElement.scrollWidth),
    ]).toEqual([person.page.url(), 390]);
  }

  story('from the first question to a power cut', {
    'begins, and asks at the Counter': async () => {
      await person.goTo('/home/start');
      await fits();
      await touch('::-p-called([name="Currency"][role="combobox"])');
      await person.page.waitForSelector('.p-select-filter:focus');
      await person.type('euro');
      await touch('[role=option] ::-p-text(EUR)');
      await tap('kilograms');
      await tap('Go on');
      await person.sees('Who eats here?');
      await fits();
      await write('::-p-called([name="Name of eater 1"])', 'Odile');
      await tap('Begin');
      await person.sees('Is it worth it?');
      await fits();
      await write('::-p-called([name="Search by any name"])', 'lamb leg');
      await touch('.kind ::-p-text(Lamb leg)');
      await write('::-p-called([name="Price for a kg"][role="textbox"])', '13.90');
      await write('::-p-called([name="Weight on the label"])', '2.4');
      await person.sees('Open');
      await person.sees('Comes out ahead if lamb leg, boneless costs over €');
      expect(await person.text()).not.toContain('even €0.00');
      await fits();
    },

    'buys it, drains it and weighs what comes off': async () => {
      await touch('::-p-text(Buy it for)');
      await person.sees('this is the true start');
      await fits();
      await write('input.num', '23.5');
      await touch('.take');
      await person.sees('more than');
      await write('input.num', '2.35');
      await touch('.take');
      await person.sees('Drained:');
      await person.reload();
      await person.sees('On the board 2.350 kg');
      for (const [part, weight] of [
        ['Shank, bone-in', '330'],
        ['Bones', '310'],
        ['Fat, gristle, gland', '190'],
      ] as const) {
        await touch(`::-p-called([role="radio"]) ::-p-text(${part})`);
        await write('input.num', weight);
        await touch('.take');
        await person.sees(`${part}: ${weight} g`);
      }
      await touch('.rest');
      await person.sees('Before you close it');
      await fits();
      await tap('Close it');
      await person.sees('lie here to be wrapped');
    },

    'wraps it and puts it in the freezer': async () => {
      await fits();
      await touch('v-token ::-p-text(Boneless leg)');
      await tap('New tray with what is in the hand');
      await touch('v-tray summary');
      await write('::-p-called([name="Plates of tray 1"])', '6');
      await fits();
      await touch('.end .act');
      await person.sees('wrapped, in');
    },

    'finds it, lets it thaw, eats two plates of it, and undoes that': async () => {
      await touch('nav ::-p-text(Freezer)');
      await person.sees('6 plates');
      await person.sees('Dinners left');
      await fits();
      await touch('tbody ::-p-text(Boneless leg)');
      await person.sees('hard about');
      await fits();
      await tap('Take out before it is hard');
      await person.sees('is in Refrigerator');
      await write('::-p-called([name="Plates to eat"])', '2');
      await tap('Eat plates');
      await person.sees('4 plates');
      await tap('Undo');
      await person.sees('6 plates');
      await fits();
    },

    'reads what holds when the power is out': async () => {
      await person.goOn('/home/freezer/power');
      await person.sees('The power is out');
      await person.page.waitForSelector('.holds td');
      await fits();
      // No column lies off the screen.
      const right = await person.page.$$eval('.holds td, .holds td *', (all) =>
        Math.max(...all.map((each) => each.getBoundingClientRect().right)),
      );
      expect(right).toBeLessThanOrEqual(390);
    },
  });
});
