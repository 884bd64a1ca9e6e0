import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { BrowserContext, ElementHandle } from 'puppeteer-core';
import { FILE_VERSION } from '@core/exchange/household-file';
import { writeFile } from '@core/exchange/write-file';
import { JournalBuilder, workedPiece } from '@core/testing/journal-builder';
import { freshWindow, Person } from './harness';
import { ADDRESS, begin, choosePiece, weigh, inOnePiece } from './journeys';
import { story } from './story';

describe('bad input is answered, and nothing is lost', () => {
  let browser: BrowserContext;
  let person: Person;
  const folder = mkdtempSync(join(tmpdir(), 'vendicus-files-'));

  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS);
    await begin(person);
  });
  afterAll(async () => {
    await browser.close();
    rmSync(folder, { recursive: true });
  });

  const entries = async (): Promise<number> => (await person.stored()).entries.length;

  describe('at the Counter', () => {
    let before: number;
    beforeEach(async () => {
      await person.goOn('/home/counter');
      await choosePiece(person, 'Whole chicken');
      await person.fill('Price for a kg', '8');
      await person.clear('Weight of all');
      await person.reads('8');
      before = await entries();
    });

    it.each([
      ['0', 'A weight is more than zero'],
      ['a lot', 'That is not a weight'],
      ['-3 kg', 'A weight is more than zero'],
    ])('“%s” is no weight', async (text, answer) => {
      await person.fill('Weight of all', text);
      await person.sees(answer);
      await person.press('Enter');
      expect(await entries()).toBe(before);
    });

    it('asks about a chicken of 90 kg, and takes no for an answer', async () => {
      await person.fill('Weight of all', '90 kg');
      await person.sees('One is usually 900 g to 3.500 kg. Is it right?');
      await person.page.locator('::-p-text(Buy it for)').click();
      await person.sees('90.000 kg is unusual for one whole chicken');
      await person.click('Keep as it is');
      expect(await entries()).toBe(before);
    });

    it('refuses a discount above the total', async () => {
      await person.fill('Weight of all', '2 kg');
      await person.click('offer');
      await person.choose('Offer', 'save');
      await person.fill('Save how much', '99');
      await person.press('Enter');
      await person.sees('The discount is more than the total');
      await person.choose('Offer', 'no offer');
      expect(await entries()).toBe(before);
    });
  });

  describe('in a file', () => {
    beforeEach(() => person.goOn('/home/books/household'));

    async function merge(name: string, text: string | Buffer): Promise<void> {
      const path = join(folder, name);
      writeFileSync(path, text);
      const input = (await person.page.waitForSelector(
        'input[aria-label="File to merge"]',
      )) as ElementHandle<HTMLInputElement>;
      await input.uploadFile(path);
    }

    const good = writeFile(workedPiece().household());
    const cases: [name: string, text: string, answer: string][] = [
      ['truncated', good.slice(0, good.length / 2), 'The file breaks off or is damaged'],
      ['empty', '', 'The file is empty'],
      ['a picture', '\u0089PNG', 'it is not JSON'],
      ['other JSON', '{"name":"someone"}', 'This is JSON, but not a Vendicus household'],
      [
        'a newer version',
        good.replace(/"version":\d+/, `"version":${FILE_VERSION + 1}`),
        `written by a newer Vendicus (file version ${FILE_VERSION + 1}`,
      ],
      [
        'a bad weight',
        good.replace('"massDg":34300', '"massDg":-5'),
        'damaged at entries[2].massDg (cut entry "tablet-2")',
      ],
      [
        'an unknown field',
        good.replace('"type":"closed"', '"type":"closed","extra":1'),
        'damaged at entries[6]',
      ],
    ];

    it.each(cases)('%s is refused whole', async (name, text, answer) => {
      const before = await entries();
      await merge(`${name}.json`, text);
      await person.sees(answer);
      await person.sees('Nothing was read');
      expect(await entries()).toBe(before);
    });

    it('50 MB is refused before it is read', async () => {
      await merge('large.json', Buffer.alloc(50 * 1024 * 1024, 32));
      await person.sees('The file is 50 MB');
    });

    story('a good one is merged once, and another with its ids is refused', {
      'a good one is merged, and the second time changes nothing': async () => {
        const before = await entries();
        await merge('good.json', good);
        await person.sees('This is another household’s file');
        await person.click('Make them one');
        await person.sees('7 new entries merged');
        await merge('good.json', good);
        await person.sees('Nothing new in that file');
        expect(await entries()).toBe(before + 7);
      },

      'two devices that contradict each other: set aside, shown, settled by the household': async () => {
        const pack = {
          type: 'acquired',
          lot: 'last',
          name: 'The last pack',
          destination: 'main',
          massDg: 8000,
          count: 1,
          paidMinor: null,
          origin: 'gift',
          on: null,
        } as const;
        const shared = new JournalBuilder('shelf', 2000).add(pack);
        const one = new JournalBuilder('phone', 3000).add({
          type: 'eaten',
          lot: 'last',
          amount: 'all',
          on: '2026-01-03',
        });
        const two = new JournalBuilder('laptop', 3001).add({
          type: 'eaten',
          lot: 'last',
          amount: 'all',
          on: '2026-01-03',
        });
        for (const other of [one, two]) {
          other.entries.unshift(...shared.entries);
          await merge('device.json', writeFile(other.household()));
          // Once: after that they are one.
          if (other === one) await person.click('Make them one');
          await person.sees('new entr');
        }
        await person.sees('One thing does not fit together');
        await person.sees('Nothing is left of “The last pack”');
        await person.click('Strike it out');
        await person.page.waitForFunction(() => !document.body.innerText.includes('does not fit together'));
      },

      'one entry id with two contents is another household’s file': async () => {
        const before = await entries();
        await merge('other.json', good.replace('"massDg":34300', '"massDg":34200'));
        await person.sees('That file is of another household, or was changed by hand');
        expect(await entries()).toBe(before);
      },
    });
  });

  it('what is half typed waits where it was typed, and comes up in no other household', async () => {
    await person.goTo('/home/craft/own/new?from=lamb-rack');
    await person.fill('Name', 'Rack of venison');
    await person.goTo('/demo/craft/own/new?from=lamb-rack');
    await person.shows('Name', /^Lamb rack/);
    await person.goTo('/home/craft/own/new?from=lamb-rack');
    await person.shows('Name', 'Rack of venison');
  });

  it('has not made the page complain', () => {
    expect(person.complaints).toEqual([]);
  });
});

describe('bad input on the Block is answered, and nothing is lost', () => {
  let browser: BrowserContext;
  let person: Person;

  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS);
    await begin(person, {}, { kind: 'Strip loin', weight: '5 kg', price: '12' });
  });
  afterAll(() => browser.close());

  const entries = async (): Promise<number> => (await person.stored()).entries.length;

  story('from a wrong drained weight to an undo that rests on a pack', {
    'refuses a drained weight above the label': async () => {
      await weigh(person, '6 kg');
      await person.sees('cannot weigh 6.000 kg: it was 5.000 kg');
      expect(await entries()).toBe(1);
      await weigh(person, '4.9 kg');
      await person.sees('100 g of liquid');
    },

    'refuses a part heavier than what is left, and says how much that is': async () => {
      await weigh(person, '5 kg');
      await person.sees('5.000 kg is more than is left of strip loin: 4.900 kg');
      expect(await entries()).toBe(2);
    },

    'takes what overshoots within the scale’s own tolerance as a correction': async () => {
      await weigh(person, '4.905 kg');
      await person.sees('The scale found 5 g more than was left');
      await person.click('Undo');
      await person.sees('Undone');
    },

    'asks whether there is meat on what goes to the bin, and sends it to grind in one act': async () => {
      await weigh(person, '400 g', 'Connective strip');
      await person.sees('More than usual went with the connective strip, tail tip (400 g, usually');
      await person.click('Send it to grind');
      await person.sees('goes to grind');
      await person.click('Undo');
      await person.sees('Undone: changed');
      await person.click('Undo');
      await person.sees('Weighed 0');
    },

    'loses nothing that is pressed while an undo is still being written': async () => {
      await weigh(person, '300 g', 'Fat cap');
      await person.sees('Fat cap: 300 g');
      // All at once, as fast as it goes: the undo, another part, its weight.
      await person.page.evaluate(() => {
        const named = (name: string): HTMLElement =>
          [...document.querySelectorAll<HTMLElement>('button, [role=radio]')].find((each) =>
            each.innerText.trim().startsWith(name),
          )!;
        named('Undo').click();
        named('Steaks').click();
        const field = document.querySelector<HTMLInputElement>('input.num')!;
        field.value = '310 g';
        field.dispatchEvent(new Event('input', { bubbles: true }));
        field.form!.requestSubmit();
      });
      await person.sees('Steaks: 310 g');
      await person.sees('Weighed 1');
      await person.click('Undo');
      await person.sees('Weighed 0');
    },

    'takes two weights typed faster than the page is drawn as two': async () => {
      await person.page.evaluate(() => {
        const field = document.querySelector<HTMLInputElement>('input.num')!;
        const many = document.querySelector<HTMLInputElement>('#count')!;
        const put = (where: HTMLInputElement, text: string): void => {
          where.value = text;
          where.dispatchEvent(new Event('input', { bubbles: true }));
        };
        for (const [count, keys] of [
          ['2', '36'],
          ['', '35'],
          ['3', '39'],
        ] as const) {
          if (count) put(many, count);
          // Keys are added to what stands there.
          put(field, field.value + keys);
          field.form!.requestSubmit();
        }
      });
      await person.sees('Weighed 3');
      await person.sees('110 g accounted for');
      const cuts = (await person.stored()).entries
        .map(({ entry }) => entry as { type: string; massDg?: number; count?: number })
        .filter(({ type }) => type === 'cut');
      expect(cuts.slice(-3).map(({ massDg, count }) => [massDg, count])).toEqual([
        [360, 2],
        [350, 1],
        [390, 3],
      ]);
      for (const left of [2, 1, 0]) {
        await person.click('Undo');
        await person.sees(`Weighed ${left}`);
      }
    },

    'asks what became of it when much is missing': async () => {
      await weigh(person, '3 kg', 'Steaks');
      await inOnePiece(person);
      await person.sees('1.900 kg still on the board');
      await person.click('Finish');
      await person.sees('1.900 kg (38.8 % of the drained weight) has not been weighed');
      await person.click('Keep weighing');
      await person.reads('1.900 kg still on the board');
    },

    'refuses to undo what a pack rests on, and offers to undo all of it': async () => {
      await person.click('Wrap 1 to wrap', 'link');
      await person.page.locator('v-token button').click();
      await person.click('New tray with what is in the hand');
      await person.clickOn('.end .act');
      await person.sees('wrapped, in Freezer');
      await person.click('Block', 'link');
      await person.sees('Weighed 1');
      // The last act is the pack, which by now lies in a place.
      await person.click('Undo');
      await person.sees('1 later entry rests on this');
      await person.click('Undo all of it');
      await person.sees('Undone together');
      await person.sees('Wrap 1 to wrap');
    },
  });
});

describe('what nobody caught', () => {
  it('is said in a sentence, a promise that was refused too', async () => {
    const browser = await freshWindow();
    const person = await Person.at(browser, ADDRESS);
    // By the page's own hand: what a debugger lets go wrong no page is told.
    await person.page.evaluateOnNewDocument(() =>
      addEventListener('keydown', () => void Promise.reject(new Error('made for this test'))),
    );
    await person.goTo('/demo/books');
    await person.press('F9');
    await person.sees('Something here went wrong');
    expect(person.complaints).toEqual(['Error: made for this test']);
    await browser.close();
  });
});
