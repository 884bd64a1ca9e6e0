import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { BrowserContext, ElementHandle } from 'puppeteer-core';
import { today } from './clock';
import { freshWindow, Person } from './harness';
import { ADDRESS, answerHowToCount, unfold, weigh } from './journeys';
import { story } from './story';

/** What a household types where it plans, and what it must read then. */
interface Style {
  readonly system: 'metric' | 'imperial';
  readonly decimal: '.' | ',';
  readonly currency: string;
  readonly weight: string;
  readonly price: string;
  readonly drained: string;
  readonly cuts: readonly (readonly [part: string, weight: string, shown: string])[];
  readonly length: readonly [typed: string, shown: string];
  readonly places: readonly (readonly [field: string, typed: string, shown: string])[];
  readonly thinnest: readonly [typed: string, shown: string];
  readonly thickest: readonly [typed: string, shown: string];
  readonly thickness: readonly [typed: string, shown: string];
  readonly steak: readonly [typed: string, shown: string];
  readonly worth: string;
  readonly plate: readonly [typed: string, shown: string];
  readonly lies: readonly [typed: string, shown: string];
  readonly bag: readonly [typed: string, shown: string];
  readonly steaks: string;
  /** A list of prices, and how the price is shown. */
  readonly list: readonly [csv: string, shown: string];
}

const EUROS: Style = {
  system: 'metric',
  decimal: ',',
  currency: 'EUR',
  weight: '5,250',
  price: '15,00',
  drained: '5,1',
  cuts: [
    ['Connective strip', '145', '145 g'],
    ['Fat cap', '700', '700 g'],
    ['Square-off', '250', '250 g'],
  ],
  length: ['38,5 cm', '385 mm'],
  places: [
    ['Width at place 1', '182', '182 mm'],
    ['Height at place 2', '7,9 cm', '79 mm'],
  ],
  thinnest: ['24', '24 mm'],
  thickest: ['5 cm', '50 mm'],
  thickness: ['3,2 cm', '32 mm'],
  steak: ['310', '310 g'],
  worth: '27,50',
  plate: ['195', '195 g'],
  lies: ['3,5 cm', '35 mm'],
  bag: ['12', '12 g'],
  steaks: '205 g',
  list: ['item;shop;date;price\nstrip-steak;Hollis Lane Farm;2026-01-02;26,50\n', '€26,50/kg'],
};
const DOLLARS: Style = {
  system: 'imperial',
  decimal: '.',
  currency: 'USD',
  weight: '11 lb 9 oz',
  price: '6.99',
  drained: '11.25',
  cuts: [
    ['Connective strip', '6 oz', '6.0 oz'],
    ['Fat cap', '1 lb 8 oz', '1.50 lb'],
    ['Square-off', '9', '9.0 oz'],
  ],
  length: ['15 1/4', '15 1/4 in'],
  places: [
    ['Width at place 1', '7 1/8 in', '7 1/8 in'],
    ['Height at place 2', '3 1/8', '3 1/8 in'],
  ],
  thinnest: ['1', '1 in'],
  thickest: ['2 in', '2 in'],
  thickness: ['1 1/4', '1 1/4 in'],
  steak: ['11', '11.0 oz'],
  worth: '12.50',
  plate: ['7', '7.0 oz'],
  lies: ['1 1/2', '1 1/2 in'],
  bag: ['0.5', '0.5 oz'],
  steaks: '7.2 oz',
  list: ['item,shop,date,price\nstrip-steak,Hollis Lane Farm,2026-01-02,26.50\n', '$12.02/lb'],
};

// The planning of a household of one's own, filled in by typing: slices, packs, prices from a file; never the demo.
describe.each([
  ['kilograms, comma and euros', EUROS],
  ['pounds, point and dollars', DOLLARS],
])('a household that plans in %s', (_name, style) => {
  let browser: BrowserContext;
  let person: Person;
  const folder = mkdtempSync(join(tmpdir(), 'vendicus-plans-'));

  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS);
  });
  afterAll(async () => {
    await browser.close();
    rmSync(folder, { recursive: true });
  });

  /** Types into the field with this label, and reads it as the page shows it then. */
  async function types(label: string, text: string, shown = text): Promise<void> {
    const field = await person.marks(label);
    await person.type(text);
    await person.press('Tab');
    await person.page
      .waitForFunction((input, wanted) => (input as HTMLInputElement).value === wanted, {}, field, shown)
      .catch(async () => {
        const is = await field?.evaluate((input) => (input as unknown as HTMLInputElement).value);
        throw new Error(`${label}: typed ${text}, it says ${is} and not ${shown}.\n${await person.text()}`);
      });
  }

  story('from a sealed loin to slices, packs and prices', {
    'buys a strip loin that waits sealed, with the label’s date': async () => {
      await answerHowToCount(person, style);
      await person.fill('Name of eater 1', 'Odile');
      await person.click('Add someone');
      await person.fill('Name of eater 2', 'Bram');
      await person.click('Begin');
      await person.sees('Is it worth it?');
      await person.fill('Search by any name', 'strip loin', 'searchbox');
      await person.press('Enter');
      await person.fill('Weight on the label', style.weight);
      await person.fill(`Price for a ${style.system === 'metric' ? 'kg' : 'lb'}`, style.price);
      await person.page.locator('::-p-text(Buy it for)').click();
      await person.sees('this is the true start');
      await person.click('Freezer', 'link');
      await person.sees('Waits to be cut');
      await person.choose('Date on its label, Strip loin', 'use by');
      await person.write('The date of Strip loin', today(9));
      await person.sees('Unopened: the use-by date on its label');
    },

    'claims no saving and no loss where nobody knows the shop’s prices': async () => {
      await person.click('Books', 'link');
      await person.click('Strip loin', 'link');
      await person.sees('Net saved unknown');
      await person.reads('Saved against the shop unknown');
    },

    'says how long the log is, and measures it': async () => {
      await person.page.locator('nav ::-p-text(Block)').click();
      await weigh(person, style.drained);
      await person.sees('Drained:');
      for (const [part, weight, shown] of style.cuts) {
        await weigh(person, weight, part);
        await person.sees(`: ${shown}`);
      }
      await person.click('Plan where to cut', 'link');
      await person.sees('Where to cut: strip loin');
      await types('Length', ...style.length);
      await person.page.locator('v-log-form summary').click();
      for (const [field, typed, shown] of style.places) await types(field, typed, shown);
    },

    'wishes for slices, by thickness and as a mix': async () => {
      await types('Thinnest', ...style.thinnest);
      await types('Thickest', ...style.thickest);
      await person.choose('Slices', 'by thickness');
      await types('Thickness of a slice', ...style.thickness);
      await person.page.waitForFunction(
        (wanted) => [...document.querySelectorAll('.cuts td b')].some((each) => each.textContent === wanted),
        {},
        style.thickness[1],
      );
      await person.choose('Slices', 'a mix');
      await person.click('Another kind');
      await types('Name of kind 3', 'breakfast steak');
      await person.choose('Kind 3 is cut by', 'weight');
      await types('Size of kind 3', ...style.steak);
      await types('Least of kind 3', '1');
      await types('Most of kind 3', '2');
      await types('Worth of kind 3', style.worth);
      await person.sees('breakfast steak');
      await person.reload();
      await person.sees('Where to cut: strip loin');
    },

    'says which packs it wants, and what lies in them': async () => {
      await person.page.locator('nav ::-p-text(Block)').click();
      await person.page.waitForSelector('input.num');
      for (let steak = 1; steak <= 4; steak++) {
        await weigh(person, style.steaks, 'Steaks');
        await person.sees(`Weighed ${style.cuts.length + steak}`);
      }
      await person.page.locator('nav ::-p-text(Wrap)').click();
      await person.click('What is wanted');
      await types('Name of pack 1', 'weekday dinner');
      await types('Least of pack 1', '1');
      await types('Most of pack 1', '3');
      await types('Guests of pack 1', '1');
      await types('Pieces flat in a bag', '3');
      await types('Odile, beef', ...style.plate);
      await person.reload();
      await person.click('What is wanted');
      await person.page.waitForSelector('::-p-called([name="Name of pack 1"])');
      const kept = await person.page.$$eval('v-wanted-form input', (all) =>
        all.map((each) => (each as unknown as HTMLInputElement).value),
      );
      expect(kept).toEqual(expect.arrayContaining(['weekday dinner', '3', style.plate[1]]));
      await person.click('Plan the packs');
      await person.page.waitForSelector('v-tray ::-p-text(Steak)');
      await person.page.locator('v-tray summary').click();
      await types('Lies how thick', ...style.lies);
      await types('Bag and paper weigh', ...style.bag);
      await person.sees('it freezes in about');
    },

    'takes prices over from a file, and calls a shop by its new name': async () => {
      await person.page.locator('nav ::-p-text(Counter)').click();
      await person.click('Price book', 'link');
      await unfold(person, 'As a table');
      const file = join(folder, 'prices.csv');
      writeFileSync(file, style.list[0]);
      const input = (await person.page.waitForSelector(
        'input[aria-label="CSV of prices"]',
      )) as ElementHandle<HTMLInputElement>;
      await input.uploadFile(file);
      await person.click('Take over 1 price');
      await person.choose('Item', 'Strip steak');
      await person.sees(style.list[1]);
      await person.choose('Shop to rename', 'Hollis Lane Farm');
      await person.fill('What it is called now', 'Hollis Farm', 'combobox');
      await person.click('Rename it');
      await person.sees('Hollis Farm');
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
