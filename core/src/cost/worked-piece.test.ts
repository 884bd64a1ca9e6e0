import { report } from '../exchange/report';
import { workedPiece } from '../testing/journal-builder';

// Worked by hand, as in docs/computations.md; standard form of cost-control textbooks (from memory).
describe('the worked piece', () => {
  const [purchase] = report(workedPiece().household(), 'by-weight').purchases;

  it('yields 78.4 % of what was received', () => {
    expect(purchase).toMatchObject({ receivedG: 5000, drainedG: 4900, yieldPct: 78.4 });
    expect(purchase?.destinations).toMatchObject({
      main: 3430,
      grind: 490,
      stock: 245,
      bin: 735,
      liquid: 100,
      unaccounted: 0,
    });
  });

  it('shares what was paid by weight over what is usable, to the cent', () => {
    const costs = Object.fromEntries(purchase?.parts.map(({ part, costMinor }) => [part, costMinor]) ?? []);
    expect(costs).toEqual({ centre: 5250, chain: 750, trimmings: 0, fat: 0 });
  });

  it('is worth 87.22 bought cut, saves 27.22 and breaks even at 17.44 a kilogram', () => {
    expect(purchase?.shop).toEqual({
      worthMinor: 8722,
      savedMinor: 2722,
      breakEvenPerKgMinor: 1744,
      complete: true,
      missing: [],
    });
  });

  it('names the part whose price is unknown and gives lower bounds', () => {
    const builder = workedPiece();
    const household = { ...builder, records: builder.records.filter(({ key }) => key !== 'p-fillet-steak') };
    const gap = new (builder.constructor as typeof import('../testing/journal-builder').JournalBuilder)();
    gap.entries.push(...household.entries);
    gap.records.push(...household.records);
    const shop = report(gap.household(), 'by-weight').purchases[0]?.shop;
    expect(shop).toEqual({
      worthMinor: 490,
      savedMinor: -5510,
      breakEvenPerKgMinor: 98,
      complete: false,
      missing: ['centre'],
    });
  });
});
