import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import ICAL from 'ical.js';
import type { BrowserContext } from 'puppeteer-core';
import { freshWindow, Person, PHONE, saved } from './harness';
import { ADDRESS, afternoon, morning, movesIn } from './journeys';
import { story } from './story';

// The week's plan: proposed, by keys, by drag; what has to come out; served; as a calendar file.
describe('the week', () => {
  const downloads = mkdtempSync(join(tmpdir(), 'vendicus-week-'));
  let browser: BrowserContext;
  let person: Person;

  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS);
    await person.page.emulateTimezone(morning());
    await person.savesTo(downloads);
    await movesIn(person);
    await person.goTo('/home/freezer/week');
    await person.sees('The week’s dinners');
  });
  beforeEach(() => person.goOn('/home/freezer/week'));
  afterAll(async () => {
    await browser.close();
    rmSync(downloads, { recursive: true });
  });

  const day = (nth: number): Promise<string> =>
    person.page.$$eval(
      'v-day-card',
      (all, at) => (all[at] as unknown as HTMLElement).innerText.replace(/\s+/g, ' '),
      nth - 1,
    );
  const waitFor = (nth: number, text: string): Promise<unknown> =>
    person.page.waitForFunction(
      (at, wanted) =>
        (document.querySelectorAll('v-day-card')[at] as HTMLElement).innerText
          .replace(/\s+/g, ' ')
          .includes(wanted),
      {},
      nth - 1,
      text,
    );
  const first = (): Promise<string> =>
    person.page.$eval('aside li v-swatch span', (each) => each.textContent ?? '');

  it('says what has to leave the freezer: the plan in full, and every page when it is time', async () => {
    await person.sees('Take out of the freezer');
    await person.sees('On a tray, at the bottom');
    await person.click('Packs', 'link');
    const another = await freshWindow();
    const late = await Person.at(another, ADDRESS);
    await late.page.emulateTimezone(afternoon());
    await movesIn(late);
    await late.goTo('/home/craft');
    await late.sees('1 to thaw');
    await late.click('Freezer 1 to thaw', 'link');
    await late.page.waitForFunction(() =>
      /By 17:45 .* out of the freezer/.test(document.body.innerText.replace(/\s+/g, ' ')),
    );
    const phone = await Person.at(another, ADDRESS, PHONE);
    await phone.page.emulateTimezone(afternoon());
    await phone.goTo('/home/freezer');
    await phone.sees('1 to thaw');
    await phone.page.waitForFunction(() =>
      /By 17:45 .* out of the freezer/.test(document.body.innerText.replace(/\s+/g, ' ')),
    );
    expect(await phone.page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
    await another.close();
    await person.click('Week', 'link');
    await person.reads('Take out of the freezer');
  });

  story('is planned one way and another, saved and served', {
    'is proposed, as many dinners as are wanted, none on a day without meat; and undone': async () => {
      await person.goOn('/home/freezer/week');
      await person.choose('Dinners to plan', '5');
      await person.click('Propose');
      await person.page.waitForFunction(() => document.querySelectorAll('v-day-card .pack').length >= 5);
      const days = await Promise.all([1, 2, 3, 4, 5, 6, 7].map(day));
      expect(days.filter((text) => text.includes('pl.'))).toHaveLength(5);
      const without = days.filter((text) => text.includes('without meat'));
      expect(without).toHaveLength(1);
      expect(without[0]).not.toContain('pl.');
      await person.click('Undo');
      await person.sees('dinners proposed');
      await person.page.waitForFunction(() => !document.body.innerText.includes('the oldest of its kind'));
    },

    'by keys: the pack in focus goes to the day of its number, another number moves it, Delete takes it off':
      async () => {
        const name = await first();
        await person.page.$eval('aside li button', (each) => (each as unknown as HTMLElement).focus());
        await person.press('6');
        await waitFor(6, name);
        await person.page.$$eval('v-day-card', (all) =>
          (all[5]?.querySelector('.name') as unknown as HTMLElement).focus(),
        );
        await person.press('7');
        await waitFor(7, name);
        expect(await day(6)).not.toContain('pl.');
        await person.page.$$eval('v-day-card', (all) =>
          (all[6]?.querySelector('.name') as unknown as HTMLElement).focus(),
        );
        await person.press('Delete');
        await person.sees('is off the plan');
      },

    'by drag': async () => {
      const name = await first();
      const boxes = await person.page.evaluate(() => {
        document.querySelector('v-day-card')?.scrollIntoView({ block: 'center' });
        const middle = (each: Element | null | undefined): { x: number; y: number } => {
          const box = each?.getBoundingClientRect() as DOMRect;
          return { x: box.left + box.width / 2, y: box.top + box.height / 2 };
        };
        return {
          from: middle(document.querySelector('aside li button')),
          to: middle(document.querySelectorAll('v-day-card .drop')[0]),
        };
      });
      await person.page.mouse.move(boxes.from.x, boxes.from.y);
      await person.page.mouse.down();
      await person.page.mouse.move(boxes.from.x - 40, boxes.from.y, { steps: 5 });
      await person.page.mouse.move(boxes.to.x, boxes.to.y, { steps: 12 });
      await person.page.waitForFunction(() =>
        document.querySelector('v-day-card')?.querySelector('.cdk-drop-list-dragging'),
      );
      await person.page.mouse.up();
      await waitFor(1, name);
    },

    'guests and absences change how many plates are wanted': async () => {
      await person.page.$$eval('v-day-card .who', (all) => (all[1] as unknown as HTMLElement).click());
      const before = Number(/for (\d+) at/.exec(await day(2))?.[1]);
      await person.fill('Guests', '3');
      await person.press('Tab');
      await waitFor(2, `for ${before + 3} at`);
      await person.click('Odile');
      await waitFor(2, `for ${before + 2} at`);
      await person.fill('Guests', 'many');
      await person.press('Tab');
      await person.sees('Guests are a whole number');
      await person.page.$$eval('v-day-card .who', (all) => (all[1] as unknown as HTMLElement).click());
    },

    'as a calendar file, read back by another library; a later file has the same ids': async () => {
      const save = async (): Promise<ICAL.Event[]> => {
        await person.click('Save as a calendar file');
        const path = join(downloads, await saved(downloads, (each) => each.endsWith('.ics')));
        const text = readFileSync(path, 'utf8');
        rmSync(path);
        return new ICAL.Component(ICAL.parse(text))
          .getAllSubcomponents('vevent')
          .map((each) => new ICAL.Event(each));
      };
      const one = await save();
      expect(one.some(({ summary }) => summary.startsWith('Dinner: '))).toBe(true);
      expect(one.some(({ summary }) => summary.startsWith('Take out: '))).toBe(true);
      const two = await save();
      expect(two.map(({ uid }) => uid)).toEqual(one.map(({ uid }) => uid));
    },

    'a pack that is thrown away is told on its day; what is served is eaten, at its cost': async () => {
      await person.click('Packs', 'link');
      await person.page.$$eval('tbody tr', (all) =>
        (
          all.find(
            (row) =>
              (row as unknown as HTMLElement).innerText.includes('for ') &&
              (row as unknown as HTMLElement).innerText.includes('steaks'),
          ) as unknown as HTMLElement
        ).click(),
      );
      await person.pressText('Give, throw away, split');
      await person.click('Throw away');
      await person.sees('thrown away');
      await person.click('Week', 'link');
      await person.sees('no longer there: choose another');
      await waitFor(1, 'Served');
      await person.click('Served');
      await waitFor(1, 'eaten');
      expect(await day(1)).toContain('a plate');
      await person.click('Undo');
      await waitFor(1, 'Served');
    },
  });

  it('on a phone: a pack is pressed, then its day; nothing is wider than the screen', async () => {
    const another = await freshWindow();
    const phone = await Person.at(another, ADDRESS, PHONE);
    await movesIn(phone);
    await phone.goTo('/home/freezer/week');
    await phone.sees('The week’s dinners');
    await phone.page.$$eval('aside li button', (all) => (all[1] as unknown as HTMLElement).click());
    await phone.page.$$eval('v-day-card .side button', (all) =>
      ([...all].at(-1) as unknown as HTMLElement).click(),
    );
    await phone.sees('planned for');
    expect(await phone.page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
    expect(phone.complaints).toEqual([]);
    await another.close();
  });

  it('what to buy next says what is known, and claims nothing of what is not', async () => {
    await person.toPage('Buy next');
    await person.sees('What to buy next');
    await person.sees('Too few weeks or dinners of it are written down');
    expect(person.complaints).toEqual([]);
  });
});
