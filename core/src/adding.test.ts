import { readFileSync } from 'node:fs';
import { runCommand, COMMANDS } from '../../cli/commands';
import { lossesBy } from './books/losses';
import { basisOf } from './books/basis-of';
import { drawingOf } from './catalogue/drawings';
import { findKinds } from './catalogue/find-kinds';
import { KINDS } from './catalogue/kinds';
import { blankKind } from './catalogue/own-kind';
import { leastHeat } from './catalogue/safe-temperature';
import { SHOP_ITEMS } from './catalogue/shop-items';
import { withSchools } from './catalogue/with-schools';
import { findWords, WORDS } from './catalogue/words';
import { costOfLots } from './cost/cost-of-lots';
import type { CostMethod } from './cost/method';
import { throwAway } from './deeds/part-with';
import { eatingHabits } from './dinner/eating-habits';
import { proposeWeek, type Fault } from './dinner/propose-week';
import { plannedDays } from './dinner/week';
import { writeCalendar } from './exchange/calendar';
import { readPriceCsv } from './exchange/price-csv';
import { sealedDays } from './cold/keeping-rules';
import { meatOf, MEATS } from './cold/meat-properties';
import { thawingHours } from './cold/thawing-time';
import { readElements, IDENTIFIERS } from './label/element-string';
import { SHEETS, usualSheet } from './label/sheet';
import { ANIMALS, isBird, sealedAnimals } from './ledger/animal';
import { mayShare, SHARING } from './pack/sharing';
import { stockOf } from './pack/stock';
import { tokensOf } from './pack/table';
import { priceBook } from './price/price-book';
import { clocks } from './testing/clocks';
import { JournalBuilder } from './testing/journal-builder';
import { toDg } from './units/mass';
import { success } from './units/result';
import { predict } from './yield/prediction';

const on = '2026-01-10';
const strip = KINDS.find(({ id }) => id === 'strip-loin')!;
const acquired = {
  type: 'acquired',
  destination: 'main',
  massDg: 6000,
  count: 3,
  plates: 3,
  paidMinor: 900,
  origin: 'already-here',
  on: '2025-12-01',
} as const;

/** A piece in two parts, and two packs in a freezer. */
function household() {
  return new JournalBuilder()
    .add(
      { type: 'received', lot: 'p', kind: strip.id, count: 1, massDg: 50_000, paidMinor: 6001, on },
      { type: 'cut', from: 'p', lot: 's', part: 'steaks', destination: 'main', massDg: 30_000, count: 9, on },
      {
        type: 'cut',
        from: 'p',
        lot: 't',
        part: 'trimmings',
        destination: 'stew',
        massDg: 20_000,
        count: 1,
        on,
      },
      { ...acquired, lot: 'chops', name: 'Chops', animal: 'pork' },
      { ...acquired, lot: 'legs', name: 'Legs', animal: 'chicken', on: '2025-12-02' },
      { type: 'placed', lot: 'chops', place: 'chest' },
      { type: 'placed', lot: 'legs', place: 'chest' },
    )
    .household();
}
const { journal } = household();
const days = (meals: Parameters<typeof plannedDays>[2]['meals'] = new Map()) =>
  plannedDays(on, 1, {
    meals,
    lots: journal.state.lots,
    clockOf: clocks(journal.state, on),
    settings: { eaters: ['A', 'B', 'C'].map((name) => ({ name, plateDg: 2000 })) },
  });

/** The list *Adding* of docs/architecture.md: for each line one is added, and appears. */
const ADDS: Readonly<Record<string, () => void>> = {
  'an animal': () => {
    const animals = {
      ...ANIMALS,
      goose: { isBird: true, freezesAs: 'poultry', sealed: null },
      venison: { isBird: false, freezesAs: 'lean-beef', sealed: { due: 8, last: 10, fromPacking: 20 } },
    } as const;
    expect(isBird('goose', animals)).toBe(true);
    const roast = { destination: 'main', prepared: null } as const;
    const turkey = leastHeat({ animal: 'turkey', ...roast });
    expect(leastHeat({ animal: 'goose', ...roast }, {}, animals)).toEqual(turkey);
    expect(meatOf('goose', animals)).toBe(MEATS.poultry);
    expect(sealedAnimals(animals)).toContain('venison');
    expect(sealedDays({ sealedDays: {} }, 'venison', animals)).toMatchObject({ due: 8, last: 10 });
  },
  'a kind of piece': () => {
    const goose = { ...blankKind('own-goose'), name: 'Whole goose' };
    expect(findKinds([...KINDS, goose], 'goose')[0]).toBe(goose);
    expect(drawingOf(goose).sides).toHaveLength(1);
  },
  'a school inside a way': () => {
    const [base] = strip.ways;
    const schools = [
      { id: 'thick', name: 'thick' },
      { id: 'thin', name: 'thin' },
    ];
    const ways = withSchools(base!, [{ question: 'How thick?', schools }]);
    expect(ways.map(({ id, schools: taken }) => [id, taken?.['How thick?']])).toEqual([
      [base!.id, 'thick'],
      [`${base!.id}-thin`, 'thin'],
    ]);
  },
  'a word': () => {
    const word = { ...WORDS[0]!, word: 'onglet', alsoCalled: ['hanger'] };
    expect(findWords('hanger', [...WORDS, word])[0]).toBe(word);
  },
  'a method of cost': () => {
    const first: CostMethod = {
      id: 'first',
      name: 'All on the first',
      about: '',
      weights: (carriers) => carriers.map((_, index) => (index === 0 ? 1 : 0)),
    };
    const costs = costOfLots(journal.state, first, basisOf(household()));
    expect([costs.get('s')?.minor, costs.get('t')?.minor]).toEqual([6001, 0]);
  },
  'something to see on a piece before buying': () => {
    const kind = {
      ...strip,
      marks: [
        ...strip.marks,
        { id: 'sinewy', name: 'Sinewy', from: 'all' as const, to: ['loss'], share: 0.1 },
      ],
    };
    const asked = { kind, way: kind.ways[0]! };
    const keys = Object.keys(asked.way.shares);
    const habit = {
      keys: [...keys, 'loss'],
      usual: [...keys.map((key) => asked.way.shares[key]!), 0],
      ...{ certainty: 10, phi: 10 },
    } as unknown as Parameters<typeof predict>[1];
    const usable = (marks: readonly string[]): number =>
      predict(asked, habit, basisOf(household()), { massDg: 50_000, marks, on }).usable.share;
    expect(usable(['sinewy'])).toBeLessThan(usable([]) - 0.05);
  },
  'something shops sell': () => {
    const duck = { ...SHOP_ITEMS[0]!, id: 'duck-breast', name: 'Duck breast' };
    const csv = 'item,shop,date,price\nDuck breast,A,2026-01-01,20';
    const read = (items?: typeof SHOP_ITEMS) => readPriceCsv(csv, priceBook([]), 'EUR', '.', items).value!;
    expect(read().good).toEqual([]);
    expect(read([...SHOP_ITEMS, duck]).good).toMatchObject([{ note: { item: 'duck-breast' } }]);
  },
  'a way to thaw': () => {
    const marble = {
      name: 'on marble',
      caution: '',
      airC: 12,
      h: 40,
      hours: (pounds: number) => pounds * 3,
      isSlow: false,
    };
    expect(thawingHours(toDg(2, 'lb'), null, marble, MEATS.pork)).toBeCloseTo(6, 3);
  },
  'a fault that a proposed week avoids': () => {
    const noPork: Fault = { weight: 9, of: ({ option }) => (option.lots[0]?.animal === 'pork' ? 1 : 0) };
    const noBird: Fault = { weight: 9, of: ({ option }) => (option.lots[0]?.animal === 'chicken' ? 1 : 0) };
    const proposed = (fault: Fault) =>
      proposeWeek(
        {
          days: days(),
          stock: stockOf(journal.state),
          habits: eatingHabits(journal.state, on),
          dinners: 1,
          plate: { dg: 2000 },
          clockOf: clocks(journal.state, on),
          today: on,
          now: { instant: '2026-01-09T06:00:00.000Z', zone: 'Etc/UTC' },
        },
        [fault],
      )[0]?.meal.servings[0]?.lot;
    expect([proposed(noPork), proposed(noBird)]).toEqual(['legs', 'chops']);
  },
  'a reminder of the calendar': () => {
    const request = {
      days: days(),
      takeOuts: [],
      places: new Map(),
      known: new Set([on]),
      zone: 'Etc/UTC',
      calendar: 'x',
      now: `${on}T06:00:00.000Z`,
    };
    const sharpen = { minutes: 5, title: 'Sharpen the knife', text: '', isOn: true, start: request.now };
    expect(writeCalendar(request, [({ date }) => ({ ...sharpen, id: `${date}-knife` })])).toContain(
      'SUMMARY:Sharpen the knife',
    );
  },
  'a sheet of labels': () => {
    const ours = { ...SHEETS[0]!, name: 'Ours', paper: 'Letter' as const };
    expect(usualSheet('imperial', [ours, ...SHEETS])).toBe(ours);
  },
  'an application identifier': () => {
    const pieces = { pattern: /^30/, length: 8, isFixed: false, read: () => success({ item: 'counted' }) };
    expect(readElements('(30)12').ok).toBe(false);
    expect(readElements('(30)12', [...IDENTIFIERS, pieces]).value?.item).toBe('counted');
  },
  'a rule of what may share a pack': () => {
    const tokens = tokensOf([journal.state.lots.get('s')!, journal.state.lots.get('t')!], 'raw', new Map());
    const all = { name: 'anything', groups: () => [['a', 'b'], ['c']] };
    expect(mayShare(tokens, 'anything', { ...SHARING, anything: all })).toEqual([['a', 'b']]);
  },
  'a reason for throwing away': () => {
    const [fact] = throwAway([journal.state.lots.get('chops')!], 'the dog had it', on).facts!;
    const entries = new JournalBuilder().add({ ...acquired, lot: 'chops', name: 'Chops' }, fact!);
    const { state } = entries.household().journal;
    expect(lossesBy(state, entries.entries, new Map(), () => '2026')).toMatchObject([
      { reason: 'the dog had it', massDg: 6000 },
    ]);
  },
  'a command': () => {
    const commands = {
      ...COMMANDS,
      count: { takes: 'A B', answers: 'how many', run: (args: readonly string[]) => args.length },
    };
    expect(runCommand(['count', 'a', 'b'], commands)).toBe('2');
    expect(() => runCommand(['nothing'], commands)).toThrow('vendicus count A B\n      how many');
  },
};

describe('what is added appears:', () => {
  it.each(Object.entries(ADDS))('%s', (_what, adds) => adds());

  it('each line of the list in docs/architecture.md, here or in the app', () => {
    const text = readFileSync('docs/architecture.md', 'utf8');
    const listed = [...text.slice(text.indexOf('## Adding')).matchAll(/^- \*\*(.+?)\*\*/gm)].map(
      ([, name]) => name,
    );
    const app = [...readFileSync('app/src/adding.test.ts', 'utf8').matchAll(/^ {2}'(an? .+?)': /gm)];
    expect(listed.sort()).toEqual([...Object.keys(ADDS), ...app.map(([, name]) => name)].sort());
  });
});
