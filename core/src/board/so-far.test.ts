import type { Lot } from '../ledger/lot';
import { againstLast } from './against-last';
import { cleanPrice } from './clean-price';

describe('what clean meat has come to', () => {
  const piece = { paidMinor: 6000, inDg: 50_000, leftDg: 40_000, foundDg: 0 };
  const flows = [
    { entry: 'd', at: '', deed: 'd', way: 'liquid', massDg: 1000, count: 0, plates: 0 },
  ] as Lot['flows'];

  it('as bought, without the liquid, and without what goes to the fat', () => {
    const cuts = [{ destination: 'render', inDg: 9000 }] as const;
    const price = cleanPrice({ ...piece, flows }, cuts)!;
    expect(price.askedPerKg).toBe(1200);
    expect(price.drainedPerKg).toBeCloseTo(1224.49, 2);
    expect(price.cleanPerKg).toBe(1500);
  });

  it('what is cut to be eaten is still meat', () => {
    const cuts = [{ destination: 'main', inDg: 9000 }] as const;
    expect(cleanPrice({ ...piece, flows }, cuts)?.cleanPerKg).toBeCloseTo(1224.49, 2);
  });

  it('says nothing where nobody knows what was paid, or nothing is left', () => {
    expect(cleanPrice({ ...piece, flows, paidMinor: null }, [])).toBeNull();
    expect(cleanPrice({ ...piece, flows, leftDg: 0 }, [])).toBeNull();
  });
});

describe('against the last pieces', () => {
  const past = [0.3, 0.13, 0.15, 0.14, 0.14].map((fat) => ({
    keys: ['fat', 'steaks'],
    shares: [fat, 1 - fat],
  }));

  it('three points more fat than the last four had; the one before them is forgotten', () => {
    const found = againstLast(past, 'fat', 0.17, false)!;
    expect(found.pieces).toBe(4);
    expect(found.share).toBeCloseTo(0.14);
    expect(found.more).toBeCloseTo(0.03);
  });

  it('less is said only once all of it is off; a little more or less is not said', () => {
    expect(againstLast(past, 'steaks', 0.5, false)).toBeNull();
    expect(againstLast(past, 'steaks', 0.5, true)?.more).toBeCloseTo(-0.36);
    expect(againstLast(past, 'fat', 0.15, true)).toBeNull();
    expect(againstLast(past.slice(0, 1), 'fat', 0.5, true)).toBeNull();
    expect(againstLast(past, 'bones', 0.5, true)).toBeNull();
  });
});
