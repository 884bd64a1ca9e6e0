import { Dexie } from 'dexie';
import { buy } from '@core/deeds/buy';
import { begin, saveCosts } from '@core/deeds/change-settings';
import type { Deed } from '@core/deeds/deed';
import { eat } from '@core/deeds/eat';
import { move, type Laying } from '@core/deeds/move';
import { takeStock } from '@core/deeds/take-stock';
import { thaw } from '@core/deeds/thaw';
import { undoing } from '@core/deeds/undoing';
import { writeFile } from '@core/exchange/write-file';
import { EMPTY_HOUSEHOLD, type Household } from '@core/records/household';
import { DEFAULT_SETTINGS } from '@core/records/settings';
import { received, steak } from '@core/testing/facts';
import { clocks } from '@core/testing/clocks';
import { workedPiece } from '@core/testing/journal-builder';
import { Joining, type Kept } from './joining';
import { Repository } from './repository';

const on = '2026-01-02';
/** Where things are laid; without a word of a refrigerator everything may be frozen. */
const laying = ({ journal: { state } }: Household): Laying => ({
  names: new Map([['chest', 'Chest']]),
  freezers: ['chest'],
  clockOf: clocks(state, on),
});

/** The same ids and moments each time, so that what is written twice is the same. */
interface Tab {
  readonly repository: Repository;
  readonly joining: Joining;
}

function tab(): Tab {
  let made = 0;
  const moments = { instant: () => `${on}T10:00:00.000Z`, newId: () => `id-${(made += 1)}` };
  const repository = new Repository('home', moments);
  return { repository, joining: new Joining(repository, moments) };
}

type Act = (household: Household, tab: Tab) => Promise<unknown>;

const performs =
  (deed: (household: Household) => Deed): Act =>
  async (household, { repository }) => {
    const written = await repository.write(deed(household));
    if (!written.ok) throw new Error(JSON.stringify(written.problem));
  };

const packs = ({ journal }: Household) =>
  [...journal.state.lots.values()].filter(({ form }) => form === 'pack');
const lastKept = async ({ joining }: Tab): Promise<Kept> => (await joining.kept())[0] as Kept;

/** Whatever a person does that writes more than one thing. */
const ACTS: readonly [what: string, act: Act][] = [
  [
    'buying, with what was seen on it and the prices noted with it',
    performs(() =>
      buy(received('q'), {
        marks: ['silver'],
        prices: [{ item: 'strip-steak', shop: 'Corner Stall', on, perKgMinor: 2790 }],
        apart: false,
        newId: () => 'price-1',
      }),
    ),
  ],
  [
    'taking out',
    performs((h) =>
      thaw(packs(h), 'all', {
        way: 'refrigerator',
        refrigerator: 'fridge',
        on,
        reserved: new Map(),
        newId: () => 'out',
      }),
    ),
  ],
  ['serving', performs((h) => eat(packs(h), { plates: 1 }, on))],
  [
    'counting',
    performs((h) => takeStock(packs(h), new Map(packs(h).map(({ id }) => [id, 'eaten' as const])), on)),
  ],
  ['moving', performs((h) => move(packs(h), 'chest', laying(h)).value!)],
  ['undoing what others rest on', performs((h) => undoing(h, h.journal.entries[0]!.id, 'Undone').deed)],
  ['settings', performs(() => saveCosts({ bagMinor: 1, labelMinor: 1, hourMinor: 1, tools: [] }))],
  ['merging', (_h, { joining }) => joining.merge(workedPiece().household(), 'phone.json')],
  ['replacing', (_h, { joining }) => joining.replace(workedPiece().household())],
  ['renewing', (_h, { joining }) => joining.renew(workedPiece().household(), () => true)],
  ['taking a merge out again', async (_h, all) => all.joining.takeOut(await lastKept(all))],
];

/** Something of everything; and a file that was merged. */
async function lived(all: Tab): Promise<Household> {
  const { repository, joining } = all;
  await repository.load();
  const settings = { ...DEFAULT_SETTINGS, eaters: [{ name: 'Odile', plateDg: 2000 }] };
  await repository.write(begin(settings, EMPTY_HOUSEHOLD, () => 'chest'));
  const pack = (lot: string, of: string): Deed => ({
    facts: [
      steak(of),
      { type: 'packed', lot, name: lot, from: [{ lot: of, amount: 'all' }], plates: 2, on },
      { type: 'placed', lot, place: 'chest' },
    ],
  });
  await repository.write({ facts: [received()] });
  await repository.write(pack('one', 'a'));
  await repository.write(pack('two', 'b'));
  const other = workedPiece();
  await joining.merge({ ...other.household(), journal: EMPTY_HOUSEHOLD.journal }, 'tablet.json');
  return repository.standing.now.household;
}

/** What the disk holds, as a tab that is opened now finds it. */
async function onDisk(): Promise<string> {
  const { repository, joining } = tab();
  const text = writeFile(await repository.load());
  const kept = (await joining.kept()).map(({ why }) => why).join();
  repository.close();
  return `${text}${kept}`;
}

/** Lets the nth write from now on fail as it does when the process is gone: its transaction ends nowhere. */
function killAt(nth: number): { writes: () => number; restore: () => void } {
  const { prototype } = IDBObjectStore;
  const names = ['put', 'add', 'delete', 'clear'] as const;
  const kept = names.map((name) => prototype[name]);
  let writes = 0;
  for (const [at, name] of names.entries())
    prototype[name] = function (this: IDBObjectStore, ...given: unknown[]) {
      writes += 1;
      if (writes === nth) throw new Error('killed');
      return (kept[at] as (...given: unknown[]) => IDBRequest).apply(this, given);
    } as never;
  return {
    writes: () => writes,
    restore: () => names.forEach((name, at) => (prototype[name] = kept[at] as never)),
  };
}

/** How many transactions that write are begun. */
function counted(): { count: () => number; restore: () => void } {
  const { prototype } = IDBDatabase;
  const kept = prototype.transaction;
  let count = 0;
  prototype.transaction = function (this: IDBDatabase, stores, mode, ...more) {
    if (mode === 'readwrite') count += 1;
    return kept.call(this, stores, mode, ...more);
  };
  return { count: () => count, restore: () => (prototype.transaction = kept) };
}

afterEach(() => Dexie.delete('vendicus-home'));

describe.each(ACTS)('%s', (_what, act) => {
  it('is one transaction', async () => {
    const transactions = counted();
    const all = tab();
    const household = await lived(all);
    const before = transactions.count();
    await act(household, all);
    transactions.restore();
    all.repository.close();
    expect(transactions.count() - before).toBe(1);
  });

  it('is all there or not at all, wherever the browser is killed', async () => {
    let before = '';
    let wrote = Infinity;
    for (let nth = 1; nth <= wrote; nth++) {
      const all = tab();
      const household = await lived(all);
      before = await onDisk();
      const kill = killAt(nth);
      const failed = await act(household, all).then(
        () => false,
        () => true,
      );
      kill.restore();
      all.repository.close();
      const after = await onDisk();
      if (failed) expect(after).toBe(before);
      else {
        wrote = kill.writes();
        expect(after).not.toBe(before);
      }
      await Dexie.delete('vendicus-home');
    }
    // At least one write was met by a kill.
    expect(wrote).toBeGreaterThan(0);
  });
});
