import { roomIn } from './room';

describe('room in the freezer', () => {
  it('is what packs take of its litres, and never less than none', () => {
    expect(roomIn(100, 300_000)).toEqual({ freeDg: 300_000, perDayDg: 40_000, atLeast: false });
    expect(roomIn(10, 300_000).freeDg).toBe(0);
  });

  it('takes no more a day than 32 to 48 g a litre (National Center for Home Food Preservation, from memory)', () => {
    const perLitreG = roomIn(310, 0).perDayDg / 10 / 310;
    expect(perLitreG).toBeGreaterThanOrEqual(32);
    expect(perLitreG).toBeLessThanOrEqual(48);
  });
});
