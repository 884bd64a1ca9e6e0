// npm run screenshots: one picture of each place, from the demo household.
import { mkdirSync } from 'node:fs';
import { DESK, launch, Person, PHONE, serveApp } from './harness';
import { choosePiece } from './journeys';

/** Always the same moment, before dinner, so that the pictures stay the same. */
const NOW = Date.parse('2026-12-01T18:00:00Z');

interface View {
  readonly name: string;
  readonly path: string;
  readonly phone?: boolean;
  /** The whole page, and not what a screen shows of it. */
  readonly full?: boolean;
  readonly prepare?: (person: Person) => Promise<void>;
}

const VIEWS: readonly View[] = [
  { name: 'counter', path: '/demo/counter', prepare: fillCounter },
  { name: 'counter-phone', path: '/demo/counter', phone: true, prepare: fillCounter },
  { name: 'ask-phone', path: '/demo/counter/ask', phone: true, prepare: showTheCard },
  { name: 'side-by-side', path: '/demo/counter/candidates', prepare: layThem },
  { name: 'which', path: '/demo/counter/which', prepare: settle },
  { name: 'prices', path: '/demo/counter/prices', prepare: settle },
  { name: 'block', path: '/demo/block', prepare: (person) => standIn(person) },
  { name: 'block-phone', path: '/demo/block', phone: true, prepare: (person) => standIn(person) },
  { name: 'slices', path: '/demo/block', prepare: planTheCuts },
  { name: 'wrap', path: '/demo/wrap', prepare: planThePacks },
  { name: 'labels', path: '/demo/wrap', prepare: printLabels },
  { name: 'freezer', path: '/demo/freezer' },
  { name: 'stock-take-phone', path: '/demo/freezer/count', phone: true, prepare: tickSome },
  { name: 'week', path: '/demo/freezer/week', prepare: proposeTheWeek },
  { name: 'books', path: '/demo/books' },
  { name: 'piece', path: '/demo/books', prepare: openPiece },
  { name: 'trends', path: '/demo/books/trends', prepare: settle },
  { name: 'craft', path: '/demo/craft', full: true },
  { name: 'guide', path: '/demo/craft/lamb-leg', prepare: drawTheCut },
];

/** The card of a strip loin. */
async function showTheCard(person: Person): Promise<void> {
  await person.page.locator('.kind ::-p-text(Strip loin)').click();
  await person.page.waitForSelector('article.card');
}

async function settle(): Promise<void> {
  await new Promise((done) => setTimeout(done, 900));
}

/** Chooses the practice scale, once, and lays a piece of meat on it. */
async function standIn(person: Person): Promise<void> {
  if (!(await person.text()).includes('Practice scale')) {
    await person.page.locator('.source').click();
    await person.page.locator('::-p-text(Practice scale)').click();
    await person.press('Escape');
    await person.reads('Practice scale');
  }
  await lay(person);
}

async function lay(person: Person): Promise<void> {
  await person.page.locator('v-practice-tray button:nth-child(2)').click();
  await person.page.waitForSelector('.take[aria-disabled]');
  await person.page.locator('v-practice-tray button').click();
  await person.page.waitForSelector('.take:not([aria-disabled])');
}

async function planTheCuts(person: Person): Promise<void> {
  await person.click('Plan where to cut', 'link');
  await person.reads('Where to cut');
  await person.write('Square off', '8 mm');
  await person.page.evaluate(() =>
    (document.querySelectorAll('[role=slider]')[2] as unknown as HTMLElement).focus(),
  );
  await person.press('ArrowLeft');
  await person.page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
}

async function drawTheCut(person: Person): Promise<void> {
  await person.page.locator('::-p-text(draw the cut)').click();
  await person.page.evaluate(() => document.querySelector('h2')?.scrollIntoView());
}

async function fillCounter(person: Person): Promise<void> {
  await choosePiece(person, 'Strip loin');
  await person.fill('Price for a kg', '15.45');
  await person.fill('Weight on the label', '5.320 kg');
  await settle();
}

async function layThem(person: Person): Promise<void> {
  const pieces = [
    ['Beef tenderloin', '28.90', '2.9'],
    ['Strip loin', '15.45', '5.32'],
  ] as const;
  for (const [at, [kind, price, weight]] of pieces.entries()) {
    await person.choose(`Piece ${at + 1}`, kind);
    await person.fill(`Price of piece ${at + 1}`, price);
    await person.fill(`Weight of piece ${at + 1}`, weight);
    await person.click(`Close ${kind}`);
  }
  await person.page.evaluate(() => window.scrollTo(0, 0));
}

async function planThePacks(person: Person): Promise<void> {
  await person.click('Plan again');
  await person.reads('dinners');
  await settle();
}

async function printLabels(person: Person): Promise<void> {
  await planThePacks(person);
  await person.clickOn('.end .act');
  await person.reads('Which packs');
  await person.page.waitForSelector('v-label-preview');
  await settle();
}

async function openPiece(person: Person): Promise<void> {
  await person.page.locator('tbody tr:nth-child(3) a').click();
  await person.reads('Where the mass went');
  await settle();
}

async function tickSome(person: Person): Promise<void> {
  await person.page.waitForSelector('li input[type=checkbox]');
  await person.page.$$eval('li input[type=checkbox]', (boxes) =>
    boxes.slice(0, 3).forEach((box) => (box as unknown as HTMLElement).click()),
  );
  await person.page.evaluate(() => window.scrollBy(0, 220));
}

async function proposeTheWeek(person: Person): Promise<void> {
  await person.choose('Dinners to plan', '5');
  await person.click('Propose');
  await person.page.waitForFunction(() => document.querySelectorAll('v-day-card .pack').length >= 5);
  await new Promise((done) => setTimeout(done, 7000));
}

async function main(): Promise<void> {
  const folder = process.argv[2] ?? 'docs/screenshots';
  const wanted = process.argv.slice(3);
  const dim = wanted.includes('dim');
  mkdirSync(folder, { recursive: true });
  const { address, stop } = await serveApp();
  const browser = await launch({ whole: true });
  try {
    for (const view of VIEWS.filter(
      ({ name }) => wanted.filter((word) => word !== 'dim').length === 0 || wanted.includes(name),
    )) {
      // Each in a household of its own: one view wraps what another is to show on the table.
      const context = await browser.createBrowserContext();
      const person = await Person.at(context, address, view.phone ? PHONE : DESK);
      await person.setClock(NOW);
      if (dim) await person.page.emulateMediaFeatures([{ name: 'prefers-color-scheme', value: 'dark' }]);
      await person.goTo(view.path);
      await view.prepare?.(person);
      await new Promise((done) => setTimeout(done, 300));
      await person.shot(`${folder}/${view.name}.png`, view.full);
      if (person.complaints.length > 0) console.error(view.name, person.complaints);
      await context.close();
    }
  } finally {
    await browser.close();
    stop();
  }
}

main().catch((error: unknown) => {
  console.error(error);
  process.exitCode = 1;
});
