import type { BrowserContext } from 'puppeteer-core';
import { DESK, freshWindow, Person, PHONE } from './harness';
import { ADDRESS, begin, choosePiece, choosePack } from './journeys';
import { story } from './story';

// The cold as it is lived: a power cut an hour after wrapping, a sealed loin that is forgotten, a turkey
// for Thursday, steaks in cold water, a phone that is flown across the world. Wednesday, 25 November 2026.

const AT_FIVE = '2026-11-25T17:05:00Z';

describe.each([
  [
    'at a desk, in kilograms with a comma',
    DESK,
    { decimal: ',' as const },
    { loin: '5,2 kg', turkey: '7 kg', steaks: '0,45 kg', price: '14,20' },
  ],
  [
    'on a phone, in pounds',
    PHONE,
    { currency: 'USD', system: 'imperial' as const },
    { loin: '11.5 lb', turkey: '15 lb 7 oz', steaks: '1 lb', price: '6.40' },
  ],
])('the cold %s', (_name, view, counts, says) => {
  let browser: BrowserContext;
  let person: Person;
  const unit = 'system' in counts ? 'lb' : 'kg';

  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS, view);
    await person.page.emulateTimezone('Europe/Lisbon');
    await person.setClock(Date.parse(AT_FIVE));
    await begin(person, counts);
  });
  afterAll(() => browser.close());

  /** Goes to a page at another moment. */
  const at = async (moment: string, path: string): Promise<void> => {
    await person.setClock(Date.parse(moment));
    await person.goTo(path);
  };
  const enter = async (name: string, weight: string, kept: string, place: string): Promise<void> => {
    await person.goOn('/home/freezer');
    await person.click('Enter a pack');
    await person.fill('What is it', name);
    await person.fill('Weight', weight);
    await person.fill('Plates, if known', '2');
    await person.choose('Animal', name === 'Thighs' ? 'chicken' : 'beef');
    await person.choose('It', 'bought ready cut');
    await person.choose('When it came it was', kept);
    await person.choose('Lies in', place);
    await person.click('Put it in');
    await person.sees(`${name} is in`);
  };
  const choose = (name: string): Promise<void> => choosePack(person, name);
  const buys = async (kind: string, weight: string): Promise<void> => {
    await person.goOn('/home/counter');
    await choosePiece(person, kind);
    await person.page.locator('::-p-called(Weight on the label), ::-p-called(Weight of all)').fill(weight);
    await person.fill(`Price for a ${unit}`, says.price);
  };

  story('is told by the hour', {
    'what went in five minutes ago freezes: fresh tonight, and hard tomorrow': async () => {
      await enter('Thighs', says.steaks, 'fresh', 'Freezer');
      await choose('Thighs');
      await person.reads('freezing');
      await person.reads(unit === 'kg' ? 'hard about 17:' : 'hard about 5:');
      await person.reads('fresh until Fri 27 Nov');
      await person.goOn('/home/freezer/tonight');
      await person.reads('freezing, hard about');
    },

    'the power goes an hour later: it is listed first, and there is nothing to do': async () => {
      await at('2026-11-25T18:10:00Z', '/home/freezer/power');
      await person.write('Out since', '25 Nov 2026');
      await person.write('The time at which it went', '18:05');
      await person.reads('nothing to do while the door is shut');
      await person.reads('Not written down yet');
      await person.click('Write it down');
      await person.sees('The power is out: written down');
    },

    'five hours later it is checked; cold it freezes on, its whole time anew': async () => {
      await at('2026-11-25T23:10:00Z', '/home/freezer/tonight');
      await person.reads('Not offered before somebody has looked at it');
      await person.click('Say what you find', 'link');
      await person.reads('check it');
      await person.write('Back since', '25 Nov 2026');
      await person.write('The time at which it came back', '18:00');
      await person.sees('It came back before it went');
      await person.write('The time at which it came back', '23:00');
      await person.click('Write it down');
      await person.sees('The power is back: written down');
      await person.click('Soft but cold: Thighs');
      await person.sees('looked at');
      await person.goOn('/home/freezer');
      await choose('Thighs');
      await person.reads(unit === 'kg' ? 'hard about 23:' : 'hard about 11:');
    },

    'a loin is bought in its sealed bag: a drawing says so, nothing is assumed': async () => {
      await buys('Strip loin', says.loin);
      await person.reads('Not said: it counts as in a tray.');
      await person.pressText('sealed bag');
      await person.reads('open or freeze by day 14');
      await person.page.locator('::-p-text(Buy it for)').click();
      await person.sees('Sealed, bought today. Opened today it is best by Sat 28 Nov, latest Mon 30 Nov.');
      await person.goOn('/home/freezer');
      await person.reads('open or freeze it from Sat 5 Dec on, last day Wed 9 Dec');
    },

    'a frozen turkey for Thursday next week is out on Sunday': async () => {
      await buys('Whole turkey', says.turkey);
      await person.pressText('Shop and date');
      await person.choose('It is', 'frozen');
      await person.page.locator('::-p-text(Buy it for)').click();
      await person.sees('this is the true start');
      await person.goOn('/home/freezer');
      await person.page.waitForSelector('::-p-called([name="cut on"][role="combobox"])');
      await person.choose('cut on', 'Thu 3 Dec');
      await person.sees('Whole turkey: cut on Thu 3 Dec');
      await person.goOn('/home/freezer/week');
      await person.reads('out by');
      await person.reads('Sun 29 Nov');
      await person.reads('cut on Thu 3 Dec');
    },

    'steaks lie in cold water from five: felt once, given half an hour, and soft': async () => {
      await enter('Steaks', says.steaks, 'frozen', 'Freezer');
      await at('2026-11-26T17:00:00Z', '/home/freezer');
      await choose('Steaks');
      await person.choose('Thaw it how', 'in cold water');
      await person.click('Take out to thaw');
      await person.sees('Steaks is out, to thaw');
      await at('2026-11-26T17:20:00Z', '/home/freezer/tonight');
      await person.reads('in cold water, ready about');
      expect(await person.text()).not.toContain('Soft through?');
      await at('2026-11-26T17:31:00Z', '/home/freezer/tonight');
      await person.reads('Soft through?');
      await person.click('Still ice in Steaks');
      await person.sees('Steaks: still ice in it');
      expect(await person.text()).not.toContain('Soft through?');
      await at('2026-11-26T18:02:00Z', '/home/freezer/tonight');
      await person.click('Soft through: Steaks');
      await person.sees('Steaks: soft through');
      await person.reads('thawed, cook by');
    },

    'the loin, forgotten for a month: said first, offered to nobody, and not frozen in one press':
      async () => {
        await at('2026-12-26T10:00:00Z', '/home/freezer');
        await person.reads('Strip loin');
        await person.reads('overdue since Wed 9 Dec');
        await person.goOn('/home/freezer/tonight');
        await person.reads('past');
        expect(await person.page.$eval('table', (table) => table.textContent)).not.toContain('Strip loin');
      },

    'a phone that is flown from Lisbon to Auckland tells the same hours, and the days of where it is':
      async () => {
        await person.page.emulateTimezone('Pacific/Auckland');
        await at('2026-11-25T23:10:00Z', '/home/freezer');
        await choose('Thighs');
        // 23:00 in Lisbon is noon of the next day there.
        await person.reads(unit === 'kg' ? 'hard about 12:' : 'hard about 12:');
        await person.reads('Fri 27 Nov');
      },

    'and no page complained': () => expect(person.complaints).toEqual([]),
  });
});
