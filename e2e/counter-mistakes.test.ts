import type { BrowserContext } from 'puppeteer-core';
import { freshWindow, Person, PHONE } from './harness';
import { ADDRESS, begin, choosePiece, unfold } from './journeys';

describe('slips of the thumb at the Counter', () => {
  let browser: BrowserContext;
  let person: Person;
  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS, PHONE);
    await begin(person);
  });
  beforeEach(async () => {
    await person.goOn('/home/counter');
    if (!(await person.page.$('[aria-label="Strip loin: choose another piece"]')))
      await choosePiece(person, 'Strip loin');
  });
  afterAll(() => browser.close());
  const label = async (price: string, weight: string, total = ''): Promise<void> => {
    for (const [name, text] of [
      ['Price for a kg', price],
      ['Weight on the label', weight],
      ['Total', total],
    ] as const)
      await (text === '' ? person.clear(name) : person.fill(name, text));
  };
  const is = async (price: string, weight: string): Promise<void> => {
    await person.shows('Price for a kg', price);
    await person.shows('Weight on the label', weight);
  };

  it.each([
    ['1545', '5.1', '€1545 for a kg? The point may be missing.', '€15.45', '15.45', '5.1'],
    ['5.3', '15.45', 'Are price and weight in each other’s field?', '€15.45, and 5.3 kg', '15.45', '5.3'],
    ['15.45', '11.5', 'One is usually 2.500 to 8.000 kg. Is 11.5 lb meant?', '11.5 lb', '15.45', '11.5 lb'],
    ['15.45', '4,120', 'Is 4.120 kg meant?', '4.120 kg', '15.45', '4.120 kg'],
    ['5.3 kg', '', 'That is a weight, in the field of the price.', '5.3 kg is its weight', '', '5.3 kg'],
  ])('%s for %s: asked, and put right with one press', async (price, weight, asked, answer, right, mass) => {
    await label(price, weight);
    await person.sees(asked);
    await person.click(answer);
    await is(right, mass);
  });

  it('a comma is read like a point; a word and nothing are answered where they stand', async () => {
    await label('24,50', '5,1');
    await person.sees('Buy it for €124.95');
    await label('cheap', '5.1');
    await person.sees('That is not a price');
    await label('24.50', '0');
    await person.sees('A weight is more than zero');
  });

  it('a total that is not price times weight: which two are right? Until then nothing is bought', async () => {
    const before = await person.stored();
    await label('24.50', '5.1', '129.95');
    await person.sees('Price times weight is €124.95, and not €129.95. Which is right?');
    await person.pressText('Buy it');
    await person.reads('Which is right?');
    expect(await person.stored()).toEqual(before);
    await person.click('Weight and total');
    await person.shows('Price for a kg', '');
    await person.reads('Buy it for €129.95');
  });

  it('nothing asked for it is a gift, and is bought for nothing', async () => {
    await label('0', '5.1');
    await person.sees('Nothing is asked for it?');
    await person.click('It is a gift');
    await person.reads('Buy it for €0.00');
    await person.reads('Worth it');
  });

  it('a word beside a slip is said all the same, and what is still asked about is not noted', async () => {
    await label('cheap', '4,120');
    await person.sees('Is 4.120 kg meant?');
    await person.reads('That is not a price');
    await label('1545', '5.1');
    await person.sees('The point may be missing.');
    await person.pressText('Leave it');
    await person.sees('Strip loin left.');
    expect(await person.text()).not.toContain('is noted');
  });

  it('a day ahead is no day of a purchase', async () => {
    await unfold(person, 'Shop and date');
    await person.write('Bought on', '31 Dec 2099');
    await person.sees('is still to come');
  });

  it('a name that is none leaves no answer of another piece', async () => {
    await label('24.50', '5.1');
    await person.clickOn('button[aria-label="Strip loin: choose another piece"]');
    await person.fill('Search by any name', 'whale', 'searchbox');
    await person.sees('Nothing is called “whale” here');
    expect(await person.page.$('.answer')).toBeNull();
    await person.fill('Search by any name', 'new york strip', 'searchbox');
    await person.page.locator('.kind ::-p-text(Strip loin)').click();
    // What was typed for it is there.
    await person.shows('Weight on the label', '5.1');
  });

  it('half typed it waits over another place, the back button and a reload', async () => {
    await label('24.50', '5.1');
    await person.click('Freezer', 'link');
    await person.sees('Nothing in the cold yet');
    await person.page.goBack();
    await is('24.50', '5.1');
    await person.reload();
    await is('24.50', '5.1');
  });

  it('two fingers on the tape leave a price; a thumb that presses twice buys once', async () => {
    await label('24.50', '5.1');
    await person.reads('Buy it for €124.95');
    const hand = await person.page.waitForSelector('[role=slider]');
    const { x = 0, y = 0 } = (await hand?.boundingBox()) ?? {};
    const touch = await person.page.createCDPSession();
    const at = (...across: number[]): { touchPoints: { x: number; y: number }[] } => ({
      touchPoints: across.map((by) => ({ x: x + 22 + by, y: y + 22 })),
    });
    await touch.send('Input.dispatchTouchEvent', { type: 'touchStart', ...at(0, 60) });
    await touch.send('Input.dispatchTouchEvent', { type: 'touchMove', ...at(-20, 90) });
    await touch.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
    await person.shows('Price for a kg', /^\d\d\.\d\d$/);
    await person.page.$eval('button.buy', (button) => {
      (button as unknown as HTMLElement).click();
      (button as unknown as HTMLElement).click();
    });
    await person.sees('this is the true start');
    const { entries } = await person.stored();
    expect(entries.filter(({ entry }) => entry.type === 'received')).toHaveLength(1);
    expect(person.complaints).toEqual([]);
  });
});

describe('what was bought is put right', () => {
  let browser: BrowserContext;
  let person: Person;
  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS);
    await begin(person, {}, { kind: 'Strip loin', weight: '5.300 kg', price: '15.45' });
  });
  afterAll(() => browser.close());

  it('from the Block: a wrong label weight and price, with what changes said before', async () => {
    await person.page.locator('input.num').fill('5.1 kg');
    await person.press('Enter');
    await person.sees('Drained:');
    await person.click('Put right what was bought', 'link');
    await person.fill('Weight bought', '5.0 kg');
    await person.sees('It weighed 5.100 kg once drained: it cannot have been less before.');
    await person.fill('Weight bought', 'heavy');
    await person.sees('That is not a weight.');
    await person.fill('Weight bought', '5.250 kg');
    await person.fill('Or its price for a kg', '15.00');
    await person.fill('Taken off in all', '3');
    // 5.25 × 15.00 − 3.00 = 75.75; 150 g and not 200 g ran out.
    await person.sees('€75.75');
    await person.sees('150 g');
    await person.fill('Shop', 'Hollis Lane Farm', 'combobox');
    await person.click('Put it right');
    await person.sees('Hollis Lane Farm');
    await person.sees('5.250 kg for €75.75');
    expect(person.complaints).toEqual([]);
  });
});
