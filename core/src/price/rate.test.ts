import * as fc from 'fast-check';
import { parseExactMass, parseMass } from '../units/parse-mass';
import { runs } from '../testing/runs';
import {
  asWeighed,
  inCoins,
  middleRate,
  perKg,
  rateAsked,
  rateOf,
  roundExact,
  sumExact,
  worthAt,
} from './rate';
import { exactMass } from '../units/exact-mass';
import { tillTotal } from './quote';

describe('a price is multiplied as it was asked', () => {
  // Till cents, worked by hand.
  it.each([
    ['20 lb', 499, 9980],
    ['60 lb', 397, 23_820],
    ['12.34 lb', 349, 4307],
    ['8.2 lb', 159, 1304],
    ['7.4 lb', 179, 1325],
    ['6.15 lb', 749, 4606],
  ])('%s at %d a pound come to %d', (typed, minor, total) => {
    const { massDg } = parseMass(typed, 'lb', '.')!;
    expect(roundExact(worthAt(massDg, rateAsked({ minor, unit: 'lb' })!))).toBe(total);
  });

  /** A weight as somebody types it, and a price in a unit that goes with it. */
  const sums = fc.oneof(
    fc.record({
      typed: fc.oneof(
        fc.integer({ min: 1, max: 4000 }).map((hundredths) => `${(hundredths / 100).toFixed(2)} lb`),
        fc.integer({ min: 1, max: 6400 }).map((tenths) => `${(tenths / 10).toFixed(1)} oz`),
        fc
          .tuple(fc.nat({ max: 20 }), fc.integer({ min: 1, max: 159 }))
          .map(([pounds, tenths]) => `${pounds} lb ${(tenths / 10).toFixed(1)} oz`),
      ),
      unit: fc.constant('lb' as const),
      minor: fc.integer({ min: 1, max: 20_000 }),
    }),
    fc.record({
      typed: fc.oneof(
        fc.integer({ min: 1, max: 20_000 }).map((grams) => `${(grams / 1000).toFixed(3)} kg`),
        fc.integer({ min: 1, max: 9999 }).map((grams) => `${grams} g`),
        fc.integer({ min: 1, max: 99_999 }).map((tenths) => `${(tenths / 10).toFixed(1)} g`),
      ),
      unit: fc.constantFrom('kg' as const, '100g' as const),
      minor: fc.integer({ min: 1, max: 20_000 }),
    }),
  );

  it('10,000 sums in pounds, ounces, kilograms, grams and 100 g are the till’s', () => {
    fc.assert(
      fc.property(sums, ({ typed, unit, minor }) => {
        const { massDg } = parseMass(typed, 'g', '.')!;
        const till = tillTotal({ minor, unit }, parseExactMass(typed, 'g', '.'), 1);
        expect(roundExact(worthAt(massDg, rateAsked({ minor, unit })!))).toBe(till);
      }),
      { ...runs(10_000), numRuns: 10_000 },
    );
  });

  it('and so are 10,000 at so much each, however much one weighs', () => {
    const each = fc.record({
      count: fc.integer({ min: 1, max: 60 }),
      eachDg: fc.integer({ min: 1, max: 80_000 }),
      minor: fc.integer({ min: 1, max: 20_000 }),
    });
    fc.assert(
      fc.property(each, ({ count, eachDg, minor }) => {
        const rate = rateAsked({ minor, unit: 'piece', eachDg })!;
        expect(roundExact(worthAt(count * eachDg, rate))).toBe(count * minor);
      }),
      { numRuns: 10_000 },
    );
  });

  it('a sum of several weighings is rounded once', () => {
    // Three steaks of 0.75 lb at 14.99: 11.2425 each, 33.7275 in all.
    const steak = worthAt(parseMass('0.75 lb', 'lb', '.')!.massDg, rateAsked({ minor: 1499, unit: 'lb' })!);
    expect(roundExact(steak)).toBe(1124);
    expect(roundExact(sumExact([steak, steak, steak]))).toBe(3373);
  });

  it('what is thrown away of it makes what is kept dearer', () => {
    // Bone-in breast at 6.90, 31 % of it thrown away: 10.00 a kilogram.
    expect(roundExact(worthAt(10_000, rateOf({ perKgMinor: 690 }), 0.69))).toBe(1000);
  });

  it('an older note counts by its kilogram; a piece without a weight has no rate', () => {
    expect(perKg(rateOf({ perKgMinor: 1872 }))).toBe(1872);
    expect(perKg(rateOf({ perKgMinor: 1872, asked: { minor: 849, unit: 'lb' } }))).toBeCloseTo(1871.72, 2);
    expect(rateAsked({ minor: 650, unit: 'piece' })).toBeNull();
  });

  it('the middle of two prices is exact', () => {
    const [a, b] = [rateAsked({ minor: 849, unit: 'lb' })!, rateOf({ perKgMinor: 2000 })];
    expect(perKg(middleRate(a, b))).toBeCloseTo((849 / 0.45359237 + 2000) / 2, 9);
  });

  it('a mass in pounds is what the scale showed; in kilograms it stays what it is', () => {
    const { massDg } = parseMass('2.35 lb', 'lb', '.')!;
    expect(asWeighed(massDg, true)).toBe(exactMass(2.35, 'lb'));
    expect(inCoins({ coins: asWeighed(massDg, false), over: 100_000_000_000_000n })).toBe(massDg);
  });
});
