import * as fc from 'fast-check';
import { overlapOf, placeNotice, type Box } from './place-notice';

const PHONE: Box = { left: 0, top: 0, right: 390, bottom: 844 };
const box = (left: number, top: number, width: number, height: number): Box => ({
  left,
  top,
  right: left + width,
  bottom: top + height,
});
const SIZE = { width: 300, height: 60 };

describe('where a notice stands', () => {
  it('below what it is about; where the next deed is there, above it', () => {
    const row = box(16, 300, 358, 56);
    expect(placeNotice(SIZE, row, [], [], PHONE)).toEqual(box(16, 362, 300, 60));
    expect(placeNotice(SIZE, row, [box(16, 370, 358, 56)], [], PHONE)).toEqual(box(16, 234, 300, 60));
  });

  it('past what can be pressed there, but rather over that than over what changed', () => {
    const row = box(16, 300, 358, 56);
    const [under, over] = [box(16, 366, 100, 48), box(16, 240, 100, 48)];
    expect(placeNotice(SIZE, row, [], [under, over], PHONE)).toEqual(box(16, 416, 300, 60));
    const everywhere = [box(0, 0, 390, 844)];
    expect(placeNotice(SIZE, row, [], everywhere, PHONE)).toEqual(box(16, 362, 300, 60));
  });

  it('a bar at the bottom where that is not on the screen, over what stands there', () => {
    const nav = box(0, 787, 390, 57);
    expect(placeNotice(SIZE, null, [nav], [], PHONE).bottom).toBeLessThanOrEqual(nav.top);
  });

  it('covers nothing while there is room anywhere, and never leaves the screen', () => {
    const some = fc
      .tuple(fc.nat(380), fc.nat(800), fc.integer({ min: 1, max: 390 }), fc.integer({ min: 1, max: 200 }))
      .map(([left, top, width, height]) => box(left, top, width, height));
    fc.assert(
      fc.property(some, fc.array(some, { maxLength: 5 }), (anchor, clear) => {
        const placed = placeNotice(SIZE, anchor, clear, [], PHONE);
        expect([placed.left >= 0, placed.right <= 390, placed.top >= 0, placed.bottom <= 844]).not.toContain(
          false,
        );
        const all = [...clear, anchor];
        // It is looked for in steps of eight.
        const isFree = (top: number): boolean =>
          all.every((each) => overlapOf(box(45, top - 8, 300, 76), each) === 0);
        if ([780, 700, 600, 500, 400, 300, 200, 100, 12].some(isFree))
          expect(all.map((each) => overlapOf(placed, each))).toEqual(all.map(() => 0));
      }),
      { numRuns: 500 },
    );
  });
});
