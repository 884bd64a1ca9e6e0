import { exactMass } from '../units/exact-mass';
import { householdOf } from '../records/household';
import { shopNames } from '../records/shop-names';
import type { PriceNote } from './price-note';
import { addDays } from '../units/date';
import { discountMinor } from './discount';
import { feastDays, USUAL_FEASTS } from '../feast/feasts';
import { goingPrice } from './going-price';
import { howLow } from './how-low';
import { perKgOf } from './per-kg';
import { notesOf, priceBook } from './price-book';
import { priceQuestions } from './price-questions';
import { bookOf, priceNote as note } from '../testing/price-notes';
import { saleRhythm } from './sale-rhythm';

describe('the going price', () => {
  const book = bookOf(
    note('2026-03-01', 2790, 'A'),
    note('2026-03-05', 2650, 'B'),
    note('2026-03-06', 1200, 'C', { offer: true }),
    note('2026-01-10', 9000, 'A'),
    note('2026-02-20', 3100, 'B'),
  );

  it('is the median of what each shop last asked in sixty days', () => {
    expect(goingPrice(book, 'strip-steak', '2026-03-07')).toMatchObject({
      perKgMinor: 2650,
      ageDays: 1,
      notes: [{ shop: 'C' }, { shop: 'B' }, { shop: 'A' }],
    });
  });

  it.each([
    ['2026-02-21', (3100 + 9000) / 2],
    ['2027-01-01', 1200],
    ['2025-12-01', 9000],
  ])('on %s is %d: the nearest where none is recent, an earlier one before a later one', (on, perKgMinor) => {
    expect(goingPrice(book, 'strip-steak', on)?.perKgMinor).toBe(perKgMinor);
  });

  it('is unknown where none was noted', () => {
    expect(goingPrice(book, 'fillet-steak', '2026-03-07')).toBeNull();
  });

  it('says how low a price is among those seen in a year, from four on', () => {
    expect(howLow(book, 'strip-steak', 2000, '2026-03-07')).toEqual({
      higher: 4,
      lower: 1,
      seen: 5,
      since: '2026-01-10',
    });
    expect(howLow(book, 'strip-steak', 2000, '2026-03-03')).toBeNull();
  });

  it('counts a renamed shop under its new name, also when it was renamed twice; a circle stays as it is', () => {
    const rename = (key: string, from: string, to: string) => ({
      type: 'shop' as const,
      key,
      stamp: { at: '2026-01-01T00:00:00.000Z', device: 'd', seq: 0 },
      value: { from, to },
    });
    const names = shopNames(
      householdOf(
        [],
        [rename('1', 'A', 'B'), rename('2', 'B', 'D'), rename('3', 'X', 'Y'), rename('4', 'Y', 'X')],
      ),
    );
    expect([...names]).toEqual([
      ['A', 'D'],
      ['B', 'D'],
    ]);
    expect(notesOf(priceBook([['k', note('2026-01-01', 1, 'A')]], names), 'strip-steak')[0]?.shop).toBe('D');
  });
});

describe('the rhythm of sales', () => {
  const weekly = (from: string, weeks: number, offer: (on: string) => boolean): PriceNote[] =>
    Array.from({ length: weeks }, (_, week) => addDays(from, week * 7)).map((on) =>
      note(on, offer(on) ? 2000 : 2700, 'A', offer(on) ? { offer: true } : {}),
    );
  const beforeEaster = (on: string): boolean =>
    feastDays(USUAL_FEASTS, Number(on.slice(0, 4))).some(
      ({ id, on: feast }) => id === 'easter' && on <= feast && on > addDays(feast, -14),
    );

  it('finds a feast that comes back, how sure that is and how deep it went', () => {
    const [first] = saleRhythm(
      bookOf(...weekly('2024-01-01', 140, beforeEaster)),
      'strip-steak',
      '2026-11-01',
      USUAL_FEASTS,
    );
    expect(first).toMatchObject({
      id: 'easter',
      name: 'Easter',
      years: 3,
      offered: 3,
      likely: 0.8,
      depth: expect.closeTo(1 - 2000 / 2700, 6),
      next: '2027-03-07',
    });
  });

  it('claims nothing from less than two years, nor from an offer seen once', () => {
    expect(
      saleRhythm(
        bookOf(...weekly('2025-01-01', 80, beforeEaster)),
        'strip-steak',
        '2026-07-01',
        USUAL_FEASTS,
      ),
    ).toEqual([]);
    expect(
      saleRhythm(
        bookOf(...weekly('2024-01-01', 140, (on) => on.startsWith('2025-04'))),
        'strip-steak',
        '2026-11-01',
        USUAL_FEASTS,
      ),
    ).toEqual([]);
  });

  it('knows when Easter is', () => {
    expect(feastDays(USUAL_FEASTS, 2026).find(({ id }) => id === 'easter')?.on).toBe('2026-04-05');
  });
});

describe('questions about a price', () => {
  const book = bookOf(note('2026-03-01', 2700, 'A'));
  it.each([
    ['a kilogram’s price for 100 g', 270, '100g'],
    ['a pound’s price', 1225, null],
    ['ten times too much', 27_000, 'kg'],
  ])('%s', (_what, perKgMinor, meant) => {
    const questions = priceQuestions(book, note('2026-03-09', perKgMinor, 'A'));
    expect(
      questions.map((question) => (question.code === 'far-off' ? question.meant : question.code)),
    ).toEqual(meant === null ? [] : [meant]);
  });

  it('a second price of the same day and shop', () => {
    expect(priceQuestions(book, note('2026-03-01', 2500, 'A'))).toMatchObject([
      { code: 'same-day', other: { key: 'k0' } },
    ]);
    expect(priceQuestions(book, note('2026-03-01', 2500, 'A'), 'k0')).toEqual([]);
  });

  it('units come to a kilogram', () => {
    expect([
      perKgOf(1000, 'kg', null),
      perKgOf(100, '100g', null),
      perKgOf(454, 'lb', null),
      perKgOf(600, 'pack', 4000),
      perKgOf(600, 'piece', null),
    ]).toEqual([1000, 1000, 1001, 1500, null]);
  });
});

describe('discounts match the label to the coin', () => {
  const purchase = {
    massDg: 53_200,
    exact: exactMass(5.32, 'kg'),
    perKgMinor: 1395,
    totalMinor: 7421,
    workedOut: null,
  };
  it.each([
    [{ kind: 'none' } as const, 1, 0],
    [{ kind: 'per-unit', quote: { minor: 150, unit: 'kg' } } as const, 1, 798],
    [{ kind: 'percent', percent: 20 } as const, 1, 1484],
    [{ kind: 'off-total', minor: 500 } as const, 1, 500],
    [{ kind: 'off-total', minor: 99_999 } as const, 1, 7421],
    [{ kind: 'reduced', minor: 5000 } as const, 1, 2421],
    [{ kind: 'reduced', minor: 8000 } as const, 1, 0],
    [{ kind: 'multi-buy', buy: 3, pay: 2 } as const, 3, 2474],
    [{ kind: 'multi-buy', buy: 3, pay: 2 } as const, 4, 1855],
    [{ kind: 'multi-buy', buy: 3, pay: 2 } as const, 2, 0],
  ])('%j of %d pieces, 5.320 kg for 74.21, takes off %d', (discount, count, minor) => {
    expect(discountMinor(discount, purchase, count)).toBe(minor);
  });
});
