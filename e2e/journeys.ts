import type { ElementHandle } from 'puppeteer-core';
import { now } from './clock';
import { Person } from './harness';
import { householdFile, type Bought, type Counts } from './seeding/household-file';
import { livedIn } from './seeding/lived-in';

export const ADDRESS = process.env['VENDICUS_ADDRESS'] ?? '';

/** A zone where it is about such an hour now, for what depends on the hour. */
function zoneAt(wanted: number): string {
  const hour = new Date(now()).getUTCHours();
  const ahead =
    wanted - hour < -12 ? wanted + 24 - hour : wanted - hour > 14 ? wanted - 24 - hour : wanted - hour;
  return ahead === 0 ? 'Etc/GMT' : `Etc/GMT${ahead > 0 ? '-' : '+'}${Math.abs(ahead)}`;
}
export const morning = (): string => zoneAt(10);
export const afternoon = (): string => zoneAt(16);

/** How fractions are written is not asked: the browser's language tells. */
async function speaks(person: Person, decimal: Counts['decimal'] = '.'): Promise<void> {
  await person.page.evaluateOnNewDocument(
    (language) => Object.defineProperty(navigator, 'language', { value: language }),
    decimal === ',' ? 'de-DE' : 'en-IE',
  );
}

/** The first screen of the first questions. */
export async function answerHowToCount(
  person: Person,
  { currency = 'EUR', system = 'metric', decimal = '.' }: Counts = {},
): Promise<void> {
  await speaks(person, decimal);
  await person.goTo('/home/start');
  // Where the language is spoken, one pays in euros.
  if (currency !== 'EUR') await person.choose('Currency', currency);
  await person.click(system === 'metric' ? 'kilograms' : 'pounds');
  await person.click('Go on');
  await person.sees('Who eats here?');
}

/** Answers the first questions of a household of one's own; it is at the Counter then. */
export async function beginByHand(person: Person, counts: Counts = {}): Promise<void> {
  await answerHowToCount(person, counts);
  await person.fill('Name of eater 1', 'Odile');
  await person.press('Enter');
  await person.sees('Is it worth it?');
}

/** Has a household of one's own already, and what it has bought; opens it where it is left then. */
export async function begin(person: Person, counts: Counts = {}, ...pieces: Bought[]): Promise<void> {
  const { file, lots } = householdFile(counts, pieces);
  await speaks(person, counts.decimal);
  await person.holds(file);
  const last = lots.at(-1);
  await person.goTo(`/${person.household}/${last === undefined ? 'counter' : `block/${last}`}`);
  const isOpen = pieces.at(-1)?.drained !== undefined;
  await person.reads(
    last === undefined ? 'Is it worth it?' : isOpen ? 'on the board' : 'this is the true start',
  );
}

/** Has a household of one's own in which somebody has lived for two years, up to today. */
export async function movesIn(person: Person): Promise<void> {
  await person.holds(livedIn(await person.today()));
}

/** Says at the Counter which piece it is. */
export async function choosePiece(person: Person, kind: string): Promise<void> {
  const other = await person.page.$('button[aria-label$=": choose another piece"]');
  await other?.click();
  await person.fill('Search by any name', kind, 'searchbox');
  await person.page.locator(`.kind ::-p-text(${kind})`).click();
}

/** Opens what is folded away, at the Counter. */
export async function unfold(person: Person, title: string): Promise<void> {
  await person.pressText(title);
}

/** Buys a piece at the Counter; it is on the Block then. */
export async function buy(
  person: Person,
  kind: string,
  weight: string,
  pricePerKg: string,
  prices: Record<string, string> = {},
  unit: 'kg' | 'lb' = 'kg',
): Promise<void> {
  await person.click('Counter', 'link');
  await person.reads('Is it worth it?');
  await choosePiece(person, kind);
  await person.page.locator('::-p-called(Weight on the label), ::-p-called(Weight of all)').fill(weight);
  await person.fill(`Price for a ${unit}`, pricePerKg);
  if (Object.keys(prices).length > 0) await unfold(person, 'Prices ready cut');
  for (const [item, price] of Object.entries(prices)) await person.fill(item, price);
  await person.page.locator('::-p-text(Buy it for)').click();
  await person.sees('this is the true start');
}

/** Chooses a pack by its row in the Freezer; its card is shown then. */
export async function choosePack(person: Person, name: string): Promise<void> {
  await person.page.waitForFunction(
    (wanted) => {
      const row = [...document.querySelectorAll('tbody tr')].find((each) =>
        each.textContent?.includes(wanted),
      );
      (row as HTMLElement | undefined)?.click();
      return document.querySelector('v-pack-card h2')?.textContent?.includes(wanted);
    },
    {},
    name,
  );
}

/** Merges another household's file, from the page of files. */
export async function mergeFile(person: Person, path: string, patience?: number): Promise<void> {
  await person.goOn(`/${person.household}/books/household`);
  const input = await person.page.waitForSelector('input[aria-label="File to merge"]');
  await (input as ElementHandle<HTMLInputElement>).uploadFile(path);
  await person.sees('This is another household’s file', patience);
  await person.click('Make them one');
  await person.sees('merged; shown after', patience);
}

/** Types a weight where the Block expects one, and takes it. */
/** All is off: finishes the piece, whatever is ticked of the last look. */
export async function finish(person: Person): Promise<void> {
  await person.clickOn('v-end-check .act');
}

/** A weight that is asked about is right: it was not cut. */
export async function inOnePiece(person: Person): Promise<void> {
  await person.page.locator('.answers ::-p-text(one piece of)').click();
  await person.press('Enter');
}

export async function weigh(person: Person, weight: string, part?: RegExp | string): Promise<void> {
  if (part) await person.page.locator(`::-p-called([role="radio"]) ::-p-text(${part})`).click();
  await person.page.locator('input.num').fill(weight);
  await person.press('Enter');
}
