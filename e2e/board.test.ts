import type { BrowserContext } from 'puppeteer-core';
import { freshWindow, Person } from './harness';
import { ADDRESS, begin, buy, finish } from './journeys';

interface Cut {
  readonly part: string;
  readonly massDg: number;
  readonly count: number;
  readonly destination: string;
}

/** The bench with the practice scale: what a person does, counted; and the meat, which is laid on for them. */
class Bench {
  presses = 0;

  constructor(readonly person: Person) {}

  /** A key or tap of the person at the board. */
  async tap(key: Parameters<Person['press']>[0]): Promise<void> {
    this.presses += 1;
    await this.person.press(key);
  }

  /** All is off: the deed that ends it, one more press; and what is asked of bones that came out heavy by chance. */
  async finish(): Promise<void> {
    this.presses += 1;
    await finish(this.person);
    await this.person.page.waitForFunction(
      () => document.querySelector('v-closing-questions') ?? !document.querySelector('v-end-check'),
      { polling: 50, timeout: 60_000 },
    );
    if (!(await this.person.page.$('v-closing-questions'))) return;
    await this.person.page.locator('v-closing-questions ::-p-text(Clean, only heavy)').click();
    await this.person.page.locator('v-closing-questions button[type=submit]').click();
    this.presses += 2;
  }

  /** Puts the next virtual piece of meat on the scale, and waits until it can be taken. */
  async lay(): Promise<void> {
    await this.off();
    await this.person.press('m');
    await this.person.page.waitForSelector('.take:not([aria-disabled])', { timeout: 60_000 });
  }

  /** Takes what lies there off, and waits until the empty scale stands still. */
  async off(): Promise<void> {
    await this.person.press('r');
    try {
      await this.person.page.waitForFunction(
        () =>
          /^0(?![.,]?\d*[1-9])/.test(
            document.querySelector('.num.live:not(.moving)')?.textContent?.trim() ?? '',
          ),
        { timeout: 60_000, polling: 50 },
      );
    } catch {
      throw new Error(`The scale did not stand empty. The page says:\n${await this.person.text()}`);
    }
  }

  /** The part that the bench proposes. */
  part(): Promise<string> {
    return this.person.page.evaluate(
      () =>
        document
          .querySelector<HTMLElement>('[role=radio][aria-checked=true] b')
          ?.innerText.replace(/\s+/g, ' ') ?? '',
    );
  }

  /** Chooses a part by its key, where the bench proposes another. */
  async chooses(name: string, key: Parameters<Person['press']>[0]): Promise<void> {
    if ((await this.part()) === name) return;
    await this.tap(key);
    await this.person.page.waitForFunction(
      (wanted) =>
        document.querySelector<HTMLElement>('[role=radio][aria-checked=true] b')?.innerText === wanted,
      { polling: 50 },
      name,
    );
  }

  isEnded(): Promise<boolean> {
    return this.person.page.evaluate(() => document.querySelector('v-end-check') !== null);
  }

  /** Waits until so many parts have been weighed and are on the disk. */
  async weighed(count: number): Promise<void> {
    await this.person.page.waitForFunction(
      (wanted) =>
        [...document.querySelectorAll('button')].some(
          (each) => each.textContent?.trim() === `Weighed ${wanted}`,
        ),
      { timeout: 60_000, polling: 50 },
      count,
    );
  }

  /** The entries about the piece that was received last. */
  async journal(): Promise<{ drainedDg: number; receivedDg: number; cuts: Cut[]; closed: boolean }> {
    const entries = (await this.person.stored()).entries.map(
      ({ entry }) => entry as unknown as { type: string; massDg: number; from: string; lot: string } & Cut,
    );
    const received = entries.findLast(({ type }) => type === 'received');
    const own = entries.slice(entries.indexOf(received!));
    return {
      receivedDg: received?.massDg ?? 0,
      drainedDg: own.find(({ type }) => type === 'drained')?.massDg ?? 0,
      cuts: own.filter(({ type, from }) => type === 'cut' && from === received?.lot),
      closed: own.some(({ type }) => type === 'closed'),
    };
  }
}

const sum = (cuts: readonly Cut[]): number => cuts.reduce((total, { massDg }) => total + massDg, 0);

describe('at the board with the practice scale', () => {
  let browser: BrowserContext;
  let person: Person;

  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS);
    // Nearly all of the time here is a scale that comes to stand.
    await person.hurry(3);
    // Scales that are not there are the demo's alone.
    person.household = 'demo';
    await begin(person, {}, { kind: 'Strip loin', weight: '5.250 kg', price: '15.00' });
    // Chosen once, it stays.
    await person.click('Scale');
    await person.page.locator('::-p-text(Practice scale)').click();
    await person.press('Escape');
    await person.sees('Practice scale, 1 g');
  });
  afterAll(() => browser.close());

  it('a strip loin with a dozen steaks goes from the bag to closed in at most 45 presses, every weight taken by hand', async () => {
    await buy(person, 'Strip loin', '5.250 kg', '15.00');
    const bench = await benchByHand();
    await bench.lay();
    await bench.tap('Space');
    await person.sees('of liquid');
    let steaks = 0;
    // The meat that is not there is heavier or lighter each time: it may be all cut a steak or two before.
    for (let weighings = 0; steaks < 12 && !(await bench.isEnded()); weighings++) {
      await bench.lay();
      if (weighings >= 3) await bench.chooses('Steaks', '4');
      if ((await bench.part()) === 'Steaks') steaks += 1;
      await bench.tap('Space');
      await bench.weighed(weighings + 1);
    }
    expect(steaks).toBeGreaterThanOrEqual(10);
    if (!(await bench.isEnded())) {
      await bench.chooses('Square-off and sirloin end', '3');
      await bench.tap('l');
    }
    await person.sees('Before you finish');
    await bench.finish();
    await person.sees('Strip loin closed.');
    const { drainedDg, cuts, closed } = await bench.journal();
    expect(closed).toBe(true);
    expect(cuts.filter(({ part }) => part === 'steaks')).toHaveLength(steaks);
    expect(new Set(cuts.map(({ part }) => part))).toEqual(
      new Set(['strip-and-tail', 'fat-cap', 'ends', 'steaks']),
    );
    expect(sum(cuts)).toBeLessThanOrEqual(drainedDg);
    expect(sum(cuts)).toBeGreaterThan(drainedDg * 0.96);
    console.info(`strip loin, ${steaks} steaks, by hand: ${bench.presses} presses`);
    expect(bench.presses).toBeLessThanOrEqual(45);
  });

  it('hands free, the weights take themselves', async () => {
    await buy(person, 'Strip loin', '5.250 kg', '15.00');
    const bench = await benchByHand();
    await bench.tap('h');
    await person.press('m');
    await person.sees('of liquid');
    for (let weighings = 1; weighings <= 18 && !(await bench.isEnded()); weighings++) {
      await bench.off();
      await person.press('m');
      await Promise.race([
        bench.weighed(weighings),
        person.page.waitForSelector('v-end-check', { timeout: 60_000 }),
      ]);
    }
    await person.sees('Before you finish');
    await bench.finish();
    await person.sees('Strip loin closed.');
    const { drainedDg, cuts } = await bench.journal();
    expect(sum(cuts)).toBeLessThanOrEqual(drainedDg);
    expect(sum(cuts)).toBeGreaterThan(drainedDg * 0.96);
    expect(cuts.filter(({ part }) => part === 'steaks').length).toBeGreaterThanOrEqual(10);
    console.info(`strip loin, hands free: ${bench.presses} presses`);
    expect(bench.presses).toBeLessThanOrEqual(10);
  });

  it.each([
    ['Beef tenderloin', '3.400 kg', 30, ['chain', 'fat', 'head', 'silver-skin', 'tail', 'centre']],
    ['Lamb leg', '2.400 kg', 18, ['shank', 'bones', 'waste', 'boneless-leg']],
  ])('%s is led through to its end', async (kind, weight, most, parts) => {
    await buy(person, kind, weight, '9.00');
    await workThrough(await benchByHand(), most, parts);
  });

  it('a processor six times slower loses no key and no weight', async () => {
    await person.goOn('/demo/counter');
    const slow = await person.page.createCDPSession();
    await slow.send('Emulation.setCPUThrottlingRate', { rate: 6 });
    await buy(person, 'Pork spare ribs', '1.900 kg', '9.00');
    await workThrough(await benchByHand(), 14, ['tips', 'flap', 'loose-ends', 'membrane', 'rack']);
    await slow.send('Emulation.setCPUThrottlingRate', { rate: 1 });
    await slow.detach();
  });

  it('two chickens go over the board as one lot', async () => {
    await person.goOn('/demo/counter');
    await person.fill('Search by any name', 'bird', 'searchbox');
    await person.page.locator('.kind ::-p-text(Whole chicken)').click();
    await person.fill('How many', '2');
    await person.fill('Weight of all', '3.300 kg');
    await person.fill('Price for a kg', '6.00');
    await person.page.locator('::-p-text(Buy it for)').click();
    await person.sees('2 whole chickens');
    await workThrough(await benchByHand(), 30, [
      'fat-skin',
      'thighs',
      'drumsticks',
      'wings',
      'back',
      'breast',
    ]);
  });

  /** The scale listens, and no weight takes itself. */
  async function benchByHand(): Promise<Bench> {
    await person.sees('Practice scale, 1 g');
    if (await person.page.$('[role=switch][aria-checked=true]')) await person.press('h');
    return new Bench(person);
  }

  async function workThrough(bench: Bench, most: number, parts: readonly string[]): Promise<void> {
    await bench.lay();
    await bench.tap('Space');
    await person.sees('Drained:');
    for (let weighings = 1; weighings <= most && !(await bench.isEnded()); weighings++) {
      // What is left is offered for the last part: one key, and nothing to weigh.
      if (await person.page.$('.rest')) {
        await bench.tap('l');
      } else {
        await bench.lay();
        await bench.tap('Space');
      }
      await bench.weighed(weighings);
    }
    await person.sees('Before you finish');
    // The pieces that the stand-in lays on leave more than the usual now and then: that is weighed too.
    if (await person.page.$('v-end-check .much')) {
      await bench.tap('l');
      await person.page.waitForFunction(() => !document.querySelector('v-end-check .much'));
    }
    await bench.finish();
    await person.sees('closed.');
    const { receivedDg, drainedDg, cuts, closed } = await bench.journal();
    expect(closed).toBe(true);
    expect(new Set(cuts.map(({ part }) => part))).toEqual(new Set(parts));
    expect(drainedDg).toBeLessThanOrEqual(receivedDg);
    expect(sum(cuts)).toBeLessThanOrEqual(drainedDg);
  }

  it('has not made the page complain', () => {
    expect(person.complaints).toEqual([]);
  });
});
