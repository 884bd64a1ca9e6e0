import * as fc from 'fast-check';
import { completePurchase, disagrees } from './complete-purchase';
import { labelTotal, unitPrice } from './label-total';

const label = { massDg: null, perKgMinor: null, totalMinor: null, discountMinor: 0 };

describe('what a label says', () => {
  it('is weight times price, rounded half up (NIST Handbook 44 §2.20, from memory)', () => {
    expect(labelTotal(54_200, 1390)).toBe(7534);
    expect(labelTotal(5, 1000)).toBe(1);
    expect(labelTotal(4, 1000)).toBe(0);
  });

  it('gives the third figure from any two', () => {
    expect(completePurchase({ ...label, massDg: 50_000, perKgMinor: 1200 })).toMatchObject({
      totalMinor: 6000,
      paidMinor: 6000,
      workedOut: 'totalMinor',
    });
    expect(completePurchase({ ...label, massDg: 50_000, totalMinor: 6000 })).toMatchObject({
      perKgMinor: 1200,
      workedOut: 'perKgMinor',
    });
    expect(completePurchase({ ...label, perKgMinor: 1200, totalMinor: 6000 })).toMatchObject({
      massDg: 50_000,
      workedOut: 'massDg',
    });
  });

  it('takes the discount off the total, and no more than it', () => {
    expect(
      completePurchase({ ...label, massDg: 50_000, totalMinor: 7000, discountMinor: 350 })?.paidMinor,
    ).toBe(6650);
    expect(completePurchase({ ...label, massDg: 50_000, totalMinor: 7000, discountMinor: 7001 })).toBeNull();
    expect(completePurchase({ ...label, massDg: 0, perKgMinor: 100 })).toBeNull();
    expect(completePurchase(label)).toBeNull();
  });

  it('says when weight times price is not the total', () => {
    expect(disagrees({ ...label, massDg: 50_000, perKgMinor: 1200, totalMinor: 6001 })).toBe(false);
    expect(disagrees({ ...label, massDg: 50_000, perKgMinor: 1200, totalMinor: 5400 })).toBe(true);
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
