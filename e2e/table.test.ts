import type { BrowserContext } from 'puppeteer-core';
import { freshWindow, Person, PHONE } from './harness';
import { ADDRESS, begin, buy, movesIn, weigh } from './journeys';
import { story } from './story';

// What lies on the table is packed as a sensible cook would, in euros with a comma.
describe('the table ends empty', () => {
  let browser: BrowserContext;
  let person: Person;

  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS);
    const steaks = ['250 g', '255 g', '245 g', '248 g'];
    await begin(
      person,
      { decimal: ',', eaters: { Odile: 180, Bram: 180 } },
      {
        ...{ kind: 'Strip loin', weight: '2,000 kg', price: '15,00', drained: '1,950 kg' },
        cuts: [['Fat cap', '150 g'], ...steaks.map((weight) => ['Steaks', weight] as const)],
      },
    );
    await person.click('I know');
    await person.click('Wrap 5 to wrap', 'link');
    await person.click('Plan the packs');
    await person.sees('No plan is better.');
  });
  afterAll(() => browser.close());

  const names = (): Promise<string[]> =>
    person.page.$$eval('v-tray section', (all) =>
      all.map((each) => (each as unknown as HTMLElement).getAttribute('aria-label') ?? ''),
    );
  const pressed = (): Promise<string | null> =>
    person.page.$eval('.ways [aria-pressed=true]', (each) => (each as unknown as HTMLElement).innerText);

  story('is planned one way and another, wrapped and kept', {
    'fair portions are not cut; a plan with cuts stands beside it, and is not taken by itself': async () => {
      expect(await pressed()).toBe('2 dinners as they are');
      await person.sees('4 dinners if 4 are cut in two');
      expect((await names()).filter((name) => name.includes('2 steaks, dinner for all'))).toHaveLength(2);
      await person.sees('Everything is on a tray');
    },

    'so many a pack, so much a pack: said by part, and kept': async () => {
      await person.click('What is wanted');
      await person.choose('Steak', 'so many a pack');
      await person.fill('Steak in a pack', '3');
      await person.press('Tab');
      await person.click('Plan again');
      await person.sees('2 bags.');
      expect((await names()).map((name) => name.replace(/^Tray \d+, /, ''))).toEqual([
        '3 steaks',
        'Steak',
        'Fat cap',
      ]);
      await person.fill('Steak in a pack', 'some');
      await person.press('Tab');
      await person.sees('3 stands.');
      await person.choose('Steak', 'by who eats');
      await person.click('Plan again');
      await person.sees('4 dinners if 4 are cut in two');
      await person.click('What is wanted');
    },

    'with cuts it says who gets less, where the knife goes, and stays through a reload': async () => {
      await person.click('4 dinners if 4 are cut in two');
      await person.sees('Everyone gets less than usual in 4 packs.');
      await person.sees('Cut in two first');
      const cut = await names();
      expect(cut.filter((name) => name.includes('2 cut steaks, dinner for all'))).toHaveLength(4);
      await person.reload();
      await person.sees('Cut in two first');
      expect(await names()).toEqual(cut);
    },

    'what somebody said of an empty tray stays when the rest is planned': async () => {
      await person.click('New tray');
      await person.sees('Nothing in it yet.');
      const number = (await names()).length;
      await person.clickOn(`v-tray:nth-of-type(${number}) summary`);
      await person.page.locator(`v-tray:nth-of-type(${number}) [placeholder=mm]`).fill('28 mm');
      await person.press('Tab');
      await person.click('Plan again');
      await person.page.waitForFunction(() =>
        document
          .querySelector<HTMLElement>('v-tray:nth-of-type(1)')
          ?.innerText.includes('Nothing in it yet.'),
      );
      const kept = await person.page.$$eval('v-tray:nth-of-type(1) [placeholder=mm]', (all) =>
        all.map((each) => (each as unknown as HTMLInputElement).value),
      );
      expect(kept).toEqual(['28 mm']);
    },

    'a locked tray that contradicts a “never” stays, and says so; a bag is no heavier than its meat':
      async () => {
        const number = (await names()).findIndex((name) => name.includes('steaks, dinner for all')) + 1;
        const tray = `v-tray:nth-of-type(${number})`;
        await person.clickOn(`${tray} summary`);
        await person.page.locator(`${tray} [placeholder="0 g"]`).fill('2 kg');
        await person.press('Tab');
        await person.sees('is the most.');
        await person.press('Escape');
        await person.click(`Lock tray ${number}`);
        await person.click('What is wanted');
        await person.click('Bram eats it');
        await person.sees('Bram likes it');
        await person.click('Bram likes it');
        await person.sees('Bram never eats steak.');
        await person.click('Plan again');
        await person.sees('beside it as it was');
        await person.reads('Bram never eats steak.');
        await person.click('Bram never');
        await person.sees('Bram eats it');
        await person.click('What is wanted');
        await person.page.locator('.lock[aria-pressed=true]').click();
        await person.page.waitForFunction(() => document.querySelector('.lock[aria-pressed=true]') === null);
        await person.click('Plan again');
        await person.reads('2 dinners as they are');
      },

    'what somebody never eats comes on no plate of theirs': async () => {
      await person.click('What is wanted');
      await person.click('Bram eats it');
      await person.sees('Bram likes it');
      await person.click('Bram likes it');
      await person.sees('Bram never');
      await person.click('What is wanted');
      await person.click('Plan again');
      await person.sees('4 dinners.');
      expect((await names()).filter((name) => name.includes('Steak, dinner for all'))).toHaveLength(4);
      await person.click('What is wanted');
      await person.click('Bram never');
      await person.sees('Bram eats it');
      await person.click('What is wanted');
      await person.click('Plan again');
      await person.sees('2 dinners as they are');
    },

    'is frozen in one act, and no gram is lost; a second tab that wraps the same finds the table clear':
      async () => {
        const other = await Person.at(browser, ADDRESS);
        await other.goTo('/home/wrap');
        await other.sees('ready to be wrapped');
        await person.page.bringToFront();
        await person.click('4 dinners if 4 are cut in two');
        await person.sees('Cut in two first');
        const number = (await names()).findIndex((name) => name.includes('2 cut steaks')) + 1;
        await person.clickOn(`v-tray:nth-of-type(${number}) summary`);
        await person.fill(`Tray ${number} is kept for`, 'guests');
        await person.press('Tab');
        await person.sees('kept for guests');
        await person.clickOn('.end .act');
        await person.sees('5 packs wrapped, in Freezer');
        const packed = (await person.stored()).entries.flatMap(({ entry }) => {
          const each = entry as unknown as { type: string; from: { amount: unknown }[] };
          return each.type === 'packed' ? [each] : [];
        });
        expect(packed).toHaveLength(5);
        const halved = (await person.stored()).entries.filter(({ entry }) => entry.type === 'halved');
        expect(halved).toHaveLength(4);
        await other.page.bringToFront();
        await other.sees('The table is clear');
        expect(await other.page.$('.end .act')).toBeNull();
        await other.page.close();
        await person.goTo('/home/wrap');
        await person.sees('The table is clear');
      },

    'what is kept for guests no plan takes, until it is free again': async () => {
      await person.goOn('/home/freezer/tonight');
      await person.sees('Kept, and not offered');
      await person.goOn('/home/freezer');
      await person.sees('kept for guests');
      await person.sees('1 pack of them is kept for something.');
      await person.fill('Find a pack', 'guests', 'searchbox');
      await person.page.waitForFunction(() => document.querySelectorAll('table.packs tbody tr').length === 1);
      await person.clickOn('table.packs tbody .name');
      await person.click('Free it');
      await person.sees('for any day again');
      await person.reads('No pack matches.');
      await person.click('Show all');
      await person.clickOn('table.packs tbody tr:first-of-type .name');
      await person.click('Keep it');
      await person.sees('Say what it is kept for in a few words');
      await person.fill('Keep it for', 'the game');
      await person.click('Keep it');
      await person.sees('kept for the game');
      await person.goOn('/home/freezer/tonight');
      await person.sees('for the game.');
      expect(person.complaints).toEqual([]);
    },

    'thighs each wrapped by themselves, grind flat: rules of the household': async () => {
      await buy(person, 'Strip loin', '2,000 kg', '15,00');
      await person.sees('this is the true start');
      await weigh(person, '1,950 kg');
      for (const weight of ['180 g', '181 g']) await weigh(person, weight, 'Steaks');
      await weigh(person, '600 g', 'Lean trimmings');
      await person.click('Wrap 3 to wrap', 'link');
      await person.click('What is wanted');
      await person.click('Steak: each wrapped by itself', 'checkbox');
      await person.fill('Heaps are pressed flat to', 'flat');
      await person.press('Tab');
      await person.sees('“flat” is no thickness of a pack.');
      await person.fill('Heaps are pressed flat to', '25 mm');
      await person.press('Tab');
      await person.click('What is wanted');
      await person.clickOn('.end .act');
      await person.sees('Everything is on a tray');
      await person.clickOn('.end .act');
      await person.sees('packs wrapped, in Freezer');
      const packed = (await person.stored()).entries.flatMap(({ entry }) =>
        entry.type === 'packed' ? [entry] : [],
      );
      // The five of before, then two steaks in a bag, and two bags of grind.
      expect(packed.slice(5)).toMatchObject([{ singly: true }, { thicknessMm: 25 }, { thicknessMm: 25 }]);
      expect(packed.slice(6).some((pack) => 'singly' in pack)).toBe(false);
    },
  });
});

describe('what makes no dinner yet', () => {
  let browser: BrowserContext;
  let person: Person;

  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS);
    await begin(person, { eaters: { Odile: 180, Bram: 180 } });
  });
  afterAll(() => browser.close());

  /** A leg of which only the shank is wrapped. */
  async function shank(weight: string): Promise<void> {
    await buy(person, 'Lamb leg', '2.000 kg', '15.00');
    await person.sees('this is the true start');
    await weigh(person, '1.950 kg');
    await weigh(person, weight, 'Shank');
    await person.sees(`: ${weight}`);
    await person.click('Wrap 1 to wrap', 'link');
    await person.sees('lie here to be wrapped');
    await person.clickOn('.end .act');
    await person.sees('1 bag is kept in the freezer until there is enough');
    await person.clickOn('.end .act');
    await person.sees('wrapped, in Freezer');
  }

  story('is collected, and made a dinner of', {
    'is collected: the Freezer says how far it is from a dinner': async () => {
      await shank('310 g');
      await person.goOn('/home/freezer');
      await person.sees('1 more shank, and it is a dinner.');
    },

    'and makes one dinner of it, dated by the oldest bag, with a number of its own': async () => {
      await shank('330 g');
      await person.goOn('/home/freezer');
      await person.sees('It is a dinner.');
      await person.click('Make it one dinner: Shank, bone-in');
      await person.sees('2 bags are one dinner');
      await person.sees('Which packs');
      await person.goOn('/home/freezer');
      await person.sees('2 shanks, dinner for all');
      await person.reads('640 g');
      expect(person.complaints).toEqual([]);
    },
  });
});

describe('from a closed piece to frozen packs', () => {
  let browser: BrowserContext;
  beforeAll(async () => {
    browser = await freshWindow();
  });
  afterAll(() => browser.close());

  it.each([
    [1280, undefined],
    [390, PHONE],
  ])('a strip loin off the board is in the freezer in at most 3 acts, %d wide', async (_wide, size) => {
    const own = await freshWindow();
    const person = await Person.at(own, ADDRESS, size);
    await movesIn(person);
    await person.goTo('/home/wrap');
    await person.sees('lie here to be wrapped');
    let acts = 0;
    const act = async (): Promise<void> => {
      acts += 1;
      await person.clickOn('.end .act');
    };
    await act();
    await person.sees('2 dinners');
    const bar = await person.page.$eval('.end .act', (each) => each.getBoundingClientRect().toJSON());
    // The deed is in sight without scrolling.
    expect(bar.bottom).toBeLessThanOrEqual(size?.height ?? 800);
    await act();
    await person.sees('4 packs wrapped, in Chest freezer');
    expect(acts).toBeLessThanOrEqual(3);
    await person.goTo('/home/wrap');
    await person.sees('The table is clear');
    expect(person.complaints).toEqual([]);
    await own.close();
  });
});
