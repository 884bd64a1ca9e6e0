import type { BrowserContext } from 'puppeteer-core';
import { DESK, freshWindow, Person, PHONE } from './harness';
import { ADDRESS, choosePiece } from './journeys';
import { violations, violationsInTheDim } from './every-page/violations';

describe.each([
  ['on a desk', DESK],
  ['on a phone', PHONE],
])('axe %s', (_name, viewport) => {
  let browser: BrowserContext;
  let person: Person;
  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS, viewport as typeof DESK);
  });
  afterAll(() => browser.close());

  async function violationsLightAndDim(): Promise<Record<string, string[]>> {
    const inTheLight = await violations(person);
    // The colours are the same on every width.
    return { inTheLight, inTheDim: viewport === DESK ? await violationsInTheDim(person) : [] };
  }
  const NONE = { inTheLight: [], inTheDim: [] };

  it('finds nothing at the bench with a scale, and in its dialogs', async () => {
    await person.goTo('/demo/block');
    await person.page.evaluate(() => localStorage.setItem('vendicus-scale', '{"source":"practice"}'));
    await person.reload();
    await person.sees('Practice scale, 1 g');
    for (const open of [null, '.source', '.list']) {
      if (open) await person.page.locator(open).click();
      if (open) await person.page.waitForSelector('.p-dialog');
      expect({ open, ...(await violationsLightAndDim()) }).toEqual({ open, ...NONE });
      if (open) await person.press('Escape');
      if (open) await person.page.waitForFunction(() => document.querySelector('.p-dialog') === null);
    }
    await person.page.evaluate(() => localStorage.removeItem('vendicus-scale'));
  });

  it.each(['/home/start', '/nothing/here', '/demo/counter'])('finds nothing at %s', async (path) => {
    await person.goTo(path);
    expect(await violationsLightAndDim()).toEqual(NONE);
  });

  it('nor with a piece that is asked about, and all of it unfolded', async () => {
    await person.goTo('/demo/counter');
    await choosePiece(person, 'Strip loin');
    await person.fill('Price for a kg', '18.95');
    await person.click('offer');
    await person.page.$$eval('summary', (all) => all.forEach((each) => (each as HTMLElement).click()));
    await person.sees('Prices ready cut');
    expect(await violationsLightAndDim()).toEqual(NONE);
  });

  it('nor with two pieces side by side, one of them open', async () => {
    await person.goTo('/demo/counter/candidates');
    for (const [number, kind, price] of [
      [1, 'Beef tenderloin', '28.90'],
      [2, 'Strip loin', '15.45'],
    ] as const) {
      await person.choose(`Piece ${number}`, kind);
      await person.fill(`Price of piece ${number}`, price);
    }
    await person.click('Close Beef tenderloin');
    expect(await violationsLightAndDim()).toEqual(NONE);
  });
});
