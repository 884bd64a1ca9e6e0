import type { BrowserContext } from 'puppeteer-core';
import { freshWindow, Person } from './harness';
import { ADDRESS, begin, buy, finish } from './journeys';
import { story } from './story';

// A scale that misbehaves, a hand that slips, a tablet that is put down: nothing is lost, and what happened is said.
describe('trouble at the scale', () => {
  let browser: BrowserContext;
  let person: Person;

  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS);
    // Scales that are not there are the demo's alone.
    person.household = 'demo';
    await begin(person, {}, { kind: 'Strip loin', weight: '5.250 kg', price: '15.00' });
  });
  afterAll(() => browser.close());

  const cuts = async (): Promise<number> =>
    (await person.stored()).entries.filter(({ entry }) => entry.type === 'cut').length;
  const lay = async (): Promise<void> => {
    await person.press('r');
    await person.page.waitForSelector('.take[aria-disabled]');
    await person.press('m');
    await person.page.waitForSelector('.take:not([aria-disabled])');
  };
  const tray = (massG: number): Promise<number> =>
    person.page.evaluate(
      async (body) =>
        (
          await fetch('/scale/tray', {
            method: 'POST',
            body,
            headers: { 'Content-Type': 'application/json' },
          })
        ).status,
      JSON.stringify({ massG }),
    );

  story('from no scale to all undone', {
    'a scale on the home network is heard, and its weight taken': async () => {
      await person.click('Scale');
      await person.page.locator('::-p-text(Heard through the server)').click();
      await person.press('Escape');
      await person.sees('Scale on Wi-Fi');
      expect(await tray(5151)).toBe(204);
      await person.sees('Take 5.15');
      await person.press('Space');
      await person.sees('of liquid');
    },

    'what is already taken is not taken twice by a second tap': async () => {
      await tray(158);
      await person.sees('Take 15');
      await Promise.all([person.press('Space'), person.press('Space')]);
      await person.sees('Weighed 1');
      await person.press('Space');
      await person.reads('That weight was taken already');
      expect(await cuts()).toBe(1);
    },

    'a moving, an empty and a lifted scale give no weight, and say why': async () => {
      await tray(900);
      await person.sees('moving');
      await person.press('Space');
      await person.sees('Wait until the scale stands still');
      await person.sees('Take 90');
      await person.press('t');
      await person.sees('Tare 90');
      await tray(0);
      await person.sees('below zero');
      await person.press('Space');
      await person.sees('The scale is below zero. Put the tray back');
      expect(await cuts()).toBe(1);
      await tray(1650);
      await person.sees('Take 75');
      await person.press('Space');
      await person.sees('Fat cap: 75');
    },

    'the practice scale takes its place; pieces go into a container that stays on the scale': async () => {
      await person.page.locator('.source').click();
      await person.page.locator('::-p-text(Practice scale)').click();
      await person.press('Escape');
      await person.page.waitForFunction(() => document.querySelector('.p-dialog') === null);
      await person.reads('Practice scale, 1 g');
      await person.press('c');
      await lay();
      await person.press('Space');
      await person.sees('Square-off and sirloin end:');
      await person.press('m');
      await person.page.waitForSelector('.take:not([aria-disabled])');
      await person.press('Space');
      await person.sees('Steaks:');
      await person.reads('in the container');
      await person.press('c');
      const weights = (await person.stored()).entries
        .map(
          ({ entry }) =>
            entry as unknown as { type: string; massDg: number; grossDg?: number; tareDg?: number },
        )
        .filter(({ type }) => type === 'cut');
      const last = weights.at(-1);
      expect(last?.grossDg).toBe((last?.tareDg ?? 0) + (last?.massDg ?? 0));
      expect(last?.tareDg).toBeGreaterThan(0);
    },

    'the part of the last weight is set right in one act, and so is its destination': async () => {
      await person.page.keyboard.down('Shift');
      await person.page.keyboard.press('Digit3');
      await person.page.keyboard.up('Shift');
      await person.sees('is square-off and sirloin end, goes to second');
      await person.clickOn('v-weighings .newest');
      await person.choose('It goes to', 'stew');
      await person.sees('goes to stew');
      await person.choose('It is', 'Steaks');
      await person.sees('is steaks, goes to main');
      await person.click('Done');
    },

    'the clock pauses and goes on': async () => {
      await person.press('p');
      await person.sees('The clock stands still');
      await person.reads('Go on');
      await person.press('p');
      await person.sees('The clock runs again');
    },

    'the way is changed in the middle of the work, and the parts follow': async () => {
      await person.page.locator('::-p-text(change the way)').click();
      await person.choose('Trim', 'each steak after slicing');
      await person.sees('Now: Slice first, trim each steak');
      await person.choose('Way to cut', 'Steaks');
      await person.click('Done');
    },

    'a second tab weighs the same piece: both are kept, and each sees the other': async () => {
      const path = new URL(person.page.url()).pathname;
      const other = await Person.at(browser, ADDRESS);
      await other.goTo(path);
      const before = await cuts();
      await other.sees(`Weighed ${before}`);
      await other.press('i');
      await other.page.locator('input.num').fill('321');
      await other.press('Enter');
      await other.sees('Steaks: 321 g');
      await person.sees(`Weighed ${before + 1}`);
      await other.page.close();
      await person.page.bringToFront();
    },

    'left and come back to, it stands where it stood': async () => {
      const before = await cuts();
      await person.reload();
      await person.sees(`Weighed ${before}`);
      await person.sees('Practice scale, 1 g');
    },

    'everything is undone, back to the start, and done again': async () => {
      const before = await cuts();
      await person.click('Counter', 'link');
      await person.click('Block', 'link');
      while (!(await isAtStart(person))) {
        const left = (await person.stored()).entries.length;
        await person.press('u');
        await person.page.waitForFunction(
          (count) =>
            new Promise((done) => {
              const opening = indexedDB.open('vendicus-demo');
              opening.onsuccess = () => {
                const all = opening.result.transaction('entries').objectStore('entries').count();
                all.onsuccess = () => {
                  opening.result.close();
                  done(all.result > count);
                };
              };
            }),
          { polling: 100 },
          left,
        );
      }
      await person.sees('0 g accounted for, of 5.250 kg');
      await person.page.keyboard.down('Control');
      await person.page.keyboard.down('Shift');
      await person.press('Z');
      await person.page.keyboard.up('Shift');
      await person.page.keyboard.up('Control');
      await person.sees('Done again');
      await person.sees('5.15');
      expect(before).toBeGreaterThan(3);
    },

    'has not made the page complain of anything but the refused': () => {
      expect(person.complaints).toEqual([]);
    },
  });
});

describe('a kind of one’s own', () => {
  let browser: BrowserContext;
  let person: Person;

  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS);
    await begin(person);
  });
  afterAll(() => browser.close());

  story('is refused, made, bought and copied', {
    'is not saved while its shares are over a hundred, and says by how much': async () => {
      await person.goOn('/home/craft/own/new');
      await person.fill('Name', 'Venison haunch');
      await person.click('Another part');
      await person.fill('Name of part 2', 'Shin');
      await person.fill('Share of Shin, way 1', '12');
      await person.click('Save it');
      await person.sees('Not saved yet');
      await person.sees('come to 112 %, 12 % too much');
      await person.fill('Share of Portions, way 1', '85');
      await person.click('Save it');
      await person.sees('Venison haunch is saved.');
      await person.sees('A kind of our own.');
    },

    'is bought, led through the bench and closed like any other': async () => {
      await person.goOn('/home/counter');
      await buy(person, 'Venison haunch', '3.000 kg', '9.00');
      await person.page.locator('input.num').fill('2.950 kg');
      await person.press('Enter');
      await person.sees('50 g of liquid');
      await person.page.locator('input.num').fill('2550');
      await person.press('Enter');
      await person.sees('Portions: 2.550 kg');
      await person.sees('What is left, 400 g, is this');
      await person.page.locator('.rest').click();
      await person.sees('Before you finish');
      await finish(person);
      await person.sees('Venison haunch closed.');
      await person.click('Books', 'link');
      await person.sees('Venison haunch');
    },

    'a copy may not have the name of another, and one that was bought is not taken out': async () => {
      await person.goOn('/home/craft/own/new?from=strip-loin');
      await person.fill('Name', 'Strip loin');
      await person.click('Save it');
      await person.sees('There is a “Strip loin” already');
      await person.goOn('/home/craft');
      await person.page.locator('main ::-p-text(Venison haunch)').click();
      await person.click('Change it', 'link');
      await person.click('Take it out');
      await person.sees('was bought as Venison haunch: it stays');
    },
  });
});

/** Whether nothing counts on the disk but the purchase; the screen may be a moment behind. */
async function isAtStart(person: Person): Promise<boolean> {
  const { entries } = await person.stored();
  const undone = new Set<string>();
  const all = entries.map(({ entry }) => entry as { type: string; id: string; entries?: string[] });
  for (const { type, entries: of = [] } of all)
    for (const id of of) {
      if (type === 'undone') undone.add(id);
      else undone.delete(id);
    }
  return all.every(({ type, id }) => ['received', 'undone', 'redone'].includes(type) || undone.has(id));
}
