import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import bwipjs from 'bwip-js/node';
import type { BrowserContext, ElementHandle } from 'puppeteer-core';
import { freshWindow, Person, PHONE, saved } from './harness';
import { ADDRESS, begin, choosePiece, movesIn, unfold } from './journeys';
import { story } from './story';

// From a closed piece to packs with labels, and a pack found again by its label.
describe('from the table to labelled packs', () => {
  let browser: BrowserContext;
  let person: Person;
  const folder = mkdtempSync(join(tmpdir(), 'vendicus-wrap-'));

  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS);
    await person.savesTo(folder);
    const steaks = ['205 g', '150 g', '190 g', '160 g', '340 g', '152 g', '198 g'];
    // Cameras and printers that are not there are the demo's alone.
    person.household = 'demo';
    await begin(
      person,
      { eaters: { Odile: 200, Bram: 150 } },
      {
        ...{ kind: 'Strip loin', weight: '2.000 kg', price: '15.00', drained: '1.950 kg' },
        cuts: [['Fat cap', '150 g'], ...steaks.map((weight) => ['Steaks', weight] as const)],
      },
    );
    await person.click('Wrap 8 to wrap', 'link');
    await person.sees('lie here to be wrapped');
  });
  afterAll(async () => {
    await browser.close();
    rmSync(folder, { recursive: true });
  });

  const trays = (): Promise<string[]> =>
    person.page.$$eval('v-tray section', (all) =>
      all.map((each) => (each as unknown as HTMLElement).getAttribute('aria-label') ?? ''),
    );
  const masses = (tray: number): Promise<string[]> =>
    person.page.$$eval(`v-tray:nth-of-type(${tray}) v-token b`, (all) =>
      all.map((each) => (each as unknown as HTMLElement).innerText),
    );
  const tokenOf = (text: string): Promise<ElementHandle | null> =>
    person.page.waitForSelector(`v-token ::-p-text(${text})`);

  story('is planned, moved, wrapped, labelled and scanned', {
    'one act plans the packs: each eater’s plate, proven best': async () => {
      await person.goOn('/demo/wrap');
      await person.click('Plan the packs');
      await person.sees('No plan is better.');
      await person.sees('4 dinners');
      expect((await trays()).filter((name) => name.includes('dinner for all'))).toHaveLength(4);
      await person.sees('Everything is on a tray');
    },

    'what is too large for one plate is carved for both, as much more for the larger appetite': async () => {
      const carved = (await trays()).findIndex((name) => name.includes('Steak, dinner for all')) + 1;
      const plates = await person.page.$$eval(`v-tray:nth-of-type(${carved}) .plates b`, (all) =>
        all.map((each) => (each as unknown as HTMLElement).innerText),
      );
      expect(plates).toEqual(['194 g', '146 g']);
    },

    'what is put together stays through a reload': async () => {
      const before = await trays();
      await person.click('Lock tray 2');
      await person.reload();
      await person.sees('Unlock');
      expect(await trays()).toEqual(before);
      await person.click('Unlock tray 2');
    },

    'is moved by dragging, with the plates live, and by the keys': async () => {
      const before = await masses(1);
      const moving = before[0]!;
      const from = (await (await person.page.$('v-tray:nth-of-type(1) v-token button'))!.boundingBox())!;
      const to = (await (await person.page.$('v-tray:nth-of-type(2) .in'))!.boundingBox())!;
      await person.page.mouse.move(from.x + 30, from.y + 20);
      await person.page.mouse.down();
      await person.page.mouse.move(from.x + 60, from.y + 40, { steps: 5 });
      await person.page.mouse.move(to.x + to.width / 2, to.y + to.height / 2, { steps: 12 });
      await person.page.waitForFunction(
        () => document.querySelectorAll('v-tray:nth-of-type(2) .plates .off').length > 0,
      );
      await person.page.mouse.up();
      await person.page.waitForFunction(
        (text) =>
          [...document.querySelectorAll('v-tray:nth-of-type(2) v-token b')].some(
            (each) => (each as HTMLElement).innerText === text,
          ),
        {},
        moving,
      );
      await person.page.$$eval(
        'v-tray:nth-of-type(2) v-token button',
        (all, text) =>
          (
            all.find((each) =>
              (each as unknown as HTMLElement).innerText.includes(text),
            ) as unknown as HTMLElement
          ).focus(),
        moving,
      );
      await person.press('1');
      await person.page.waitForFunction(
        (text) =>
          [...document.querySelectorAll('v-tray:nth-of-type(1) v-token b')].some(
            (each) => (each as HTMLElement).innerText === text,
          ),
        {},
        moving,
      );
      expect((await masses(1)).sort()).toEqual(before.sort());
      await person.press('0');
      await person.page.waitForFunction(
        (text) =>
          [...document.querySelectorAll('.table v-token b')].some(
            (each) => (each as HTMLElement).innerText === text,
          ),
        {},
        moving,
      );
      await (await tokenOf(moving))!.click();
      await person.page.locator('v-tray:nth-of-type(1) .here').click();
      await person.page.waitForFunction(
        (count) => document.querySelectorAll('v-tray:nth-of-type(1) v-token').length === count,
        {},
        before.length,
      );
    },

    'a locked tray stays when the rest is planned again': async () => {
      const kept = await masses(1);
      await person.click('Lock tray 1');
      await person.click('Plan again');
      await person.sees('1 tray beside it as it was');
      await person.page.waitForFunction(() => document.querySelectorAll('v-tray').length >= 4);
      expect((await masses(1)).sort()).toEqual(kept.sort());
      expect(
        await person.page.$eval('v-tray:nth-of-type(1) .lock', (each) =>
          (each as unknown as HTMLElement).getAttribute('aria-pressed'),
        ),
      ).toBe('true');
    },

    'what is wanted can be changed, and stays': async () => {
      await person.click('What is wanted');
      await person.write('Most of pack 1', 'many');
      await person.sees('How many is a whole number from 0 to 200. 200 stands.');
      await person.write('Pieces flat in a bag', '3');
      await person.shows('Pieces flat in a bag', '3');
      await person.click('What is wanted');
      await person.click('Unlock tray 1');
      const before = await person.page.$eval(
        'v-tray',
        (each) => ((each as unknown as { marked: boolean }).marked = true),
      );
      expect(before).toBe(true);
      await person.page.locator('::-p-text(Plan again)').click();
      // The trays of the new plan are others.
      await person.page.waitForFunction(() =>
        [...document.querySelectorAll('v-tray')].every(
          (each) => !(each as unknown as { marked?: boolean }).marked,
        ),
      );
      await person.sees('4 dinners');
    },

    'everything is frozen in one act, and no gram is lost': async () => {
      const packs = (await trays()).length;
      await person.page.locator('v-tray summary').click();
      await person.page.$eval('v-tray:nth-of-type(1) input[type=checkbox]', (each) =>
        (each as unknown as HTMLElement).focus(),
      );
      await person.press('Space');
      await person.fill('Plates of tray 1', '2');
      await person.page.locator('v-tray:nth-of-type(1) [placeholder=mm]').fill('28 mm');
      await person.press('Tab');
      await person.clickOn('.end .act');
      await person.sees(`${packs} packs wrapped, in Freezer`);
      const entries = (await person.stored()).entries.map(
        ({ entry }) =>
          entry as unknown as {
            type: string;
            singly?: boolean;
            thicknessMm?: number;
            from: { amount: unknown }[];
          },
      );
      const packed = entries.filter(({ type }) => type === 'packed');
      expect(packed).toHaveLength(packs);
      expect(packed[0]).toMatchObject({ singly: true, thicknessMm: 28, wrap: 'vacuum bag' });
    },

    'its labels are there at once, for a sheet or a roll, and as a PDF': async () => {
      await person.sees('Which packs');
      await person.page.waitForSelector('v-label-preview svg');
      await person.sees('wrapped');
      await person.page.locator('[aria-label="Label 3"]').click();
      await person.sees('First free label of a started sheet: 3');
      await person.click('Labels as PDF');
      await person.sees('Print at 100 %');
      const file = await saved(folder, (each) => each === 'labels.pdf');
      expect(readFileSync(join(folder, file), 'latin1').slice(0, 5)).toBe('%PDF-');
      await person.choose('Labels on', 'a grid of your own');
      await person.write('Rows', '12');
      await person.sees('12 rows need 444.5 mm, and A4 has 297 mm');
      await person.choose('Labels on', 'roll, 62 × 40 mm');
      await person.page.waitForFunction(() => !document.body.innerText.includes('Rows'));
      await person.write('On every label too', '肉 for Sunday');
      await person.sees('肉 is not among the label’s own letters');
      // What no file of letters has is a picture in the file.
      await person.click('Labels as PDF');
      await saved(folder, (each) => {
        const text = each === file ? readFileSync(join(folder, each), 'latin1') : '';
        return text.includes('/Subtype /Image') && text.includes('%%EOF');
      });
    },

    'by hand: only the four signs and the day, to copy onto tape': async () => {
      await person.click('written by hand');
      await person.page.waitForSelector('.by-hand b');
      const signs = await person.page.$$eval('.by-hand b', (all) =>
        all.map((each) => each.textContent ?? ''),
      );
      expect(signs.length).toBeGreaterThan(0);
      for (const each of signs) expect(each).toMatch(/^[0-9A-Z]{4}$/);
      expect(await person.page.$('v-label-preview')).toBeNull();
      await person.click('printed');
      await person.page.waitForSelector('v-label-preview svg');
    },

    'what a 203 dpi printer lets out is read back by its code, as a picture file': async () => {
      await person.click('No label printer?');
      // It burns a dot or does not: done when nothing is grey any more.
      await person.page.waitForFunction(() => {
        const roll = document.querySelector<HTMLCanvasElement>('.roll canvas');
        if (!roll || roll.height <= 300) return false;
        const { data } = roll.getContext('2d')!.getImageData(0, 0, roll.width, roll.height);
        const dots = data.filter((_, at) => at % 4 === 0);
        return dots.includes(0) && dots.every((dot) => dot === 0 || dot === 255);
      });
      const label = await person.page.$eval('.roll canvas', (each) => {
        const roll = each as unknown as HTMLCanvasElement;
        const one = document.createElement('canvas');
        [one.width, one.height] = [roll.width, Math.round(40 * 8)];
        one.getContext('2d')!.drawImage(roll, 0, 0);
        return one.toDataURL('image/png').split(',')[1]!;
      });
      writeFileSync(join(folder, 'label.png'), Buffer.from(label, 'base64'));
      await person.goOn('/demo/wrap/scan');
      await person.sees('The pack shows here');
      await ((await person.page.$('input[type=file]')) as ElementHandle<HTMLInputElement>).uploadFile(
        join(folder, 'label.png'),
      );
      await person.sees('in Freezer');
      await person.click('Out, to thaw');
      await person.sees('out, to thaw');
      // It was not frozen yet: it is as if it had stayed in the refrigerator.
      await person.sees('fresh, cook by');
    },

    'single portions are counted in the freezer, and taken out one by one': async () => {
      await person.click('Freezer 5 packs', 'link');
      await person.sees('2 single pieces');
      await person.page.$$eval('tbody tr', (rows) =>
        (
          rows.find((row) =>
            (row as unknown as HTMLElement).innerText.includes('single pieces'),
          ) as unknown as HTMLElement
        ).click(),
      );
      await person.sees('2, each wrapped');
      await person.click('Eat one piece');
      await person.sees('1, each wrapped');
      await person.click('Undo');
      await person.sees('2, each wrapped');
      await person.goOn('/demo/wrap/scan');
      await person.sees('The pack shows here');
      await ((await person.page.$('input[type=file]')) as ElementHandle<HTMLInputElement>).uploadFile(
        join(folder, 'label.png'),
      );
      // It was taken out before.
      await person.sees('in Refrigerator, bottom shelf');
    },

    'a number is typed; a wrong one, another code and a blurred picture are answered': async () => {
      const number = await person.page.$eval(
        'section code',
        (each) => (each as unknown as HTMLElement).innerText,
      );
      const type = async (text: string): Promise<void> => {
        await person.clear('Number on the label');
        await person.type(text);
        await person.press('Enter');
      };
      await type('0000');
      await person.sees('No pack has the number 0000');
      await type(number.toLowerCase());
      await person.sees('fresh, cook by');
      await type('5 steaks, 1 kg. Pack AAAA id nobody');
      await person.sees('a pack this household does not know');
      writeFileSync(
        join(folder, 'blank.png'),
        await bwipjs.toBuffer({
          bcid: 'qrcode',
          text: 'x',
          scale: 1,
          backgroundcolor: 'ffffff',
          barcolor: 'fafafa',
        }),
      );
      await ((await person.page.$('input[type=file]')) as ElementHandle<HTMLInputElement>).uploadFile(
        join(folder, 'blank.png'),
      );
      await person.sees('No code can be read in it');
      writeFileSync(join(folder, 'text.png'), 'this is no picture');
      await ((await person.page.$('input[type=file]')) as ElementHandle<HTMLInputElement>).uploadFile(
        join(folder, 'text.png'),
      );
      await person.sees('no picture that can be opened');
      await person.click('Camera');
      await person.sees('No camera here');
    },
  });

  describe('the shop’s sticker at the Counter', () => {
    const sticker = async (text: string): Promise<void> => {
      await person.clear('Digits under the bars');
      await person.type(text);
      await person.press('Enter');
    };

    story('is read, learnt and held before a camera', {
      'a carton’s bars, turned and noisy, fill in weight and price': async () => {
        await person.goOn('/demo/counter');
        await choosePiece(person, 'Strip loin');
        await person.click('sticker');
        await person.sees('Digits under the bars');
        await unfold(person, 'Shop and date');
        const picture = await bwipjs.toBuffer({
          bcid: 'gs1-128',
          text: '(01)09506000134352(3103)005300(3922)7942(15)261212',
          scale: 3,
          height: 20,
          rotate: 'R',
          paddingwidth: 12,
          paddingheight: 12,
          backgroundcolor: 'ffffff',
        });
        writeFileSync(join(folder, 'carton.png'), picture);
        await (
          (await person.page.$('v-sticker-reader input[type=file]')) as ElementHandle<HTMLInputElement>
        ).uploadFile(join(folder, 'carton.png'));
        await person.sees('5.300 kg for €79.42.');
        await person.sees('Best before 12 Dec 2026');
        await person.sees('Buy it for €79.42');
        // Its date is kept, and goes with the piece.
        await person.shows('Date on its label', 'use by');
        await person.shows('The date', /^12 Dec/);
      },

      'a shop’s own number is learnt from one label, and read from then on': async () => {
        await sticker('2117045079429');
        await person.sees('The last digit does not fit');
        // Nothing of the sticker before is left, which would be taken for this one's.
        await person.reads('The figures of the sticker before are taken out');
        await person.shows('Weight on the label', '');
        await person.shows('Date on its label', 'no date');
        await sticker('2117045079422');
        await person.sees('read right. Write the shop below');
        await person.fill('Shop', 'Corner Stall', 'combobox');
        await person.fill('Total', '11.11');
        await person.click('Learn from this label');
        await person.sees('Neither that price nor that weight is in this number');
        await person.fill('Total', '79.42');
        await person.click('Learn from this label');
        await person.sees('Learnt: Corner Stall’s numbers carry the price');
        await person.reload();
        await person.click('sticker');
        await sticker('2117045012504');
        await person.sees('Corner Stall: €12.50. The weight is not in it: type it.');
      },

      'the practice camera reads what is held before it': async () => {
        await person.choose('Practice camera', 'a carton’s square: weight and date');
        await person.sees('Expires 20 Dec 2026');
        await person.choose('Practice camera', 'a sticker with its price, 13 digits');
        await person.sees('Corner Stall: €79.42');
      },
    });
  });

  it('on a phone it fits', async () => {
    const own = await freshWindow();
    const phone = await Person.at(own, ADDRESS, PHONE);
    await movesIn(phone);
    for (const path of ['/home/wrap', '/home/wrap/labels', '/home/wrap/scan']) {
      await phone.goTo(path);
      await phone.sees(
        path === '/home/wrap'
          ? 'lie here to be wrapped'
          : path.endsWith('scan')
            ? 'The pack shows here'
            : 'Which packs',
      );
      expect([path, await phone.page.evaluate(() => document.documentElement.scrollWidth)]).toEqual([
        path,
        390,
      ]);
    }
    await phone.goOn('/home/wrap/labels');
    await phone.page.locator('.packs input').click();
    await phone.page.waitForSelector('v-label-preview svg');
    expect(phone.complaints).toEqual([]);
    await own.close();
  });

  it('has not made the page complain', () => {
    expect(person.complaints).toEqual([]);
  });
});
