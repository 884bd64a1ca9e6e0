import type { BrowserContext } from 'puppeteer-core';
import { today } from './clock';
import { freshWindow, Person } from './harness';
import { ADDRESS, begin } from './journeys';

// What is looked for by typing, and what is said of several packs at once, in a household of one's own.
describe('a household that looks for things', () => {
  let browser: BrowserContext;
  let person: Person;

  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS);
    await begin(person, { decimal: ',' });
  });
  afterAll(() => browser.close());

  /** Waits until all that is listed says the word, and something is. */
  async function lists(selector: string, word: string): Promise<void> {
    await person.page.waitForFunction(
      (selector, word) => {
        const all = [...document.querySelectorAll<HTMLElement>(selector)];
        return all.length > 0 && all.every((each) => each.innerText.toLowerCase().includes(word));
      },
      { polling: 50 },
      selector,
      word,
    );
  }

  it('finds a piece by what it is called elsewhere', async () => {
    await person.goOn('/home/craft');
    await person.fill('Find a piece', 'contre-filet', 'searchbox');
    await person.page.waitForFunction(
      () => document.querySelector<HTMLElement>('main')?.innerText.includes('Beef tenderloin') === false,
      { polling: 50 },
    );
    await person.reads('Strip loin');
  });

  it('finds a word of the trade', async () => {
    await person.goOn('/home/craft/words');
    await person.fill('Find a word', 'contre-filet', 'searchbox');
    await lists('main dl > div', 'contre-filet');
  });

  it('finds an item of the shops', async () => {
    await person.goOn('/home/counter/prices');
    await person.fill('Find an item', 'thigh', 'searchbox');
    await lists('.book .list li .name', 'thigh');
  });

  it('keeps several packs for something at once', async () => {
    await person.goOn('/home/freezer');
    for (const name of ['Chops', 'Shanks']) {
      await person.click('Enter a pack');
      await person.fill('What is it', name);
      await person.fill('Weight', '0,8 kg');
      await person.choose('Animal', 'lamb');
      await person.choose('It', 'bought ready cut');
      await person.write('Bought on', today());
      await person.click('Put it in');
      await person.sees(`${name} is in`);
    }
    await person.page.$$eval('tbody .pick input', (boxes) =>
      boxes.forEach((box) => (box as unknown as HTMLElement).click()),
    );
    await person.sees('2 packs chosen');
    await person.click('Keep them');
    await person.sees('Say what it is kept for in a few words');
    await person.fill('Keep them for', 'the feast');
    await person.click('Keep them');
    await person.sees('kept for the feast');
    expect(person.complaints).toEqual([]);
  });
});
