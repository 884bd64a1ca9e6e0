import { inInches } from './inches';
import { timeOfDay } from './time-of-day';
import Qty from 'js-quantities';
import { allocate as dineroAllocate, dinero, toSnapshot, EUR } from 'dinero.js';
import * as fc from 'fast-check';
import { allocate } from './allocate';
import { convert } from './convert';
import { addDays, addMonths, daysBetween } from './date';
import { formatMass } from './format-mass';
import { fromDg, toDg } from './mass';
import { formatMoney, minorDigits, parseMoney, roundHalfUp } from './money';
import { formatNumber, parseNumber, type DecimalSign } from './number-style';
import { parseMass } from './parse-mass';
import { stretchOf } from './cumulative';
import type { Unit } from './unit';

describe('units, against the exact definitions (NIST SP 811) and js-quantities', () => {
  it.each([
    [1, 'lb', 'g', 453.59237],
    [1, 'oz', 'g', 28.349523125],
    [1, 'in', 'mm', 25.4],
    [1, 'ft3', 'L', 28.316846592],
    [165, 'F', 'C', 73.88888888888889],
    [-40, 'C', 'F', -40],
  ] as [number, Unit, Unit, number][])('%d %s in %s', (value, from, to, expected) => {
    expect(convert(value, from, to)).toBeCloseTo(expected, 9);
  });

  it.each(['lb', 'oz', 'kg'])('agrees with js-quantities on %s', (unit) => {
    fc.assert(
      fc.property(fc.double({ min: 0.001, max: 1000, noNaN: true }), (value) => {
        expect(convert(value, unit as Unit, 'g')).toBeCloseTo(Qty(value, unit).to('g').scalar, 4);
      }),
    );
  });

  it('refuses to turn mass into length', () => {
    expect(() => convert(1, 'kg', 'mm')).toThrow('kg is a mass and mm a length');
  });

  it('there and back is the same', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -1e7, max: 1e7 }),
        fc.constantFrom('g', 'kg', 'lb', 'oz' as const),
        (dg, unit) => toDg(fromDg(dg, unit), unit) === dg,
      ),
    );
  });
});

describe('reading what people write', () => {
  it.each<[string, 'kg' | 'g' | 'lb', DecimalSign, number | null]>([
    ['4.32 lb', 'kg', '.', 19595],
    ['4 lb 5 oz', 'kg', '.', 19561],
    ['1,250 g', 'g', '.', 12500],
    ['2.1kg', 'g', '.', 21000],
    ['2,1 kg', 'g', ',', 21000],
    ['1.250 g', 'g', ',', 12500],
    ['1,250 kg', 'g', ',', 12500],
    ['0,750 kg', 'g', '.', 7500],
    ['2,5 kg', 'g', '.', 25000],
    ['372', 'g', '.', 3720],
    ['5.32', 'kg', '.', 53200],
    ["1'250 g", 'g', '.', 12500],
    ['2 1/2 lb', 'g', '.', 11340],
    ['1/2', 'lb', '.', 2268],
    ['1/2 lb', 'kg', '.', 2268],
    ['1½ lb', 'kg', '.', 6804],
    ['1-1/2 lb', 'kg', '.', 6804],
    ['½kg', 'g', ',', 5000],
    ['3 lb 4', 'kg', '.', 14742],
    ['3 lb, 4 oz', 'kg', '.', 14742],
    ['3lb and 4 1/2 oz', 'kg', '.', 14883],
    ['1 kg 250', 'g', '.', 12500],
    ['1/0 lb', 'g', '.', null],
    ['1/2/3 lb', 'g', '.', null],
    ['3 oz 4', 'g', '.', null],
    ['and 4 oz', 'g', '.', null],
    ['1 kg 250 g', 'g', '.', 12500],
    ['-3 kg', 'g', '.', -30000],
    ['', 'g', '.', null],
    ['a lot', 'g', '.', null],
    ['5 oz 4 lb', 'g', '.', null],
    ['1 kg 4 oz', 'g', '.', null],
    ['12..5 g', 'g', '.', null],
    ['12 stone', 'g', '.', null],
    ['1,25,0 g', 'g', '.', null],
    ['1e5', 'g', '.', null],
  ])('“%s” with %s assumed and “%s”', (text, unit, decimal, massDg) => {
    expect(parseMass(text, unit, decimal)?.massDg ?? null).toBe(massDg);
  });

  it.each([
    ['4.6 + 5.1', 'lb', 43_998],
    ['4.6 + 5.1 lb', 'kg', 43_998],
    ['1,2 kg + 800 g', 'g', 20_000],
    ['4 lb 5 oz + 3 lb', 'g', 33_169],
    ['4.6 + ', 'lb', null],
    ['4.6 + much', 'lb', null],
  ] as const)('adds stickers: “%s”', (text, unit, massDg) => {
    expect(parseMass(text, unit, text.includes(',') ? ',' : '.')?.massDg ?? null).toBe(massDg);
  });

  it('keeps what was typed', () => {
    expect(parseMass('4.32 lb', 'kg', '.')?.typed).toBe('4.32 lb');
    expect(parseMass('372', 'g', '.')?.typed).toBe('372 g');
  });

  it('reads every number that it writes', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 1e9 }),
        fc.constantFrom<DecimalSign>('.', ','),
        fc.integer({ min: 0, max: 3 }),
        (whole, decimal, decimals) => {
          const value = whole / 10 ** decimals;
          expect(parseNumber(formatNumber(value, decimals, decimal), decimal)).toBeCloseTo(value, 9);
        },
      ),
    );
  });

  it('shows grams below a kilogram and keeps tenths of small weights', () => {
    const metric = { system: 'metric', decimal: '.' } as const;
    expect([53180, 3720, 35, 9994, 10000].map((dg) => formatMass(dg, metric))).toEqual([
      '5.318 kg',
      '372 g',
      '3.5 g',
      '999 g',
      '1.000 kg',
    ]);
    const imperial = { system: 'imperial', decimal: '.' } as const;
    expect([19595, 4536, 4522, 4521, 3515].map((dg) => formatMass(dg, imperial))).toEqual([
      '4.32 lb',
      '1.00 lb',
      '1.00 lb',
      '15.9 oz',
      '12.4 oz',
    ]);
    expect(formatMass(12500, { system: 'metric', decimal: ',' })).toBe('1,250 kg');
  });
});

describe('money', () => {
  it('knows the minor units of ISO 4217', () => {
    expect(['JPY', 'EUR', 'KWD'].map(minorDigits)).toEqual([0, 2, 3]);
  });

  it('reads and writes amounts, and refuses parts of a coin', () => {
    expect(parseMoney('75.34', 'EUR', '.')).toBe(7534);
    expect(parseMoney('€ 1,250.00', 'EUR', '.')).toBe(125000);
    expect(parseMoney('1.250,50 EUR', 'EUR', ',')).toBe(125050);
    expect(parseMoney('12.345', 'EUR', '.')).toBeNull();
    expect(parseMoney('12', 'JPY', '.')).toBe(12);
    expect(formatMoney(-190, 'EUR', '.')).toBe('−€1.90');
    expect(formatMoney(12345, 'KWD', '.')).toBe('KWD\u00a012.345');
  });

  it('rounds half up, also where binary fractions fall short', () => {
    expect([0.5, 1.5, 2.4999, 1.005 * 100, -0.5].map(roundHalfUp)).toEqual([1, 2, 2, 101, -1]);
  });

  it('shares without losing or making a coin, as dinero.js does', () => {
    const weights = fc
      .array(fc.integer({ min: 0, max: 10_000 }), { minLength: 1, maxLength: 12 })
      .filter((list) => list.some((w) => w > 0));
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1e7 }), weights, (total, list) => {
        const shares = allocate(total, list);
        expect(shares.reduce((a, b) => a + b, 0)).toBe(total);
        const exact = list.map((weight) => (total * weight) / list.reduce((a, b) => a + b, 0));
        for (const [i, share] of shares.entries()) expect(Math.abs(share - (exact[i] ?? 0))).toBeLessThan(1);
        const theirs = dineroAllocate(dinero({ amount: total, currency: EUR }), list).map(
          (share) => toSnapshot(share).amount,
        );
        for (const [i, share] of shares.entries())
          expect(Math.abs(share - (theirs[i] ?? 0))).toBeLessThanOrEqual(1);
      }),
    );
    expect(allocate(100, [1, 1, 1])).toEqual([34, 33, 33]);
    expect(() => allocate(5, [0, 0])).toThrow('nothing carries');
  });

  it('stretches of a mass sum to the amount', () => {
    fc.assert(
      fc.property(
        fc.nat(1e6),
        fc.array(fc.integer({ min: 1, max: 5000 }), { minLength: 1, maxLength: 20 }),
        (amount, stretches) => {
          const of = stretches.reduce((a, b) => a + b, 0);
          let at = 0;
          const parts = stretches.map((stretch) => stretchOf(amount, at, (at += stretch), of));
          expect(parts.reduce((a, b) => a + b, 0)).toBe(amount);
          expect(parts.every((part) => part >= 0)).toBe(true);
        },
      ),
    );
  });
});

describe('days', () => {
  it('counts over leap days, month ends and changes of the clock', () => {
    expect(daysBetween('2028-02-28', '2028-03-01')).toBe(2);
    expect(daysBetween('2026-03-28', '2026-03-30')).toBe(2);
    expect(addDays('2026-12-31', 1)).toBe('2027-01-01');
    expect(addMonths('2026-01-31', 1)).toBe('2026-02-28');
    expect(addMonths('2026-11-24', 12)).toBe('2027-11-24');
    // Years have four digits: beyond them is the last day there is.
    expect([addDays('9999-12-31', 1), addMonths('9999-06-30', 12)]).toEqual(['9999-12-31', '9999-12-31']);
  });
});

describe('a ruler in inches', () => {
  // By hand: 25.4 mm to the inch.
  it.each([
    [0, '0'],
    [1, '1/16'],
    [6, '1/4'],
    [25.4, '1'],
    [32, '1 1/4'],
    [400, '15 3/4'],
  ])('%d mm are %s in', (mm, text) => expect(inInches(mm)).toBe(text));
});

describe('a clock of twelve hours', () => {
  it.each([
    ['00:05', '12:05 am'],
    ['09:30', '9:30 am'],
    ['12:00', '12:00 pm'],
    ['18:15', '6:15 pm'],
  ])('%s is %s', (time, text) => expect(timeOfDay(time, 'imperial')).toBe(text));
  it('is not one of twenty-four', () => expect(timeOfDay('18:15', 'metric')).toBe('18:15'));
});
