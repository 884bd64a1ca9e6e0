import * as fc from 'fast-check';
import { placeNotches, spanOf, xOn, type Notch } from './tape-layout';

describe('a tape', () => {
  it('begins and ends at round figures around what lies on it', () => {
    expect(spanOf([19.3, 24.5])).toEqual({ from: 16, to: 28 });
    expect(spanOf([5])).toEqual({ from: expect.closeTo(4.4, 9), to: expect.closeTo(5.6, 9) });
    expect(spanOf([0]).from).toBe(0);
  });

  it('holds all of it, whatever it is', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0, max: 1e6, noNaN: true }), { minLength: 1, maxLength: 6 }),
        (values) => {
          const span = spanOf(values);
          expect(span.from).toBeLessThanOrEqual(Math.min(...values) + 1e-9);
          expect(span.to).toBeGreaterThan(Math.max(...values));
          expect(xOn(span, 300, span.from)).toBe(0);
          expect(xOn(span, 300, span.to * 2)).toBe(300);
        },
      ),
    );
  });

  it('never puts words over words, nor beyond its ends', () => {
    const notch = fc.record({
      id: fc.string(),
      at: fc.double({ min: 0, max: 40, noNaN: true }),
      text: fc.string({ maxLength: 14 }),
      side: fc.constantFrom('above' as const, 'below' as const),
    });
    fc.assert(
      fc.property(fc.array(notch, { maxLength: 6 }), fc.integer({ min: 240, max: 700 }), (notches, width) => {
        const placed = placeNotches(notches, { from: 0, to: 40 }, width);
        const half = ({ text }: Notch): number => (text.length * 7.6) / 2;
        for (const [at, one] of placed.entries()) {
          expect(one.textX).toBeGreaterThanOrEqual(half(one) - 1e-9);
          expect(one.textX).toBeLessThanOrEqual(width - half(one) + 1e-9);
          for (const other of placed.slice(at + 1))
            if (one.side === other.side && one.row === other.row)
              expect(Math.abs(one.textX - other.textX)).toBeGreaterThanOrEqual(half(one) + half(other));
        }
      }),
    );
  });
});
