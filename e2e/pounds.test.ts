import type { BrowserContext } from 'puppeteer-core';
import { now } from './clock';
import { freshWindow, Person } from './harness';
import { ADDRESS, answerHowToCount, choosePiece, weigh } from './journeys';
import { story } from './story';

const METRIC = /\d ?(mm|cm|kg|g|L|°C)\b/;

// A household in pounds, inches and °F: at the bench, in the guides, on its clock and its paper.
describe('a household in pounds', () => {
  let browser: BrowserContext;
  let person: Person;

  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS);
    await answerHowToCount(person, { currency: 'USD', system: 'imperial' });
    await person.reads('Many count 5 to 8 oz');
    await person.fill('Name of eater 1', 'Odile');
    await person.press('Enter');
    await person.sees('Is it worth it?');
  });
  afterAll(() => browser.close());

  const textOf = (selector: string): Promise<string> =>
    person.page.$$eval(selector, (all) =>
      all.map((each) => (each as unknown as HTMLElement).innerText).join('\n'),
    );

  story('from the freezer’s air to dinner by the clock of twelve', {
    'says how long it keeps, and a wrong figure changes nothing': async () => {
      await person.goOn('/home/freezer/places');
      await person.fill('Days sealed, beef', 'long');
      await person.click('Save the rules');
      await person.sees('Days sealed are a whole number from 1 to 10');
      await person.fill('Days sealed, beef', '8');
      await person.fill('Days thawed at most', '9');
      await person.click('Save the rules');
      await person.sees('or write a whole number from 0 to 5');
      await person.fill('Days thawed at most', '1');
      await person.pressText('Never freeze it again raw');
      await person.pressText('Somebody here is pregnant');
      await person.reads('cooked to 160 °F (72 °C), on every page');
      await person.click('Save the rules');
      await person.sees('The rules of keeping are saved');
      await person.reload();
      await person.sees('How long it keeps');
      expect(
        await person.page.$$eval('v-keeping-form input', (all) =>
          all.map((each) => {
            const { type, checked, value } = each as unknown as HTMLInputElement;
            return type === 'checkbox' ? checked : value;
          }),
        ),
      ).toEqual(['8', '5', '5', '1', true, true]);
    },

    'takes a freezer’s air in the scale that is written': async () => {
      await person.click('Add a freezer or refrigerator');
      await person.fill('Called', 'Garage');
      await person.fill('Cubic feet in all', '7');
      await person.fill('Its air, °F', '−20 °C');
      await person.click('Add it');
      await person.sees('Garage is saved');
      await person.sees('7.0 cu ft, −4 °F');
    },

    'buys a strip loin, and asks for the unit where a bare figure is usual in the other': async () => {
      await person.click('Counter', 'link');
      await choosePiece(person, 'Strip loin');
      await person.fill('Weight on the label', '11.5');
      await person.fill('Price for a lb', '6.99');
      await person.sees('Buy it for $80.39');
      await person.page.locator('::-p-text(Buy it for)').click();
      await person.sees('this is the true start');
      await weigh(person, '5.1 kg');
      await person.sees('Drained:');
      // Of a steak only pounds make sense.
      await weigh(person, '0.85', 'Steaks');
      await person.sees('Steaks: 13.6 oz');
      expect(await textOf('.step, .hint')).not.toMatch(METRIC);
      expect(await textOf('.step, .hint')).toContain('1 to 1 1/4 in');
    },

    'takes one weighing out of the middle, and the others stay': async () => {
      for (const ounces of ['13 oz', '14 oz']) await weigh(person, ounces, 'Steaks');
      await person.sees('Steaks: 14.0 oz');
      await person.click('Put right Steak, 13.0 oz');
      await person.click('Take out Steak, 13.0 oz');
      await person.sees('Taken out: Steak, 13.0 oz');
      await person.reads('Weighed 2');
      const cuts = (await person.stored()).entries.filter(({ entry }) => entry.type === 'undone');
      expect(cuts).toHaveLength(1);
      await person.reload();
      await person.sees('Weighed 2');
    },

    'adds up the time at the board: warned at an hour and a half, said at two hours, in heat at one':
      async () => {
        await person.setClock(now() + 95 * 60_000);
        await person.reload();
        await person.sees('out of the refrigerator: put it back soon');
        await person.click('Above 90 °F here', 'switch');
        await person.sees('longer than 1 hour in all');
        await person.click('Above 90 °F here', 'switch');
        await person.sees('put it back soon');
        await person.setClock(now() + 130 * 60_000);
        await person.reload();
        await person.sees('longer than 2 hours in all');
        await person.page.locator('::-p-text(It was in the refrigerator from)').click();
        await person.page.waitForFunction(() => !document.querySelector('v-board-time-line .caution'));
      },

    'reads guides in inches, its dinner on a clock of twelve hours, and Letter paper first': async () => {
      await person.goOn('/home/craft/strip-loin');
      await person.sees('Ways to cut it');
      expect(await textOf('.top, .cols, .about')).not.toMatch(METRIC);
      await person.goOn('/home/freezer/week');
      await person.sees('at 7:00 pm');
      await person.goOn('/home/freezer');
      await person.click('Enter a pack');
      await person.fill('What is it', 'Lamb shanks');
      await person.fill('Weight', '2 lb');
      await person.click('Put it in');
      await person.sees('Lamb shanks is in');
      await person.goOn('/home/wrap/labels');
      await person.sees('Labels on');
      await person.shows('Labels on', /^Letter/);
      expect((await person.choices('Labels on'))[0]).toMatch(/^Letter/);
    },

    'has not made the page complain': () => {
      expect(person.complaints).toEqual([]);
    },
  });
});
