import * as fc from 'fast-check';
import { exactMass } from '../units/exact-mass';
import { completePurchase, disagrees, type LabelFigures } from './complete-purchase';
import { labelTotal, unitPrice } from './label-total';
import { type Quote } from './quote';
import { readLabel, type LabelText } from './read-label';
import { priceFieldsAfter, typedPrice } from './typed-price';

const label: LabelFigures = { mass: null, quote: null, count: 1, totalMinor: null };
const kg = (value: number): LabelFigures['mass'] => ({
  massDg: value * 10_000,
  exact: exactMass(value, 'kg'),
});
const aKg = (minor: number): Quote => ({ minor, unit: 'kg' });

describe('what a label says', () => {
  it('is weight times price, rounded half up (NIST Handbook 44 §2.20, from memory)', () => {
    expect(labelTotal(54_200, 1390)).toBe(7534);
    expect(labelTotal(5, 1000)).toBe(1);
    expect(labelTotal(4, 1000)).toBe(0);
  });

  it('gives the third figure from any two', () => {
    expect(completePurchase({ ...label, mass: kg(5), quote: aKg(1200) })).toMatchObject({
      totalMinor: 6000,
      workedOut: 'totalMinor',
    });
    expect(completePurchase({ ...label, mass: kg(5), totalMinor: 6000 })).toMatchObject({
      perKgMinor: 1200,
      workedOut: 'perKgMinor',
    });
    expect(completePurchase({ ...label, quote: aKg(1200), totalMinor: 6000 })).toMatchObject({
      massDg: 50_000,
      workedOut: 'massDg',
    });
    expect(completePurchase({ ...label, mass: kg(0), quote: aKg(100) })).toBeNull();
    expect(completePurchase(label)).toBeNull();
  });

  it('says when weight times price is not the total', () => {
    expect(disagrees({ ...label, mass: kg(5), quote: aKg(1200), totalMinor: 6001 })).toBe(false);
    expect(disagrees({ ...label, mass: kg(5), quote: aKg(1200), totalMinor: 5400 })).toBe(true);
    expect(disagrees({ ...label, quote: { minor: 1150, unit: 'piece' }, count: 2, totalMinor: 2000 })).toBe(
      true,
    );
  });

  it('total and unit price lead back to each other', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1000, max: 500_000 }),
        fc.integer({ min: 50, max: 20_000 }),
        (massDg, perKgMinor) => {
          const back = unitPrice(massDg, labelTotal(massDg, perKgMinor));
          expect(Math.abs(back - perKgMinor)).toBeLessThanOrEqual(Math.ceil(5000 / massDg));
        },
      ),
    );
  });
});

describe('a price with what it is asked for', () => {
  const dollars = { currency: 'USD', decimal: '.' } as const;
  it.each([
    ['8.49/lb', 849, 'lb'],
    ['$8.49 / lb.', 849, 'lb'],
    ['8.49 per pound', 849, 'lb'],
    ['8.49 a lb', 849, 'lb'],
    ['1.29/100g', 129, '100g'],
    ['1.29 for 100 g', 129, '100g'],
    ['5.90 each', 590, 'piece'],
    ['5.90 ea', 590, 'piece'],
    ['12 the kilo', 1200, 'kg'],
    ['8.49', 849, null],
    ['8.49/oz', undefined, undefined],
    ['8.49/', undefined, undefined],
    ['per lb', undefined, undefined],
  ] as const)('%s', (text, minor, unit) => {
    const read = typedPrice(text, dollars);
    expect([read?.minor, read?.unit]).toEqual([minor, unit]);
  });

  it('is priced by the unit that is written, and a unit chosen after it takes its place', () => {
    const text: LabelText = {
      count: '1',
      weight: '20 lb',
      price: '4.99/lb',
      pricedBy: 'kg',
      total: '',
      discount: { kind: 'none', amount: '', pay: '', each: 'kg' },
    };
    const style = { ...dollars, unit: 'kg' } as const;
    expect(readLabel(text, style).purchase?.paidMinor).toBe(9980);
    expect(priceFieldsAfter(text, { price: '4.99/lb' })).toEqual({ price: '4.99/lb', pricedBy: 'lb' });
    expect(priceFieldsAfter({ price: '4.99/lb', pricedBy: 'lb' }, { pricedBy: 'kg' })).toEqual({
      pricedBy: 'kg',
      price: '4.99',
    });
    expect(priceFieldsAfter(text, { price: '4.99' })).toEqual({ price: '4.99' });
  });
});
