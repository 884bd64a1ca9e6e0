import { basisOf } from '../books/basis-of';
import { kindById } from '../catalogue/kinds';
import {
  inAllWords,
  leftOverWords,
  portionsWords,
  slipWords,
  tellComparison,
} from '../format/candidate-words';
import { Format } from '../format/format';
import { asAsked } from '../price/as-asked';
import type { Asked } from '../price/price-note';
import { perKg, rateAsked } from '../price/rate';
import { readLying } from '../price/read-lying';
import { JournalBuilder } from '../testing/journal-builder';
import { toDg } from '../units/mass';
import { compareCandidates, type Candidate } from './candidates';
import { usualMinutes } from './minutes';
import { habitOfWay, kindAndWay } from './prediction';

const on = '2026-01-02';
const HALF_A_POUND = toDg(0.5, 'lb');
const POUNDS = new Format({
  settings: () => ({ system: 'imperial', decimal: '.', currency: 'USD', eaters: [] }),
  today: () => on,
  zone: () => 'America/Chicago',
});

const byPound = (price: number): Asked => ({ minor: Math.round(price * 100), unit: 'lb' });

function lying(
  id: string,
  kind: string,
  lb: number,
  price: number,
  rest: Partial<Candidate> = {},
): Candidate {
  const asked = byPound(price);
  const of = kindAndWay(kind, kindById(kind)!.ways[0]!.id)!;
  return {
    id,
    ...of,
    massDg: toDg(lb, 'lb'),
    perKgMinor: perKg(rateAsked(asked)!),
    asked,
    marks: [],
    ...rest,
  };
}

/** Prices bought cut, a pound. */
function side(prices: Readonly<Record<string, number>>, ...candidates: readonly Candidate[]) {
  const builder = new JournalBuilder();
  for (const [item, price] of Object.entries(prices))
    builder.price(item, asAsked(byPound(price))!.perKgMinor, on, byPound(price));
  const household = builder.household();
  return compareCandidates(candidates, {
    habitOf: (asked) => habitOfWay(household.journal.state, asked),
    basis: { ...basisOf(household), plate: { dg: HALF_A_POUND } },
    minutesOf: usualMinutes,
    on,
    slipDg: toDg(4, 'oz'),
  });
}

const NAMES: Readonly<Record<string, string>> = {
  t: 'Beef tenderloin',
  s: 'Strip loin',
  a: 'Strip loin 1',
  b: 'Strip loin 2',
};
const told = (...of: Parameters<typeof side>) =>
  tellComparison(side(...of), (id) => NAMES[id] ?? id, POUNDS)!;

const TENDERLOIN = lying('t', 'beef-tenderloin', 6.8, 12.98);
const STRIP = lying('s', 'strip-loin', 11.2, 8.49);
const CUT = { 'strip-steak': 14.99, 'fillet-steak': 24.99 };

describe('pieces of different kinds side by side, worked by hand with a plate of half a pound', () => {
  it('strip loin: 80 % of 11.2 lb are 17.92 portions at 5.31, bought cut 6.56 or more', () => {
    const [strip] = side(CUT, STRIP);
    // 8.49 × 0.5 ÷ 0.8; 0.7 × 14.99 × 0.5 ÷ 0.8; 11.2 × 8.49 at the till.
    expect(strip).toMatchObject({
      answer: 'worth-it',
      paidMinor: 9509,
      portions: expect.closeTo(17.92, 3),
      portionMinor: expect.closeTo(530.625, 1),
      shopPortionMinor: expect.closeTo(655.8125, 1),
      savedPortionMinor: expect.closeTo(125.1875, 2),
      savedMinor: expect.closeTo(2243.36, 1),
      isLowerBound: true,
      minutes: 26,
    });
    // A lesser part without a price is ground meat with none: a slip loses 4 oz of steak.
    expect(strip!.slip).toMatchObject({ part: 'steaks', isGround: false });
    expect(strip!.slip!.minor).toBeCloseTo(14.99 * 25, 0);
  });

  it('a tenderloin in its fat: 65.5 % meat, 8.91 portions at 9.91, and open while chain and tail have no price', () => {
    const [strip, fillet] = side(CUT, TENDERLOIN, STRIP);
    expect(strip!.candidate.id).toBe('s');
    expect(fillet).toMatchObject({
      answer: 'open',
      paidMinor: 8826,
      portions: expect.closeTo(8.908, 3),
      portionMinor: expect.closeTo(990.84, 1),
      shopPortionMinor: expect.closeTo(982.43, 1),
      savedPortionMinor: null,
      savedMinor: null,
    });
    // 26 % fat to melt; silver skin 4.5 and liquid 4 % lost.
    expect(fillet!.keptDg).toBeCloseTo(toDg(6.8 * 0.26, 'lb'), -1);
    expect(fillet!.lostDg).toBeCloseTo(toDg(6.8 * 0.085, 'lb'), -1);
    expect(told(CUT, TENDERLOIN, STRIP)).toEqual({
      reading: 'Strip loin saves $1.25 or more a portion',
      why: 'Its portion is the cheapest too: $5.31.',
      best: 's',
      take: 'Take the strip loin',
      deed: 'take',
    });
  });

  it('is settled once the gaps are filled: strip loin saves most still', () => {
    const all = { ...CUT, 'beef-thin': 12.99, 'beef-grind': 5.49, 'beef-lesser-steak': 9.99 };
    const [strip, fillet] = side(all, TENDERLOIN, STRIP);
    // (0.515 × 24.99 + 0.045 × 12.99 + 0.095 × 5.49 − 12.98) × 0.5 ÷ 0.655.
    expect(fillet!.savedPortionMinor).toBeCloseTo(76.02, 1);
    // (0.7 × 14.99 + 0.1 × 9.99 − 8.49) × 0.5 ÷ 0.8.
    expect(strip!.savedPortionMinor).toBeCloseTo(187.625, 2);
    expect(told(all, TENDERLOIN, STRIP).reading).toBe('Strip loin saves most: $1.88 a portion');
    // 3.002 × 11.2 = 33.62; 0.996 × 6.8 = 6.77.
    expect([strip!, fillet!].map((of) => inAllWords(of, POUNDS))).toEqual([
      'Saves $34 in all',
      'Saves $7 in all',
    ]);
    // 4 oz ground instead of cut: (14.99 − 5.49) ÷ 4.
    expect(slipWords(strip!, () => 'Steak', POUNDS)).toBe('4.0 oz of steak ground by mistake: $2.38');
    expect(leftOverWords(fillet!, POUNDS)).toBe('1.8 lb for stock and fat, 0.6 lb lost');
  });
});

describe('what stands over them', () => {
  it('nothing lies there: nothing is said', () => {
    expect(tellComparison([], () => '', POUNDS)).toBeNull();
  });

  it('all dearer than cut: none of them', () => {
    const dear = [lying('a', 'strip-loin', 11, 19), lying('b', 'strip-loin', 11, 18)];
    const full = { ...CUT, 'beef-lesser-steak': 9.99 };
    expect(told(full, ...dear)).toMatchObject({
      reading: 'All cost more than the shop',
      deed: 'none',
      best: 'b',
    });
    expect(told(full, dear[0]!).reading).toMatch(/^Strip loin 1 costs \$\d\.\d\d more a portion$/);
  });

  it('without a price cut the cheapest portion is named, and a price asked for', () => {
    expect(told({}, TENDERLOIN, STRIP)).toEqual({
      reading: 'Cheapest portion: strip loin, $5.31',
      why: 'Fill a price bought cut to see which saves.',
      best: 's',
      take: 'Take the strip loin',
      deed: 'open',
    });
  });

  it('of one kind the price decides, or what it yields', () => {
    const full = { ...CUT, 'beef-lesser-steak': 9.99 };
    const plain = lying('a', 'strip-loin', 11, 8.49);
    expect(told(full, plain, lying('b', 'strip-loin', 11, 8.99))).toMatchObject({
      reading: 'Strip loin 1 saves most: $1.88 a portion',
      why: 'Its price decides it.',
    });
    expect(told(full, plain, lying('b', 'strip-loin', 11, 8.49, { marks: ['thick-fat'] })).why).toMatch(
      /% more of it is meat\.$/,
    );
    expect(told(full, plain, lying('b', 'strip-loin', 9, 8.49))).toMatchObject({
      reading: 'Strip loin 1 and strip loin 2 save the same',
      why: 'Take the one that you like to look at.',
    });
    expect(told(full, plain, lying('b', 'strip-loin', 11, 8.49, { marks: ['oval'] })).why).toBe(
      'More of it is the main cut.',
    );
  });

  it('counts whole portions as the sum, and others as about so many', () => {
    expect([12, 12.4, 12.04, 1].map((of) => portionsWords(of, POUNDS))).toEqual([
      '12 portions',
      'about 12.4 portions',
      'about 12 portions',
      '1 portion',
    ]);
  });
});

describe('a piece that lies there, as it is typed', () => {
  const kind = { usualG: [1500, 2500] as [number, number] };
  const euros = { currency: 'EUR', decimal: ',', unit: 'kg' } as const;
  const read = (weight: string, price: string, pricedBy: 'kg' | 'lb' | '100g' | 'piece' = 'kg') =>
    readLying(kind, { weight, price, pricedBy }, euros, 590);

  it('a price each without a weight is taken with the usual weight', () => {
    expect(read('', '5,90', 'piece')).toMatchObject({
      massDg: 20_000,
      isUsualWeight: true,
      perKgMinor: 295,
      asked: { minor: 590, unit: 'piece', eachDg: 20_000 },
    });
    expect(read('1,6', '5,92', 'piece')).toMatchObject({ isUsualWeight: false, perKgMinor: 370 });
  });

  it('by weight, and with what it goes for while no price is typed', () => {
    expect(read('2,1', '1,25', '100g')).toMatchObject({ massDg: 21_000, perKgMinor: 1250, isGoing: false });
    expect(read('2,1', '')).toMatchObject({ perKgMinor: 590, isGoing: true, asked: null });
    expect(readLying(kind, { weight: '', price: '', pricedBy: 'kg' }, euros, null).perKgMinor).toBeNull();
  });

  it.each([
    ['2,1', 'no'],
    ['2,1', '0'],
    ['2,1', '-8'],
    ['2,1', '1000000000'],
    ['-1', '5'],
    ['900', '5'],
    ['0', '5'],
  ])('a figure that is refused gives no answer: %s at %s', (weight, price) => {
    const { perKgMinor, wrong } = read(weight, price);
    expect(perKgMinor).toBeNull();
    expect(wrong.price + wrong.weight).not.toBe('');
  });
});
