import { simulatedHours } from '../testing/enthalpy-simulation';
import { freezingReport } from '../exchange/freezing-report';
import { phamHours, plankHours, type Freezing, type Shape } from '../cold/freezing-time';
import { MEATS } from '../cold/meat-properties';
import { clocks } from '../testing/clocks';
import { JournalBuilder } from '../testing/journal-builder';
import { addHours } from '../units/date';
import { stockOf } from '../pack/stock';
import { readyBy } from './ready-by';
import { stockTakeFacts } from './stock-take';
import { conductionHours, ruleHours, thawingHours, THAWING } from '../cold/thawing-time';

const sphere: Freezing = {
  shape: 'sphere',
  thicknessMm: 70,
  startC: 10,
  airC: -40,
  endC: -10,
  h: 50,
  meat: {
    densityKgM3: 1000,
    freezingC: -1.25,
    frozenConductivity: 1.2,
    unfrozenConductivity: 0.5,
    latentKjKg: 250,
    unfrozenKjKgK: 3.5,
    frozenKjKgK: 1.9,
  },
};
const pack = (some: Partial<Freezing> = {}): Freezing => ({
  shape: 'slab',
  thicknessMm: 30,
  startC: 5,
  airC: -18,
  endC: -10,
  h: 8,
  meat: MEATS['lean-beef'],
  ...some,
});
const lb = (pounds: number): number => Math.round(pounds * 4535.9237);

describe('freezing time', () => {
  it('Plank: the sphere of the textbook takes 0.72 h (Singh and Heldman, from memory)', () => {
    expect(plankHours(sphere)).toBeCloseTo(0.72, 2);
  });

  it('Plank: a slab of the same size takes three times a sphere, two times a cylinder', () => {
    const of = (shape: Shape): number => plankHours({ ...sphere, shape });
    expect(of('slab') / of('sphere')).toBeCloseTo(3, 9);
    expect(of('slab') / of('cylinder')).toBeCloseTo(2, 9);
  });

  it.each([
    ['still air', { airC: -18, h: 10 }],
    ['a fan', { airC: -25, h: 25 }],
    ['very cold', { airC: -40, h: 50 }],
    ['from warm', { startC: 30, airC: -30, h: 30 }],
    ['thick', { thicknessMm: 80, airC: -25, h: 20 }],
    ['thin', { thicknessMm: 12, airC: -20, h: 15 }],
    ['a cylinder', { shape: 'cylinder' as const, thicknessMm: 60, airC: -30, h: 25 }],
    ['a sphere', { shape: 'sphere' as const, thicknessMm: 70, airC: -30, h: 30 }],
  ])('Pham: %s within 10 %% of a fine enthalpy simulation', (_what, some) => {
    const freezing = pack(some);
    const simulated = simulatedHours(freezing);
    expect(Math.abs(phamHours(freezing) / simulated - 1)).toBeLessThan(0.1);
  });

  it('time grows with thickness squared where the inside holds it back, with thickness where the surface does', () => {
    const ratio = (h: number): number =>
      phamHours(pack({ thicknessMm: 60, h })) / phamHours(pack({ thicknessMm: 30, h }));
    expect(ratio(1e6)).toBeCloseTo(4, 2);
    expect(ratio(1e-3)).toBeCloseTo(2, 3);
  });
});

describe('freezing from outside', () => {
  const good = { shape: 'slab', thicknessMm: 30, startC: 5, airC: -18, endC: -10, h: 8, meat: 'lean-beef' };
  it('a good request gives both times and what was assumed', () => {
    const { value: report } = freezingReport(good) as {
      value: { plankH: number; phamH: number; assumptions: string[] };
    };
    expect(report.plankH).toBeCloseTo(plankHours(pack()), 3);
    expect(report.phamH).toBeCloseTo(phamHours(pack()), 3);
    expect(report.assumptions.length).toBeGreaterThan(2);
    const custom = freezingReport({
      ...good,
      shape: 'sphere',
      thicknessMm: 70,
      airC: -40,
      h: 50,
      meat: 'custom',
      properties: { densityKgM3: 1000, freezingC: -1.25, frozenConductivity: 1.2, latentKjKg: 250 },
    }) as { value: { plankH: number } };
    expect(custom.value.plankH).toBeCloseTo(0.72, 2);
  });
  it.each<[string, object, RegExp]>([
    ['air warmer than the freezing point', { airC: -1 }, /Air of -1 °C does not freeze it/],
    ['an end that is never reached', { endC: -25 }, /never gets as cold as -25 °C/],
    ['an end that is not frozen', { endC: -1 }, /not frozen/],
    ['frozen already', { startC: -5 }, /frozen already/],
    ['no thickness', { thicknessMm: 0 }, /thicknessMm: thicknessMm is more than zero/],
    ['no shape', { shape: 'cube' }, /shape: shape is slab, cylinder or sphere/],
    ['custom without properties', { meat: 'custom' }, /properties: a custom meat wants its properties/],
    ['NaN', { h: NaN }, /h: h is a number/],
  ])('%s: a sentence, and no infinity', (_what, wrong, answer) => {
    expect(freezingReport({ ...good, ...wrong }).problem).toMatch(answer);
  });
});

describe('thawing (USDA FSIS, from memory)', () => {
  it('a day for each 4 to 5 lb in the refrigerator, a full day even for one pound', () => {
    expect([1, 4, 8, 12].map((pounds) => ruleHours(lb(pounds), THAWING.refrigerator))).toEqual(
      [24, 24, 48, 72].map((hours) => expect.closeTo(hours, 2)),
    );
  });
  it('in cold water about a pound in an hour, 3 to 4 lb in 2 to 3 hours', () => {
    expect([1, 3, 4].map((pounds) => ruleHours(lb(pounds), THAWING['cold-water']))).toEqual(
      [1, 2.25, 3].map((hours) => expect.closeTo(hours, 3)),
    );
  });
  it('a thick pack takes longer than the rule says, a flat one the rule’s day', () => {
    const beef = MEATS['lean-beef'];
    expect(thawingHours(lb(2), 15, THAWING.refrigerator, beef)).toBe(24);
    expect(thawingHours(lb(4), 120, THAWING.refrigerator, beef)).toBe(
      conductionHours(120, THAWING.refrigerator, beef),
    );
    expect(thawingHours(lb(4), 120, THAWING.refrigerator, beef)).toBeGreaterThan(48);
    expect(thawingHours(lb(2), null, THAWING['cold-water'], beef)).toBeCloseTo(1.5, 3);
  });
});

/** Three packs in the cold: mince in the refrigerator, a thin and a thick one in the freezer. */
function cold(): JournalBuilder {
  const journal = new JournalBuilder();
  const pack = (lot: string, massDg: number, place: string): void => {
    journal.add(
      {
        type: 'acquired',
        lot,
        name: lot,
        animal: 'beef',
        destination: 'main',
        massDg,
        count: 1,
        plates: 2,
        paidMinor: 500,
        origin: 'bought-cut',
        on: '2026-01-01',
      },
      { type: 'placed', lot, place },
    );
  };
  pack('thick', 20_000, 'freezer');
  pack('thin', 4000, 'freezer');
  pack('mince', 5000, 'fridge');
  return journal;
}
describe('what can be ready', () => {
  const { state } = cold().household().journal;
  const ready = (today: string, hours: number) => {
    const now = `${today}T08:00:00.000Z`;
    return readyBy(stockOf(state), { now, panAt: addHours(now, hours), on: today }, clocks(state, today));
  };

  it('cold water for a small pack, nothing for a large one, what is fresh at once', () => {
    expect(Object.fromEntries(ready('2026-01-02', 1).map(({ lot, way }) => [lot.id, way]))).toEqual({
      mince: 'fresh',
      thin: 'cold-water',
      thick: null,
    });
    const [thin] = ready('2026-01-02', 30).filter(({ lot }) => lot.id === 'thin');
    expect(thin).toMatchObject({ way: 'refrigerator', outBy: '2026-01-02T14:00:00.000Z' });
  });

  it('what is past its day is not offered', () => {
    expect(ready('2026-01-08', 1).map(({ lot }) => lot.id)).not.toContain('mince');
  });
});

describe('a stock-take', () => {
  it('puts what is missing right by the way that was said; the rest stays, and no gram is lost', () => {
    const journal = cold();
    journal.add(
      ...stockTakeFacts(
        stockOf(journal.household().journal.state),
        new Map([
          ['thin', 'eaten'],
          ['mince', 'lost'],
        ] as const),
        '2026-11-25',
      ),
    );
    const { lots } = journal.household().journal.state;
    expect(lots.get('thick')?.leftDg).toBe(20_000);
    expect(lots.get('thin')?.flows).toEqual([expect.objectContaining({ way: 'eaten', massDg: 4000 })]);
    expect(lots.get('mince')?.flows).toEqual([expect.objectContaining({ way: 'shrunk', massDg: 5000 })]);
    expect(stockTakeFacts(stockOf(journal.household().journal.state), new Map(), '2026-11-25')).toEqual([]);
  });
});
