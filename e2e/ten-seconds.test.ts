import type { BrowserContext } from 'puppeteer-core';
import { freshWindow, Person, PHONE } from './harness';
import { ADDRESS, begin } from './journeys';
import { story } from './story';

/**
 * Seconds that a practised hand takes for each act (keystroke-level model: Card, Moran and Newell 1980,
 * with a thumb's figures, from memory).
 */
const TAKES = { tap: 1.1, key: 0.28, think: 1.35 } as const;

/** A hand that counts what it does. */
class Hand {
  seconds = 0;
  constructor(private readonly person: Person) {}

  think(): void {
    this.seconds += TAKES.think;
  }

  async tap(selector: string): Promise<void> {
    this.seconds += TAKES.tap;
    const target = await this.person.page.waitForSelector(selector, { visible: true });
    await target?.tap();
  }

  async type(keys: string): Promise<void> {
    this.seconds += TAKES.key * keys.length;
    await this.person.page.keyboard.type(keys);
  }

  /** Which piece, what is asked for it, what it weighs: each thought of first. */
  async asks(kind: string, price: string, weight: string): Promise<void> {
    this.think();
    await this.tap(`.kind ::-p-text(${kind})`);
    this.think();
    await this.type(price);
    await this.goOn();
    this.think();
    await this.type(weight);
  }

  /** The key that closes a figure. */
  async goOn(): Promise<void> {
    this.seconds += TAKES.key;
    await this.person.page.keyboard.press('Enter');
  }
}

describe('the Counter in ten seconds, with a thumb', () => {
  let browser: BrowserContext;
  let person: Person;
  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS, PHONE);
    await person.page.setViewport({ ...PHONE, hasTouch: true, isMobile: true });
    await begin(person);
  });
  afterAll(() => browser.close());

  /** What is wanted can be seen without scrolling, above a keyboard of 300 px. */
  const isInSight = (selector: string): Promise<boolean> =>
    person.page.$eval(selector, (element) => {
      const { top, bottom } = element.getBoundingClientRect();
      return window.scrollY === 0 && top >= 0 && bottom <= window.innerHeight - 300 && bottom > top;
    });
  const answer = (): Promise<string> =>
    person.page.$eval('.answer', (element) => element.textContent?.trim() ?? '');

  story('the first time, and the next', {
    'with no price known: where it would be worth it within 9.5 s, and the answer with one price within 13.5 s':
      async () => {
        const hand = new Hand(person);
        await hand.asks('Strip loin', '24.50', '5.100');
        // 24.50 ÷ 0.7 of steaks: 35.00.
        await person.reads('Comes out ahead if strip steak costs over €35.00/kg');
        expect(await answer()).toBe('Open');
        expect(await isInSight('v-settling-price p')).toBe(true);
        expect(await isInSight('v-settling-price input')).toBe(true);
        expect(hand.seconds).toBeLessThanOrEqual(9.5);
        await hand.goOn();
        await hand.type('27.00');
        await person.reads('Leave it');
        expect(await isInSight('.answer')).toBe(true);
        expect(hand.seconds).toBeLessThanOrEqual(13.5);
        // The tape is another with that price, and its hand stands where the price asked is printed.
        const middles = await person.page.$$eval('v-price-tape [role=slider], .word.asked', (both) =>
          both.map((each) => each.getBoundingClientRect()).map(({ left, width }) => left + width / 2),
        );
        expect(middles).toHaveLength(2);
        expect(Math.abs(middles[0]! - middles[1]!)).toBeLessThan(4);
      },

    'what was typed is kept when the piece is left, and the next time the answer is there within 9.5 s':
      async () => {
        await person.page.locator('button ::-p-text(Leave it)').click();
        await person.reads('Strip loin left. €24.50/kg is noted.');
        const hand = new Hand(person);
        await hand.asks('Strip loin', '15.45', '5.320');
        await person.reads('Worth it');
        expect(await isInSight('.answer')).toBe(true);
        expect(await isInSight('v-price-tape svg')).toBe(true);
        expect(hand.seconds).toBeLessThanOrEqual(9.5);
        expect(person.complaints).toEqual([]);
      },
  });
});
