import * as fc from 'fast-check';
import { jStat } from 'jstat';
import { kindById } from '../catalogue/kinds';
import { basisOf } from '../books/basis-of';
import { EMPTY_HOUSEHOLD } from '../records/household';
import { JournalBuilder } from '../testing/journal-builder';
import { seededUniform } from '../units/random';
import { approximateWorth } from './approximate-worth';
import { betaCdf, betaQuantile } from './beta';
import { LOSS, typicalComposition, withMarks, type Composition } from './composition';
import { drawWorth } from './draw-worth';
import { normals } from '../units/normals';
import { drawGamma } from './gamma-draws';
import { habitOf, nextPieceConcentration } from './habit';
import { usualMinutes, workingMinutes } from './minutes';
import { pastCompositions } from './piece-composition';
import { habitOfWay, predict } from './prediction';
import { usualRanges } from './usual-range';
import { verdictOf } from './verdict';

const stripLoin = kindById('strip-loin')!;
const trimFirst = stripLoin.ways.find(({ id }) => id === 'trim-first')!;
const asked = { kind: stripLoin, way: trimFirst };
const typical = typicalComposition(trimFirst);
const prior = { typical, phi: stripLoin.scatter.phi, estimated: trimFirst.estimated };
const mean = (values: ArrayLike<number>): number =>
  Array.from(values).reduce((a, b) => a + b, 0) / values.length;
const variance = (values: ArrayLike<number>): number => {
  const middle = mean(values);
  return mean(Array.from(values, (value) => (value - middle) ** 2));
};

describe('the Beta distribution (witness: jstat)', () => {
  it.each([
    [0.5, 0.5],
    [2, 3],
    [245, 105],
    [7, 343],
    [0.5, 9],
    [1500, 3],
  ])('Beta(%d, %d)', (a, b) => {
    for (const p of [0.01, 0.1, 0.5, 0.9, 0.99]) {
      const x = betaQuantile(p, a, b);
      expect(betaCdf(x, a, b)).toBeCloseTo(p, 6);
      expect(jStat.beta.cdf(x, a, b)).toBeCloseTo(p, 6);
      expect(x).toBeCloseTo(jStat.beta.inv(p, a, b), 6);
    }
  });

  it('at the ends, and where a share is always nothing or all', () => {
    expect([betaCdf(-1, 2, 2), betaCdf(2, 2, 2), betaQuantile(0.1, 0, 3), betaQuantile(0.1, 3, 0)]).toEqual([
      0, 1, 0, 1,
    ]);
    expect(betaCdf(0.5, 2, 2)).toBeCloseTo(0.5, 12);
  });
});

describe('draws', () => {
  it('gamma variates have the mean and variance of their shape', () => {
    const uniform = seededUniform(3);
    const normal = normals(uniform);
    for (const shape of [0.3, 1, 4.5, 250]) {
      const draws = Float64Array.from({ length: 40_000 }, () => drawGamma(shape, uniform, normal));
      expect(Math.abs(mean(draws) - shape)).toBeLessThan(5 * Math.sqrt(shape / 40_000));
      expect(variance(draws) / shape).toBeGreaterThan(0.94);
      expect(variance(draws) / shape).toBeLessThan(1.06);
    }
    expect(drawGamma(0, uniform, normal)).toBe(0);
  });

  it('a share is Dirichlet: mean αᵢ/α₀, variance αᵢ(α₀−αᵢ)/(α₀²(α₀+1)), quantiles of Beta; a sum of shares is Beta of the sums', () => {
    // With a value of 1 for some keys and 0 for the rest, the worth of a kilogram is the sum of their shares.
    const count = 40_000;
    const model = { usual: [0.5, 0.3, 0.2], certainty: 1e9, phi: 40 };
    for (const [perKgMinor, a] of [
      [[1, 0, 0], 20],
      [[1, 0, 1], 28],
    ] as const) {
      const draws = drawWorth({ ...model, perKgMinor }, count, 5);
      expect(Math.abs(mean(draws) - a / 40)).toBeLessThan(0.002);
      expect(variance(draws)).toBeCloseTo((a * (40 - a)) / (40 * 40 * 41), 3);
      for (const p of [0.1, 0.5, 0.9])
        expect(
          Math.abs((draws[Math.round(p * (count - 1))] ?? 0) - jStat.beta.inv(p, a, 40 - a)),
        ).toBeLessThan(0.004);
    }
  });

  it('both doubts: the variance is that of the closed form', () => {
    const [certainty, phi, share] = [60, 90, 0.7];
    const draws = drawWorth({ usual: [share, 1 - share], certainty, phi, perKgMinor: [1, 0] }, 100_000, 9);
    const s = nextPieceConcentration({ certainty, phi });
    expect(variance(draws) / ((share * (1 - share)) / (s + 1))).toBeCloseTo(1, 1);
  });

  it('the closed form that stands in for them is close, and exact for two values', () => {
    const model = { usual: [0.6, 0.2, 0.2], certainty: 200, phi: 120, perKgMinor: [2400, 1100, 0] };
    const [draws, quantiles] = [drawWorth(model, 40_000, 2), approximateWorth(model)];
    for (const point of [2, 20, 38])
      expect((quantiles[point] ?? 0) / (draws[Math.round(((point + 0.5) / 41) * 39_999)] ?? 1)).toBeCloseTo(
        1,
        1,
      );
    const s = nextPieceConcentration(model);
    expect(approximateWorth({ ...model, perKgMinor: [100, 0, 0] })[20]).toBeCloseTo(
      100 * jStat.beta.inv(0.5, s * 0.6, s * 0.4),
      3,
    );
    expect(Array.from(approximateWorth({ ...model, perKgMinor: [7, 7, 7] }))).toEqual(
      Array.from({ length: 41 }, () => 7),
    );
    expect(
      Array.from(approximateWorth({ ...model, usual: [1, 0, 0] })).every((worth) => worth === 2400),
    ).toBe(true);
  });

  it('the same seed gives the same draws, and progress is told', () => {
    const model = { usual: [0.7, 0.3], certainty: 100, phi: 100, perKgMinor: [10, 1] };
    const told: number[] = [];
    expect(drawWorth(model, 12_000, 4, (done) => told.push(done))).toEqual(drawWorth(model, 12_000, 4));
    expect(told).toEqual([5000, 10_000]);
    expect(drawWorth(model, 100, 4)).not.toEqual(drawWorth(model, 100, 5));
  });
});

/** One standard normal number of a seeded source. */
function source(seed: number): () => number {
  return normals(seededUniform(seed));
}
/** Logistic-normal shares around a habit: another generator than the model's own. */
function piece(habit: readonly number[], spread: number, normal: () => number): Composition {
  const raw = habit.map((share) => share * Math.exp(spread * normal()));
  const total = raw.reduce((a, b) => a + b, 0);
  return { keys: typical.keys, shares: raw.map((value) => value / total) };
}

describe('what own pieces teach', () => {
  it('without any, the prediction is the catalogue', () => {
    const prediction = predict(
      asked,
      habitOfWay(new JournalBuilder().household().journal.state, asked),
      basisOf(EMPTY_HOUSEHOLD),
      { massDg: 50_000, marks: [], on: '2026-01-01' },
    );
    expect(prediction.missing).toEqual(['steaks', 'ends']);
    for (const { part, share, massDg } of prediction.parts) {
      expect(share).toBeCloseTo(part === LOSS ? 0.03 : (trimFirst.shares[part] ?? NaN), 9);
      expect(massDg).toBeCloseTo(share * 50_000, 6);
    }
  });

  it.each([0, 1, 2])(
    'after 30 it is within 10 % or half a percentage point of their mean on every part, also far from the catalogue (%d)',
    (seed) => {
      const normal = source(seed + 11);
      const habit = piece([0.5, 0.12, 0.28, 0.02, 0.08], 0.1, normal).shares;
      const past = Array.from({ length: 30 }, () => piece(habit, 0.1, normal));
      const { usual } = habitOf(prior, past);
      usual.forEach((share, k) => {
        const own = mean(past.map(({ shares }) => shares[k] ?? 0));
        expect(Math.abs(share - own)).toBeLessThan(Math.max(0.1 * own, 0.005));
      });
    },
  );

  it('identical pieces raise φ and leave it finite', () => {
    const same = habitOf(
      prior,
      Array.from({ length: 20 }, () => typical),
    );
    expect(same.phi).toBeGreaterThan(prior.phi);
    expect(Number.isFinite(same.phi)).toBe(true);
    expect(same.usual).toEqual(typical.shares.map((share) => expect.closeTo(share, 9)));
  });

  it('φ is learnt: wild pieces lower it', () => {
    const normal = source(2);
    expect(
      habitOf(
        prior,
        Array.from({ length: 20 }, () => piece(typical.shares, 0.4, normal)),
      ).phi,
    ).toBeLessThan(prior.phi / 4);
  });

  it('a prior of one part only, and no shares at all, make no NaN', () => {
    const one = { keys: ['loss'], shares: [1] };
    expect(habitOf({ typical: one, phi: 100, estimated: true }, [one, one])).toMatchObject({
      usual: [1],
      phi: 100,
    });
    const certain = { keys: ['a', 'loss'], shares: [1, 0] };
    const habit = habitOf({ typical: certain, phi: 100, estimated: false }, [certain, certain]);
    expect([...habit.usual, habit.phi, habit.certainty].every(Number.isFinite)).toBe(true);
    expect(Array.from(drawWorth({ ...habit, perKgMinor: [100, 0] }, 10, 1))).toEqual(
      Array.from({ length: 10 }, () => 100),
    );
  });

  // Habits around the catalogue with 0.08, pieces around the habit with 0.10 on the log scale:
  // about 2 and 2.5 percentage points on the steaks.
  it.each([0, 3, 10, 30])(
    'the 80 %% range of the next piece holds 70 to 90 %% of the outcomes after %d pieces',
    (history) => {
      const perKgMinor = [3000, 1500, 0, 0, 0];
      const households = 500;
      let [main, saving] = [0, 0];
      for (let household = 0; household < households; household++) {
        const normal = source(1000 * history + household);
        const habit = piece(typical.shares, 0.08, normal).shares;
        const learnt = habitOf(
          prior,
          Array.from({ length: history }, () => piece(habit, 0.1, normal)),
        );
        const { shares } = piece(habit, 0.1, normal);
        const s = nextPieceConcentration(learnt);
        const m = learnt.usual[0] ?? 0;
        const within = (x: number, low: number, high: number): number => (x >= low && x <= high ? 1 : 0);
        main += within(
          shares[0] ?? 0,
          betaQuantile(0.1, s * m, s * (1 - m)),
          betaQuantile(0.9, s * m, s * (1 - m)),
        );
        const worth = shares.reduce((sum, share, k) => sum + share * (perKgMinor[k] ?? 0), 0);
        const { lowMinor, highMinor } = verdictOf(
          { parts: [], missing: [], model: { ...learnt, perKgMinor } },
          drawWorth({ ...learnt, perKgMinor }, 500, household),
          1500,
          5,
        );
        saving += within((worth - 1500) * 5, lowMinor, highMinor);
      }
      console.info(
        `coverage after ${history} pieces: main ${((100 * main) / households).toFixed(1)} %, saving ${((100 * saving) / households).toFixed(1)} %`,
      );
      for (const held of [main, saving]) {
        expect(held / households).toBeGreaterThanOrEqual(0.7);
        expect(held / households).toBeLessThanOrEqual(0.9);
      }
    },
  );
});

describe('what was seen on the piece', () => {
  it('moves the shares by the stated amount', () => {
    const { keys, shares } = withMarks(typical, stripLoin, ['oval', 'liquid']);
    const of = (key: string): number => shares[keys.indexOf(key)] ?? NaN;
    expect(of('loss')).toBeCloseTo(0.05, 9);
    expect(of('steaks')).toBeCloseTo(0.7 * (1 - 0.02 / 0.97) - 0.06, 2);
    expect(shares.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
  });

  it('never below nothing, always one in all', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: 5, maxLength: 5 }),
        fc.subarray(stripLoin.marks.map(({ id }) => id)),
        (raw, marks) => {
          fc.pre(raw.reduce((a, b) => a + b, 0) > 0.01);
          const total = raw.reduce((a, b) => a + b, 0);
          const { shares } = withMarks(
            { keys: typical.keys, shares: raw.map((value) => value / total) },
            stripLoin,
            marks,
          );
          expect(shares.every((share) => share >= -1e-12 && share <= 1 + 1e-12)).toBe(true);
          expect(shares.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
        },
      ),
    );
  });
});

describe('a finished piece', () => {
  const on = '2026-01-02';
  const builder = new JournalBuilder().add(
    {
      type: 'received',
      lot: 'p',
      kind: 'strip-loin',
      count: 1,
      massDg: 10_000,
      paidMinor: 1000,
      way: 'trim-first',
      on,
    },
    { type: 'drained', lot: 'p', massDg: 9800 },
    { type: 'cut', from: 'p', lot: 'a', part: 'steaks', destination: 'grind', massDg: 6000, count: 1, on },
    {
      type: 'cut',
      from: 'p',
      lot: 'b',
      part: 'a strange bit',
      destination: 'render',
      massDg: 1000,
      count: 1,
      on,
    },
    { type: 'cut', from: 'p', lot: 'c', part: 'trimmings', destination: 'grind', massDg: 500, count: 1, on },
    { type: 'closed', lot: 'p', loss: 'lost' },
  );
  const { journal } = builder.household();

  it('gives its shares by part, whatever became of them; strange parts go where their like goes, never to the main', () => {
    const [past] = pastCompositions(journal.state, 'strip-loin', 'trim-first');
    const { keys, shares } = past!.composition;
    expect(Object.fromEntries(keys.map((key, k) => [key, Math.round((shares[k] ?? 0) * 1000)]))).toEqual({
      steaks: 600,
      ends: 50,
      'fat-cap': 100,
      'strip-and-tail': 0,
      loss: 250,
    });
    expect(pastCompositions(journal.state, 'strip-loin', 'slice-first')).toEqual([]);
  });

  it('what was cut another way is not learnt: jerky under a way of steaks', () => {
    const household = new JournalBuilder()
      .add(
        {
          type: 'received',
          lot: 'q',
          kind: 'top-round',
          count: 1,
          massDg: 80_000,
          paidMinor: 9000,
          way: 'steaks-and-cubes',
          on,
        },
        {
          type: 'cut',
          from: 'q',
          lot: 'j',
          part: 'slices',
          destination: 'thin',
          massDg: 50_000,
          count: 1,
          on,
        },
        {
          type: 'cut',
          from: 'q',
          lot: 'k',
          part: 'steaks',
          destination: 'main',
          massDg: 10_000,
          count: 4,
          on,
        },
        { type: 'closed', lot: 'q' },
      )
      .household();
    expect(pastCompositions(household.journal.state, 'top-round', 'steaks-and-cubes')).toEqual([]);
  });

  it('giblets in the label’s weight are asked for, and taken out of the shares', () => {
    const asked = { kind: kindById('whole-chicken')!, way: kindById('whole-chicken')!.ways[0]! };
    const habit = habitOfWay(new JournalBuilder().household().journal.state, asked);
    const question = { massDg: 20_000, marks: ['giblets'], on };
    const { parts, usable } = predict(asked, habit, basisOf(EMPTY_HOUSEHOLD), question);
    const share = (id: string): number => parts.find(({ part }) => part === id)?.share ?? NaN;
    expect([share('giblets'), share('breast')]).toEqual([
      expect.closeTo(0.05, 9),
      expect.closeTo(0.39 * 0.95, 9),
    ]);
    expect(usable.share).toBeCloseTo(0.815 * 0.95, 9);
    const cut = (part: string, massDg: number, destination: 'main' | 'stock') =>
      ({ type: 'cut', from: 'b', lot: part, part, destination, massDg, count: 1, on }) as const;
    const household = new JournalBuilder()
      .add(
        { type: 'received', lot: 'b', kind: 'whole-chicken', count: 1, massDg: 20_000, paidMinor: 2000, on },
        cut('giblets', 1000, 'stock'),
        cut('breast', 7600, 'main'),
        cut('back', 11_400, 'stock'),
        { type: 'closed', lot: 'b' },
      )
      .household();
    const [past] = pastCompositions(household.journal.state, 'whole-chicken', 'eight-pieces');
    const at = (key: string): number => past!.composition.shares[past!.composition.keys.indexOf(key)] ?? NaN;
    expect([at('breast'), at('back')]).toEqual([expect.closeTo(0.4, 9), expect.closeTo(0.6, 9)]);
  });

  it('took the time between its entries, without long pauses', () => {
    expect(workingMinutes(journal).get('p')).toBe(4);
    const late = new JournalBuilder('tablet', 600).add({
      type: 'packed',
      lot: 'k',
      name: 'k',
      from: [{ lot: 'a', amount: 'all' }],
      on,
    });
    const both = new JournalBuilder();
    both.entries.push(
      ...builder.entries,
      ...late.entries.map((entry) => ({ ...entry, id: 'late', seq: 99 })),
    );
    expect(workingMinutes(both.household().journal).get('p')).toBe(4);
    expect(usualMinutes(stripLoin, trimFirst)).toBe(26);
  });
});

describe('the verdict', () => {
  const worth = Float64Array.from({ length: 1001 }, (_, i) => 1000 + i);
  it.each([
    [1100, 'worth-it', 0.9],
    [1450, 'about-even', 0.55],
    [1900, 'leave-it', 0.1],
  ] as const)('at %d a kilogram: %s', (price, answer, chance) => {
    const verdict = verdictOf(
      { parts: [], missing: [], model: { usual: [1], certainty: 1, phi: 1, perKgMinor: [1500] } },
      worth,
      price,
      2,
    );
    expect(verdict.answer).toBe(answer);
    expect(verdict.chance).toBeCloseTo(chance, 1);
    expect(verdict).toMatchObject({
      savingMinor: (1500 - price) * 2,
      lowMinor: (1100 - price) * 2,
      highMinor: (1900 - price) * 2,
      breakEvenPerKgMinor: 1500,
    });
  });

  it('usual ranges lie around the catalogue’s shares', () => {
    const [low, high] = usualRanges(stripLoin, trimFirst).get('steaks') ?? [0, 0];
    expect([low, high]).toEqual([expect.closeTo(0.668, 2), expect.closeTo(0.731, 2)]);
  });
});
