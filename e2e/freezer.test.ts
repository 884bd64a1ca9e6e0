import type { BrowserContext } from 'puppeteer-core';
import { today } from './clock';
import { DESK, freshWindow, Person, PHONE } from './harness';
import { ADDRESS, morning, movesIn } from './journeys';

// What can be ready tonight, a stock-take with a phone, a power cut.
describe('at the freezer', () => {
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
  afterAll(() => browser.close());

  it('says what can still be ready tonight, how, and by when it must be out', async () => {
    await person.goOn('/home/freezer/tonight');
    await person.sees('What can be ready tonight?');
    await person.sees('in cold water');
    const outBy = await person.page.$$eval('tbody tr', (rows) =>
      rows
        .map((row) => (row as unknown as HTMLElement).innerText)
        .filter((text) => text.includes('in cold water'))
        .map((text) => /(\d\d):\d\d/.exec(text)?.[1]),
    );
    expect(outBy.length).toBeGreaterThan(3);
    for (const hour of outBy) expect(Number(hour)).toBeLessThan(19);
    await person.page.locator('::-p-called(We eat at)').fill('10:01');
    await person.press('Tab');
    await person.page.waitForFunction(
      () => !document.querySelector('tbody')?.textContent?.includes('in cold water'),
    );
  });

  it('a stock-take with a phone: ticked by hand and by number, the missing put right, and undone', async () => {
    const phone = await Person.at(browser, ADDRESS, PHONE);
    await phone.goTo('/home/freezer/count');
    await phone.sees('Tick what lies there');
    const boxes = await phone.page.$$('li input[type=checkbox]');
    const all = boxes.length;
    expect(all).toBeGreaterThan(3);
    await phone.pressText('Done here');
    await phone.sees(`Write off ${all} packs`);
    await phone.pressText('Look again');
    for (const box of boxes.slice(2)) await box.click();
    const number = await phone.page.$eval('li code', (each) => (each as unknown as HTMLElement).innerText);
    await phone.fill('Number on a label', number.toLowerCase());
    await phone.press('Enter');
    await phone.sees(`${all - 1} of ${all} there`);
    await phone.fill('Number on a label', '0000');
    await phone.press('Enter');
    await phone.sees('No pack has the number 0000');
    const missing = await phone.page.$$eval(
      'li',
      (rows) =>
        rows
          .find((row) => !(row.querySelector('input') as HTMLInputElement | null)?.checked)
          ?.querySelector('code')?.textContent ?? '',
    );
    await phone.pressText('Done here');
    await phone.sees('Write off 1 pack');
    const why = await phone.page.$eval('.why label', (each) => (each as unknown as HTMLElement).innerText);
    await phone.choose(why, 'eaten');
    await phone.pressText('Write off 1 pack');
    await phone.sees('1 pack written off');
    await phone.sees(`${all - 1} of ${all - 1} there`);
    await phone.fill('Number on a label', missing);
    await phone.press('Enter');
    await phone.sees('was written down as gone');
    await phone.pressText('It lies here');
    await phone.sees(`${all} of ${all} there`);
    await phone.click('Undo');
    await phone.sees(`${all - 1} of ${all - 1} there`);
    expect(await phone.page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
    expect(phone.complaints).toEqual([]);
    await phone.page.close();
  });

  it('a stock-take at a desk: everything is there', async () => {
    await person.goOn('/home/freezer/count');
    await person.sees('Tick what lies there');
    await person.page.$$eval('li input[type=checkbox]', (boxes) =>
      boxes.forEach((box) => (box as unknown as HTMLElement).click()),
    );
    await person.click('Done here');
    await person.sees('Everything is there.');
  });

  it.each([
    ['at a desk', DESK],
    ['with a phone', PHONE],
  ])(
    'a power cut %s: how long the cold holds, what to look at first, what to do',
    async (_name, viewport) => {
      const each = await Person.at(browser, ADDRESS, viewport as typeof DESK);
      await each.goTo('/home/freezer/power');
      await each.sees('Keep the doors shut');
      await each.sees('Say since when');
      await each.sees('under 24 h: check each pack');
      await each.choose('How full Chest freezer is', 'full, with');
      await each.sees('about 48 h');
      await each.choose('How full Chest freezer is', 'half full');
      await each.sees('about 24 h');
      const count = (await each.text()).match(/Throw away/g)?.length ?? 0;
      await each.pressText('Throw away');
      await each.sees('thrown away');
      await each.click('Undo');
      await each.sees('Undone:');
      expect((await each.text()).match(/Throw away/g)).toHaveLength(count);
      await each.reads('it may be frozen again');
      await each.write('Out since', '1 Jan 2001');
      await each.write('The time at which it went', '10 am');
      await each.sees('That is over a week without power');
      await each.write('Out since', today(-3));
      await each.sees('past: check each pack');
      // What is typed, and then what is written down and looked at, survives a reload.
      await each.reload();
      await each.sees('past: check each pack');
      await each.sees('Not written down yet');
      await each.click('Write it down');
      await each.sees('The power is out: written down');
      await each.pressText('Ice in it');
      await each.sees('still ice in it');
      await each.reload();
      await each.sees('looked at');
      await each.click('There was none');
      await each.sees('No power cut');
      expect(await each.page.evaluate(() => document.documentElement.scrollWidth)).toBe(viewport.width);
      expect(each.complaints).toEqual([]);
      await each.page.close();
    },
  );

  it('has not made the page complain', () => {
    expect(person.complaints).toEqual([]);
  });
});
