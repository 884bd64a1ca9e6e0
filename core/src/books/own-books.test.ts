import { asAsked } from '../price/as-asked';
import { closePiece } from '../deeds/work-on-piece';
import { withBasis } from '../deeds/with-basis';
import { costOfLots } from '../cost/cost-of-lots';
import { COST_METHODS } from '../cost/method';
import { COST_METHOD_IDS } from '../cost/method-ids';
import type { Fact } from '../ledger/entry';
import { householdOf } from '../records/household';
import type { HouseholdRecord } from '../records/record';
import { JournalBuilder } from '../testing/journal-builder';
import { plainBooks, type PlainPart, type PlainPiece } from '../testing/plain-books';
import { parseMass } from '../units/parse-mass';
import { basisOf } from './basis-of';
import { compareWithShop } from './comparison';

const on = '2026-01-01';

/** A part as the kitchen writes it down, and the item that the core compares it with. */
type Written = PlainPart & { readonly item?: string };
interface Piece extends PlainPiece {
  readonly kind: string;
  readonly way: string;
  readonly parts: readonly Written[];
}

/** Six pieces of six kinds; the same figures are read as kilograms and as pounds. */
const PIECES: readonly Piece[] = [
  {
    kind: 'strip-loin',
    way: 'trim-first',
    weight: '11.20',
    paid: '95.09',
    parts: [
      {
        part: 'steaks',
        item: 'strip-steak',
        to: 'main',
        asks: '14.99',
        weights: ['0.77', '0.81', '0.79', '0.74', '0.83', '0.76', '0.80', '0.78', '0.82', '0.71'],
      },
      { part: 'ends', item: 'beef-lesser-steak', to: 'second', asks: '8.49', weights: ['0.62', '0.49'] },
      { part: 'fat-cap', to: 'bin', asks: null, weights: ['1.57'] },
      { part: 'strip-and-tail', to: 'bin', asks: null, weights: ['0.34'] },
    ],
  },
  {
    kind: 'beef-tenderloin',
    way: 'muscles-apart',
    weight: '6.80',
    paid: '88.26',
    parts: [
      {
        part: 'centre',
        item: 'fillet-steak',
        to: 'main',
        asks: '24.99',
        weights: ['0.44', '0.45', '0.43', '0.41', '0.46', '0.47'],
      },
      { part: 'head', item: 'fillet-steak', to: 'second', asks: '24.99', weights: ['0.85'] },
      { part: 'tail', item: 'beef-thin', to: 'second', asks: null, weights: ['0.31'] },
      { part: 'chain', item: 'beef-grind', to: 'grind', asks: '6.29', weights: ['0.64'] },
      { part: 'fat', to: 'bin', asks: null, weights: ['1.74'] },
    ],
  },
  {
    kind: 'whole-chicken',
    way: 'eight-pieces',
    weight: '4.35',
    paid: '8.22',
    parts: [
      {
        part: 'breast',
        item: 'chicken-breast-bone-in',
        to: 'main',
        asks: '3.99',
        bone: '20',
        weights: ['0.85', '0.84'],
      },
      {
        part: 'thighs',
        item: 'chicken-thigh-bone-in',
        to: 'main',
        asks: '2.49',
        bone: '21',
        weights: ['0.38', '0.37'],
      },
      {
        part: 'drumsticks',
        item: 'chicken-drumstick',
        to: 'main',
        asks: '1.79',
        bone: '33',
        weights: ['0.29', '0.30'],
      },
      {
        part: 'wings',
        item: 'chicken-wing',
        to: 'second',
        asks: '2.99',
        bone: '46',
        weights: ['0.25', '0.24'],
      },
      { part: 'back', item: 'chicken-bones', to: 'stock', asks: '0.99', weights: ['0.71'] },
    ],
  },
  {
    kind: 'pork-loin',
    way: 'chops',
    weight: '8.05',
    paid: '20.85',
    // Only chops with their bone have a price: 18 % of them are thrown away.
    parts: [
      {
        part: 'chops',
        item: 'pork-chop-bone-in',
        to: 'main',
        asks: '4.29',
        thrown: '18',
        weights: [
          '0.51',
          '0.49',
          '0.53',
          '0.50',
          '0.48',
          '0.52',
          '0.47',
          '0.55',
          '0.50',
          '0.49',
          '0.51',
          '0.52',
          '0.46',
          '0.50',
        ],
      },
      { part: 'fat', to: 'bin', asks: null, weights: ['0.43'] },
    ],
  },
  {
    kind: 'pork-shoulder-butt',
    way: 'roasts-and-strips',
    weight: '9.13',
    paid: '22.73',
    parts: [
      { part: 'roasts', item: 'pork-shoulder-roast', to: 'main', asks: '3.79', weights: ['2.11', '2.08'] },
      { part: 'strips', item: 'pork-country-strips', to: 'second', asks: null, weights: ['1.04', '0.97'] },
      { part: 'odd-bits', item: 'pork-stew', to: 'stew', asks: '3.49', weights: ['1.36'] },
      { part: 'blade-bone', item: 'pork-bones', to: 'stock', asks: null, weights: ['0.64'] },
      { part: 'fat', to: 'bin', asks: null, weights: ['0.70'] },
    ],
  },
  {
    kind: 'lamb-leg',
    way: 'boned',
    weight: '5.51',
    paid: '49.54',
    parts: [
      { part: 'boneless-leg', item: 'lamb-leg-boneless', to: 'main', asks: '13.99', weights: ['3.57'] },
      { part: 'shank', item: 'lamb-shank', to: 'second', asks: '8.99', bone: '40', weights: ['0.61'] },
      { part: 'bones', item: 'lamb-bones', to: 'stock', asks: '1.49', weights: ['0.72'] },
      { part: 'waste', to: 'bin', asks: null, weights: ['0.48'] },
    ],
  },
];

/** The same piece in the core: bought, cut, closed, and wrapped in one deed, a pack a weighing. */
function inTheCore({ kind, way, weight, paid, parts }: Piece, unit: 'kg' | 'lb') {
  const massDg = (text: string): number => parseMass(text, unit, '.')!.massDg;
  const builder = new JournalBuilder();
  const stamp = { at: '2026-01-01T00:00:00.000Z', device: 'tablet', seq: 0 };
  const settings = {
    system: unit === 'lb' ? ('imperial' as const) : ('metric' as const),
    decimal: '.' as const,
  };
  builder.records.push({ type: 'settings', key: 'units', stamp, value: settings });
  for (const { item, asks } of parts)
    if (item && asks !== null) {
      const asked = { minor: Math.round(Number(asks) * 100), unit };
      builder.price(item, asAsked(asked)!.perKgMinor, on, asked);
    }
  builder.add({
    type: 'received',
    lot: 'p',
    kind,
    way,
    count: 1,
    massDg: massDg(weight),
    paidMinor: Math.round(Number(paid) * 100),
    on,
  });
  const lots = parts.flatMap(({ part, to, weights }) =>
    weights.map((text, at) => ({ part, to, lot: `${part}-${at}`, massDg: massDg(text) })),
  );
  builder.add(
    ...lots.map(({ part, to, ...cut }): Fact => ({
      type: 'cut',
      from: 'p',
      part,
      destination: to,
      count: 1,
      on,
      ...cut,
    })),
  );
  const open = builder.household();
  const closing = withBasis(
    open,
    closePiece(open.journal.state.lots.get('p')!, { loss: 'lost', bones: 'clean' }),
  );
  builder.add(...closing.facts!);
  const records = (closing.records ?? []).map((record) => ({ ...record, stamp }) as HouseholdRecord);
  const [first, ...others] = lots.map(({ lot }) =>
    builder.entry({ type: 'packed', lot: `k-${lot}`, name: lot, from: [{ lot, amount: 'all' }], on }),
  );
  builder.entries.push(first!, ...others.map((entry) => ({ ...entry, deed: first!.id })));
  return { household: householdOf(builder.entries, [...builder.records, ...records]), lots };
}

describe.each(['kg', 'lb'] as const)('six pieces as a kitchen keeps its books, in %s', (unit) => {
  it.each(PIECES.map((piece) => [piece.kind, piece] as const))('%s', (_kind, piece) => {
    const books = plainBooks(piece);
    const { household, lots } = inTheCore(piece, unit);
    const { state } = household.journal;
    const basis = basisOf(household);
    expect(compareWithShop(state, 'p', basis)).toMatchObject({
      worthMinor: books.worth,
      savedMinor: books.saved,
    });
    for (const method of COST_METHOD_IDS) {
      const costs = costOfLots(state, COST_METHODS[method], basis);
      expect([method, lots.map(({ lot }) => costs.get(`k-${lot}`)?.minor)]).toEqual([
        method,
        books.costs[method],
      ]);
    }
  });
});
