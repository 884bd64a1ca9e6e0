import type { BrowserContext } from 'puppeteer-core';
import { today } from './clock';
import { freshWindow, Person } from './harness';
import { ADDRESS, answerHowToCount, unfold, weigh, finish, inOnePiece } from './journeys';
import { story } from './story';

/** How a household writes what it types, and what it must read then. */
interface Style {
  readonly system: 'metric' | 'imperial';
  readonly decimal: '.' | ',';
  readonly currency: string;
  readonly plate: string;
  readonly volume: string;
  readonly air: string;
  readonly pack: string;
  readonly paid: string;
  readonly weight: string;
  readonly price: string;
  readonly total: string;
  readonly fillet: string;
  readonly drained: string;
  readonly cuts: readonly (readonly [part: string, weight: string, shown: string])[];
  readonly bag: string;
  /** A price of the price book, as typed and as shown. */
  readonly noted: readonly [typed: string, shown: string];
  readonly corrected: readonly [typed: string, shown: string];
  readonly heavy: string;
  readonly light: string;
  /** Lengths of a thick and of a thin zone, the second of them as it is shown. */
  readonly thick: string;
  readonly thin: string;
  readonly grid: string;
}

const EUROS: Style = {
  system: 'metric',
  decimal: ',',
  currency: 'EUR',
  plate: '180 g',
  volume: '102,5 L',
  air: '−20',
  pack: '1,2 kg',
  paid: '14,50',
  weight: '2,600',
  price: '27,95',
  total: '€72,67',
  fillet: '58,90',
  drained: '2,550',
  cuts: [
    ['Chain', '310', '310 g'],
    ['Fat', '150', '150 g'],
    ['Head', '410', '410 g'],
    ['Silver skin', '125', '125 g'],
    ['Tail', '155', '155 g'],
    ['Centre', '1,4 kg', '1,400 kg'],
  ],
  bag: '0,25',
  noted: ['24,90', '€24,90/kg'],
  corrected: ['23,50', '€23,50/kg'],
  heavy: '5,4',
  light: '4,1',
  thick: '5,6 cm',
  thin: '28',
  grid: '60',
};
const DOLLARS: Style = {
  system: 'imperial',
  decimal: '.',
  currency: 'USD',
  plate: '6.5 oz',
  volume: '7 cu ft',
  air: '−4',
  pack: '2 lb 8 oz',
  paid: '14.50',
  // Two stickers; 9.7 lb × 11.99 = 116.303.
  weight: '4.6 + 5.1',
  price: '11.99',
  total: '$116.30',
  fillet: '26.50',
  drained: '9.5',
  cuts: [
    ['Chain', '1 lb 2 oz', '1.13 lb'],
    ['Fat', '9', '9.0 oz'],
    ['Head', '1 lb 8 oz', '1.50 lb'],
    ['Silver skin', '7.5 oz', '7.5 oz'],
    ['Tail', '9 oz', '9.0 oz'],
    ['Centre', '5 lb 4 oz', '5.25 lb'],
  ],
  bag: '0.25',
  noted: ['11.30', '$11.30/lb'],
  corrected: ['10.70', '$10.70/lb'],
  heavy: '11.9',
  light: '9.1',
  thick: '2 1/4 in',
  thin: '1 1/8',
  grid: '2 1/2 in',
};
const YEN: Style = {
  ...EUROS,
  decimal: '.',
  currency: 'JPY',
  volume: '102.5 L',
  pack: '1.2 kg',
  paid: '1450',
  weight: '2.600',
  price: '2795',
  total: '¥7,267',
  fillet: '5890',
  drained: '2.550',
  cuts: EUROS.cuts.map(([part, weight, shown]) => [part, weight.replace(',', '.'), shown.replace(',', '.')]),
  bag: '25',
  noted: ['2490', '¥2,490/kg'],
  corrected: ['2350', '¥2,350/kg'],
  heavy: '5.4',
  light: '4.1',
  thick: '5.6 cm',
  thin: '28',
  grid: '60',
};

/** Shows the card of the first pack of such a name. */
async function choose(person: Person, name: string): Promise<void> {
  await person.page.waitForFunction(
    (wanted) => {
      const row = [...document.querySelectorAll('tbody tr')].find((each) =>
        each.textContent?.includes(wanted),
      );
      (row as HTMLElement | undefined)?.click();
      return row !== undefined;
    },
    {},
    name,
  );
}

// A household of one's own, from the empty first page to the Books, every form filled in by typing; never the demo.
describe.each([
  ['kilograms, comma and euros', EUROS],
  ['pounds, point and dollars', DOLLARS],
  ['kilograms, point and yen', YEN],
])('a household in %s', (_name, style) => {
  let browser: BrowserContext;
  let person: Person;

  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS);
  });
  afterAll(() => browser.close());

  story('from the empty page to the Books', {
    'begins with its units, its currency and who eats': async () => {
      await answerHowToCount(person, style);
      await person.fill('Name of eater 1', 'Odile');
      await person.fill('Plate of eater 1', style.plate);
      await person.click('Add someone');
      await person.fill('Name of eater 2', 'Bram');
      await person.fill('Plate of eater 2', style.plate);
      await person.click('Begin');
      await person.sees('Is it worth it?');
      await person.reload();
      await person.sees('Is it worth it?');
    },

    'has a freezer with a drawer, and a shelf moved up': async () => {
      await person.goOn('/home/freezer');
      await person.toPage('Places');
      await person.click('Add a freezer or refrigerator');
      await person.fill('Called', 'Garage');
      await person.fill(style.system === 'metric' ? 'Litres in all' : 'Cubic feet in all', style.volume);
      await person.fill(style.system === 'metric' ? 'Its air, °C' : 'Its air, °F', style.air);
      await person.click('Add it');
      await person.sees('Garage is saved');
      await person.sees(style.system === 'metric' ? 'freezer, 10' : 'freezer, 7.0 cu ft');
      for (const drawer of ['top drawer', 'low drawer']) {
        await person.page.locator('section[aria-label=Garage] ::-p-text(Add a drawer or shelf)').click();
        await person.fill('Called', drawer);
        await person.click('Add it');
        await person.sees(`${drawer} is saved`);
      }
      await person.click('Move up low drawer');
      await person.click('Change top drawer');
      await person.clear('Called');
      await person.fill('Called', 'upper drawer');
      await person.click('Save');
      await person.sees('upper drawer is saved');
    },

    'enters a pack that was there, and one bought fresh': async () => {
      await person.click('Packs', 'link');
      for (const [name, origin] of [
        ['Lamb shanks', 'was here before'],
        ['Pork chops', 'bought ready cut'],
      ] as const) {
        await person.click('Enter a pack');
        await person.fill('What is it', name);
        // Called away in the middle: what was typed is there when one comes back.
        await person.click('Week', 'link');
        await person.click('Packs', 'link');
        await person.click('Enter a pack');
        await person.shows('What is it', name);
        await person.fill('Weight', style.pack);
        await person.fill('Plates, if known', '4');
        await person.choose('Animal', name.startsWith('Lamb') ? 'lamb' : 'pork');
        await person.choose('It', origin);
        await person.fill('Paid, if known', style.paid);
        await person.click('Put it in');
        await person.sees(`${name} is in`);
      }
      await choose(person, 'Lamb shanks');
      await person.reads('Cost of what is left');
    },

    'asks at the Counter: open, then worth it once the price that settles it is typed; Enter buys nothing':
      async () => {
        await person.click('Counter', 'link');
        await person.sees('Is it worth it?');
        await person.fill('Search by any name', 'PSMO', 'searchbox');
        await person.press('Enter');
        await person.focuses(/^Price for/);
        await person.type(style.price);
        await person.press('Enter');
        await person.focuses(/^Weight on the label/);
        await person.type(style.weight);
        await person.press('Enter');
        await person.sees(`Buy it for ${style.total}`);
        await person.sees('Open');
        await person.sees('Comes out ahead if trimmed fillet steak costs over');
        await person.fill(
          `Trimmed fillet steak, for a ${style.system === 'metric' ? 'kg' : 'lb'}`,
          style.fillet,
        );
        await person.page.waitForFunction(
          () => document.querySelector('.answer')?.textContent?.trim() === 'Worth it',
        );
        // The page is put away and comes back: nothing that was typed is lost.
        await person.reload();
        await person.sees(`Buy it for ${style.total}`);
        await person.page.waitForFunction(
          () => document.querySelector('.answer')?.textContent?.trim() === 'Worth it',
        );
        // To the price book and back: what was typed is there, and nothing was bought.
        await person.click('Price book', 'link');
        await person.sees('Price book');
        await person.click('Worth it?', 'link');
        await person.page.waitForFunction(
          (typed) =>
            [...document.querySelectorAll('input')].some(
              (field) => (field as { value: string }).value === typed,
            ),
          {},
          style.fillet,
        );
        expect((await person.stored()).entries.filter(({ entry }) => entry.type === 'received')).toEqual([]);
      },

    'buys it with its label’s date': async () => {
      await person.sees(`Buy it for ${style.total}`);
      await unfold(person, 'Shop and date');
      await person.fill('Shop', 'Hollis Lane Farm', 'combobox');
      await person.choose('Date on its label', 'use by');
      await person.write('The date', today(12));
      await person.page.locator('::-p-text(Buy it for)').click();
      await person.sees('this is the true start');
      await person.sees(`Paid ${style.total}`);
    },

    'drains it, weighs every part, corrects one, and closes it': async () => {
      await weigh(person, style.drained);
      await person.sees('Drained:');
      for (const [part, weight, shown] of style.cuts) {
        await weigh(person, weight, part);
        if (part === 'Centre') await inOnePiece(person);
        await person.sees(`${part}: ${shown}`);
      }
      await person.sees('Before you finish');
      await finish(person);
      if (await person.page.$('[role=dialog] input'))
        await person.page.locator('[role=dialog] input').fill('drip on the board');
      await person.sees('lie here to be wrapped');
    },

    'wraps and freezes a pack of it': async () => {
      await person.page.locator('v-token ::-p-text(Centre)').click();
      await person.click('New tray with what is in the hand');
      await person.page.locator('v-tray summary').click();
      await person.fill('Plates of tray 1', '8');
      await person.press('Tab');
      await person.clickOn('.end .act');
      await person.sees('wrapped, in');
      await person.page.locator('nav ::-p-text(Freezer)').click();
      await person.sees('Keeps until');
      await choose(person, 'Centre');
      await person.sees('hard about');
    },

    'says when it eats, and plans': async () => {
      await person.click('Week', 'link');
      await person.sees('The week’s dinners');
      await person.pressText('When we eat');
      await person.write('Dinner at', '18:15');
      await person.write('Minutes to cook', '60');
      await person.page.locator('form[aria-label="When we eat"] button[type=submit]').click();
      await person.sees('When you eat is saved');
    },

    'asks who comes, plans a pack on a day, and asks what is ready': async () => {
      await person.page.$$eval('v-day-card .who', (all) => (all[1] as unknown as HTMLElement).click());
      await person.fill('Guests', 'many');
      await person.press('Tab');
      await person.sees('Guests are a whole number');
      await person.fill('Guests', '2');
      await person.press('Tab');
      await person.sees('2 guests');
      await person.fill('Find a pack to plan', 'centre', 'searchbox');
      await person.page.locator('aside li button ::-p-text(Centre)').click();
      await person.press('3');
      await person.sees('Centre is planned for');
      await person.toPage('Tonight');
      await person.page.locator('::-p-called([name="We eat at"])').fill('20:30');
      await person.sees('less 60 minutes to cook');
    },

    'takes stock by the number on a label, and says when the power went': async () => {
      await person.toPage('Count');
      await person.fill('Number on a label', 'ZZZZ');
      await person.press('Enter');
      await person.sees('No pack has the number');
      const known = await person.page.$eval('li code', (each) => each.textContent ?? '');
      await person.fill('Number on a label', known);
      await person.press('Enter');
      await person.page.waitForFunction(() =>
        [...document.querySelectorAll('li input[type=checkbox]')].some(
          (each) => (each as unknown as HTMLInputElement).checked,
        ),
      );
      await person.click('Power cut', 'link');
      await person.sees('What to do with each pack');
      await person.write('Out since', 'yesterday');
      await person.write('The time at which it went', '8 pm');
      await person.reload();
      await person.shows('The time at which it went', style.system === 'imperial' ? '8:00 pm' : '20:00');
    },

    'lays out labels on a grid of its own, and scans a number': async () => {
      await person.page.locator('nav ::-p-text(Wrap)').click();
      await person.click('Labels', 'link');
      await person.sees('Labels on');
      await person.page.locator('.packs label').click();
      await person.page.waitForSelector('v-label-preview svg');
      await person.choose('Labels on', 'a grid of your own');
      await person.write('Rows', '3');
      await person.write('Columns', '2');
      await person.write('Label wide', style.grid);
      await person.write('On every label too', 'for Sunday');
      await person.page.waitForFunction(() =>
        document.querySelector('v-label-preview')?.textContent?.includes('for Sunday'),
      );
      await person.reload();
      await person.sees('Labels on');
      await person.shows('Rows', '3');
      await person.shows('Columns', '2');
      await person.shows('Label wide', new RegExp(`^${style.grid.split(' ')[0]}`));
      await person.shows('On every label too', 'for Sunday');
      await person.goOn('/home/wrap/scan');
      await person.fill('Number on the label', 'ZZZZ');
      await person.click('Read');
      await person.sees('ZZZZ');
    },

    'notes a price and corrects it, and sets two pieces side by side': async () => {
      await person.page.locator('nav ::-p-text(Counter)').click();
      await person.click('Price book', 'link');
      await person.choose('Item', 'Strip steak');
      await person.fill('Shop', 'Hollis Lane Farm', 'combobox');
      await person.fill('Price', style.noted[0]);
      await person.fill('Note', 'on a stand');
      await person.click('Write it down');
      await person.sees(style.noted[1]);
      await person.page.locator('td ::-p-text(Correct)').click();
      await person.shows('Price', style.noted[0]);
      await person.clear('Price');
      await person.fill('Price', style.corrected[0]);
      await person.click('Correct it');
      await person.sees(style.corrected[1]);
      await person.click('Side by side', 'link');
      await person.sees('Which one to take?');
      for (const [number, weight] of [
        [1, style.heavy],
        [2, style.light],
      ] as const) {
        await person.choose(`Piece ${number}`, 'Strip loin');
        await person.fill(`Weight of piece ${number}`, weight);
        await person.fill(`Price of piece ${number}`, style.price);
      }
      await person.sees('All cost more than the shop');
      await person.reads('Take the one that you like to look at.');
      await person.click('None of them');
      await person.reads('None taken.');
    },

    'evens out a leg, and has a kind of its own': async () => {
      await person.click('Craft', 'link');
      await person.click('Even thickness', 'link');
      for (const [zone, length] of [
        [1, style.thick],
        [2, style.thin],
      ] as const)
        await person.fill(`Thickness of zone ${zone} in ${style.system === 'metric' ? 'mm' : 'in'}`, length);
      await person.sees('open');
      await person.page.waitForFunction(() => !document.body.innerText.includes('is no thickness'));
      await person.goOn('/home/craft/own/new');
      await person.fill('Name', 'Venison haunch');
      await person.write('Also called, with commas between', 'deer leg, haunch');
      await person.click('Another part');
      await person.fill('Name of part 2', 'Shin');
      await person.fill('Share of Shin, way 1', '12');
      await person.reload();
      await person.shows('Share of Shin, way 1', '12');
      await person.fill('Share of Portions, way 1', '85');
      await person.click('Save it');
      await person.sees('Venison haunch is saved.');
      await person.sees('deer leg, haunch');
    },

    'reads its Books, and says what the work costs': async () => {
      await person.click('Books', 'link');
      await person.sees('Usable');
      await person.fill('Find a piece', 'ribeye', 'searchbox');
      await person.sees('Nothing in the Books matches “ribeye”.');
      await person.fill('Find a piece', 'tenderloin', 'searchbox');
      await person.click('Beef tenderloin, peeled', 'link');
      await person.sees('saved against the shop');
      const item = await person.page.$eval('v-price-gap button span', (each) =>
        (each.textContent ?? '').replace('the price of', '').trim(),
      );
      await person.clickOn('v-price-gap button');
      const gap = `Price of ${item} for a ${style.system === 'metric' ? 'kg' : 'lb'}`;
      await person.fill(gap, 'dear');
      await person.press('Enter');
      await person.sees('“dear” is not a price.');
      await person.fill(gap, style.noted[0]);
      await person.press('Enter');
      await person.sees(`${item}: ${style.noted[1]}`);
      expect(await person.text()).not.toMatch(/NaN|undefined|Infinity/);
      await person.clickOn('button[aria-label^="Change Working time"]');
      await person.fill('Working time', '50');
      await person.press('Enter');
      await person.sees('50 minutes as you set it');
      await person.fill('Notes on this piece', 'much fat');
      await person.press('Tab');
      await person.sees('Note kept');
      await person.click('‹ All pieces', 'link');
      await person.click('File and settings', 'link');
      await person.sees('A bag or wrapping');
      await person.fill('A bag or wrapping', style.bag);
      await person.reload();
      await person.shows('A bag or wrapping', style.bag);
      await person.click('Save costs');
      await person.sees('What the work costs is saved');
    },

    'never touched the demo, and the page has not complained': async () => {
      const names = await person.page.evaluate(async () =>
        (await indexedDB.databases()).map(({ name }) => name),
      );
      expect(names).not.toContain('vendicus-demo');
      expect(person.complaints).toEqual([]);
    },
  });
});
