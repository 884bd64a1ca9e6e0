import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { BrowserContext } from 'puppeteer-core';
import { freshWindow, Person, saved } from './harness';
import { ADDRESS, begin, buy, weigh, finish, inOnePiece } from './journeys';
import { story } from './story';

// The piece worked by hand in docs/computations.md, typed as a person would type it.
describe('a piece from the counter to the freezer and the books', () => {
  let browser: BrowserContext;
  let person: Person;
  const downloads = mkdtempSync(join(tmpdir(), 'vendicus-downloads-'));

  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS);
    await person.savesTo(downloads);
    await begin(person);
  });
  afterAll(async () => {
    await browser.close();
    rmSync(downloads, { recursive: true });
  });

  story('is bought, cut, wrapped, eaten, and read', {
    'is bought with the prices of the same meat ready cut': async () => {
      await buy(person, 'Beef tenderloin', '5.000 kg', '12.00', {
        'Trimmed fillet steak': '24.00',
        'Ground beef': '9.00',
        'Beef bones and trimmings for stock': '2.00',
      });
      await person.sees('Paid €60.00');
    },

    'is drained and taken apart': async () => {
      await weigh(person, '4.900 kg');
      await person.sees('Drained: 100 g of liquid');
      await weigh(person, '3430', 'Centre');
      await inOnePiece(person);
      await person.sees('Centre: 3.430 kg');
      await weigh(person, '490 g', 'Chain');
      await person.sees('Chain: 490 g');
      await weigh(person, '245 g', 'Clean trimmings');
      await person.sees('Clean trimmings: 245 g');
      await person.page.locator('::-p-called([role="radio"]) ::-p-text(Silver skin)').click();
      await weigh(person, '735 g');
      await person.sees('Nothing is left on the board');
      await person.sees('Before you finish');
      await finish(person);
      await person.sees('Beef tenderloin closed.');
    },

    'is wrapped, with the cost of the pack and of a plate': async () => {
      await person.sees('lie here to be wrapped');
      await person.page.locator('v-token ::-p-text(Centre)').click();
      await person.click('New tray with what is in the hand');
      await person.page.locator('v-tray summary').click();
      await person.fill('Plates of tray 1', '10');
      await person.press('Tab');
      await person.sees('€56.63');
      await person.sees('€5.66 a plate');
      await person.clickOn('.end .act');
      await person.sees('Centre wrapped, in Freezer');
    },

    'is eaten from the freezer in part, and that is undone': async () => {
      await person.click('Freezer 1 pack', 'link');
      await person.fill('Plates to eat', '1,5');
      await person.click('Eat plates');
      await person.sees('“1,5” cannot be eaten: a whole number of portions, from 1 to 10.');
      await person.fill('Plates to eat', '4');
      await person.click('Eat plates');
      await person.sees('2.058 kg');
      await person.sees('Cost of what is left €33.98');
      await person.click('Undo');
      await person.sees('Cost of what is left €56.63');
    },

    'shows yield, cost, worth, saving and break-even in the Books': async () => {
      await person.click('Books', 'link');
      await person.sees('Usable kg');
      await person.click('Beef tenderloin', 'link');
      await person.sees('a usable kg cost €15.31');
      await person.sees('yield 78.4 %');
      await person.sees('saved against the shop €27.22');
      await person.sees('€87.22 bought cut');
      await person.sees('break-even price €17.44');
      // Ten plates packed, and 490 g of chain for plates of 180 g: 60.00 ÷ 12.72.
      await person.sees('a dinner for 1 €4.72');
      await person.sees('Centre 3.430 kg €56.63 €16.51/kg €52.50 €15.31/kg €55.10 €16.06/kg');
      await person.sees('Chain 490 g €3.03 €6.19/kg €7.50 €15.31/kg €4.41 €9.00/kg');
      await person.sees('Clean trimmings 245 g €0.34');
      await person.click('By weight', 'radio');
      await person.sees('What was paid, over the weight of what is usable');
    },

    'a price of that day is put right, once it was seen which packs it moves; and that is undone':
      async () => {
        await person.click('Store value', 'radio');
        await person.click('correct the price of Ground beef of that day');
        await person.fill('Right price of Ground beef for a kg', '2x');
        await person.press('Enter');
        await person.sees('“2x” is not a price. Write it like 24.50.');
        await person.fill('Right price of Ground beef for a kg', '10.00');
        await person.press('Enter');
        // 60.00 × 82.32 ÷ (82.32 + 4.90 + 0.49): 56.31.
        await person.sees('1 closed piece counted with it. Centre: €56.63 becomes €56.31.');
        await person.click('Correct all of it');
        await person.sees('saved against the shop €27.71');
        await person.click('Undo');
        await person.sees('saved against the shop €27.22');
      },

    'says the same from the exported file at the command line': async () => {
      await person.click('‹ All pieces', 'link');
      await person.click('File and settings', 'link');
      await person.click('Export the household');
      await person.sees('last copy outside today');
      const file = join(downloads, await saved(downloads, (each) => each.endsWith('.json')));
      const { purchases, stock } = JSON.parse(
        execFileSync(process.execPath, ['dist/cli.mjs', 'report', file, '--school', 'by-weight'], {
          encoding: 'utf8',
        }),
      ) as {
        purchases: { yieldPct: number; shop: object; parts: { part: string; costMinor: number }[] }[];
        stock: { massG: number; costMinor: number }[];
      };
      expect(purchases).toHaveLength(1);
      expect(purchases[0]).toMatchObject({
        receivedG: 5000,
        drainedG: 4900,
        paidMinor: 6000,
        yieldPct: 78.4,
        currency: 'EUR',
      });
      expect(purchases[0]?.shop).toEqual({
        worthMinor: 8722,
        savedMinor: 2722,
        breakEvenPerKgMinor: 1744,
        complete: true,
        missing: [],
      });
      expect(purchases[0]?.parts.find(({ part }) => part === 'centre')?.costMinor).toBe(5250);
      expect(stock).toMatchObject([{ massG: 3430, costMinor: 5250 }]);
    },

    'has not made the page complain': () => {
      expect(person.complaints).toEqual([]);
    },
  });
});
