import { writeFile } from '@core/exchange/write-file';
import { householdOf } from '@core/records/household';
import { workedPiece } from '@core/testing/journal-builder';
import { launch, Person } from '../../harness';
import { begin, buy, weigh } from '../../journeys';
import { chance, mangledBy } from '../chance';
import type { Trial } from './trial';

/** What no sentence to a person has in it. */
const STRANGE = /undefined|NaN|\[object|TypeError|Error:|ZodError|null\b/;

/** Files that something happened to, chosen on the page of files; what it asks is answered yes. */
export const pageFiles: Trial = async ({ address }, seed, amount) => {
  const number = chance(seed);
  const good = writeFile(householdOf(workedPiece().entries, []));
  const browser = await launch();
  const faults: string[] = [];
  try {
    const person = await Person.at(browser, address);
    await begin(person);
    await buy(person, 'Strip loin', '8 kg', '10');
    await weigh(person, '7.9 kg');
    await person.sees('100 g of liquid');
    const own = await ids(person);
    await person.goTo('/home/books/household');
    for (let n = 0; n < amount; n++) {
      const said = await take(person, mangledBy(number, good, n));
      if (said === null || STRANGE.test(said)) faults.push(`file ${n}: ${said ?? 'no answer'}`);
    }
    const after = new Set(await ids(person));
    if (!own.every((id) => after.has(id))) faults.push('lost: what was here before the files came');
    faults.push(...person.complaints);
    return { count: amount, faults };
  } finally {
    await browser.close();
  }
};

const ids = async (person: Person): Promise<string[]> =>
  (await person.stored()).entries.map(({ entry }) => (entry as unknown as { id: string }).id);

/** What the page says of a file; null where it says nothing. */
function take(person: Person, text: string): Promise<string | null> {
  return person.page.evaluate(async (content) => {
    const input = document.querySelector<HTMLInputElement>('input[aria-label="File to merge"]');
    const answers = () => [...document.querySelectorAll<HTMLElement>('main .caution, main .good')];
    for (const old of answers()) old.dataset['old'] = 'yes';
    const said = (): string =>
      answers()
        .filter(({ dataset }) => dataset['old'] === undefined)
        .map(({ textContent }) => textContent)
        .join(' ');
    const files = new DataTransfer();
    files.items.add(new File([content], `file-${performance.now()}.json`));
    if (!input) return null;
    input.files = files.files;
    input.dispatchEvent(new Event('change'));
    for (const end = performance.now() + 30_000; performance.now() < end;) {
      await new Promise((done) => setTimeout(done, 5));
      const dialog = document.querySelector('[role="dialog"], [role="alertdialog"]');
      [...(dialog?.querySelectorAll('button') ?? [])]
        .find((each) => /Make them|Take it/.test(each.textContent ?? ''))
        ?.click();
      const isBusy = document.querySelector('v-file-in .busy') !== null;
      if (!dialog && !isBusy && said() !== '') return said();
    }
    return null;
  }, text);
}
