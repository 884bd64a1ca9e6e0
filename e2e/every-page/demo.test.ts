import type { BrowserContext, CDPSession } from 'puppeteer-core';
import { DESK, freshWindow, Person, PHONE } from '../harness';
import { ADDRESS, choosePiece } from '../journeys';
import { demoPages } from '../pages';
import { bothFinders } from './both-finders';
import { misfitsOf, type Size } from './fits';
import { misprints, PAPER } from './misprints';
import { violations, violationsInTheDim } from './violations';

const ON_A_DESK: readonly Size[] = [
  [1280, 800],
  [1920, 1080],
];
const IN_THE_HAND: readonly Size[] = [
  [390, 844],
  [320, 640],
  [820, 1180],
];

let browser: BrowserContext;
let person: Person;

async function open(viewport: typeof DESK): Promise<void> {
  browser = await freshWindow();
  person = await Person.at(browser, ADDRESS, viewport);
  await person.goTo('/demo/counter');
}

/** On paper, read in the dim: what is printed is dark on light all the same. */
async function misprintsOf(): Promise<string[]> {
  await person.page.emulateMediaFeatures([{ name: 'prefers-color-scheme', value: 'dark' }]);
  await person.page.emulateMediaType('print');
  await person.page.setViewport(PAPER);
  const found = await person.page.evaluate(misprints);
  await person.page.emulateMediaType('screen');
  await person.page.setViewport(DESK);
  return found;
}

describe('every page of the demo household on a desk', () => {
  let session: CDPSession;
  beforeAll(async () => {
    await open(DESK);
    session = await person.page.createCDPSession();
  });
  afterAll(() => browser.close());

  it.each(demoPages())('%s', async (page) => {
    await person.goOn(page);
    expect(await violations(person)).toEqual([]);
    expect(await violationsInTheDim(person)).toEqual([]);
    const { ours, theirs } = await bothFinders(person, session);
    expect(ours).toEqual(theirs);
    expect(await misprintsOf()).toEqual([]);
    expect(await misfitsOf(person, page, ON_A_DESK)).toEqual([]);
    expect(person.complaints).toEqual([]);
    await person.page.setViewport(DESK);
  });

  it('the Counter with a piece that is asked about, on paper', async () => {
    await person.goOn('/demo/counter');
    await choosePiece(person, 'Strip loin');
    await person.fill('Price for a kg', '15.45');
    await person.fill('Weight on the label', '5.320 kg');
    expect(await misprintsOf()).toEqual([]);
  });
});

describe('every page of the demo household in the hand', () => {
  beforeAll(() => open(PHONE));
  afterAll(() => browser.close());

  it.each(demoPages())('%s', async (page) => {
    await person.page.setViewport(PHONE);
    await person.goOn(page);
    expect(await violations(person)).toEqual([]);
    expect(await misfitsOf(person, page, IN_THE_HAND)).toEqual([]);
    expect(person.complaints).toEqual([]);
  });
});
