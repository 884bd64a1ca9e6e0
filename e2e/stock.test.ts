import type { BrowserContext } from 'puppeteer-core';
import { freshWindow, Person, PHONE } from './harness';
import { ADDRESS, morning, movesIn } from './journeys';

// The stock: found, taken out, moved, split, frozen again, by one and by several, in two tabs.
describe('the stock', () => {
  let browser: BrowserContext;
  let person: Person;

  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS);
    await person.page.emulateTimezone(morning());
    await movesIn(person);
    await person.goTo('/home/freezer');
    await person.sees('Pack, oldest first');
  });
  beforeEach(() => person.goOn('/home/freezer'));
  afterAll(() => browser.close());

  const rows = (page = person.page): Promise<string[]> =>
    page.$$eval('tbody tr', (all) =>
      all.map((row) => (row as unknown as HTMLElement).innerText.replace(/\s+/g, ' ')),
    );
  const choose = async (name: string, page = person.page): Promise<void> => {
    await page.waitForFunction(
      (wanted) => {
        const row = [...document.querySelectorAll<HTMLElement>('tbody tr')].find((each) =>
          each.innerText.includes(wanted),
        );
        row?.click();
        return row !== undefined;
      },
      {},
      name,
    );
    await page.waitForFunction(
      (wanted) => document.querySelector('v-pack-card h2')?.textContent?.includes(wanted),
      {},
      name,
    );
  };
  const count = async (): Promise<number> => Number(/(\d+) packs,/.exec(await person.text())?.[1]);

  it('is found by words, animal, how many it feeds and age', async () => {
    const all = (await rows()).length;
    await person.fill('Find a pack', 'thighs', 'searchbox');
    // The list follows the letters as they come.
    await person.page.waitForFunction(() => {
      const left = [...document.querySelectorAll<HTMLElement>('tbody tr')];
      return left.length > 0 && left.every((row) => row.innerText.includes('thighs'));
    });
    await person.choose('Animal', 'beef');
    await person.sees('No pack matches');
    await person.click('Show all');
    await person.choose('Age', 'near or past its best');
    await person.page.waitForFunction(() =>
      [...document.querySelectorAll('tbody tr')].every((row) => /past|soon/.test(row.textContent ?? '')),
    );
    await person.choose('Age', 'any age');
    await person.choose('Feeds', 'feeds 1');
    await person.page.waitForFunction((many) => document.querySelectorAll('tbody tr').length < many, {}, all);
    await person.choose('Feeds', 'feeds any');
  });

  it('is drawn where it lies, is chosen with the arrow keys, and dragged to another drawer', async () => {
    const drawer = '[data-drawer="chest-top"]';
    await person.page.$eval(drawer, (each) => (each as unknown as HTMLElement).focus());
    const before = await person.page.$eval('v-pack-card code', (each) => each.textContent);
    await person.press('ArrowRight', 'ArrowRight');
    await person.page.waitForFunction(
      (number) => document.querySelector('v-pack-card code')?.textContent !== number,
      {},
      before,
    );
    const [from, to] = (await person.page.evaluate(() =>
      ['chest-top', 'kitchen-one'].map((id) => {
        const box = document
          .querySelector(`[data-drawer="${id}"] canvas`)
          ?.getBoundingClientRect() as DOMRect;
        return { x: box.left + 20, y: box.bottom - 8 };
      }),
    )) as [{ x: number; y: number }, { x: number; y: number }];
    await person.page.mouse.move(from.x, from.y);
    await person.page.mouse.down();
    await person.page.mouse.move(from.x + 30, from.y + 30, { steps: 4 });
    await person.page.mouse.move(to.x, to.y, { steps: 6 });
    await person.page.mouse.up();
    await person.sees('in Kitchen freezer, drawer 1');
    expect(
      await person.page.$eval('[data-drawer="kitchen-one"]', (each) => each.getAttribute('aria-label')),
    ).toContain(': 1 pack.');
    await person.click('Undo');
    await person.sees('Undone:');
  });

  it('several at once: taken out to thaw, and that undone', async () => {
    await person.page.$$eval('tbody .pick input', (boxes) =>
      boxes.slice(1, 3).forEach((box) => (box as unknown as HTMLElement).click()),
    );
    await person.sees('2 packs chosen');
    await person.click('Take all out to thaw');
    await person.sees('2 packs are out, to thaw');
    expect(
      (await rows()).slice(0, 2).every((row) => row.includes('thawing') && row.includes('Refrigerator')),
    ).toBe(true);
    await person.click('Undo');
    await person.page.waitForFunction(
      () => ![...document.querySelectorAll('tbody tr')].some((row) => row.textContent?.includes('thawing')),
    );
  });

  it('goes back into the freezer out of the refrigerator, and not out of cold water', async () => {
    await choose('4 thighs');
    await person.click('Take out to thaw');
    await person.reads('it may go into the freezer');
    await person.click('Freeze it again');
    await person.sees('frozen again');
    await choose('4 drumsticks');
    await person.choose('Thaw it how', 'in cold water');
    await person.sees('changed every 30 minutes');
    await person.click('Take out to thaw');
    await person.sees('Frozen again only cooked');
    await person.click('Undo');
  });

  it('is split in two, and thrown away for a reason', async () => {
    const before = await count();
    await choose('6 breast halves');
    await person.pressText('Give, throw away, split');
    await person.fill('Pieces to split off', '9');
    await person.click('Split off, of 6');
    await person.sees('from 1 to 5');
    await person.fill('Pieces to split off', '2');
    await person.click('Split off, of 6');
    await person.sees('6 breast halves split');
    expect(await count()).toBe(before + 1);
    expect((await rows()).some((row) => row.includes('2 breast halves'))).toBe(true);
    await person.choose('Why it is thrown away', 'torn or open');
    await person.click('Throw away');
    await person.sees('thrown away');
    expect(await count()).toBe(before);
    await person.click('Undo');
    await person.sees('Undone:');
  });

  it('once eaten, leaves its place empty: a second press meets no other pack', async () => {
    await choose('Chain');
    const before = await count();
    await person.pressText('Eat it all');
    await person.reads('That pack is no longer in stock. Choose another.');
    expect(await count()).toBe(before - 1);
    expect(await person.page.$('v-pack-card')).toBeNull();
    await person.click('Undo');
    await person.sees('Undone:');
    await person.page.waitForSelector('v-pack-card');
  });

  it('taken in two tabs at the same time, it is taken once, and the other is told', async () => {
    const other = await Person.at(browser, ADDRESS);
    await other.page.emulateTimezone(morning());
    await other.goTo('/home/freezer');
    await other.sees('Pack, oldest first');
    for (const each of [person, other]) await choose('Head', each.page);
    // Where the other was quicker by far, there is no button left to press.
    const press = (each: Person): Promise<void> =>
      each.page.evaluate(() =>
        [...document.querySelectorAll<HTMLElement>('v-pack-card button')]
          .find((button) => button.textContent?.trim().startsWith('Eat it all'))
          ?.click(),
      );
    await Promise.all([press(person), press(other)]);
    // Both are told, each in its own time: what is eaten stands with its undo, a refusal stays until it is closed.
    for (const each of [person, other]) {
      await each.page.bringToFront();
      await each.reads('That pack is no longer in stock.');
    }
    const said = await Promise.all([person, other].map((each) => each.text()));
    expect(said.filter((text) => text.includes('Head eaten'))).toHaveLength(1);
    await person.page.bringToFront();
    const { entries } = await person.stored();
    const last = entries.map(({ entry }) => entry as { type: string; lot?: string });
    const eaten = last.filter(({ type }) => type === 'eaten').map(({ lot }) => lot);
    expect(eaten.filter((lot) => lot === eaten.at(-1))).toHaveLength(1);
    expect(other.complaints).toEqual([]);
    await other.page.close();
  });

  it('a freezer of 5 L and one of 2,000 L are asked about, nonsense is refused, and a place with packs stays', async () => {
    await person.toPage('Places');
    await person.click('Add a freezer or refrigerator');
    await person.fill('Called', 'Cellar');
    await person.fill('Litres in all', 'much');
    await person.click('Add it');
    await person.sees('is no volume.');
    await person.fill('Litres in all', '2,000');
    await person.click('Add it');
    await person.sees('a cold room rather than');
    await person.click('Keep as it is');
    await person.fill('Litres in all', '5');
    await person.click('Add it');
    await person.sees('holds a pack or two');
    await person.click('Save this size');
    await person.sees('Cellar is saved');
    await person.page.locator('section ::-p-text(Take out)').click();
    await person.sees('Move them first');
  });

  it('a pack of tomorrow is refused; one bought frozen keeps its own date, and waits for its place', async () => {
    await person.click('Enter a pack');
    await person.fill('What is it', 'Goose');
    await person.fill('Weight', '3200 g');
    await person.choose('When it came it was', 'frozen');
    await person.choose('Date on its label', 'best before');
    await person.write('The date', '2031-06-30');
    await person.write('Frozen on, if known', '2031-01-01');
    await person.choose('Lies in', 'no place yet');
    await person.click('Put it in');
    await person.sees('is still to come');
    await person.write('Frozen on, if known', '2026-01-01');
    await person.click('Put it in');
    await person.sees('Goose is in');
    await choose('Goose');
    await person.sees('best before 30 Jun 2031');
    await person.sees('bought frozen');
    await person.toPage('New batch');
    await person.sees('1 pack, 3.200 kg, in no freezer yet');
    await person.sees('Goes in today');
    await person.click('Put away like this');
    await person.sees('Everything that is wrapped lies in a freezer');
  });

  it('on a phone: found, taken out, nothing wider than the screen', async () => {
    const phone = await Person.at(browser, ADDRESS, PHONE);
    await phone.goTo('/home/freezer');
    await phone.fill('Find a pack', 'wings', 'searchbox');
    await phone.page.waitForFunction(() =>
      [...document.querySelectorAll('tbody tr')].every((row) => row.textContent?.includes('wings')),
    );
    await phone.pressText('Show the drawers');
    await phone.page.waitForSelector('canvas');
    await phone.page.$$eval('tbody tr', (all) => (all[0] as unknown as HTMLElement).click());
    await phone.page.waitForFunction(() =>
      document.querySelector('v-pack-card h2')?.textContent?.includes('wings'),
    );
    await phone.pressText('Take out to thaw');
    await phone.sees('wings are out, to thaw');
    expect(await phone.page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
    await phone.click('Undo');
    await phone.sees('Undone:');
    expect(phone.complaints).toEqual([]);
    await phone.page.close();
  });

  it('has not made the page complain', () => {
    expect(person.complaints).toEqual([]);
  });
});
