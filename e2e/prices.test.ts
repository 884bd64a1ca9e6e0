import { mkdtempSync, readFileSync, rmSync, writeFileSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { BrowserContext, ElementHandle } from 'puppeteer-core';
import { today } from './clock';
import { DESK, freshWindow, Person, saved } from './harness';
import { ADDRESS, begin, choosePiece, unfold } from './journeys';
import { story } from './story';

/** A shop's list of one week, as the household's currency or another has it. */
const list = (shop: string, currency: string): string =>
  JSON.stringify({
    format: 'vendicus-shop-lists',
    version: 1,
    currency,
    shops: [
      {
        shop,
        weeks: [
          {
            on: today(-1),
            lines: [
              ['piece-pork-loin', 690, 0],
              ['strip-steak', 2100, 1],
            ],
          },
        ],
      },
    ],
  });

/** The day of November of the next one: it is the fourth Thursday. */
function nextThanksgiving(): number {
  const fourthThursday = (year: number): number =>
    22 + ((4 - new Date(Date.UTC(year, 10, 22)).getUTCDay() + 7) % 7);
  const year = Number(today().slice(0, 4));
  const day = fourthThursday(year);
  return today() <= `${year}-11-${day}` ? day : fourthThursday(year + 1);
}

describe('prices of a household of one’s own', () => {
  let browser: BrowserContext;
  let person: Person;
  const folder = mkdtempSync(join(tmpdir(), 'vendicus-lists-'));
  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS, DESK);
    await begin(person);
  });
  afterAll(async () => {
    await browser.close();
    rmSync(folder, { recursive: true });
  });

  const readList = async (name: string, text: string): Promise<void> => {
    writeFileSync(join(folder, name), text);
    await person.acts();
    const input = (await person.page.waitForSelector(
      'input[aria-label="Shops’ list"]',
    )) as ElementHandle<HTMLInputElement>;
    await input.uploadFile(join(folder, name));
  };
  const note = async (item: string, price: string, more: Record<string, string> = {}): Promise<void> => {
    await person.choose('Item', item);
    await person.fill('Shop', 'Quay Butcher', 'combobox');
    await person.fill('Price', price);
    for (const [field, text] of Object.entries(more)) await person.fill(field, text, 'combobox');
    await person.click('Write it down');
    await person.sees(`${item}, Quay Butcher`);
  };

  story('a shop’s list is refused, saved, read and made use of', {
    'no shop’s list is there that nobody added': async () => {
      await person.goOn('/home/counter/lists');
      await person.sees('None was added yet');
      expect(await person.text()).not.toContain('Breakwater');
      await person.fill('Or where it lies on your own server', 'https://example.com/list.json');
      await person.click('Add it');
      await person.sees('Nothing is fetched from anywhere else');
      await person.clear('Or where it lies on your own server');
      await person.fill('Or where it lies on your own server', '/shops/no-such-list.json');
      await person.click('Add it');
      await person.sees('/shops/no-such-list.json cannot be reached (404)');
      await readList('broken.json', '{"format":');
      await person.sees('broken.json is no list of prices');
      await person.reads('None was added yet');
    },

    'an empty one is saved to be filled in, and is read as it is': async () => {
      await person.savesTo(folder);
      await person.click('Save one to fill in');
      const name = await saved(folder, (each) => each.startsWith('vendicus-shop-list'));
      await readList('filled.json', readFileSync(join(folder, name), 'utf8'));
      await person.sees('Strip steak');
      await unfold(person, 'Where they come from');
      await person.click('Take out filled.json');
      await person.sees('None was added yet');
    },

    'one that was read is looked through and taken over; one in another money is named and is not':
      async () => {
        await readList('quay.json', list('Quay Market', 'EUR'));
        await person.sees('Pork loin, boneless, the piece');
        await person.click('Take over all 2');
        await person.sees('All of it is in the book');
        await unfold(person, 'Where they come from');
        await readList('pounds.json', list('Over the water', 'GBP'));
        await person.sees('A list is in GBP, and this household counts in EUR');
        await person.click('Take out pounds.json');
        await person.sees('pounds.json is taken out');
        await person.reload();
        await person.sees('All of it is in the book');
      },

    'a cut on offer: the whole piece is worth asking for': async () => {
      await person.click('Worth it?', 'link');
      const other = await person.page.$('button[aria-label$=": choose another piece"]');
      await other?.click();
      await person.sees('Strip steak is on offer at Quay Market (€21.00/kg, 1 day ago)');
      await person.pressText('ask for the whole strip loin');
      await person.focuses(/^Price for a kg/);
      await person.reads('Strip loin');
    },
  });

  it('a grade goes with its price, and filters what it goes for', async () => {
    await person.goOn('/home/counter/prices');
    await note('Whole chicken, the piece', '6.00');
    await note('Chicken leg quarter', '5.00');
    await note('Whole chicken, the piece', '14.00', { 'Grade or mark': 'Free range' });
    await person.click('Worth it?', 'link');
    await choosePiece(person, 'Whole chicken');
    await person.reads('going 6.00');
    await unfold(person, 'Shop and date');
    // Letter by letter, with the page following each: a space at the end is on its way to the next word.
    await person.page.locator('::-p-called([name="Grade or mark"][role="combobox"])').click();
    for (const letter of 'free RANGE') {
      await person.type(letter);
      await person.page.evaluate(() => new Promise(requestAnimationFrame));
    }
    await person.sees('going 14.00');
    await person.reload();
    await person.sees('going 14.00');
    await person.reads('free RANGE');
  });

  it('a table of 25 MB is read beside the page, and no more goes in than a household looks at', async () => {
    await person.goOn('/home/counter/prices');
    await unfold(person, 'As a table');
    const file = join(folder, 'all.csv');
    const day = (n: number): string => new Date(Date.UTC(2001, 0, 1 + (n % 9000))).toISOString().slice(0, 10);
    const lines = Array.from(
      { length: 260_000 },
      (_, n) =>
        `strip-steak,Stall ${Math.floor(n / 9000)},${day(n)},${20 + (n % 9)}.50,kg,,,${'seen at the stall '.repeat(3)},`,
    );
    writeFileSync(file, `item,shop,date,price,unit,weight_g,offer,note,grade\n${lines.join('\n')}`);
    expect(statSync(file).size).toBeGreaterThan(25_000_000);
    const input = (await person.page.waitForSelector(
      'input[aria-label="CSV of prices"]',
    )) as ElementHandle<HTMLInputElement>;
    await input.uploadFile(file);
    await person.page.waitForSelector('[role=progressbar]');
    // The page is somebody's meanwhile.
    await person.fill('Price', '12.34');
    await person.shows('Price', '12.34');
    await person.reads('260000 new prices can be taken over', 120_000);
    await person.clear('Price');
    await person.pressText('Take over 260000 prices');
    await person.reads('are more than a household looks at');
    await person.click('Leave it');
    // What is larger still is not read at all.
    writeFileSync(file, `${lines.join('\n')}\n${lines.join('\n')}`);
    await input.uploadFile(file);
    await person.reads('Prices are read up to 30 MB');
  });

  it('bought in another currency: the rate is asked for, and both amounts are told', async () => {
    await person.goOn('/home/counter');
    await choosePiece(person, 'Pork loin');
    await person.fill('Price for a kg', '5.00');
    await person.fill('Weight on the label', '4.000');
    await unfold(person, 'Shop and date');
    await person.choose('The label is in', 'GBP');
    await person.reads('One GBP in EUR');
    await person.fill('One GBP in EUR', 'dear');
    await person.sees('Like 1.17.');
    await person.clear('One GBP in EUR');
    await person.fill('One GBP in EUR', '1.17');
    await person.sees('£20.00 are €23.40');
    await person.reload();
    await person.sees('Buy it for €23.40');
    await person.click('Buy it for €23.40');
    await person.sees('Drained weight');
    await person.click('Books', 'link');
    await person.sees('€23.40');
    await person.pressText('Pork loin');
    await person.sees('The label said £20.00; one GBP was 1.17 EUR.');
    // The last rate is offered the next time.
    await person.click('Counter', 'link');
    await choosePiece(person, 'Lamb rack');
    await unfold(person, 'Shop and date');
    await person.choose('The label is in', 'GBP');
    await person.shows('One GBP in EUR', '1.17');
  });

  it('feasts are those of the country, one by one, and its own', async () => {
    await person.goOn('/home/counter/prices');
    await unfold(person, 'Feasts');
    await person.choose('As kept in', 'United States');
    await person.page.waitForFunction(
      (text) =>
        [...document.querySelectorAll<HTMLElement>('v-feasts-form v-check')].some(
          (each) => each.innerText.startsWith(text) && each.querySelector('input')?.checked,
        ),
      {},
      `Thanksgiving ${nextThanksgiving()}`,
    );
    await person.click('Add it');
    await person.sees('What is it called?');
    await person.sees('Say on which day it falls');
    await person.fill('Feast', 'Harbour fair');
    await person.write('On', '3 Aug');
    await person.press('Tab');
    await person.choose('Comes back', 'the first');
    await person.click('Add it');
    await person.sees('Harbour fair the first');
    await person.reload();
    await unfold(person, 'Feasts');
    await person.sees('Harbour fair');
    await person.click('Take out Harbour fair');
    await person.sees('The feasts are saved');
  });

  it('which piece for us: by use, hand and minutes, each with its reason', async () => {
    await person.goOn('/home/counter/which');
    await person.sees('Which piece for us?');
    await person.click('the pot');
    await person.page.waitForSelector('ol li ::-p-text(Pork spare ribs)');
    await person.click('the pan');
    await person.choose('The hand can do', 'straight slices only');
    await person.fill('Minutes for the cutting', 'soon');
    await person.sees('So many minutes, like 30.');
    await person.clear('Minutes for the cutting');
    await person.fill('Minutes for the cutting', '20');
    await person.page.waitForFunction(() => !document.querySelector('ol')?.innerText.includes('tenderloin'));
    await unfold(person, 'Left out');
    await person.sees('Lamb leg asks for more than that of the hand');
    await person.reload();
    await person.shows('Minutes for the cutting', '20');
    await person.click('Worth it? Pork loin, boneless');
    await person.sees('Pork loin');
  });

  it('has not made the page complain', () => {
    expect(person.complaints.filter((text) => !text.includes('404'))).toEqual([]);
  });
});
