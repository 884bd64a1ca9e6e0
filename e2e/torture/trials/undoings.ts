import type { Browser } from 'puppeteer-core';
import type { Entry } from '@core/ledger/entry';
import { householdOf } from '@core/records/household';
import { launch, Person, profileFolder } from '../../harness';
import { begin, buy, weigh } from '../../journeys';
import { chance, type Chance } from '../chance';
import type { Trial } from './trial';

const DRAINED_G = 7900;
/** So many acts between two kills, one page in so many loaded anew, and so long after an act a kill at the latest, ms. */
const [ACTS, RELOADS_IN, LATEST_MS] = [8, 5, 200];

/** What is weighed, and what was undone and can be done again: grams, the latest last. */
interface Board {
  readonly weighed: readonly number[];
  readonly undone: readonly number[];
}

/** What each act makes of a board; null where it cannot be done there. */
const ACT: Readonly<Record<'weigh' | 'undo' | 'redo', (board: Board, grams: number) => Board | null>> = {
  weigh: ({ weighed }, grams) => ({ weighed: [...weighed, grams], undone: [] }),
  undo: ({ weighed, undone }) => {
    const last = weighed.at(-1);
    return last === undefined ? null : { weighed: weighed.slice(0, -1), undone: [...undone, last] };
  },
  redo: ({ weighed, undone }) => {
    const last = undone.at(-1);
    return last === undefined ? null : { weighed: [...weighed, last], undone: undone.slice(0, -1) };
  },
};
const NAMES = ['weigh', 'weigh', 'undo', 'undo', 'redo', 'redo'] as const;

const said = ({ weighed }: Board): string => `${weighed.join(' ') || '0'} g`;

/** One start of the browser, with what its screen has said so far. */
class Start {
  acts = 0;
  /** The act that was on its way when it was killed. */
  onItsWay: Board;

  constructor(
    private readonly person: Person,
    public board: Board,
    private readonly number: Chance,
  ) {
    this.onItsWay = board;
  }

  /** Does what comes to it; calls at some act that now is the time to be killed. */
  async goesOn(grams: () => number, isTime: () => void): Promise<void> {
    const fuse = 1 + this.number(ACTS - 1);
    for (let n = 0; n <= fuse; n++) {
      const name = NAMES[this.number(NAMES.length)] ?? 'weigh';
      const next = ACT[name](this.board, grams());
      if (n === fuse) isTime();
      if (!next) continue;
      this.onItsWay = next;
      await this.does(name, next);
      this.board = next;
      this.acts += 1;
      if (this.number(RELOADS_IN) > 0) continue;
      await this.person.reload();
      await this.person.page.waitForSelector('input.num:focus');
    }
  }

  private async does(name: keyof typeof ACT, next: Board): Promise<void> {
    const { keyboard } = this.person.page;
    const held = name === 'redo' ? (['Control', 'Shift'] as const) : (['Control'] as const);
    if (name === 'weigh') {
      await this.person.type(`${next.weighed.at(-1) ?? 0} g`);
      await this.person.press('Enter');
    } else {
      for (const key of held) await keyboard.down(key);
      await keyboard.press('KeyZ');
      for (const key of held) await keyboard.up(key);
    }
    const leftG = next.weighed.reduce((left, each) => left - each, DRAINED_G);
    await this.person.page.waitForFunction(
      (text) => document.body.innerText.includes(text),
      { polling: 5 },
      `${(leftG / 1000).toFixed(3)} kg still on the board`,
    );
  }
}

/**
 * Weighs, undoes and does again at the Block, as it comes, with reloads and kills between: what stands on the disk
 * is what the screen said last, or that with the act that was on its way.
 */
export const undoings: Trial = async ({ address }, seed, amount) => {
  const [number, profile] = [chance(seed), profileFolder()];
  const faults: string[] = [];
  let browser: Browser | undefined;
  let board: Board = { weighed: [], undone: [] };
  let [grams, count] = [20, 0];
  const start = async (): Promise<Person> => {
    browser = await launch({ userDataDir: profile.path });
    return Person.at(browser, address);
  };
  try {
    const first = await start();
    await begin(first);
    await buy(first, 'Strip loin', '8 kg', '10');
    await weigh(first, `${DRAINED_G / 1000} kg`);
    await first.sees('100 g of liquid');
    await browser?.close();
    for (let kill = 0; kill < amount && faults.length === 0; kill++) {
      const person = await start();
      await person.goTo('/home/block');
      await person.page.waitForSelector('input.num:focus');
      const dying = browser;
      const gone = new Promise<void>((done) => dying?.once('disconnected', () => done()));
      const one = new Start(person, board, number);
      const isTime = (): void => void setTimeout(() => dying?.process()?.kill('SIGKILL'), number(LATEST_MS));
      // The page is gone in the middle of something; what else breaks off is seen by what was not done.
      const broke = await one.goesOn(() => (grams += 1), isTime).catch((error: unknown) => String(error));
      if (broke && !/closed|detached|destroyed|Protocol error/i.test(broke)) {
        faults.push(`${broke}: ${await person.text().catch(() => 'the page is gone')}`);
        isTime();
      }
      await gone;
      count += one.acts;
      const found = await weighedOn(await start());
      await browser?.close();
      const is = [one.board, one.onItsWay].find(
        (each) => said(each) === said({ weighed: found, undone: [] }),
      );
      if (!is)
        faults.push(
          `on the disk ${said({ weighed: found, undone: [] })}, on the screen ${said(one.board)} or ${said(one.onItsWay)}`,
        );
      board = is ?? board;
    }
    if (count < amount) faults.push(`only ${count} acts in ${amount} kills`);
    return { count, faults };
  } finally {
    await browser?.close().catch(() => undefined);
    profile.remove();
  }
};

/** What counts as weighed by the entries on the disk, grams, in their order. */
async function weighedOn(person: Person): Promise<number[]> {
  await person.goTo('/home/block');
  const { entries } = (await person.stored()) as unknown as { entries: { entry: Entry }[] };
  const { journal } = householdOf(
    entries.map(({ entry }) => entry),
    [],
  );
  return [...journal.state.lots.values()].filter(({ form }) => form !== 'piece').map(({ inDg }) => inDg / 10);
}
