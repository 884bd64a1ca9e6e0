import type { Browser } from 'puppeteer-core';
import type { Entry } from '@core/ledger/entry';
import { householdOf } from '@core/records/household';
import { launch, Person, profileFolder } from '../../harness';
import { begin, buy, weigh } from '../../journeys';
import { chance } from '../chance';
import type { Trial } from './trial';

const DRAINED_G = 7900;
/** So many acts between two kills, and so long after the last of them, ms. */
const [ACTS, LATEST] = [8, 200];

/** What is weighed, and what was undone and can be done again: grams, the latest last. */
interface Board {
  readonly weighed: readonly number[];
  readonly undone: readonly number[];
}

type Act = (board: Board, grams: number) => Board | null;
const ACT: Readonly<Record<'weigh' | 'undo' | 'redo', Act>> = {
  weigh: ({ weighed }, grams) => ({ weighed: [...weighed, grams], undone: [] }),
  undo: ({ weighed, undone }) =>
    weighed.length > 0
      ? { weighed: weighed.slice(0, -1), undone: [...undone, weighed.at(-1) as number] }
      : null,
  redo: ({ weighed, undone }) =>
    undone.length > 0
      ? { weighed: [...weighed, undone.at(-1) as number], undone: undone.slice(0, -1) }
      : null,
};

const sumOf = (grams: readonly number[]): number => grams.reduce((sum, each) => sum + each, 0);
const leftIn = ({ weighed }: Board): string => ((DRAINED_G - sumOf(weighed)) / 1000).toFixed(3);

/**
 * Weighs, undoes and does again at the Block, as it comes, with reloads and kills between: what stands on the disk
 * is what the screen said last, or that and the act that was on its way.
 */
export const undoings: Trial = async ({ address }, seed, amount) => {
  const number = chance(seed);
  const profile = profileFolder();
  const faults: string[] = [];
  let browser: Browser | undefined;
  let board: Board = { weighed: [], undone: [] };
  let [grams, acts] = [20, 0];
  const start = async (): Promise<Person> => {
    browser = await launch({ userDataDir: profile.path });
    return Person.at(browser, address);
  };
  const says = (person: Person, next: Board): Promise<unknown> =>
    person.page.waitForFunction(
      (text) => document.body.innerText.includes(text),
      { polling: 5 },
      `${leftIn(next)} kg still on the board`,
    );
  const act = async (person: Person, name: keyof typeof ACT, next: Board): Promise<void> => {
    const { keyboard } = person.page;
    if (name === 'weigh') return weigh(person, `${next.weighed.at(-1) ?? 0} g`);
    const held = name === 'redo' ? (['Control', 'Shift'] as const) : (['Control'] as const);
    for (const key of held) await keyboard.down(key);
    await keyboard.press('KeyZ');
    for (const key of held) await keyboard.up(key);
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
      const [begun, fuse] = [board, 1 + number(ACTS)];
      let onItsWay = begun;
      for (let n = 0; n < ACTS; n++) {
        const name = (['weigh', 'weigh', 'undo', 'undo', 'redo', 'redo'] as const)[number(6)]!;
        const next = ACT[name](board, (grams += 1));
        if (!next) continue;
        onItsWay = next;
        if (n === fuse) {
          setTimeout(() => browser?.process()?.kill('SIGKILL'), number(LATEST));
          await act(person, name, next).catch(() => undefined);
          break;
        }
        await act(person, name, next);
        await says(person, next);
        board = next;
        acts += 1;
        if (number(5) === 0) await person.reload();
      }
      const gone = new Promise<void>((done) => browser?.once('disconnected', () => done()));
      setTimeout(() => browser?.process()?.kill('SIGKILL'), LATEST + 50);
      await gone;
      const found = await (async () => {
        const again = await start();
        const weighed = await weighedOn(again);
        await browser?.close();
        return weighed;
      })();
      const may = [board, onItsWay];
      const is = may.find(({ weighed }) => weighed.join() === found.join());
      if (is) board = is;
      else
        faults.push(
          `on the disk ${found.join(' ')} g, and the screen said ${may.map(({ weighed }) => weighed.join(' ')).join(', or ')} g`,
        );
    }
    if (acts < amount) faults.push(`only ${acts} acts in ${amount} kills`);
    return { count: acts, faults };
  } finally {
    await browser?.close().catch(() => undefined);
    profile.remove();
  }
};

/** What counts as weighed by the entries on the disk, grams, in their order. */
async function weighedOn(person: Person): Promise<number[]> {
  const { entries } = (await person.stored()) as unknown as { entries: { entry: Entry }[] };
  const { journal } = householdOf(
    entries.map(({ entry }) => entry),
    [],
  );
  return [...journal.state.lots.values()].filter(({ form }) => form !== 'piece').map(({ inDg }) => inDg / 10);
}
