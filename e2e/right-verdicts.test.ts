import type { BrowserContext } from 'puppeteer-core';
import { DESK, freshWindow, Person, PHONE } from './harness';
import { ADDRESS, begin, choosePiece, unfold } from './journeys';
import { story } from './story';

/** What stands as the answer: its word, and what it comes to. */
async function answers(person: Person, word: string, sum: string): Promise<void> {
  await person.page.waitForFunction(
    (wanted: string) =>
      [...document.querySelectorAll('v-verdict-line p > *')]
        .map((part) => part.textContent?.trim())
        .join(' ') === wanted,
    {},
    `${word} ${sum}`,
  );
}

const asksFor = async (person: Person, kind: string, price: string, weight: string): Promise<void> => {
  await choosePiece(person, kind);
  await person.fill(await priceField(person), price);
  await person.fill('Weight on the label', weight);
};
const priceField = async (person: Person): Promise<string> =>
  (await person.text()).includes('Price for a lb') ? 'Price for a lb' : 'Price for a kg';

// Strip loin of 11.2 lb at 8.49, strip steaks at 14.99: 0.7 × 14.99 = 10.493, × 11.2 = 117.52, less 95.09.
describe('a household in pounds, on a phone', () => {
  let browser: BrowserContext;
  let person: Person;

  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS, PHONE);
    await begin(person, { currency: 'USD', system: 'imperial' });
  });
  afterAll(() => browser.close());

  story('asks about a strip loin', {
    'a steak’s price that was typed is the one that counts, and nothing stands beside it': async () => {
      await asksFor(person, 'Strip loin', '8.49', '11.2');
      await answers(person, 'Open', 'one price decides');
      await person.fill('Strip steak, for a lb', '14.99');
      await answers(person, 'Worth it', 'Saves $22 or more');
      expect(await person.text()).not.toContain('counted as');
      await person.reads('Cheaper almost surely.');
    },

    'more fat on the shop’s is ticked where it is seen, said beside the price, and unticked': async () => {
      await person.pressText('More fat on the shop’s');
      // 14.99 ÷ 0.9: 16.66; 0.7 × 16.6556 × 11.2 = 130.58, less 95.09.
      await person.reads('counted as $16.66/lb: 10 % more fat on the shop’s');
      await answers(person, 'Worth it', 'Saves $35 or more');
      await person.pressText('More fat on the shop’s');
      await answers(person, 'Worth it', 'Saves $22 or more');
    },

    'what cannot be read gives no verdict, and neither deed': async () => {
      const price = await priceField(person);
      for (const [typed, words] of [
        ['2x', 'That is not a price. Write it like 24.50.'],
        ['-8', 'That is not a price. Write it like 24.50.'],
        ['1000000000', 'That is more than meat costs. Look at the figure.'],
      ] as const) {
        await person.fill(price, typed);
        await person.reads(words);
        await person.page.waitForFunction(
          () =>
            !/Worth it Saves|Leave it Costs/.test(
              document.querySelector('v-verdict-line')?.textContent ?? '',
            ),
        );
        await person.pressText('Leave it');
        await person.reads(words);
        expect((await person.stored()).entries).toEqual([]);
      }
      await person.fill(price, '8.49');
      await answers(person, 'Worth it', 'Saves $22 or more');
    },

    'is the same after a reload, and complains of nothing': async () => {
      await person.reload();
      await answers(person, 'Worth it', 'Saves $22 or more');
      expect(await person.page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
      expect(person.complaints).toEqual([]);
    },
  });
});

describe('a household in kilograms with a comma, at a desk', () => {
  let browser: BrowserContext;
  let person: Person;

  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS, DESK);
    await begin(person, { decimal: ',' });
  });
  afterAll(() => browser.close());

  story('the same thing saves nothing', {
    'a leg of lamb at what the shop asks for one with its bone': async () => {
      await asksFor(person, 'Lamb leg', '16,90', '2,4');
      await unfold(person, 'Prices ready cut');
      await person.fill('Lamb leg, bone-in', '16,90');
      await answers(person, 'About the same', 'A few cents either way');
      // 16.90 ÷ 0.76, leg and shank alike.
      await person.reads('counted as €22,24/kg');
      await person.fill('Lamb shank', '13,90');
      // (16.90 − 0.11 × 13.90) ÷ 0.65.
      await person.reads('counted as €23,65/kg: what remains of it after shank');
      await answers(person, 'About the same', 'A few cents either way');
    },

    'bought without its shank it gives more, and that is kept for the next one': async () => {
      await unfold(person, 'How it is sold, what you want');
      await person.click('bought without its shank');
      await person.reads('Boned leg, flat, bought without its shank');
      await choosePiece(person, 'Strip loin');
      await person.page.waitForSelector('button[aria-label^="Strip loin:"]');
      await person.shows('Price for a kg', '');
      await person.fill('Price for a kg', '19,90');
      await choosePiece(person, 'Lamb leg');
      await person.shows('Price for a kg', '16,90');
      await person.shows('Weight on the label', '2,4');
      await person.reads('bought without its shank');
    },

    'the chain may go to the stew, whose price has its place then': async () => {
      await asksFor(person, 'Beef tenderloin', '29,00', '3,000');
      await unfold(person, 'How it is sold, what you want');
      await person.choose('Chain', 'stew');
      await unfold(person, 'Prices ready cut');
      await person.fill('Beef for stew', '14,90');
      await person.shows('Beef for stew, for a kg', '14,90');
      await person.choose('Chain', 'thrown away');
      await person.reads('1 thing your way');
      await person.click('peeled');
      await person.reads('Beef tenderloin, peeled');
      await person.click('in its fat');
      await person.reads('1 thing your way');
    },

    'whose skin is left has fewer portions on it, said once and kept': async () => {
      await choosePiece(person, 'Whole chicken');
      await person.fill('Price for a kg', '6,90');
      await person.fill('Weight of all', '1,6');
      // 0.6028 × 1600 ÷ 180 with its skin, 0.5215 × 1600 ÷ 180 without.
      await person.reads('about 5,4 portions');
      await unfold(person, 'How it is sold, what you want');
      await person.pressText('You eat the skin');
      await person.reads('about 4,6 portions');
      await person.reload();
      await person.reads('about 4,6 portions');
      expect(person.complaints).toEqual([]);
    },
  });
});
