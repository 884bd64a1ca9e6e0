import type { BrowserContext } from 'puppeteer-core';
import { DESK, freshWindow, Person, PHONE } from './harness';
import { ADDRESS, begin, choosePiece } from './journeys';
import type { Counts } from './seeding/household-file';
import { desk, phone, type AnyHand } from './two-hands';

/** Four birds as a household buys them, in its own units. */
interface Flock {
  readonly name: string;
  readonly size: typeof DESK;
  readonly hand: (person: Person) => AnyHand;
  readonly counts: Counts;
  readonly unit: 'kg' | 'lb';
  readonly price: string;
  readonly weight: string;
  readonly paid: string;
  /** What the two that are cut in pieces weigh, and the two that are halved; and that is less than the label. */
  readonly two: readonly [string, string];
  readonly less: string;
  /** What came off two of them, and off the two halved; of one bird, where each is cut by itself. */
  readonly pieces: string;
  readonly halves: string;
  readonly ofOne: readonly [drained: string, line: string];
  readonly oneHalved: readonly [drained: string, line: string];
  /** A weight without its point, and what is offered for it. */
  readonly slip: readonly [typed: string, meant: string];
  readonly told: string;
}

const POUNDS: Flock = {
  name: 'by keys at 1280, in pounds and dollars',
  size: DESK,
  hand: desk,
  counts: { currency: 'USD', system: 'imperial' },
  unit: 'lb',
  price: '2.49',
  weight: '16.2',
  paid: '$40.34',
  slip: ['785', '7.85 lb'],
  two: ['7.9', '8'],
  less: '4.8 oz',
  pieces:
    '2 packs breast 1.5 lb and 1.58 lb; 1 pack thighs 1.38 lb; 1 pack drumsticks 1.07 lb; 1 pack wings 0.91 lb; back 1.26 lb; fat 0.12 lb',
  halves: '4 packs halves 1.6 lb, 1.65 lb, 1.62 lb and 1.58 lb; back 1.4 lb; fat 0.1 lb',
  ofOne: [
    '3.95',
    '1 pack breast 1.54 lb; 1 pack thighs 0.69 lb; 1 pack drumsticks 0.53 lb; 1 pack wings 0.45 lb; back 0.63 lb; fat 0.06 lb',
  ],
  oneHalved: ['4', '2 packs halves 1.6 lb and 1.62 lb; back 0.7 lb; fat 0.05 lb'],
  told: '16.20 lb, $40.34',
};

const KILOS: Flock = {
  name: 'by touch at 390, in kilograms and euros with a comma',
  size: PHONE,
  hand: phone,
  counts: { decimal: ',' },
  unit: 'kg',
  price: '5,49',
  weight: '7,2',
  paid: '€39,53',
  slip: ['385 kg', '3,85 kg'],
  two: ['3,5', '3,58'],
  less: '120 g',
  pieces:
    '2 packs breast 670 g and 690 g; 1 pack thighs 610 g; 1 pack drumsticks 470 g; 1 pack wings 400 g; back 560 g; fat 50 g',
  halves: '4 packs halves 720 g, 740 g, 725 g and 710 g; back 620 g; fat 45 g',
  ofOne: [
    '1,75',
    '1 pack breast 680 g; 1 pack thighs 305 g; 1 pack drumsticks 235 g; 1 pack wings 200 g; back 280 g; fat 25 g',
  ],
  oneHalved: ['1,79', '2 packs halves 720 g and 730 g; back 310 g; fat 22 g'],
  told: '7,200 kg, €39,53',
};

/** Counts what the hand does: a press, a figure typed. */
class Counting {
  acts = 0;
  readonly hand: AnyHand;

  constructor(hand: AnyHand) {
    const counted =
      <T extends unknown[]>(act: (...of: T) => Promise<void>) =>
      (...of: T): Promise<void> => {
        this.acts += 1;
        return act(...of);
      };
    this.hand = {
      write: counted(hand.write),
      weighs: counted(hand.weighs),
      press: counted(hand.press),
      takes: counted(hand.takes),
    };
  }
}

describe.each([POUNDS, KILOS])('four birds, two ways $name', (of) => {
  let browser: BrowserContext;
  let person: Person;
  let counts: Counting;
  let hand: AnyHand;
  /** A household of its own, which has bought nothing yet. */
  async function opens(): Promise<void> {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS, of.size);
    counts = new Counting(of.hand(person));
    ({ hand } = counts);
    await begin(person, of.counts);
  }
  beforeEach(opens);
  afterEach(() => browser.close());

  async function buys(apart: boolean): Promise<void> {
    await choosePiece(person, 'Whole chicken');
    counts.acts += 2;
    await hand.write('How many', '4');
    await hand.write(`Price for a ${of.unit}`, of.price);
    await hand.write('Weight of all', of.weight);
    if (apart) await hand.press('keep them apart, cut one by one', 'checkbox');
    await does(`Buy it for ${of.paid}`);
    await person.sees('this is the true start');
  }

  /** Presses what says this, however it is called besides. */
  async function does(text: string): Promise<void> {
    counts.acts += 1;
    await person.pressText(text);
  }

  async function chooses(label: string, wanted: string): Promise<void> {
    counts.acts += 2;
    await person.choose(label, wanted);
  }

  /** What came of it, in one line; then it is finished. */
  async function cuts(line: string): Promise<void> {
    await hand.press('Type all at once');
    await hand.write('What came of it, all at once', line);
    counts.acts += 2;
    await person.clickOn('v-line-form .act');
    await person.page.waitForSelector('v-end-check');
    await person.clickOn('v-end-check .act');
    await person.page.waitForFunction(() => location.pathname.endsWith('/wrap'));
  }

  async function nextOnTheBlock(): Promise<void> {
    counts.acts += 1;
    await person.clickOn('nav a[href$="/block"]');
    await person.page.waitForSelector('v-weigh-panel');
  }

  const written = async (): Promise<Record<string, unknown>[]> =>
    (await person.stored()).entries.map(({ entry }) => entry as unknown as Record<string, unknown>);
  const labels = async (count: number): Promise<void> => {
    await hand.press('Labels', 'link');
    await person.reads('Which packs');
    expect(new Set((await written()).flatMap(({ type, lot }) => (type === 'packed' ? [lot] : []))).size).toBe(
      count,
    );
  };

  it('from the till to the labels, as one lot that is split: fewer acts than four lots', async () => {
    await buys(false);
    await hand.press('Cut some another way');
    await person.reads('4 came as one');
    await chooses('Cut how, of those that go another way', 'Halves, with shears');
    // A point that was left out is put in by a press; no part of the count.
    await person.write('Weight of those that go another way', of.slip[0]);
    await person.reads('is hardly the weight of 2 of them');
    await person.click(of.slip[1]);
    await person.shows('Weight of those that go another way', of.slip[1]);
    await hand.write('Weight of those that stay', of.two[0]);
    await hand.write('Weight of those that go another way', of.two[1]);
    await person.reads(`Together ${of.less} less than there was`);
    // Half done, a reload keeps it; and where what is missing went has to be said.
    await person.reload();
    await hand.press('Cut some another way');
    counts.acts -= 1;
    await person.reads(`Together ${of.less} less than there was`);
    const before = (await written()).length;
    await person.pressText('Split 2 and 2');
    await person.reads('Say which, or weigh again.');
    expect((await written()).length).toBe(before);
    await chooses(`Together ${of.less} less than there was. That is`, 'liquid that ran out');
    await does('Split 2 and 2');
    await person.reads('4 whole chickens split: 2 to eight bone-in pieces, 2 to halves, with shears.');
    // Weighed at the split, they are not drained once more.
    await cuts(of.pieces);
    await nextOnTheBlock();
    await person.reads('Halves, with shears');
    await cuts(of.halves);
    await labels(9);
    const split = counts.acts;
    await person.goOn('/home/books');
    await person.reads('4 whole chickens');
    await person.reads('2 ways');
    expect(await person.page.$$('tbody tr')).toHaveLength(1);
    await person.click('4 whole chickens', 'link');
    await person.reads(`Of one purchase: 4 whole chickens, ${of.told}. Together`);

    await opens();
    await buys(true);
    const lots = (await written()).flatMap(({ type, lot }) => (type === 'received' ? [lot as string] : []));
    expect(lots).toHaveLength(4);
    for (const [nth, [drained, line]] of [of.ofOne, of.ofOne, of.oneHalved, of.oneHalved].entries()) {
      if (nth > 0) await nextOnTheBlock();
      if (nth > 1) {
        await does('change the way');
        await chooses('Way to cut', 'Halves, with shears');
        await hand.press('Done');
      }
      await hand.weighs(drained);
      await hand.takes();
      await person.page.waitForSelector('v-part-row');
      await cuts(line);
    }
    await labels(12);
    // Before a lot could be split, each bird was one.
    expect([split, counts.acts]).toEqual([24, 43]);
  });
});
