import type { BrowserContext } from 'puppeteer-core';
import { today, weekday } from './clock';
import { freshWindow, Person, PHONE } from './harness';
import { ADDRESS, begin, choosePack } from './journeys';
import { story } from './story';

// Chops that lay in the refrigerator too long: said first and everywhere, and offered to nobody.
describe('what is past its last day', () => {
  let browser: BrowserContext;
  let person: Person;

  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS);
    await begin(person);
    await person.goOn('/home/freezer');
    for (const [name, daysAgo] of [
      ['Old chops', 9],
      ['New chops', 0],
    ] as const) {
      await person.click('Enter a pack');
      await person.fill('What is it', name);
      await person.fill('Weight', '900 g');
      await person.fill('Plates, if known', '4');
      await person.choose('Animal', 'pork');
      await person.choose('It', 'bought ready cut');
      await person.write('Bought on', today(-daysAgo));
      await person.choose('Lies in', 'Refrigerator');
      await person.click('Put it in');
      await person.sees(`${name} is in`);
    }
  });
  afterAll(() => browser.close());

  const choose = (name: string): Promise<void> => choosePack(person, name);
  /** What the card offers, by its buttons. */
  const offered = (): Promise<string[]> =>
    person.page.$$eval('v-pack-card button', (buttons) =>
      buttons.map((button) => button.textContent?.replace(/\s+/g, ' ').trim() ?? ''),
    );

  story('is told everywhere, offered to nobody, and written down in the end', {
    'stands in the navigation and above the list, and its card offers neither eating, thawing, freezing nor giving':
      async () => {
        await person.reads('1 overdue');
        await person.reads('Past its last day');
        await choose('Old chops');
        await person.reads('Overdue: its last day was');
        await person.pressText('Give, throw away, split');
        expect(
          (await offered()).filter((text) =>
            /^(Eat (it|the|one|plates)|Thaw|Take out|Freeze|Give)/.test(text),
          ),
        ).toEqual([]);
        expect(await offered()).toEqual(expect.arrayContaining(['Thrown away', 'Eaten then', 'Frozen then']));
        expect(await person.page.$eval('v-pack-card', (card) => card.textContent)).not.toContain(
          'stays safe',
        );
      },

    'is planned for no dinner; what is fresh, up to its last day': async () => {
      const days = (): Promise<string[]> => person.choices('Planned for');
      expect(await person.page.$('::-p-called([name="Planned for"][role="combobox"])')).toBeNull();
      await choose('New chops');
      expect(await days()).toEqual(['no day', ...[0, 1, 2, 3, 4, 5].map((ahead) => weekday(today(ahead)))]);
      await person.choose('Planned for', weekday(today(2)));
      await person.sees('New chops is planned for');
    },

    'chosen with others, none of them is eaten or given away with it': async () => {
      await person.page.$$eval('tbody .pick input', (boxes) =>
        boxes.forEach((box) => (box as unknown as HTMLElement).click()),
      );
      await person.sees('1 pack of them is past the last day');
      expect(await person.page.$('::-p-called([name="All eaten"][role="button"])')).toBeNull();
      expect(await person.page.$('::-p-called([name="Take all out to thaw"][role="button"])')).toBeNull();
      await person.click('Choose none');
    },

    'is not offered for tonight, but named': async () => {
      await person.toPage('Tonight');
      await person.sees('Not offered, past its last day: Old chops.');
      await person.sees('New chops');
    },

    'on a phone: the same, no wider than the screen': async () => {
      await person.page.setViewport(PHONE);
      await person.toPage('Packs');
      await person.reads('Past its last day');
      expect(await person.page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
      await person.page.setViewport({ width: 1280, height: 800 });
    },

    'was eaten, and nobody wrote it down: without a day that is refused, with one it is gone, also after a reload':
      async () => {
        await choose('Old chops');
        await person.click('Eaten then');
        await person.sees('Say the day first');
        await person.page.locator('v-pack-card [aria-label="The day for Old chops"]').fill(today(-6));
        await person.click('Eaten then');
        await person.sees('Old chops eaten');
        await person.reload();
        await person.sees('New chops');
        expect(await person.text()).not.toMatch(/overdue since|past its last day/);
        expect(person.complaints).toEqual([]);
      },
  });
});
