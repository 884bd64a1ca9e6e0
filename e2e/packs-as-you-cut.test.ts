import type { BrowserContext } from 'puppeteer-core';
import { freshWindow, Person, PHONE } from './harness';
import { ADDRESS, begin, weigh } from './journeys';
import { story } from './story';

interface Entry {
  readonly type: string;
  readonly massDg: number;
  readonly count: number;
  readonly part: string;
  readonly name: string;
  readonly wrap: string;
  readonly tareDg: number;
}

// Bag on the scale, meat in, label, next: in pounds, with the practice scale and by typing.
describe('straight into packs', () => {
  let browser: BrowserContext;
  let person: Person;

  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS);
    // Scales that are not there are the demo's alone.
    person.household = 'demo';
    await begin(
      person,
      { system: 'imperial', currency: 'USD' },
      { kind: 'Strip loin', weight: '11.5 lb', price: '6.99' },
    );
    await weigh(person, '11.3 lb');
    await person.sees('of liquid');
  });
  afterAll(() => browser.close());

  const written = async (type: string): Promise<Entry[]> => {
    const entries = (await person.stored()).entries.map(
      ({ entry }) => entry as unknown as Entry & { entries: string[]; id: string },
    );
    const undone = new Set(
      entries.filter((entry) => entry.type === 'undone').flatMap((entry) => entry.entries),
    );
    return entries.filter((entry) => entry.type === type && !undone.has(entry.id));
  };

  story('part after part', {
    'what the liquid did to the price stands there once it is drained, and what clean meat has come to after that':
      async () => {
        await person.reads('the liquid made it $7.11/lb instead of $6.99/lb');
        await weigh(person, '1 lb 8 oz', 'Fat cap');
        await person.sees('clean meat so far $8.20/lb');
      },

    'a part, its pack, its weight and its place are one act': async () => {
      await person.click('Into packs', 'switch');
      await weigh(person, '14 oz', 'Steaks');
      await person.sees('Steaks: 14.0 oz, packed, in Freezer');
      await person.reads('Write on it');
      expect(await person.page.$eval('.signs', (each) => each.textContent)).toMatch(/^[0-9A-Z]{4}$/);
      expect(await written('packed')).toMatchObject([{ name: 'Steak', wrap: 'vacuum bag' }]);
      expect(await written('placed')).toHaveLength(1);
    },

    'is undone as the one act that it was, without a question': async () => {
      await person.click('Undo');
      await person.sees('Undone: ');
      expect(
        [await written('cut'), await written('packed'), await written('placed')].map(({ length }) => length),
      ).toEqual([1, 0, 0]);
    },

    'what goes to the bin is weighed, and not packed': async () => {
      await weigh(person, '5 oz', 'Connective strip');
      await person.sees('Connective strip, tail tip: 5.0 oz');
      expect(await written('packed')).toEqual([]);
    },

    'several in a pack; a reload in the middle; the weight put right where it stands, and the pack with it':
      async () => {
        await person.page.locator('::-p-called([role="radio"]) ::-p-text(Steaks)').click();
        await person.fill('how many', '2');
        await weigh(person, '1 lb 10 oz');
        await person.sees('Steaks × 2: 1.63 lb, packed');
        await person.reload();
        await person.sees('Packs go to');
        await person.clickOn('v-weighings .newest');
        await person.fill('Right weight', '1 lb 11 oz');
        await person.press('Tab');
        await person.sees('corrected to 1.69 lb');
        await person.fill('How many', '3');
        await person.press('Tab');
        await person.sees('3 of them');
        await person.fill('How many', '1.5');
        await person.press('Tab');
        await person.sees('3 stands.');
        await person.click('Done');
        await person.goOn('/demo/freezer');
        await person.reads('1.69 lb');
        await person.click('Block', 'link');
        await person.sees('Weighed 3');
      },

    'what is written on the pack is put right where it stands': async () => {
      await person.clickOn('v-weighings .newest');
      await person.page.waitForSelector('v-put-right .pack label');
      const label = await person.page.$eval('v-put-right .pack label', (each) =>
        (each as unknown as HTMLElement).innerText.trim(),
      );
      await person.write(label, 'Birthday steaks');
      await person.sees('is called Birthday steaks');
      await person.write(label, '  ');
      await person.sees('has 1 to 200 letters');
      await person.click('Done');
    },

    'with the scale a pack is one press, none typed: the tare of the bag is kept': async () => {
      await person.hurry(3);
      await person.click('Scale');
      await person.page.locator('::-p-text(Practice scale)').click();
      await person.press('Escape');
      await person.sees('Practice scale');
      const before = (await written('packed')).length;
      const presses: string[] = [];
      const tap = async (key: 'Space' | 'Digit4'): Promise<void> => {
        presses.push(key);
        await person.press(key);
      };
      await person.press('y');
      await person.sees('steady');
      await person.press('t');
      await person.sees('Tare ');
      for (let packs = 1; packs <= 3; packs++) {
        await person.press('r');
        await person.page.waitForSelector('.take[aria-disabled]', { timeout: 60_000 });
        await person.press('m');
        await person.page.waitForSelector('.take:not([aria-disabled])', { timeout: 60_000 });
        await tap('Space');
        await person.page.waitForFunction(
          (count) => document.querySelectorAll('v-weighings button').length === count,
          {},
          3 + packs,
        );
      }
      const packs = await written('packed');
      expect(packs).toHaveLength(before + 3);
      expect(packs.at(-1)?.tareDg).toBeGreaterThan(0);
      expect(presses.length).toBeLessThanOrEqual(2 * 3);
    },
  });
});

describe('a whole piece in one line', () => {
  let browser: BrowserContext;
  let person: Person;

  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS, PHONE);
    await begin(person, { decimal: ',' }, { kind: 'Strip loin', weight: '4,000 kg', price: '15,00' });
    await person.click('I know');
  });
  afterAll(() => browser.close());

  const count = async (): Promise<number> => (await person.stored()).entries.length;

  story('is read, frozen, taken back and closed', {
    'says what is not clear, and writes nothing down': async () => {
      const before = await count();
      await person.click('Type all at once');
      await person.fill('What came of it, all at once', '3 packs 1,2 kg; bin 430 g');
      await person.click('Write it down');
      await person.sees('Say “each” or “in all”');
      await person.fill('What came of it, all at once', '2 packs of thighs 300, 320 g;');
      await person.sees('Write it as one of: connective strip');
      expect(await person.page.$eval('mark', (each) => each.textContent)).toContain('thighs');
      expect(await count()).toBe(before);
    },

    'shows what it has read, and freezes it in one act': async () => {
      await person.fill(
        'What came of it, all at once',
        'liquid 60 g; five packs 520, 540, 515, 530 and 525 g; fat 0,7 kg; bin 160',
      );
      await person.sees('Leaves 450 g on the board.');
      await person.click('Freeze 5 packs');
      await person.sees('5 packs, in Freezer');
      await person.reads('Write on them');
      expect(await person.page.$$eval('.signs', (all) => all.length)).toBe(5);
      const packed = (await person.stored()).entries.filter(({ entry }) => entry.type === 'packed');
      expect(packed).toHaveLength(5);
    },

    'is taken back as the one act that it was, and done again': async () => {
      await person.click('Undo');
      await person.sees('weighings of one line, with their packs');
      expect((await person.page.$$('v-weighings button')).length).toBe(0);
      await person.click('Redo');
      await person.sees('Weighed 7');
    },

    'more than there is is refused, and what was typed stays': async () => {
      await person.click('Type all at once');
      await person.fill('What came of it, all at once', '1 pack 2 kg');
      await person.sees('more than there is');
      const before = await count();
      await person.click('Freeze 1 pack');
      await person.sees('is more than is left of strip loin');
      expect(await count()).toBe(before);
      await person.shows('What came of it, all at once', '1 pack 2 kg');
    },

    'with all of it off, enter in the empty field does nothing: to finish is a deed, which says what is not ticked':
      async () => {
        await person.click('Close');
        await weigh(person, '440 g', 'Square-off');
        await person.sees('Before you finish');
        const before = await count();
        await person.page.locator('input.num').click();
        await person.press('Enter');
        await person.press('Enter');
        await person.reads('Finish, 3 not ticked');
        expect(await count()).toBe(before);
        await person.click('Fat cap even, about 6 mm.', 'checkbox');
        await person.click('Finish, 2 not ticked');
        await person.sees('Strip loin closed.');
      },
  });
});

describe('typed on a slow device', () => {
  let browser: BrowserContext;
  let person: Person;

  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS);
    await begin(person, {}, { kind: 'Strip loin', weight: '6.000 kg', price: '15.00' });
    await person.click('I know');
    await weigh(person, '5.900 kg');
    await person.sees('100 g of liquid');
    await person.page.emulateCPUThrottling(6);
  });
  afterAll(() => browser.close());

  const weights = [301, 312, 323, 334, 345, 356, 367, 378, 389, 390];

  story('and nothing is lost', {
    'every key is acted on, however fast they come': async () => {
      await person.page.locator('::-p-called([role="radio"]) ::-p-text(Steaks)').click();
      for (const weight of weights) {
        await person.page.keyboard.type(`${weight}`);
        await person.page.keyboard.press('Enter');
      }
      await person.sees(`Weighed ${weights.length}`, 60_000);
      const cuts = (await person.stored()).entries
        .map(({ entry }) => entry as unknown as Entry)
        .filter(({ type }) => type === 'cut');
      expect(cuts.map(({ massDg }) => massDg / 10)).toEqual(weights);
      expect(new Set(cuts.map(({ part }) => part))).toEqual(new Set(['steaks']));
    },

    'a figure goes into the weight wherever the hand was last, and chooses no part': async () => {
      await person.click('Into packs', 'switch');
      await person.click('Into packs', 'switch');
      await person.page.keyboard.type('2');
      await person.page.keyboard.type('51');
      await person.sees('Take 251 g');
      await person.press('Enter');
      await person.sees('Steaks: 251 g');
    },

    'nothing comes over the page: what was done and what went wrong stand where it happens': async () => {
      await weigh(person, '9 kg');
      await person.sees('is more than is left of strip loin');
      expect(await person.page.$('.p-toast-message')).toBeNull();
      const [said, bar] = await person.page.$$eval('v-said-here .problem, .balance', (all) =>
        all.map((each) => each.getBoundingClientRect()).map(({ top, bottom }) => [top, bottom]),
      );
      expect(said![1]).toBeLessThanOrEqual(bar![0]!);
      await person.click('Close this notice');
    },
  });
});
