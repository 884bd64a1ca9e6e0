import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { BrowserContext, ElementHandle } from 'puppeteer-core';
import { monthOf, today } from './clock';
import { DESK, freshWindow, Person, PHONE, saved } from './harness';
import { ADDRESS, begin, choosePiece, movesIn, unfold } from './journeys';
import { story } from './story';

describe('a decision in the shop, on a phone', () => {
  let browser: BrowserContext;
  let person: Person;
  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS, PHONE);
    await movesIn(person);
    await person.goTo('/home/counter');
  });
  afterAll(() => browser.close());
  const answers = async (word: string): Promise<void> => {
    await person.page.waitForFunction(
      (word) => document.querySelector('.answer')?.textContent?.trim() === word,
      {},
      word,
    );
  };

  story('from the tiles to the Block', {
    'says of each kind up to where it would be worth it, and of the chosen one before anything is typed':
      async () => {
        await person.sees('Which piece?');
        expect(await person.page.$eval('.kind', (tile) => tile.textContent)).toMatch(/to €\d+\.\d\d\/kg/);
        await choosePiece(person, 'Strip loin');
        await person.focuses(/^Price for a kg/);
        await person.reads('Worth it up to €');
        await person.reads('going ');
      },

    'follows the price: worth it when low, leave it when high': async () => {
      await person.fill('Weight on the label', '5.3');
      await person.fill('Price for a kg', '13.90');
      await answers('Worth it');
      await person.sees('The price is lower than');
      await person.fill('Price for a kg', '45');
      await answers('Leave it');
      await person.sees('Costs');
      expect(await person.page.$$eval('.act', (acts) => acts.map((act) => act.textContent?.trim()))).toEqual([
        'Leave it',
      ]);
    },

    'takes a price for 100 g, for a pound, or for each bird': async () => {
      const unit = (name: string): Promise<void> => person.click(name);
      await unit('100 g');
      await person.fill('Price for 100 g', '1.39');
      await person.sees('Buy it for €73.67');
      await unit('lb');
      await person.fill('Price for a lb', '6.30');
      await person.sees('Buy it for €73.61');
      await choosePiece(person, 'Whole chicken');
      await unit('each');
      await person.fill('How many', '2');
      await person.fill('Weight of all', '4.2');
      await person.fill('Price for one', '11.50');
      await person.sees('for €23.00');
      // Two birds are not two loins: each piece has what was typed of it.
      await choosePiece(person, 'Strip loin');
      await person.sees('Buy it for €73.61');
      await choosePiece(person, 'Whole chicken');
      await person.sees('for €23.00');
      await choosePiece(person, 'Strip loin');
      await unit('kg');
      await person.fill('Price for a kg', '13.90');
      await person.fill('Weight on the label', '5.3');
      await answers('Worth it');
    },

    'the price is slid along the tape, and the answer follows it': async () => {
      const hand = await person.page.waitForSelector('[role=slider]');
      await hand?.focus();
      await person.press('ArrowRight');
      await person.press('End');
      await answers('Leave it');
      const price = await person.page.$eval('[role=slider]', (each) => each.getAttribute('aria-valuetext'));
      expect(price).toMatch(/^\d+\.\d\d: Costs (up to )?€\d+ more$/);
      await person.shows('Price for a kg', String(price).split(':')[0] ?? '');
      await person.fill('Price for a kg', '13.90');
      await answers('Worth it');
    },

    'what is seen on the piece moves even money': async () => {
      const even = async (): Promise<number> =>
        Number((/even ≥? ?([\d.]+)/.exec(await person.text()) ?? [])[1]);
      const before = await even();
      await unfold(person, 'Ask and look');
      await person.pressText('Large oval at the sirloin end');
      await person.page.waitForFunction(
        (text) => !document.body.innerText.replace(/\s+/g, ' ').includes(text),
        {},
        before.toFixed(2),
      );
      expect(await even()).toBeLessThan(before);
    },

    'another way to cut is one press away, and nothing is wider than the screen': async () => {
      await unfold(person, 'Ways to cut it');
      await person.pressText('A roast and steaks');
      await unfold(person, 'What it should give');
      await person.sees('From the catalogue: you have not finished one cut this way');
      expect(await person.page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    },

    'works with the server gone, as the page is loaded': async () => {
      await person.page.setOfflineMode(true);
      await person.fill('Price for a kg', '12');
      await answers('Worth it');
      await person.page.setOfflineMode(false);
    },

    'from the answer one act makes it a purchase and opens the Block': async () => {
      await person.pressText('Buy it for');
      await person.sees('Drained weight');
      expect(person.complaints).toEqual([]);
    },
  });
});

describe('a card to show at the counter', () => {
  it('names the piece here and elsewhere, says what to say, and what is seen moves the answer', async () => {
    const browser = await freshWindow();
    try {
      const person = await Person.at(browser, ADDRESS, PHONE);
      await begin(person);
      await person.goOn('/home/counter/ask');
      await choosePiece(person, 'Strip loin');
      await person.sees('“A whole boneless strip loin, still in its sealed bag. Two or three to choose from');
      await person.reads('New York strip');
      await person.reads('Roastbeef, ganz');
      await person.reads('Saying no to all of them is fine');
      await person.pressText('Large oval at the sirloin end');
      await person.pressText('Is it worth it?');
      await person.sees('1 thing seen');
      expect(person.complaints).toEqual([]);
    } finally {
      await browser.close();
    }
  });
});

describe('pieces side by side', () => {
  let browser: BrowserContext;
  let person: Person;
  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS, DESK);
    await movesIn(person);
    await person.goTo('/home/counter/candidates');
  });
  afterAll(() => browser.close());
  const enter = async (number: number, weight: string, price: string): Promise<void> => {
    await person.choose(`Piece ${number}`, 'Strip loin');
    await person.fill(`Weight of piece ${number}`, weight);
    await person.fill(`Price of piece ${number}`, price);
  };
  const isBest = (name: string): Promise<unknown> =>
    person.page.waitForSelector(`section.best[aria-label="${name}"]`);

  story('are typed, looked at and kept', {
    'the cheaper portion comes first, and it says what decides': async () => {
      await enter(1, '5.3', '15.90');
      await enter(2, '4.9', '14.90');
      await person.sees('Its price decides it');
      await isBest('Strip loin 2');
    },

    'what is seen on a piece can turn it; all lie on one scale': async () => {
      await person.click('Add a piece');
      await enter(3, '5.1', '14.90');
      const fat = (await person.page.$$('section[aria-label="Strip loin 2"] .marks button'))[2];
      await fat?.click();
      await isBest('Strip loin 3');
      const figures = await person.page.$$eval('v-lying-piece v-portion-ruler', (rulers) =>
        rulers.map((ruler) =>
          [...ruler.querySelectorAll('.scale i')].map((each) => each.getAttribute('style')),
        ),
      );
      expect(figures).toHaveLength(3);
      expect(figures[1]).toEqual(figures[0]);
    },

    'waits over a reload, and what cannot be read is said beside it and does not count': async () => {
      await person.reload();
      await isBest('Strip loin 3');
      await person.page.waitForSelector('section[aria-label="Strip loin 1"] dl');
      await person.click('Fill a price Strip loin 1');
      await person.fill('Weight of piece 1', 'x');
      await person.sees('That is not a weight');
      await person.page.waitForFunction(
        () => !document.querySelector('section[aria-label="Strip loin 1"] dl'),
      );
      expect(person.complaints).toEqual([]);
    },
  });
});

describe('what the work costs beside the meat', () => {
  let browser: BrowserContext;
  let person: Person;
  const folder = mkdtempSync(join(tmpdir(), 'vendicus-costs-'));
  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS, DESK);
    await person.savesTo(folder);
    await movesIn(person);
    await person.goTo('/home/books/household');
  });
  afterAll(async () => {
    await browser.close();
    rmSync(folder, { recursive: true });
  });

  story('is said once and counted from then on', {
    'is set once; a word is no amount, and nothing is changed by it': async () => {
      await person.fill('An hour’s worth, empty for none', 'much');
      await person.pressText('Save costs');
      await person.sees('“much” is no amount.');
      await person.fill('An hour’s worth, empty for none', '12');
      await person.pressText('Save costs');
      await person.sees('What the work costs is saved');
    },

    'a tool without a price is asked for': async () => {
      await person.click('Add a tool');
      await person.fill('Tool 3', 'Long knife');
      await person.pressText('Save costs');
      await person.sees('How much?');
      await person.click('Close this notice');
      await person.page.waitForFunction(() => !document.body.innerText.includes('costs is saved'));
      await person.reads('How much?');
      await person.fill('Paid for tool 3', '45');
      await person.pressText('Save costs');
      await person.sees('What the work costs is saved');
    },

    'is taken off the saving of a piece, apart from what the meat cost': async () => {
      await person.click('Pieces', 'link');
      await person.fill('Find a piece', `tenderloin ${monthOf(today(-45))}`, 'searchbox');
      await person.click('Beef tenderloin', 'link');
      await person.sees('Beside the meat');
      const text = await person.text();
      const amount = (label: string): number =>
        Number(
          (new RegExp(`${label}[^€]*?(−?)€([\\d.]+)`).exec(text) ?? []).slice(1).join('').replace('−', '-'),
        );
      const [saved = 0, ...off] = [
        'Saved against the shop',
        'Bags and labels,',
        'Tools, this piece’s share',
      ].map(amount);
      expect([saved, ...off].every((part) => Number.isFinite(part))).toBe(true);
      expect(off.every((part) => part > 0)).toBe(true);
      const thrown = text.includes('Thrown away later') ? amount('Thrown away later') : 0;
      // Time stands beside it.
      expect(saved - off.reduce((sum, part) => sum + part, 0) - thrown).toBeCloseTo(amount('Net saved'), 2);
      expect(amount('Time, beside it:')).toBeGreaterThan(0);
    },

    'a piece goes out as CSV, part by part': async () => {
      await person.click('CSV');
      const name = await saved(
        folder,
        (each) => each.startsWith('vendicus-beef-tenderloin') && each.endsWith('.csv'),
      );
      const [header, ...lines] = readFileSync(join(folder, name), 'utf8').trim().split('\r\n');
      expect(header).toContain(
        'part,goes to,count,weight (kg),cost by shop prices (EUR),cost by weight (EUR),"cost, cheap parts first (EUR)",cost by dinner (EUR),shop item,shop asks (EUR/kg)',
      );
      expect(lines.some((line) => line.startsWith('Centre,main,'))).toBe(true);
      expect(person.complaints).toEqual([]);
    },
  });
});

describe('prices', () => {
  let browser: BrowserContext;
  let person: Person;
  const folder = mkdtempSync(join(tmpdir(), 'vendicus-prices-'));
  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS);
    await person.savesTo(folder);
    await begin(person);
    await person.goOn('/home/counter/prices');
  });
  afterAll(async () => {
    await browser.close();
    rmSync(folder, { recursive: true });
  });
  const note = async (shop: string, price: string): Promise<void> => {
    await person.fill('Shop', shop, 'combobox');
    await person.fill('Price', price);
    await person.press('Enter');
  };

  story('are noted, corrected, read from a table and written as one', {
    'one is written down with item, shop and price, and found again as the last one': async () => {
      await person.choose('Item', 'Strip steak');
      await note('Fennel Street Market', '24.90');
      await person.sees('Strip steak, Fennel Street Market: €24.90/kg');
      await person.sees('Goes for €24.90/kg');
      expect(
        await person.page.$eval(
          '::-p-called([name="Price"][role="textbox"])',
          (input) => (input as HTMLInputElement).placeholder,
        ),
      ).toBe('last 24.90');
    },

    'asks about a price in the wrong unit, and about a second one of the day': async () => {
      await note('Hollis Lane Farm', '2.49');
      await person.sees('Was it for 100 g?');
      await person.click('Keep as it is');
      await note('Fennel Street Market', '23.90');
      await person.sees('is noted for');
      await person.click('Put this one in its place');
      await person.sees('€23.90');
      await person.reads('1 price written down');
    },

    'one is corrected, and deleted': async () => {
      await note('Hollis Lane Farm', '27.00');
      await person.sees('2 prices written down');
      await person.page.locator('td ::-p-text(Correct)').click();
      await person.page.waitForSelector('::-p-called([name="Correct it"][role="button"])');
      await person.fill('Price', '26.00');
      await person.press('Enter');
      await person.sees('€26.00/kg');
      await person.reads('2 prices written down');
      await person.page.locator('td ::-p-text(Correct)').click();
      await person.click('Delete');
      await person.sees('1 price written down');
    },

    'a typed word is no price, and nothing is lost': async () => {
      await note('Hollis Lane Farm', 'cheap');
      await person.sees('That is not a price');
      await person.shows('Price', 'cheap');
      await person.clear('Price');
    },

    'a CSV with semicolons, decimal commas and bad lines: nothing is written before the buyer agrees':
      async () => {
        await unfold(person, 'As a table');
        const file = join(folder, 'prices.csv');
        writeFileSync(
          file,
          '\ufeffitem;shop;date;price\nstrip-steak;Hollis Lane Farm;2026-01-02;26,50\nwhale;A;2026-01-02;1\n',
        );
        const input = (await person.page.waitForSelector(
          'input[aria-label="CSV of prices"]',
        )) as ElementHandle<HTMLInputElement>;
        await input.uploadFile(file);
        await person.sees('1 new price can be taken over, 0 are known already, 1 line cannot be read');
        await person.sees('Line 3: “whale” is no known item');
        await person.reads('1 price written down');
        await person.click('Take over 1 price');
        await person.sees('2 prices written down');
      },

    'goes out as CSV, formulas neutralised': async () => {
      await note('=HYPERLINK("x")', '25');
      await person.sees('3 prices written down');
      await person.click('Save as CSV');
      const name = await saved(folder, (each) => each.startsWith('vendicus-prices') && each.endsWith('.csv'));
      expect(readFileSync(join(folder, name), 'utf8')).toContain(`"'=HYPERLINK(""x"")"`);
    },

    'a shop that is called otherwise now counts under its new name': async () => {
      await person.choose('Shop to rename', 'Hollis Lane Farm');
      await person.fill('What it is called now', 'Hollis Farm', 'combobox');
      await person.click('Rename it');
      await person.sees('Hollis Lane Farm is Hollis Farm now, everywhere');
      await person.goOn('/home/counter/prices');
      await person.choose('Item', 'Strip steak');
      await person.reads('Hollis Farm €26.50/kg');
    },

    'the currency stays what prices are written in': async () => {
      await person.goOn('/home/books/household');
      await person.choose('Currency', 'JPY');
      await person.click('Save');
      await person.sees('a household counts in one currency');
    },

    'has not made the page complain': () => {
      expect(person.complaints).toEqual([]);
    },
  });
});

describe('the Books of two years', () => {
  let browser: BrowserContext;
  let person: Person;
  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS, DESK);
    await movesIn(person);
    await person.goTo('/home/books');
  });
  beforeEach(() => person.goOn('/home/books'));
  afterAll(() => browser.close());

  it('lists every piece, finds, sorts and groups', async () => {
    await person.sees('finished pieces 32');
    await person.fill('Find a piece', 'tenderloin fennel', 'searchbox');
    await person.sees('finished pieces 3 ');
    await person.clear('Find a piece', 'searchbox');
    await person.click('Yield');
    await person.page.waitForSelector('th[aria-sort="descending"] ::-p-text(Yield)');
    await person.choose('Group by', 'by kind');
    await person.sees('Beef tenderloin 7 finished');
  });

  story('a piece is opened, filled in and noted', {
    'a piece: its price changes with the school, gaps are filled in, figures say where they come from':
      async () => {
        await person.fill('Find a piece', `strip ${monthOf(today(-31))}`, 'searchbox');
        await person.click('Strip loin', 'link');
        await person.sees('saved against the shop');
        await person.sees('or more');
        await person.page.locator('v-told-figure:nth-child(2) button').click();
        await person.sees('on the label, the liquid included');
        await person.press('Escape');
        await person.page.locator('::-p-text(unknown: fill in)').click();
        await person.fill('Price of Beef steak, lesser cuts for a kg', '14.00');
        await person.press('Enter');
        await person.sees('Beef steak, lesser cuts: €14.00/kg');
        await person.page.locator('v-shop-table v-popover-button button').click();
        await person.sees('A plate here is the household’s mean one');
        await person.press('Escape');
        const text = await person.text();
        expect(/saved against the shop €[\d.]+ €[\d.]+ bought cut/.test(text)).toBe(true);
      },

    'working time and notes are kept': async () => {
      await person.clickOn('button[aria-label^="Change Working time"]');
      await person.fill('Working time', '60');
      await person.press('Enter');
      await person.sees('60 minutes as you set it');
      await person.fill('Notes on this piece', 'more fat than it looked');
      await person.press('Tab');
      await person.sees('Note kept');
      await person.reload();
      await person.sees('60 minutes as you set it');
      expect(await person.page.$eval('textarea', (area) => area.value)).toBe('more fat than it looked');
    },
  });

  it('totals by year, and yields by kind', async () => {
    await person.click('Totals and trends', 'link');
    await person.sees('Yield by kind');
    await person.click('by month');
    await person.sees(monthOf(today(-31)));
  });

  it('the name of a shop, which may come from anybody’s file, is drawn beside a point and never written into the page', async () => {
    await person.goOn('/home/counter/prices');
    await person.choose('Item', 'Strip loin, the piece');
    await person.fill('Shop', '<b class="theirs">Quay</b>', 'combobox');
    await person.fill('Price', '15.00');
    await person.press('Enter');
    await person.sees('Strip loin, the piece, <b class="theirs">Quay</b>: €15.00/kg');
    await person.goOn('/home/books/trends');
    await person.page.waitForSelector('v-price-chart canvas');
    // The pointer goes over all of it, and shows where there is a point.
    const points = await person.page.$eval('v-price-chart canvas', (canvas) => {
      const { left, top, width, height } = canvas.getBoundingClientRect();
      let found = 0;
      for (let x = 0; x < width; x += 4)
        for (let y = 0; y < height; y += 4) {
          const at = { clientX: left + x, clientY: top + y, bubbles: true };
          canvas.dispatchEvent(new MouseEvent('mousemove', at));
          if (canvas.parentElement?.style.cursor === 'pointer') found += 1;
        }
      return found;
    });
    expect(points).toBeGreaterThan(0);
    expect(await person.page.$('.theirs')).toBeNull();
    expect(person.complaints).toEqual([]);
  });
});
