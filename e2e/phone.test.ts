import type { BrowserContext } from 'puppeteer-core';
import { freshWindow, Person, PHONE } from './harness';
import { ADDRESS } from './journeys';
import { Thumb } from './thumb';
import { story } from './story';

// A whole evening with a phone beside the board: fingers and the phone's own keyboard, no mouse and no keys.
describe('a household on a phone', () => {
  let browser: BrowserContext;
  let person: Person;
  let thumb: Thumb;

  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS, PHONE);
    thumb = new Thumb(person);
  });
  afterAll(() => browser.close());

  story('from the first question to a power cut', {
    'begins, and asks at the Counter': async () => {
      await person.goTo('/home/start');
      await thumb.fits();
      await thumb.touch('::-p-called([name="Currency"][role="combobox"])');
      await person.page.waitForSelector('.p-select-filter:focus');
      await person.type('euro');
      await thumb.touch('[role=option] ::-p-text(EUR)');
      await thumb.tap('kilograms');
      await thumb.tap('Go on');
      await person.sees('Who eats here?');
      await thumb.fits();
      await thumb.write('::-p-called([name="Name of eater 1"])', 'Odile');
      await thumb.tap('Begin');
      await person.sees('Is it worth it?');
      await thumb.fits();
      await thumb.write('::-p-called([name="Search by any name"])', 'lamb leg');
      await thumb.touch('.kind ::-p-text(Lamb leg)');
      await thumb.write('::-p-called([name="Price for a kg"][role="textbox"])', '13.90');
      await thumb.write('::-p-called([name="Weight on the label"])', '2.4');
      await person.sees('Open');
      await person.sees('Comes out ahead if lamb leg, boneless costs over €');
      expect(await person.text()).not.toContain('even €0.00');
      await thumb.fits();
    },

    'buys it, drains it and weighs what comes off': async () => {
      await thumb.touch('::-p-text(Buy it for)');
      await person.sees('this is the true start');
      await thumb.fits();
      await thumb.write('input.num', '23.5');
      await thumb.touch('.take');
      await person.sees('more than');
      await thumb.write('input.num', '2.35');
      await thumb.touch('.take');
      await person.sees('Drained:');
      await person.reload();
      await person.sees('On the board 2.350 kg');
      for (const [part, weight] of [
        ['Shank, bone-in', '330'],
        ['Bones', '310'],
        ['Fat, gristle, gland', '190'],
      ] as const) {
        await thumb.touch(`::-p-called([role="radio"]) ::-p-text(${part})`);
        await thumb.write('input.num', weight);
        await thumb.touch('.take');
        await person.sees(`${part}: ${weight} g`);
      }
      await thumb.touch('.rest');
      await person.sees('Before you finish');
      await thumb.fits();
      await thumb.touch('v-end-check .act');
      await person.sees('lie here to be wrapped');
    },

    'wraps it and puts it in the freezer': async () => {
      await thumb.fits();
      await thumb.touch('v-token ::-p-text(Boneless leg)');
      await thumb.tap('New tray with what is in the hand');
      await thumb.touch('v-tray summary');
      await thumb.write('::-p-called([name="Plates of tray 1"])', '6');
      await thumb.fits();
      await thumb.touch('.end .act');
      await person.sees('wrapped, in');
    },

    'finds it, lets it thaw, eats two plates of it, and undoes that': async () => {
      await thumb.touch('nav ::-p-text(Freezer)');
      await person.sees('6 plates');
      await person.sees('Dinners left');
      await thumb.fits();
      await thumb.touch('tbody ::-p-text(Boneless leg)');
      await person.sees('hard about');
      await thumb.fits();
      await thumb.tap('Take out before it is hard');
      await person.sees('is in Refrigerator');
      await thumb.write('::-p-called([name="Plates to eat"])', '2');
      await thumb.tap('Eat plates');
      await person.sees('4 plates');
      await thumb.tap('Undo');
      await person.sees('6 plates');
      await thumb.fits();
    },

    'reads what holds when the power is out': async () => {
      await person.goOn('/home/freezer/power');
      await person.sees('The power is out');
      await person.page.waitForSelector('.holds td');
      await thumb.fits();
      // No column lies off the screen.
      const right = await person.page.$$eval('.holds td, .holds td *', (all) =>
        Math.max(...all.map((each) => each.getBoundingClientRect().right)),
      );
      expect(right).toBeLessThanOrEqual(390);
    },
  });
});
