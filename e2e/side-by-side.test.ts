import type { BrowserContext } from 'puppeteer-core';
import { DESK, freshWindow, Person, PHONE } from './harness';
import { misfitsOf } from './every-page/fits';
import { ADDRESS, begin, beginByHand, choosePiece, unfold } from './journeys';
import { story } from './story';
import { Thumb } from './thumb';

// A plate of 6 oz. Strip loin, 80 % meat: 8.49 × 0.375 ÷ 0.8 = 3.98 a portion, 11.2 × 0.8 ÷ 0.375 = 23.9 of them;
// bought cut 0.7 × 14.99 × 0.375 ÷ 0.8 = 4.92. Tenderloin in its fat, 65.5 % meat: 12.98 × 0.375 ÷ 0.655 = 7.43, 11.9
// of them; bought cut, of centre and head only, 0.515 × 24.99 × 0.375 ÷ 0.655 = 7.37.
describe.each([
  ['at a desk', DESK],
  ['on a phone', PHONE],
] as const)('a household in pounds, from its first question, %s', (_, size) => {
  let browser: BrowserContext;
  let person: Person;

  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS, size);
    await beginByHand(person, { currency: 'USD', system: 'imperial' });
  });
  afterAll(() => browser.close());

  const lays = async (number: number, kind: string, price: string, weight: string): Promise<void> => {
    await person.choose(`Piece ${number}`, kind);
    await person.fill(`Price of piece ${number}`, price);
    await person.fill(`Weight of piece ${number}`, weight);
  };

  story('a tenderloin in its fat against a strip loin', {
    'without a price cut the cheapest portion is named, and which price is asked for': async () => {
      await person.toPage('Side by side');
      await person.sees('Which one to take?');
      await lays(1, 'Beef tenderloin', '12.98', '6.8');
      await lays(2, 'Strip loin', '8.49', '11.2');
      await person.sees('Cheapest portion: strip loin, $3.98');
      await person.sees('Fill a price bought cut to see which saves.');
    },

    'what a portion costs and saves, portions, minutes, what is left over and a slip': async () => {
      await person.fill('Trimmed fillet steak, for a lb', '24.99');
      await person.fill('Strip steak, for a lb', '14.99');
      await person.sees('Strip loin saves $0.94 or more a portion');
      for (const words of [
        '$12.98/lb · 6.80 lb',
        'shop $7.37 or more',
        'about 11.9 portions · 32 min',
        'Open: one price decides',
        '$88.26',
        '1.8 lb for stock and fat, 0.6 lb lost',
        'shop $4.92 or more',
        'about 23.9 portions · 26 min',
        'Saves $22 or more in all',
        '$95.09',
      ])
        await person.reads(words);
    },

    'every gap is filled where the answer stands, and stays there': async () => {
      await person.fill('Ground beef, for a lb', '5.49');
      await person.fill('Beef strips for stir-fry, for a lb', '12.99');
      await person.fill('Beef steak, lesser cuts, for a lb', '9.99');
      // (0.7 × 14.99 + 0.1 × 9.99 − 8.49) × 0.375 ÷ 0.8; × 11.2 ÷ 0.375 × 0.8 in all.
      await person.sees('Strip loin saves most: $1.41 a portion');
      await person.reads('Saves $34 in all');
      // (0.515 × 24.99 + 0.045 × 12.99 + 0.095 × 5.49 − 12.98) × 6.8.
      await person.reads('Saves $7 in all');
      await person.reads('4.0 oz of steak ground by mistake: $2.38');
      await person.shows('Ground beef, for a lb', '5.49');
    },

    'a figure that cannot be read gives no answer, and none is taken while it stands': async () => {
      await person.fill('Price of piece 2', '-8');
      await person.sees('That is not a price. Write it like 24.50.');
      await person.sees('Beef tenderloin saves $0.57 a portion');
      await person.click('None of them');
      await person.reads('Strip loin: That is not a price.');
      await person.fill('Price of piece 2', '8.49');
    },

    'another kind keeps the price and the weight that were typed for the piece, and the other its own':
      async () => {
        await person.choose('Piece 1', 'Ribeye');
        await person.shows('Price of piece 1', '12.98');
        await person.shows('Weight of piece 1', '6.8');
        await person.sees('Ribeye, boneless');
        await person.choose('Piece 1', 'Beef tenderloin');
        await person.sees('Strip loin saves most: $1.41 a portion');
        await person.shows('Price of piece 2', '8.49');
      },

    'is the same after a reload': async () => {
      await person.reload();
      await person.sees('Strip loin saves most: $1.41 a portion');
      const sizes = [
        [320, 640],
        [390, 844],
        [820, 1180],
        [1280, 800],
      ] as const;
      expect(await misfitsOf(person, '/home/side-by-side', sizes)).toEqual([]);
      await person.page.setViewport(size);
    },

    'a third, at so much each and not weighed, is taken with its usual weight': async () => {
      await person.click('Add a piece');
      await person.choose('Piece 3', 'Whole chicken');
      await person.page.$$eval('v-lying-piece', (rows) =>
        [...rows[2]!.querySelectorAll('[role=button]')]
          .find((each) => each.textContent?.trim() === 'each')
          ?.dispatchEvent(new MouseEvent('click', { bubbles: true })),
      );
      await person.fill('Price of piece 3', '9.50');
      await person.reads('$9.50 each · a usual 4.9 lb');
      await person.reads('cheapest is whole chicken');
    },

    'the one that saves most is taken to where it is bought, as it was typed': async () => {
      await person.click('Take the strip loin');
      await person.sees('Buy it for $95.09');
      await person.shows('Price for a lb', '8.49');
      await person.shows('Weight on the label', '11.2');
      await person.reads('Saves $34');
    },

    'or none: what was asked is noted, but no price each of a guessed weight': async () => {
      await person.toPage('Side by side');
      await person.click('None of them');
      await person.reads('None taken. 7 prices noted.');
      await person.sees('Which one to take?');
      await person.toPage('Price book');
      for (const noted of [
        'Beef tenderloin, the piece',
        'Strip loin, the piece',
        'Ground beef',
        '$12.98/lb',
        '$8.49/lb',
      ])
        await person.reads(noted);
      expect(await person.text()).not.toContain('$9.50');
    },

    'a price that was typed over a known one is emptied and typed anew where it stands': async () => {
      await person.toPage('Worth it?');
      await choosePiece(person, 'Strip loin');
      await person.fill('Price for a lb', '8.49');
      await unfold(person, 'Prices ready cut');
      await person.fill('Strip steak', '15.99');
      await person.clear('Strip steak, for a lb');
      await person.shows('Strip steak, for a lb', '');
      await person.type('13');
      await person.shows('Strip steak, for a lb', '13');
      expect(person.complaints).toEqual([]);
    },
  });
});

// A figure that cannot be meant counts in no comparison until somebody has answered.
describe.each([DESK, PHONE])('a slip side by side, $width wide', (size) => {
  it('is asked about there, with answers to press', async () => {
    const browser = await freshWindow();
    const person = await Person.at(browser, ADDRESS, size);
    await begin(person, { currency: 'USD', system: 'imperial' });
    await person.goOn('/home/counter/candidates');
    await person.choose('Piece 1', 'Strip loin');
    await person.fill('Weight of piece 1', '11.2');
    await person.fill('Price of piece 1', '849');
    await person.reads('The point may be missing.');
    expect(await person.page.$('v-portion-ruler')).toBeNull();
    await person.pressText('$8.49');
    await person.shows('Price of piece 1', '8.49');
    await person.page.waitForSelector('v-portion-ruler');
    await person.fill('Weight of piece 1', '1120');
    await person.reads('The point may be missing.');
    expect(await person.page.$('v-portion-ruler')).toBeNull();
    await person.pressText('11.20 lb');
    await person.page.waitForSelector('v-portion-ruler');
    expect(person.complaints).toEqual([]);
    await browser.close();
  });
});

// 0.46 × 9.90 + 0.22 × 8.90 + 0.15 × 7.90 = 7.697 a kilogram; (7.697 − 5.49) × 4.2 = 9.27.
describe('a household in kilograms with a comma, by touch', () => {
  let browser: BrowserContext;
  let person: Person;
  let thumb: Thumb;

  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS, PHONE);
    thumb = new Thumb(person);
    await beginByHand(person, { decimal: ',' });
  });
  afterAll(() => browser.close());

  story('a shoulder at 5.49 the kilo', {
    'is open until the prices bought cut are filled, the one that decides first': async () => {
      await choosePiece(person, 'Pork shoulder butt');
      await thumb.fill('Price for a kg', '5,49');
      await person.reads('For a usual');
      await thumb.fill('Weight on the label', '4,2');
      await person.reads('Open');
      await thumb.fill('Pork shoulder roast, boneless, for a kg', '9,90');
      await person.reads('2 more prices are missing');
      await thumb.tap('2 more prices are missing');
      await thumb.fill('Country-style pork strips, for a kg', '8,90');
      await thumb.fill('Pork for stew, for a kg', '7,90');
      await person.reads('Saves €9');
      await thumb.fits();
    },

    'what was filled stays in sight, and can be put right there': async () => {
      for (const [item, price] of [
        ['Pork shoulder roast, boneless', '9,90'],
        ['Country-style pork strips', '8,90'],
        ['Pork for stew', '7,90'],
      ])
        await person.shows(`${item}, for a kg`, price!);
      await thumb.fill('Pork for stew, for a kg', '79');
      // 0.15 × 71.10 × 4.2 more.
      await person.reads('Saves €54');
      await thumb.fill('Pork for stew, for a kg', '7,90');
      await person.reads('Saves €9');
      // 83 % of it, 4.2 kg in plates of 180 g.
      await person.reads('about 19.4 portions'.replace('.', ','));
      expect(person.complaints).toEqual([]);
    },
  });
});
