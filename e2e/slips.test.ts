import type { BrowserContext } from 'puppeteer-core';
import { DESK, freshWindow, Person, PHONE } from './harness';
import { ADDRESS, begin, choosePiece } from './journeys';
import type { Counts } from './seeding/household-file';
import { story } from './story';
import { desk, phone, type AnyHand } from './two-hands';

/** A slip: what is typed, what the screen says, the answer that is pressed, and what then stands there. */
type Slip = readonly [typed: string, says: string, answer: string, stands: string];

/** A household, and the slips of its hand in its own units. */
interface Household {
  readonly name: string;
  readonly size: typeof DESK;
  readonly hand: (person: Person) => AnyHand;
  readonly counts: Counts;
  readonly unit: 'kg' | 'lb';
  readonly price: string;
  readonly weight: string;
  readonly buys: string;
  /** In the label's weight, in the label's price, of the drained loin, of a steak. */
  readonly label: readonly Slip[];
  readonly asked: readonly Slip[];
  readonly drained: readonly Slip[];
  readonly steak: readonly Slip[];
  /** What is read as it is written: typed, and what the screen says of it. */
  readonly reads: readonly (readonly [typed: string, says: string])[];
  readonly line: string;
  readonly fat: string;
  readonly shownFat: string;
}

const POUNDS: Household = {
  name: 'by keys at 1280, in pounds and dollars',
  size: DESK,
  hand: desk,
  counts: { currency: 'USD', system: 'imperial' },
  unit: 'lb',
  price: '8.49',
  weight: '11.2',
  buys: 'Buy it for $95.09',
  label: [['1120', 'The point may be missing.', '11.20 lb', '11.20 lb']],
  asked: [['849', 'The point may be missing.', '$8.49', '8.49']],
  drained: [['1105', '1105 lb? It was 11.20 lb before.', '11.05 lb', '11.05 lb']],
  steak: [
    ['112', '112 oz for one steak?', '11.2 oz', '11.2 oz'],
    ['7 lb', '7 lb for one steak?', '11 steaks, 7 lb', '7 lb'],
  ],
  reads: [
    ['11 1/4', 'Buy it for $95.51'],
    ['11 lb 4 oz', 'Buy it for $95.51'],
    ['11 lb 4', 'Buy it for $95.51'],
  ],
  line: '2 packs 12 oz and 13 oz; glorp 5 oz',
  fat: '1 lb 2 oz',
  shownFat: '1.13 lb',
};

const KILOS: Household = {
  name: 'by touch at 390, in kilograms and euros with a comma',
  size: PHONE,
  hand: phone,
  counts: { decimal: ',' },
  unit: 'kg',
  price: '15,45',
  weight: '5,1',
  buys: 'Buy it for €78,80',
  label: [
    ['4850', 'The point may be missing.', '4,850 kg', '4,850 kg'],
    ['485', 'The point may be missing.', '4,85 kg', '4,85 kg'],
  ],
  asked: [['1545', 'The point may be missing.', '€15,45', '15,45']],
  drained: [['485', '485 kg? It was 5,100 kg before.', '4,85 kg', '4,85 kg']],
  steak: [
    ['3400', '3400 g for one steak?', '340,0 g', '340,0 g'],
    ['2,1 kg', '2,1 kg for one steak?', '7 steaks, 2,1 kg', '2,1 kg'],
  ],
  reads: [
    ['5,1 kg', 'Buy it for €78,80'],
    ['5100 g', 'Buy it for €78,80'],
    ['5 kg 100', 'Buy it for €78,80'],
  ],
  line: '2 packs 320 g and 340 g; glorp 90 g',
  fat: '0,7 kg',
  shownFat: '700 g',
};

describe.each([POUNDS, KILOS])('slips of the hand $name', (of) => {
  let browser: BrowserContext;
  let person: Person;
  let hand: AnyHand;
  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS, of.size);
    hand = of.hand(person);
    await begin(person, of.counts);
  });
  afterAll(() => browser.close());

  const written = async (): Promise<number> => (await person.stored()).entries.length;
  const price = `Price for a ${of.unit}`;
  const weight = 'Weight on the label';
  /** What stands in the weight at the board. */
  const isTyped = (text: string): Promise<unknown> =>
    person.page.waitForFunction(
      (wanted) => document.querySelector<HTMLInputElement>('input.num')?.value === wanted,
      { polling: 50 },
      text,
    );
  /** Presses until it has done what was wanted: two presses in haste are one. */
  const presses = (name: string, until: string): Promise<unknown> =>
    person.page.waitForFunction(
      (name, until) => {
        if (document.body.innerText.includes(until)) return true;
        [...document.querySelectorAll('button')]
          .find((each) => each.innerText.trim().startsWith(name))
          ?.click();
        return false;
      },
      { polling: 600 },
      name,
      until,
    );
  /** What the cursor is in. */
  const isIn = async (name: string): Promise<void> => {
    const at = await person.page.evaluate(() => {
      const field = document.activeElement as HTMLInputElement | null;
      return field?.labels?.[0]?.innerText ?? field?.getAttribute('aria-label') ?? field?.tagName;
    });
    expect(at).toContain(name);
  };

  story('at the Counter, on the Block, and in forms', {
    'the cursor stays where the hand is, whatever is typed': async () => {
      await choosePiece(person, 'Strip loin');
      await hand.write(price, of.price);
      await isIn(price);
      await hand.write(weight, of.weight);
      await isIn(weight);
      await person.press('Enter');
      await person.reads(of.buys);
      await person.shows(price, of.price);
      await person.shows(weight, of.weight);
      // The unit is what it was.
      await person.reads(price);
    },

    'who chose the wrong piece takes the figures along with one press': async () => {
      await choosePiece(person, 'Ribeye, boneless');
      await person.shows(price, '');
      await hand.press(`${of.price} and ${of.weight}, as typed for strip loin`);
      await person.shows(price, of.price);
      await choosePiece(person, 'Strip loin');
      await hand.press(`${of.price} and ${of.weight}, as typed for ribeye, boneless`);
      await person.reads(of.buys);
    },

    'what cannot be meant is asked about, and nothing counts it until it is answered': async () => {
      for (const [field, slips, right] of [
        [weight, of.label, of.weight],
        [price, of.asked, of.price],
      ] as const)
        for (const [typed, says, answer, stands] of slips) {
          await hand.write(field, typed);
          await person.reads(says);
          await person.reads('Which figure is right?');
          const before = await written();
          await person.pressText('Buy it');
          expect(await written()).toBe(before);
          await hand.press(answer);
          await person.shows(field, stands);
          await hand.write(field, right);
        }
      await person.reads(of.buys);
    },

    'weights and prices are read as people write them': async () => {
      for (const [typed, says] of of.reads) {
        await hand.write(weight, typed);
        await person.reads(says);
      }
      await hand.write(weight, of.weight);
      const other = of.unit === 'kg' ? 'lb' : 'kg';
      await hand.write(price, `${of.price}/${other}`);
      await person.reads(`Price for a ${other}`);
      await hand.press(of.unit);
      await person.reads(of.buys);
      await person.shows(price, of.price);
      await person.pressText('Buy it for');
      await person.sees('this is the true start');
    },

    'a drained weight that cannot be is asked about; half typed it waits for a reload': async () => {
      const before = await written();
      for (const [typed, says, answer, stands] of of.drained) {
        await hand.weighs(typed);
        await person.reads(says);
        await hand.takes();
        expect(await written()).toBe(before);
        await person.reload();
        await person.reads(says);
        await hand.press(answer);
        await isTyped(stands);
      }
      await hand.takes();
      await person.sees('Drained:');
      expect(await written()).toBe(before + 1);
    },

    'one steak is no heap of them: the point, the other unit, several, or a piece in one': async () => {
      await person.page.locator('::-p-called([role="radio"]) ::-p-text(Steaks)').click();
      const before = await written();
      for (const [typed, says, answer, stands] of of.steak) {
        await hand.weighs(typed);
        await person.reads(says);
        await hand.takes();
        expect(await written()).toBe(before);
        await hand.press(answer);
        await isTyped(stands);
      }
      await person.page.$eval('input.num', (field) => (field as HTMLInputElement).select());
      await person.press('Backspace');
      await person.press('Enter');
      expect(await written()).toBe(before);
    },

    'to correct begins with what was typed': async () => {
      await person.page.locator('::-p-called([role="radio"]) ::-p-text(Fat cap)').click();
      await hand.weighs(of.fat);
      await hand.takes();
      await person.sees(`Fat cap: ${of.shownFat}`);
      await hand.press(`Put right Fat cap, ${of.shownFat}`);
      await person.shows('Right weight', of.fat);
    },

    'Back closes the window first, and the page stays': async () => {
      const url = person.page.url();
      await person.page.goBack();
      await person.page.waitForFunction(() => document.querySelector('[role=dialog]') === null);
      expect(person.page.url()).toBe(url);
      await person.reads('Weighed 1');
      await hand.press('Type all at once');
      await hand.write('What came of it, all at once', of.line);
      await person.sees('Write it as one of');
      expect(await person.page.$eval('mark', (each) => each.textContent)).toContain('glorp');
      const before = await written();
      await person.page.goBack();
      await person.page.waitForFunction(() => document.querySelector('[role=dialog]') === null);
      await person.reads('Weighed 1');
      expect(await written()).toBe(before);
    },

    'undo ends at the first weighing: the purchase stands': async () => {
      await presses('Undo', 'Weighed 0');
      await presses('Undo', 'this is the true start');
      await person.page.waitForFunction(() =>
        [...document.querySelectorAll('button')].some(
          (each) => each.innerText.trim() === 'Undo' && each.disabled,
        ),
      );
      await person.reload();
      await presses('Redo', 'Weighed 0');
      await presses('Redo', 'Weighed 1');
    },

    'a purchase is taken back where it was bought, once it is asked, with its price; and comes back with it':
      async () => {
        await person.goOn('/home/counter/prices');
        await person.sees('1 price written down.');
        await person.goOn('/home/counter');
        await hand.press('Take the purchase back');
        await person.sees('Take the purchase back?');
        await hand.press('Take 3 acts back');
        await person.sees('Undone: strip loin bought');
        await person.goOn('/home/counter/prices');
        await person.sees('0 prices written down.');
        await person.goOn('/home/books/household');
        await hand.press('Redo strip loin bought');
        await person.sees('Done again: strip loin bought');
        await person.goOn('/home/counter/prices');
        await person.sees('1 price written down.');
      },

    'what is half typed in the price book, of a place and of mealtimes waits for a reload': async () => {
      await hand.write('Price', '24');
      await hand.write('Note', 'the counter by the door');
      await person.reload();
      await person.shows('Price', '24');
      await person.shows('Note', 'the counter by the door');
      await person.goOn('/home/freezer/places');
      await hand.press('Add a freezer or refrigerator');
      await hand.write('Called', 'garage');
      await person.reload();
      await person.shows('Called', 'garage');
      await person.goOn('/home/freezer/week');
      await hand.press('When we eat');
      await hand.write('Minutes to cook', '75');
      await person.reload();
      await person.shows('Minutes to cook', '75');
    },

    'Back closes a day of the week and the sticker reader first, and the page stays': async () => {
      for (const [page, opener] of [
        ['/home/freezer/week', 'v-day-card button.who'],
        ['/home/counter', 'button.scan'],
      ] as const) {
        await person.goOn(page);
        const isOpen = (open: boolean): Promise<unknown> =>
          person.page.waitForSelector(`${opener}[aria-expanded=${open}]`);
        await isOpen(false);
        await person.page.locator(opener).click();
        await isOpen(true);
        await person.page.goBack();
        await person.page.waitForFunction(
          (opener) => document.querySelector(opener)?.ariaExpanded === 'false',
          { polling: 50 },
          opener,
        );
        expect(new URL(person.page.url()).pathname).toBe(page);
      }
      expect(person.complaints).toEqual([]);
    },
  });
});
