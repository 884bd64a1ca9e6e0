import * as fc from 'fast-check';
import { parseExactMass } from '../units/parse-mass';
import { purchaseReport } from './purchase-report';
import { tillTotal } from '../price/quote';
import { readLabel, type LabelText } from '../price/read-label';

describe('what the till takes, to the cent', () => {
  const typed = (weight: string, price: string, more: Partial<LabelText> = {}) =>
    readLabel(
      {
        count: '1',
        weight,
        price,
        pricedBy: 'lb',
        total: '',
        discount: { kind: 'none', amount: '', pay: '', each: 'lb' },
        ...more,
      },
      { currency: 'USD', decimal: '.', unit: 'lb' },
    );

  // Worked by hand: 12.34 × 3.49 = 43.0666, 8.2 × 1.59 = 13.038, 7.4 × 1.79 = 13.246, 6.15 × 7.49 = 46.0635.
  it.each([
    ['20 lb', '4.99', 9980],
    ['60 lb', '3.97', 23_820],
    ['12.34 lb', '3.49', 4307],
    ['8.2 lb', '1.59', 1304],
    ['7.4', '1.79', 1325],
    ['6.15', '7.49', 4606],
    // A half of a cent goes up: 12.5 × 0.99 = 12.375.
    ['12.5', '0.99', 1238],
    // 4 lb 5 oz are 4.3125 lb: × 8.00 = 34.50.
    ['4 lb 5 oz', '8.00', 3450],
  ])('%s at %s a pound: %d', (weight, price, total) => {
    expect(typed(weight, price).purchase?.totalMinor).toBe(total);
  });

  it('46.06 less 9.50 is 36.56; off each pound is multiplied in pounds too', () => {
    const discount = { kind: 'off-total', amount: '9.50', pay: '', each: 'lb' } as const;
    expect(typed('6.15 lb', '7.49', { discount }).purchase?.paidMinor).toBe(3656);
    // 20 lb × 0.50 = 10.00
    const each = { kind: 'per-unit', amount: '0.50', pay: '', each: 'lb' } as const;
    expect(typed('20 lb', '4.99', { discount: each }).purchase?.paidMinor).toBe(8980);
  });

  it.each([
    // A weight without a unit is in that of its price, a price without one in that of its weight.
    ['20', '4.99/lb', 9980],
    ['20 lb', '4.99', 9980],
    ['2.5', '8', 2000],
    ['2.5 kg', '$8 per kilo', 2000],
    ['2.5 kg', '8 each', 800],
  ])('a request for %s at %s: %d', (weight, price, totalMinor) =>
    expect(purchaseReport({ weight, price, currency: 'USD' })).toMatchObject({ value: { totalMinor } }),
  );

  it('5,000 weights and prices in every unit equal whole-number arithmetic', () => {
    /** 1 lb in units of 10⁻⁵ g, exactly; prices by the kilogram and by 100 g likewise. */
    const grain = { lb: 45_359_237n, kg: 100_000_000n, '100g': 10_000_000n };
    const units = ['lb', 'kg', '100g', 'piece'] as const;
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 99_999 }),
        fc.integer({ min: 1, max: 60_000 }),
        fc.constantFrom(...units),
        fc.constantFrom('lb' as const, 'kg' as const),
        fc.integer({ min: 1, max: 12 }),
        (thousandths, minor, unit, weighedIn, count) => {
          const weight = `${Math.floor(thousandths / 1000)}.${String(thousandths % 1000).padStart(3, '0')} ${weighedIn}`;
          const mass = parseExactMass(weight, 'kg', '.');
          const total = tillTotal({ minor, unit }, mass, count);
          if (unit === 'piece') return void expect(total).toBe(minor * count);
          const top = BigInt(thousandths) * grain[weighedIn] * BigInt(minor);
          const bottom = 1000n * grain[unit];
          expect(total).toBe(Number((2n * top + bottom) / (2n * bottom)));
        },
      ),
      { numRuns: 5000 },
    );
  });
});
