import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { BrowserContext } from 'puppeteer-core';
import { freshWindow, Person, PHONE, saved } from './harness';
import { ADDRESS, begin, weigh } from './journeys';
import { story } from './story';

// From a log that was only weighed and measured to steaks that were cut and weighed.
describe('where to cut a log', () => {
  let browser: BrowserContext;
  let person: Person;
  const downloads = mkdtempSync(join(tmpdir(), 'vendicus-cuts-'));

  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS);
    await person.savesTo(downloads);
    await begin(
      person,
      {},
      {
        ...{ kind: 'Strip loin', weight: '5.250 kg', price: '15.00', drained: '5.100 kg' },
        cuts: [
          ['Connective strip', '150 g'],
          ['Fat cap', '700 g'],
          ['Square-off', '250 g'],
        ],
      },
    );
  });
  afterAll(async () => {
    await browser.close();
    rmSync(downloads, { recursive: true });
  });

  /** Where the cuts stand, in mm, as a screen reader hears it. */
  const cuts = (): Promise<number[]> =>
    person.page.evaluate(() =>
      [...document.querySelectorAll('[role=slider]')].map((each) =>
        Number(each.getAttribute('aria-valuenow')),
      ),
    );
  const change = async (label: string, text: string): Promise<void> => {
    await person.clear(label);
    await person.type(text);
    await person.press('Tab');
  };

  story('from length and weight to slices that were cut and wrapped', {
    'length and weight alone give a plan': async () => {
      await person.click('Plan where to cut', 'link');
      await person.sees('Where to cut: strip loin');
      await change('Length', '400 mm');
      await person.sees('400 mm');
      expect((await cuts()).length).toBeGreaterThan(8);
      await person.reads('likely');
    },

    'follows the wish as it changes': async () => {
      const before = (await cuts()).length;
      await change('Weight', '4.000 kg');
      await person.write('Weight of a slice', '500 g');
      await person.page.waitForFunction(
        (count) => document.querySelectorAll('[role=slider]').length < count,
        {},
        before,
      );
      await person.write('Weight of a slice', '340 g');
      await person.choose('Slices', 'by thickness');
      await person.sees('28 mm');
      await person.choose('Slices', 'by weight');
      await person.shows('Weight of a slice', '340 g');
    },

    'a cut that is dragged stays where it was put, and the rest is planned around it': async () => {
      const [first = 0] = await cuts();
      const grip = await person.page.$('[role=slider] circle');
      const box = (await grip!.boundingBox())!;
      const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
      await person.page.mouse.move(x, y);
      await person.page.mouse.down();
      await person.page.mouse.move(x + 8, y, { steps: 4 });
      await person.page.mouse.up();
      const [moved = 0] = await cuts();
      expect(moved).toBeGreaterThan(first + 1);
      await person.reads('Let it go');
    },

    'arrow keys move a cut by 1 mm, with shift by 10; delete lets it go': async () => {
      const before = (await cuts())[1] ?? 0;
      await person.page.evaluate(() =>
        (document.querySelectorAll('[role=slider]')[1] as unknown as HTMLElement).focus(),
      );
      await person.press('ArrowRight');
      await person.page.waitForFunction(
        (wanted) =>
          [...document.querySelectorAll('[role=slider]')].some(
            (each) => Number(each.getAttribute('aria-valuenow')) === wanted,
          ),
        {},
        before + 1,
      );
      await person.page.keyboard.down('Shift');
      await person.press('ArrowLeft');
      await person.page.keyboard.up('Shift');
      await person.page.waitForFunction(
        (wanted) =>
          [...document.querySelectorAll('[role=slider]')].some(
            (each) => Number(each.getAttribute('aria-valuenow')) === wanted,
          ),
        {},
        before - 9,
      );
      await person.press('Delete');
      await person.reads('Let it go');
      await person.page.locator('::-p-text(Let it go)').click();
    },

    'a stretch that is no slice goes where it is wished': async () => {
      await change('Square off', '15 mm');
      await person.choose('What is square-off is for', 'stew');
      await person.page.waitForFunction(() =>
        [...document.querySelectorAll('title')].some((each) => each.textContent === 'square-off, for stew'),
      );
      await change('Square off', '0 mm');
    },

    'two plans side by side': async () => {
      await person.click('Compare');
      await person.sees('Lightest to heaviest');
      await person.sees('Unevenness');
      await person.sees('The other plan');
      await person.sees('price unknown');
      await person.click('Only one plan');
    },

    'a mix is looked for, and a wish for more than there is says so': async () => {
      await person.choose('Slices', 'a mix');
      await person.sees('1 roast');
      await person.sees('steak');
      await person.write('Least of kind 1', '4');
      await person.sees('The least counts need 720 mm');
      await person.choose('Slices', 'by weight');
    },

    'bad measures are answered, and nothing is lost': async () => {
      await change('Length', 'long');
      await person.sees('stands.');
      await change('Weight', '16 kg');
      await person.page.locator('summary').click();
      await change('Width at place 1', '20 mm');
      await change('Width at place 2', '20 mm');
      await change('Width at place 3', '20 mm');
      await person.sees('do not fit together');
      await change('Width at place 1', '180 mm');
      await change('Width at place 2', '175 mm');
      await change('Width at place 3', '165 mm');
      await change('Weight', '4.000 kg');
      await person.reads('likely');
    },

    'a measured place is dragged, and moved with the keys; a tape measures too': async () => {
      const valueOf = (label: string): Promise<number> =>
        person.page.$eval(`::-p-called([name="${label}"][role="textbox"])`, (each) =>
          parseInt((each as unknown as HTMLInputElement).value, 10),
        );
      const before = [await valueOf('Place 2'), await valueOf('Height at place 2')] as const;
      const box = (await (await person.page.$('[aria-label="Measured place 2"] circle'))!.boundingBox())!;
      const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
      await person.page.mouse.move(x, y);
      await person.page.mouse.down();
      await person.page.mouse.move(x - 12, y - 12, { steps: 4 });
      await person.page.mouse.up();
      const dragged = [await valueOf('Place 2'), await valueOf('Height at place 2')] as const;
      expect(dragged[0]).toBeLessThan(before[0]);
      expect(dragged[1]).toBeGreaterThan(before[1]);
      expect(dragged[1] - before[1]).toBeLessThan(20);
      await person.page.$eval('[aria-label="Measured place 2"]', (each) =>
        (each as unknown as HTMLElement).focus(),
      );
      const becomes = (label: string, mm: number): Promise<void> => person.shows(label, `${mm} mm`);
      await person.press('ArrowDown');
      await becomes('Height at place 2', dragged[1] - 1);
      await person.press('ArrowRight');
      await becomes('Place 2', dragged[0] + 1);
      await person.choose('Measured with', 'tape and width');
      await person.page.waitForSelector('::-p-called(Girth at place 2)');
      expect(await valueOf('Girth at place 2')).toBeGreaterThan(300);
      await change('Girth at place 2', '100 mm');
      await person.sees('does not reach round it');
      await change('Girth at place 2', '430 mm');
      await person.choose('Measured with', 'ruler');
      await person.page.waitForSelector('::-p-called(Height at place 2)');
    },

    'the ruler and the lists are saved': async () => {
      for (const [name, file] of [
        ['text', 'cuts-strip-loin.txt'],
        ['CSV', 'cuts-strip-loin.csv'],
        ['SVG', 'cuts-strip-loin.svg'],
        ['Paper ruler', 'ruler.pdf'],
      ] as const) {
        await person.click(name);
        await saved(downloads, (each) => each === file);
      }
      expect(readFileSync(join(downloads, 'ruler.pdf'), 'latin1').slice(0, 5)).toBe('%PDF-');
      expect(readFileSync(join(downloads, 'cuts-strip-loin.txt'), 'utf8')).toContain('1. slice: 0 mm to ');
    },

    'at the board the next cut is said, and planned anew after each slice': async () => {
      await person.click('Cut it like this');
      await person.sees('The bench says each cut');
      const said = (): Promise<string> =>
        person.page.evaluate(() => document.querySelector<HTMLElement>('.cut')?.innerText ?? '');
      const first = await said();
      expect(first).toMatch(/Next cut\s+\d+ mm from the end/);
      // Three slices far too heavy: what is left is thinner or fewer, and the plan knows.
      for (const count of [4, 5, 6]) {
        await weigh(person, '430 g', 'Steaks');
        await person.sees(`Weighed ${count}`);
      }
      await person.page.waitForFunction(
        (before) => document.querySelector<HTMLElement>('.cut')?.innerText !== before,
        {},
        first,
      );
      await person.click('The plan', 'link');
      await person.sees('3 cuts are made and weighed');
      await person.sees('✓ 430 g');
      await person.sees(' more at about ');
    },

    'on a phone it fits': async () => {
      const phone = await Person.at(browser, ADDRESS, PHONE);
      await phone.goTo(new URL(person.page.url()).pathname);
      await phone.sees('Where to cut');
      expect(await phone.page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
      await phone.page.close();
    },

    'hands the thickness of each slice on to Wrap, and to how long it freezes': async () => {
      await person.goOn('/home/wrap');
      await person.sees('lie here to be wrapped');
      await person.clickOn('.end .act');
      await person.page.waitForSelector('v-tray summary');
      await person.clickOn('v-tray:nth-of-type(1) summary');
      await person.sees('it freezes in about');
      const thick = await person.page.$eval(
        'v-tray:nth-of-type(1) [placeholder=mm]',
        (each) => (each as unknown as HTMLInputElement).value,
      );
      expect(Number(/^(\d+) mm$/.exec(thick)?.[1])).toBeGreaterThan(20);
    },

    'has not made the page complain': () => {
      expect(person.complaints).toEqual([]);
    },
  });
});

describe('a steak for each who eats', () => {
  let browser: BrowserContext;
  let person: Person;

  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS);
    await begin(
      person,
      { decimal: ',', eaters: { Odile: 200, Bram: 150 } },
      {
        ...{ kind: 'Beef tenderloin, peeled', weight: '1,700 kg', price: '45,00', drained: '1,650 kg' },
        cuts: [
          ['Chain', '200 g'],
          ['Fat', '100 g'],
          ['Silver skin', '80 g'],
        ],
      },
    );
    await person.goOn(`${new URL(person.page.url()).pathname}/slices`);
  });
  afterAll(() => browser.close());

  story('is planned by plates, and told otherwise', {
    'the first plan is as many of each as there are dinners, the large plates’ first named': async () => {
      await person.sees('Bram');
      const kinds = await person.page.$$eval('table.cuts tbody tr:not(.rest) td:first-child', (all) =>
        all.map((each) => (each as unknown as HTMLElement).innerText.trim().replace(/^\d+ /, '')),
      );
      expect(kinds.filter((kind) => kind === 'Bram')).toHaveLength(kinds.length / 2);
    },

    'the head stays in one, and the tail is folded under: both are slices': async () => {
      await person.choose('Slices', 'by weight');
      await person.write('Weight of a slice', '200 g');
      await person.write('Head in one', '6 cm');
      await person.sees('1 head, in one');
      await person.write('Head in one', 'all of it');
      await person.sees('“all of it” is no length.');
      await person.write('Head in one', '6 cm');
      await person.write('Too thin under', '45 mm');
      await person.choose('there', 'fold it under');
      await person.sees('tail, folded under');
      await person.click('Cut it like this');
      await person.sees('The bench says each cut from here on.');
      expect(person.complaints).toEqual([]);
    },
  });
});
