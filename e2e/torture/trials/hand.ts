import type { Browser } from 'puppeteer-core';
import { DESK, launch, Person, PHONE } from '../../harness';
import { movesIn } from '../../journeys';
import { chance, type Chance } from '../chance';
import { handModel, type Stored } from './hand-model';
import type { Trial } from './trial';

/** What a hand types, right and wrong. */
const TYPED = [
  '1',
  '2',
  '350',
  '1.2',
  '1,5',
  '4850',
  '7 lb',
  '3 lb 4',
  '1/2',
  '1 1/2',
  '8.49/lb',
  '0',
  '-3',
  'abc',
  '12 steaks 320 g',
  '2 packs 1 lb and 1 lb',
  'x'.repeat(250),
  '🐮',
  '25.11.',
  '19:30',
  ' ',
];
const KEYS = [
  'Enter',
  'Tab',
  'Escape',
  'ArrowDown',
  'ArrowUp',
  'Space',
  'u',
  'l',
  'n',
  'p',
  '1',
  '3',
] as const;
const PLACES = ['counter', 'block', 'wrap', 'freezer'] as const;
/** Pages below them, that come up now and then. */
const BELOW = [
  'counter/candidates',
  'counter/prices',
  'wrap/labels',
  'freezer/week',
  'freezer/count',
  'freezer/places',
] as const;

/** What leads out of the application, waits for a file or a printer, or begins another household. */
const LEFT_ALONE =
  /^(Save|CSV|Print|Use this printer|Labels as PDF|Camera|A picture|Read a|Plain|Replace|Start your own|Reload this|.*calendar|.*file\b)/i;

/** So many acts, then somebody looks whether there is a way out. */
const LOOKS_EVERY = 10;

type Act = readonly [name: string, does: (hand: Hand) => Promise<void>, writesNothing?: true];

/** A hand that does whatever comes to it, in one of two tabs. */
class Hand {
  constructor(
    readonly person: Person,
    readonly number: Chance,
  ) {}

  one<T>(of: readonly T[]): T {
    return of[this.number(of.length)] as T;
  }

  /** Presses one of what can be pressed and is seen; with a thumb that does so twice, if that is asked. */
  async presses(count = 1): Promise<void> {
    // What takes its turns by itself is done as often as it is pressed.
    const each = count > 1 ? 'button:not([data-in-turn])' : 'button';
    await this.at(
      `${each}, [role=radio], [role=switch], [role=menuitem], a.quiet, tbody tr, summary`,
      (spot) => this.person.page.mouse.click(spot.x, spot.y, { count }),
    );
  }

  async types(): Promise<void> {
    await this.at('input:not([type=file]):not([type=checkbox]):not([type=radio]), textarea', async (spot) => {
      await this.person.page.mouse.click(spot.x, spot.y);
      await this.person.page.keyboard.type(this.one(TYPED));
    });
  }

  /** As far as the application goes: what lies before it is another page's. */
  async goesBack(): Promise<void> {
    await this.person.page.evaluate(() => {
      const { navigation } = window as unknown as { navigation: { canGoBack: boolean } };
      if (navigation.canGoBack) history.back();
    });
    await new Promise((done) => setTimeout(done, 300));
  }

  private async at(selector: string, act: (spot: { x: number; y: number }) => Promise<void>): Promise<void> {
    const at = this.number(1e6);
    const spot = await this.person.page.evaluate(
      (selector, at, leftAlone) => {
        const alone = new RegExp(leftAlone, 'i');
        const over = document.querySelector('.p-dialog, .p-select-overlay, .p-menu');
        const seen = [...(over ?? document).querySelectorAll<HTMLElement>(selector)].filter((each) => {
          const { width, height } = each.getBoundingClientRect();
          const name = each.getAttribute('aria-label') ?? each.innerText;
          return width > 0 && height > 0 && !alone.test(name.trim()) && !each.closest('v-file-choice');
        });
        const one = seen[at % Math.max(1, seen.length)];
        if (!one) return null;
        one.scrollIntoView({ block: 'center' });
        const { left, top, width, height } = one.getBoundingClientRect();
        return { x: left + width / 2, y: top + height / 2 };
      },
      selector,
      at,
      LEFT_ALONE.source,
    );
    if (spot) await act(spot);
  }
}

const ACTS: readonly Act[] = [
  ...Array.from({ length: 5 }, (): Act => ['press', (hand) => hand.presses()]),
  ...Array.from({ length: 3 }, (): Act => ['type', (hand) => hand.types(), true]),
  ...Array.from({ length: 2 }, (): Act => ['press twice', (hand) => hand.presses(2)]),
  ['key', (hand) => hand.person.page.keyboard.press(hand.one(KEYS))],
  ['back', (hand) => hand.goesBack(), true],
  ['reload', ({ person }) => person.reload(), true],
  ['go', (hand) => hand.person.goOn(`/home/${hand.one(PLACES)}`), true],
  ['go below', (hand) => hand.person.goOn(`/home/${hand.one(BELOW)}`), true],
];

/** All that a household holds on the disk, looked at anew where the page goes on meanwhile. */
function storedOf(person: Person): Promise<Stored> {
  return readStored(person).catch(async () => {
    await settled(person);
    return readStored(person);
  });
}

function readStored(person: Person): Promise<Stored> {
  return person.page.evaluate(
    () =>
      new Promise<Stored>((done, failed) => {
        const opening = indexedDB.open('vendicus-home');
        opening.onerror = () => failed(new Error('cannot be opened'));
        opening.onsuccess = () => {
          const base = opening.result;
          const reading = base.transaction(['entries', 'records']);
          const [entries, records] = ['entries', 'records'].map((name) => reading.objectStore(name).getAll());
          reading.oncomplete = () => {
            base.close();
            done({
              entries: (entries!.result as { entry: { id: string } }[]).map(({ entry }) => [
                entry.id,
                JSON.stringify(entry),
              ]),
              registers: (records!.result as object[]).map((each) => JSON.stringify(each)).sort(),
            });
          };
        };
      }),
  );
}

/** Whether the ways to the places can be pressed, once Escape has closed what lies over the page. */
async function hasAWayOut(person: Person): Promise<boolean> {
  for (let n = 0; n < 4 && (await person.page.$('.p-dialog, .p-select-overlay, .p-menu')); n++) {
    await person.page.keyboard.press('Escape');
    await new Promise((done) => setTimeout(done, 120));
  }
  return person.page.evaluate(() => {
    const link = document.querySelector<HTMLElement>('.places a[href$="/craft"]');
    link?.scrollIntoView();
    const { left, top, width, height } = link?.getBoundingClientRect() ?? new DOMRect();
    const hit = document.elementFromPoint(left + width / 2, top + height / 2);
    return link !== null && hit !== null && link.contains(hit);
  });
}

/**
 * A hand that presses, types, goes back and loads anew, as it comes, on the four places and in two tabs, with
 * a model beside it: what is on the disk is never lost, what nobody pressed is never written, no page
 * complains, and there is always a way out.
 */
export const hand: Trial = async ({ address }, seed, amount) => {
  const number = chance(seed);
  const browser = await launch();
  const faults: string[] = [];
  const told: string[] = [];
  try {
    const hands = await twoTabs(browser, address, number);
    const model = handModel(await storedOf(hands[0]!.person));
    for (let n = 0; n < amount && faults.length === 0; n++) {
      const own = hands[number(5) === 0 ? 1 : 0]!;
      await own.person.page.bringToFront();
      const [name, does, writesNothing = false] = own.one(ACTS);
      told.push(`${hands.indexOf(own)} ${name}`);
      // A field that stands for itself counts once it is left.
      const isInPlace = await own.person.page.evaluate(
        () => document.activeElement?.closest('v-field, v-edit-figure, v-in-place') != null,
      );
      await does(own).catch((error: unknown) => {
        // What was to be pressed may have gone as the page went on.
        if (!/context was destroyed|detached|not clickable|Cannot find context/.test(String(error)))
          throw error;
      });
      await settled(own.person);
      const may = isInPlace ? 'more' : writesNothing ? 'nothing' : 'one';
      const wrong = model.after(await storedOf(own.person), may);
      const complaints = hands.flatMap(({ person }) => person.complaints);
      const out = n % LOOKS_EVERY === 0 && !(await hasAWayOut(own.person)) ? ['no way out'] : [];
      faults.push(
        ...[...wrong, ...complaints, ...out].map(
          (fault) => `act ${n} (${told.slice(-6).join(', ')}) at ${own.person.page.url()}: ${fault}`,
        ),
      );
    }
    return { count: told.length, faults };
  } finally {
    await browser.close();
  }
};

async function twoTabs(browser: Browser, address: string, number: Chance): Promise<Hand[]> {
  const one = await Person.at(browser, address, DESK);
  await movesIn(one);
  await one.goTo('/home/block');
  const two = await Person.at(browser, address, PHONE);
  await two.goTo('/home/freezer');
  return [one, two].map((person) => new Hand(person, number));
}

/** What was pressed has been written, or refused. */
async function settled(person: Person): Promise<void> {
  await new Promise((done) => setTimeout(done, 180));
  // Back leads to the address without a place in the end.
  if (!person.page.url().includes('/home/')) await person.goTo('/home/counter');
  await person.page.waitForSelector('main, h1', { timeout: 10_000 }).catch(() => undefined);
}
