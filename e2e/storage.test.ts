import type { Browser } from 'puppeteer-core';
import { launch, Person } from './harness';
import { ADDRESS, begin, buy, weigh } from './journeys';

describe('storage', () => {
  let browser: Browser;
  beforeEach(async () => {
    browser = await launch();
  });
  afterEach(() => browser.close());

  it('two tabs on the same piece: the second is refused what the first has taken', async () => {
    const one = await Person.at(browser, ADDRESS);
    await begin(one);
    await buy(one, 'Strip loin', '5 kg', '12');
    await weigh(one, '4.9 kg');
    await one.sees('100 g of liquid');
    const two = await Person.at(browser, ADDRESS);
    await two.goTo('/home/block');
    await two.sees('4.900 kg still on the board');
    await one.page.bringToFront();
    await weigh(one, '3 kg');
    await one.sees('1.900 kg still on the board');
    await two.page.bringToFront();
    await two.sees('1.900 kg still on the board');
    // Both at once: what one tab writes, the other has not shown yet.
    await two.page.evaluate(() => ((document.querySelector('input.num') as HTMLInputElement).value = ''));
    await Promise.all([weigh(two, '1.2 kg'), one.page.evaluate(() => document.title)]);
    await two.sees('700 g still on the board');
    await one.page.bringToFront();
    await weigh(one, '1.2 kg');
    await one.sees('1.200 kg is more than is left of strip loin: 700 g');
    expect((await one.stored()).entries).toHaveLength(4);
  });

  it('full: says so, keeps what stood before and the text in the field, and goes on later', async () => {
    const person = await Person.at(browser, ADDRESS);
    await begin(person);
    await buy(person, 'Strip loin', '5 kg', '12');
    await person.page.evaluate(() => {
      const store = IDBObjectStore.prototype as IDBObjectStore & { realAdd?: IDBObjectStore['add'] };
      store.realAdd = store.add;
      store.add = () => {
        throw new DOMException('full', 'QuotaExceededError');
      };
    });
    await weigh(person, '4.9 kg');
    await person.sees('storage for this page is full, so this was not written down');
    expect(await person.page.$eval('input.num', (field) => (field as HTMLInputElement).value)).toBe('4.9 kg');
    expect((await person.stored()).entries).toHaveLength(1);
    await person.page.evaluate(() => {
      const store = IDBObjectStore.prototype as IDBObjectStore & { realAdd?: IDBObjectStore['add'] };
      if (store.realAdd) store.add = store.realAdd;
    });
    await person.press('Enter');
    await person.sees('100 g of liquid');
  });

  it('refused: says so and what to do', async () => {
    const person = await Person.at(browser, ADDRESS);
    await person.page.evaluateOnNewDocument(() => {
      IDBFactory.prototype.open = () => {
        throw new DOMException('not here', 'SecurityError');
      };
    });
    await person.goTo('/home/start');
    await person.sees('does not let the page store anything');
    await person.page.goto(`${ADDRESS}/home/counter`);
    await person.sees('does not let the page store anything');
  });

  it('writes with strict durability', async () => {
    const person = await Person.at(browser, ADDRESS);
    await person.page.evaluateOnNewDocument(() => {
      const seen: string[] = [];
      (globalThis as { durabilities?: string[] }).durabilities = seen;
      const real = IDBDatabase.prototype.transaction;
      IDBDatabase.prototype.transaction = function (
        this: IDBDatabase,
        ...given: Parameters<IDBDatabase['transaction']>
      ) {
        if (given[1] === 'readwrite') seen.push(given[2]?.durability ?? 'none');
        return real.apply(this, given);
      };
    });
    await begin(person);
    await buy(person, 'Strip loin', '5 kg', '12');
    await weigh(person, '4.9 kg');
    await person.sees('100 g of liquid');
    const seen = await person.page.evaluate(
      () => (globalThis as { durabilities?: string[] }).durabilities ?? [],
    );
    expect(seen.length).toBeGreaterThan(2);
    expect(new Set(seen)).toEqual(new Set(['strict']));
  });
});
