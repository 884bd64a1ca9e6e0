import { lyingMm } from './lying';
import fc from 'fast-check';
import { LONG_LOGS } from '../testing/answers/long-logs';
import { answerTo, storedAnswers } from '../testing/answers/question';
import { someLog } from '../testing/some-log';
import { seededUniform } from '../units/random';
import { normals } from '../units/normals';
import { equalCuts } from './equal-cuts';
import { gridOf } from './grid';
import { followWeights } from './aimed-slices';
import { demandKinds } from './demand';
import { isLog, usualLog } from './usual-log';
import { whatChanged } from './what-changed';
import { kindsOf, type SettledKind } from './kinds-of-wish';
import { MEASURED_WITH, measuredWith, placeAs, type MeasuredWith } from './measured-with';
import { monotoneCubic, valueOf } from './monotone-cubic';
import { planSlices } from './plan';
import { isPlausibleDensity, profileOf, turned, type Log, type Profile } from './profile';
import { replan, standingAfter, type CutSlice } from './replan';
import { fromGirth, girthOf, SECTIONS } from './section';
import { readSlices } from './read-slices';
import { costOf, limitsAt, solve, unitOfRest } from './solve';
import type { Plan, Request, Wish } from './wish';

const prism: Log = {
  lengthMm: 400,
  massG: 4000,
  section: 'ellipse',
  stations: [
    { atMm: 0, widthMm: 120, heightMm: 90 },
    { atMm: 400, widthMm: 120, heightMm: 90 },
  ],
};
const request = (wish: Wish, more: Partial<Request> = {}): Request => ({
  wish,
  from: 'start',
  squareOffMm: 0,
  stopAtMm: null,
  minThicknessMm: 10,
  maxThicknessMm: 60,
  ...more,
});
const planned = (log: Log | Profile, wish: Request): Plan => {
  const { value: plan, problem: why } = planSlices('massTo' in log ? log : profileOf(log), wish);
  if (why !== undefined) throw new Error(why);
  return plan;
};

describe('solids with closed forms (exact)', () => {
  it('prism: mass grows evenly, equal slices at L·k/n, on every section', () => {
    for (const section of SECTIONS) {
      const profile = profileOf({ ...prism, section });
      expect(profile.massTo(137)).toBeCloseTo((4000 * 137) / 400, 9);
      expect(equalCuts(profile, 0, 400, 4).map((cut) => Math.round(cut * 1e6) / 1e6)).toEqual([
        100, 200, 300,
      ]);
    }
    expect(profileOf(prism).densityGPerCm3).toBeCloseTo(4000 / ((Math.PI / 4) * 12 * 9 * 40), 9);
  });

  it('cone frustum: equal slices at the cube-root positions, to 0.01 mm', () => {
    const [a, b, length] = [60, 140, 380];
    const log: Log = {
      lengthMm: length,
      massG: 3000,
      section: 'ellipse',
      stations: [
        { atMm: 0, widthMm: a, heightMm: a / 2 },
        { atMm: length, widthMm: b, heightMm: b / 2 },
      ],
    };
    for (const n of [3, 7, 12]) {
      const cuts = equalCuts(profileOf(log), 0, length, n);
      for (const [index, cut] of cuts.entries()) {
        const size = Math.cbrt(a ** 3 + ((index + 1) / n) * (b ** 3 - a ** 3));
        expect(Math.abs(cut - ((size - a) / (b - a)) * length)).toBeLessThan(0.01);
      }
    }
  });

  it('ellipsoid, nine stations: the mass up to any height is right to 2 % of the whole', () => {
    // The interpolation's own error: the ends are steeper than any cubic.
    const [half, a, b] = [200, 60, 45];
    const stations = Array.from({ length: 9 }, (_, k) => {
      const atMm = half * (1 - Math.cos((Math.PI * k) / 8));
      const round = Math.sqrt(Math.max(0, 1 - ((atMm - half) / half) ** 2));
      return { atMm: Math.min(2 * half, atMm), widthMm: 2 * a * round, heightMm: 2 * b * round };
    });
    const profile = profileOf({ lengthMm: 2 * half, massG: 1000, section: 'ellipse', stations });
    for (const h of [50, 100, 150, 200, 300]) {
      const exact = (h * h * (3 * half - h)) / (3 * half * half) / ((4 / 3) * half);
      expect(Math.abs(profile.massTo(h) / 1000 - exact)).toBeLessThan(0.02);
    }
  });

  it('a girth with one size gives the other; a circle of 100 is 314.16 round', () => {
    expect(girthOf('ellipse', 100, 100)).toBeCloseTo(100 * Math.PI, 6);
    for (const section of SECTIONS)
      expect(fromGirth(section, girthOf(section, 120, 80), 120, 'height')).toBeCloseTo(80, 4);
    expect(fromGirth('ellipse', 100, 200, 'height')).toBeNull();
  });
});

describe('a place along the log', () => {
  it.each(Object.keys(MEASURED_WITH) as MeasuredWith[])('said with a %s is the same place', (by) => {
    const stations = [
      { atMm: 0, widthMm: 180, heightMm: 80 },
      { atMm: 400, widthMm: 120, heightMm: 60 },
    ];
    const said = stations.map((station) => placeAs(station, 'ellipse', by));
    expect(measuredWith(said)).toBe(by);
    const read = readSlices({
      lengthMm: 400,
      massG: 3500,
      stations: said,
      wish: { by: 'equal', count: 4 },
    }).value!;
    // A tape is read to the millimetre.
    for (const { atMm, widthMm, heightMm } of stations) {
      expect(Math.abs(read.profile.widthAt(atMm) - widthMm)).toBeLessThan(1);
      expect(Math.abs(read.profile.heightAt(atMm) - heightMm)).toBeLessThan(1);
    }
  });

  it('that is a point keeps its sizes: no tape goes round it', () => {
    expect(placeAs({ atMm: 400, widthMm: 0, heightMm: 0 }, 'ellipse', 'tape and width')).toEqual({
      atMm: 400,
      widthMm: 0,
      heightMm: 0,
    });
  });
});

describe('the curve between stations', () => {
  it('goes through every one, and rises only where they rise', () => {
    const sizes = fc.array(fc.tuple(fc.integer({ min: 1, max: 80 }), fc.integer({ min: 0, max: 200 })), {
      minLength: 2,
      maxLength: 9,
    });
    fc.assert(
      fc.property(sizes, (steps) => {
        const xs = steps.reduce<number[]>((all, [step]) => [...all, (all.at(-1) ?? 0) + step], []);
        const ys = steps.map(([, size]) => size);
        for (const [k, piece] of monotoneCubic(xs, ys).entries()) {
          expect(valueOf(piece, piece.to)).toBeCloseTo(ys[k + 1]!, 6);
          const [low, high] = [Math.min(ys[k]!, ys[k + 1]!), Math.max(ys[k]!, ys[k + 1]!)];
          for (let part = 0; part <= 1; part += 0.1) {
            const value = valueOf(piece, piece.from + part * (piece.to - piece.from));
            expect(value).toBeGreaterThanOrEqual(low - 1e-6);
            expect(value).toBeLessThanOrEqual(high + 1e-6);
          }
        }
      }),
    );
  });

  it('the whole weighs what the scale says, from either end', () => {
    const profile = profileOf({
      lengthMm: 350,
      massG: 4321,
      section: 'half-round',
      stations: [
        { atMm: 20, widthMm: 100, heightMm: 60 },
        { atMm: 180, widthMm: 150, heightMm: 90 },
        { atMm: 350, widthMm: 40, heightMm: 0 },
      ],
    });
    expect(profile.massTo(350)).toBeCloseTo(4321, 9);
    expect(turned(profile).massTo(100) + profile.massTo(250)).toBeCloseTo(4321, 9);
    expect(isPlausibleDensity(1.06)).toBe(true);
    expect([0.8, 1.2].map(isPlausibleDensity)).toEqual([false, false]);
  });
});

/** A log that ends in a thin tip. */
const CONE: Log = {
  lengthMm: 300,
  massG: 1500,
  section: 'ellipse',
  stations: [
    { atMm: 0, widthMm: 100, heightMm: 90 },
    { atMm: 300, widthMm: 30, heightMm: 20 },
  ],
};

describe('plans', () => {
  it('a prism of 4 kg in slices of 500 g: eight of 50 mm', () => {
    const { slices, rest, objective } = planned(prism, request({ by: 'weight', targetG: 500 }));
    expect(slices.map(({ thicknessMm }) => thicknessMm)).toEqual(Array(8).fill(50));
    expect(rest).toEqual([]);
    expect(objective).toBeCloseTo(0, 12);
    for (const { lowG, massG, highG } of slices) expect([lowG < massG, massG < highG]).toEqual([true, true]);
  });

  const taper: Log = {
    lengthMm: 420,
    massG: 4800,
    section: 'rounded-rectangle',
    stations: [
      { atMm: 0, widthMm: 190, heightMm: 90 },
      { atMm: 200, widthMm: 160, heightMm: 80 },
      { atMm: 420, widthMm: 110, heightMm: 62 },
    ],
  };

  it('on a taper equal thickness gives falling weights, equal weight rising thickness', () => {
    const even = planned(taper, request({ by: 'thickness', thicknessMm: 28 })).slices;
    expect(even.every(({ thicknessMm }) => thicknessMm === 28)).toBe(true);
    for (const [index, { massG }] of even.slice(1).entries()) expect(massG).toBeLessThan(even[index]!.massG);
    const equal = planned(taper, request({ by: 'equal', count: 12 })).slices;
    for (const { massG } of equal) expect(Math.abs(massG - 400)).toBeLessThan(0.05);
    for (const [index, { thicknessMm }] of equal.slice(1).entries())
      expect(thicknessMm).toBeGreaterThan(equal[index]!.thicknessMm);
  });

  it('a large strip loin at 25 to 32 mm gives about 340 to 400 g (common practice)', () => {
    const loin = profileOf({
      lengthMm: 410,
      massG: 5300,
      section: 'rounded-rectangle',
      stations: [
        { atMm: 0, widthMm: 185, heightMm: 78 },
        { atMm: 410, widthMm: 175, heightMm: 72 },
      ],
    });
    const [thin, thick] = [25, 32].map((mm) => loin.massTo(200 + mm / 2) - loin.massTo(200 - mm / 2));
    expect(thin).toBeGreaterThan(340 * 0.85);
    expect(thick).toBeLessThan(400 * 1.15);
  });

  it('squares off, stops at the line, from either end', () => {
    const forward = planned(
      taper,
      request({ by: 'weight', targetG: 340 }, { squareOffMm: 12, stopAtMm: 330 }),
    );
    expect(forward.slices[0]?.fromMm).toBe(12);
    expect(forward.rest.map(({ why }) => why)).toEqual(
      expect.arrayContaining(['square-off', 'beyond the stop line']),
    );
    const back = planned(
      taper,
      request({ by: 'weight', targetG: 340 }, { from: 'end', squareOffMm: 12, stopAtMm: 100 }),
    );
    expect(back.slices[0]?.toMm).toBe(408);
    expect(Math.min(...back.slices.map(({ fromMm }) => fromMm))).toBeGreaterThanOrEqual(100);
    for (const plan of [forward, back]) {
      const all = [...plan.slices, ...plan.rest].reduce((sum, { massG }) => sum + massG, 0);
      expect(all).toBeCloseTo(4800, 6);
    }
  });

  it('says what each stretch is for: the usual, or what was wished', () => {
    const usual = planned(taper, request({ by: 'weight', targetG: 340 }, { squareOffMm: 12, stopAtMm: 330 }));
    expect(usual.rest.map(({ why, destination }) => [why, destination])).toEqual(
      expect.arrayContaining([
        ['square-off', 'grind'],
        ['beyond the stop line', 'grind'],
      ]),
    );
    const own = planned(
      taper,
      request(
        { by: 'weight', targetG: 340 },
        { squareOffMm: 12, stopAtMm: 330, restFor: { 'beyond the stop line': 'thin' } },
      ),
    );
    expect(own.rest.find(({ why }) => why === 'beyond the stop line')?.destination).toBe('thin');
    expect(own.slices).toEqual(usual.slices);
  });

  it('where faces get too thin: cut double and opened, or left', () => {
    const double = planned(
      CONE,
      request(
        { by: 'weight', targetG: 150 },
        { minThicknessMm: 15, maxThicknessMm: 40, tail: { faceMm: 55, rule: 'double' } },
      ),
    );
    const opened = double.slices.filter(({ how }) => how === 'opened');
    expect(opened.length).toBeGreaterThan(0);
    for (const { thicknessMm } of opened) expect(thicknessMm).toBeGreaterThanOrEqual(30);
    const left = planned(
      CONE,
      request(
        { by: 'weight', targetG: 150 },
        { minThicknessMm: 15, maxThicknessMm: 40, tail: { faceMm: 55, rule: 'leave' } },
      ),
    );
    expect(left.rest.map(({ why }) => why)).toContain('too thin');
  });

  it('a tail that is folded under is a slice; one that is too light is not', () => {
    const fold = (faceMm: number, targetG = 150, maxThicknessMm = 40) =>
      planned(
        CONE,
        request(
          { by: 'weight', targetG },
          { minThicknessMm: 15, maxThicknessMm, tail: { faceMm, rule: 'fold' } },
        ),
      );
    const { slices, rest } = fold(45);
    const tail = slices.at(-1)!;
    expect(tail).toMatchObject({ kind: 'tail', how: 'folded', toMm: 300 });
    expect(slices.filter(({ how }) => how === 'folded')).toHaveLength(1);
    expect(rest.map(({ why }) => why)).not.toContain('too thin');
    // Every gram is a slice or a rest.
    const whole = [...slices, ...rest].reduce((sum, { massG }) => sum + massG, 0);
    expect(whole).toBeCloseTo(1500, 6);
    const tip = fold(26, 500, 150);
    expect(tip.slices.every(({ how }) => how === 'cut')).toBe(true);
    expect(tip.rest.map(({ why }) => why)).toContain('too thin');
    // Folded it lies as thick as two of it, opened half as thick.
    expect(lyingMm(profileOf(CONE), { fromMm: 220, toMm: 300, how: 'folded' })).toBeCloseTo(40, 9);
    expect(lyingMm(profileOf(CONE), { fromMm: 0, toMm: 30, how: 'opened' })).toBe(15);
    expect(lyingMm(profileOf(CONE), { fromMm: 0, toMm: 120, how: 'head' })).toBeCloseTo(
      profileOf(CONE).heightAt(60),
      9,
    );
  });

  it('the head is kept in one, and the slices begin after it; once it is off it is not planned again', () => {
    const wanted = request({ by: 'weight', targetG: 300 }, { squareOffMm: 5, headMm: 60 });
    const { slices, rest } = planned(taper, wanted);
    expect(slices[0]).toMatchObject({ kind: 'head', how: 'head', fromMm: 5, toMm: 65 });
    expect(slices[1]?.fromMm).toBe(65);
    const whole = [...slices, ...rest].reduce((sum, { massG }) => sum + massG, 0);
    expect(whole).toBeCloseTo(taper.massG, 6);
    const head = slices[0]!.massG;
    const { done, next } = followWeights(
      profileOf(taper),
      wanted,
      [rest[0]!.massG, head, slices[1]!.massG],
      true,
    );
    expect(done.map(({ kind }) => kind)).toEqual(['square-off', 'head', 'slice']);
    expect(next.value?.slices.some(({ kind }) => kind === 'head')).toBe(false);
    expect(next.value?.slices.length).toBe(slices.length - 2);
  });

  it('a kind that somebody calls “tail” is counted like any other', () => {
    const kinds = [{ name: 'tail', targetG: 300, count: [2, 2] as const }];
    const wanted = request({ by: 'mix', kinds });
    const [first] = planned(taper, wanted).slices;
    const { next } = followWeights(profileOf(taper), wanted, [first!.massG], false);
    expect(next.value?.slices).toHaveLength(1);
  });

  it('a mix: one roast of 200 mm, steaks from the rest; with worth, the plan that is worth most', () => {
    const kinds = [
      { name: 'roast', lengthMm: 200, count: [1, 1] as const },
      { name: 'steak', targetG: 340, minThicknessMm: 20, maxThicknessMm: 45, count: [0, 12] as const },
    ];
    const { slices } = planned(taper, request({ by: 'mix', kinds }));
    expect(slices.filter(({ kind }) => kind === 'roast').map(({ thicknessMm }) => thicknessMm)).toEqual([
      200,
    ]);
    expect(slices.filter(({ kind }) => kind === 'steak').length).toBeGreaterThan(4);
    const dear = kinds.map((kind) => ({
      ...kind,
      count: [0, 3] as const,
      worthPerKg: kind.name === 'roast' ? 20 : 30,
    }));
    const { worth, slices: best } = planned(taper, request({ by: 'mix', kinds: dear }));
    expect(worth).toBeCloseTo(
      best.reduce((sum, { kind, massG }) => sum + (massG / 1000) * (kind === 'roast' ? 20 : 30), 0),
      9,
    );
  });

  it('a cut that a hand has fixed stays, and the rest is planned around it', () => {
    const { slices } = planned(taper, request({ by: 'weight', targetG: 340 }, { pinnedMm: [70, 133] }));
    const ends = slices.map(({ toMm }) => toMm);
    expect(ends).toEqual(expect.arrayContaining([70, 133]));
    const thick = planned(
      taper,
      request({ by: 'weight', targetG: 340 }, { pinnedMm: [90], maxThicknessMm: 40 }),
    );
    expect(thick.slices.some(({ toMm }) => toMm === 90)).toBe(true);
  });

  it.each<[string, Partial<Request>, Wish, RegExp]>([
    [
      'a target no slice can meet',
      { maxThicknessMm: 20 },
      { by: 'weight', targetG: 3000 },
      /No slice reaches the target of 3000 g: the thickest allowed weighs \d+ g.*Raise the greatest thickness/,
    ],
    ['more than there is', {}, { by: 'weight', targetG: 9000 }, /whole stretch weighs 4800 g/],
    [
      'more slices than fit',
      {},
      { by: 'mix', kinds: [{ name: 'roast', lengthMm: 200, count: [3, 3] }] },
      /need 600 mm, and there are 420 mm/,
    ],
    [
      'a tolerance that is too small',
      { minThicknessMm: 40 },
      { by: 'weight', targetG: 340, tolerance: 0.01 },
      /tolerance|target|limits/,
    ],
    [
      'a stretch too short for one',
      { squareOffMm: 415 },
      { by: 'weight', targetG: 340 },
      /Only 5 mm are left to slice/,
    ],
    [
      'equal slices that would be too thin',
      { minThicknessMm: 20 },
      { by: 'equal', count: 40 },
      /under the least of 20 mm\. Ask for fewer/,
    ],
  ])('says why there is none: %s', (_what, more, wish, why) => {
    expect(planSlices(profileOf(taper), request(wish, more)).problem).toMatch(why);
  });
});

describe('plans are proven best', () => {
  /** Tries everything. */
  function exhaustive(grid: ReturnType<typeof gridOf>, kinds: readonly SettledKind[]): number {
    const unit = unitOfRest(kinds);
    let best = Infinity;
    const used = kinds.map(() => 0);
    const from = (place: number, cost: number): void => {
      if (cost >= best) return;
      if (kinds.every(({ least }, k) => used[k]! >= least))
        best = Math.min(best, cost + (grid.massG[grid.steps]! - grid.massG[place]!) / unit.size);
      for (const [k, kind] of kinds.entries()) {
        if (used[k]! >= kind.most) continue;
        const [min, max] = limitsAt(grid, kind, place);
        for (let to = place + min; to <= Math.min(grid.steps, place + max); to++) {
          used[k]! += 1;
          from(to, cost + costOf(kind, grid.massG[to]! - grid.massG[place]!, to - place));
          used[k]! -= 1;
        }
      }
    };
    from(0, 0);
    return best;
  }

  it('on 300 small logs, equal to trying everything', () => {
    const uniform = seededUniform(7);
    for (let each = 0; each < 300; each++) {
      const { log, request: wish } = someLog(uniform, [30, 46], each % 3 === 0);
      const [grid, kinds] = [gridOf(profileOf(log), wish), kindsOf(wish)];
      const best = exhaustive(grid, kinds);
      expect(solve(grid, kinds)?.objective ?? Infinity).toBeCloseTo(best, 9);
    }
  });

  it('on 30 larger logs, equal to a solver from outside', () => {
    const stored = storedAnswers(LONG_LOGS);
    for (const input of LONG_LOGS.inputs()) {
      const [grid, kinds] = [gridOf(profileOf(input.log), input.request), kindsOf(input.request)];
      const { cuts, objective } = solve(grid, kinds)!;
      expect(Math.abs(objective - answerTo(stored, input))).toBeLessThan(1e-6);
      // It is worth what it says, slice by slice, and keeps to its limits.
      let [place, sum] = [0, 0];
      for (const { kind, from, to } of cuts) {
        const [min, max] = limitsAt(grid, kinds[kind]!, from);
        expect([from, to - from >= min, to - from <= max]).toEqual([place, true, true]);
        sum += costOf(kinds[kind]!, grid.massG[to]! - grid.massG[from]!, to - from);
        place = to;
      }
      const restG = grid.massG[grid.steps]! - grid.massG[place]!;
      expect(sum + restG / unitOfRest(kinds).size).toBeCloseTo(objective, 9);
    }
  });

  it('never breaks a limit, a count, a pin or the log', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), fc.boolean(), fc.boolean(), (seed, isMix, isEnd) => {
        const uniform = seededUniform(seed);
        const { log, request: asked } = someLog(uniform, [120, 400], isMix);
        const profile = profileOf(log);
        const wish: Request = {
          ...asked,
          from: isEnd ? 'end' : 'start',
          squareOffMm: Math.floor(uniform() * 15),
        };
        const { value: plan } = planSlices(profile, wish);
        if (!plan) return;
        const kinds = kindsOf(wish);
        for (const { kind, thicknessMm, fromMm, toMm } of plan.slices) {
          const settled = kinds.find(({ name }) => name === kind)!;
          expect(thicknessMm).toBeGreaterThanOrEqual(settled.minMm - 1e-9);
          expect(thicknessMm).toBeLessThanOrEqual(settled.maxMm + 1e-9);
          expect(fromMm).toBeGreaterThanOrEqual(-1e-9);
          expect(toMm).toBeLessThanOrEqual(profile.lengthMm + 1e-9);
        }
        for (const { name, least, most } of kinds) {
          const count = plan.slices.filter(({ kind }) => kind === name).length;
          expect(count).toBeGreaterThanOrEqual(least);
          expect(count).toBeLessThanOrEqual(most);
        }
        expect([...plan.slices, ...plan.rest].reduce((sum, { massG }) => sum + massG, 0)).toBeCloseTo(
          profile.massG,
          6,
        );
        expect(planSlices(profile, wish).value).toEqual(plan);
      }),
      { numRuns: 150 },
    );
  });
});

describe('planning again after each slice', () => {
  it('knows where the knife is: a heavy slice was thicker', () => {
    const profile = profileOf(prism);
    const standing = standingAfter(profile, 'start', [{ kind: 'slice', aimedToMm: 50, massG: 530 }]);
    expect(standing.endMm).toBeGreaterThan(51.5);
    expect(standing.endMm).toBeLessThan(53);
    expect(standing.leftG).toBe(3470);
  });

  it.each<[string, number[], number[], number, object | null]>([
    [
      'thicker',
      [30, 30, 30, 30],
      [31, 31, 31],
      1,
      { count: 3, countBefore: 3, thicknessMm: 31, beforeMm: 30 },
    ],
    ['one fewer', [30, 30, 30, 30], [33, 33], 1, { count: 2, countBefore: 3, thicknessMm: 33, beforeMm: 30 }],
    ['nothing to speak of', [30, 30, 30], [30, 30], 1, null],
    ['nothing left', [30, 30], [], 2, null],
  ])('says what changed: %s', (_what, before, after, done, changed) => {
    const of = (all: number[]): { thicknessMm: number }[] => all.map((thicknessMm) => ({ thicknessMm }));
    expect(whatChanged(of(before), of(after), done)).toEqual(changed);
  });

  it('a household’s plates: as many dinners as the log gives, each complete', () => {
    expect(
      demandKinds(
        [
          { name: 'Odile', plateG: 180 },
          { name: 'Bram', plateG: 220 },
        ],
        2000,
      ),
    ).toEqual([
      { name: 'Odile', targetG: 180, count: [5, 5] },
      { name: 'Bram', targetG: 220, count: [5, 5] },
    ]);
    expect(
      demandKinds(
        [
          { name: 'a', plateG: 200 },
          { name: 'b', plateG: 200 },
        ],
        1000,
      ),
    ).toEqual([{ name: 'a, b', targetG: 200, count: [4, 4] }]);
    expect(demandKinds([{ name: 'a', plateG: 200 }], 100)).toEqual([]);
    const plates = demandKinds(
      [
        { name: 'Odile', plateG: 300 },
        { name: 'Bram', plateG: 420 },
      ],
      4000,
    );
    const { slices } = planned(prism, request({ by: 'mix', kinds: plates }));
    expect(slices.filter(({ kind }) => kind === 'Odile')).toHaveLength(5);
    expect(slices.filter(({ kind }) => kind === 'Bram')).toHaveLength(5);
  });

  it('follows the weighings from the square-off on, as the bench does', () => {
    const profile = profileOf(prism);
    const wish = request({ by: 'weight', targetG: 500 }, { squareOffMm: 10 });
    const { done, next } = followWeights(profile, wish, [100, 512, 490], true);
    expect(done.map(({ kind }) => kind)).toEqual(['square-off', 'slice', 'slice']);
    // Seven and a half slices are left: the plan makes eight of them, a little thinner.
    expect(done[1]?.aimedToMm).toBeCloseTo(58, 0);
    expect(next.value?.slices[0]?.fromMm).toBeGreaterThan(104);
    expect(next.value?.slices[0]?.fromMm).toBeLessThan(114);
  });

  it('the usual log of a kind weighs what it should, and is about as dense as meat', () => {
    for (const kind of ['strip-loin', 'beef-tenderloin', 'ribeye', 'eye-of-round', 'pork-loin', 'own-log']) {
      for (const massG of [1200, 5000]) {
        const density = profileOf(usualLog(kind, massG, null)).densityGPerCm3;
        expect(density).toBeGreaterThan(0.98);
        expect(density).toBeLessThan(1.1);
      }
    }
    expect([isLog('strip-loin'), isLog('whole-chicken'), isLog(null)]).toEqual([true, false, false]);
  });

  it('counts what is cut off what was asked for', () => {
    const profile = profileOf(prism);
    const wish = request({
      by: 'mix',
      kinds: [
        { name: 'roast', lengthMm: 100, count: [1, 1] },
        { name: 'steak', targetG: 300, count: [0, 4] },
      ],
    });
    const after = replan(profile, wish, [{ kind: 'roast', aimedToMm: 100, massG: 1000 }]);
    expect(after.value?.slices.every(({ kind }) => kind === 'steak')).toBe(true);
    expect(after.value?.slices[0]?.fromMm).toBeCloseTo(100, 1);
    const equal = request({ by: 'equal', count: 8 });
    expect(replan(profile, equal, [{ kind: 'slice', aimedToMm: 50, massG: 500 }]).value?.slices).toHaveLength(
      7,
    );
  });

  it('on 200 simulated logs the spread of the steaks is smaller than with the first plan’s marks', () => {
    const uniform = seededUniform(99);
    const normal = normals(uniform);
    const differences: number[] = [];
    const spreads = { marks: 0, replanned: 0 };
    const measured: Log = {
      lengthMm: 400,
      massG: 4800,
      section: 'ellipse',
      stations: [
        [0, 165, 82],
        [130, 160, 80],
        [270, 145, 74],
        [400, 120, 64],
      ].map(([atMm, widthMm, heightMm]) => ({ atMm: atMm!, widthMm: widthMm!, heightMm: heightMm! })),
    };
    const profile = profileOf(measured);
    const wish = request({ by: 'weight', targetG: 340 }, { minThicknessMm: 15, maxThicknessMm: 50 });
    const first = planned(profile, wish).slices;
    const knife = (): number => 2 * normal();
    for (let each = 0; each < 200; each++) {
      const truth = profileOf({
        ...measured,
        stations: measured.stations.map(({ atMm, widthMm, heightMm }) => ({
          atMm,
          widthMm: widthMm * (1 + 0.03 * normal()),
          heightMm: heightMm * (1 + 0.03 * normal()),
        })),
      });
      // The first plan's marks, each cut off by its own error.
      const marks = first.map(({ toMm }) => Math.min(400, toMm + knife()));
      const blind = marks.map((mark, index) => truth.massTo(mark) - truth.massTo(marks[index - 1] ?? 0));
      // Planned again after each: the ruler is laid at the end that is there.
      const done: CutSlice[] = [];
      const weights: number[] = [];
      let end = 0;
      for (let turn = 0; turn < 40; turn++) {
        const next = turn === 0 ? first[0] : replan(profile, wish, done).value?.slices[0];
        if (!next) break;
        const cut = Math.min(400, end + next.thicknessMm + knife());
        const massG = truth.massTo(cut) - truth.massTo(end);
        weights.push(massG);
        done.push({ kind: 'slice', aimedToMm: next.toMm, massG });
        end = cut;
        if (end > 399) break;
      }
      const spreadOf = { marks: spread(blind), replanned: spread(weights) };
      differences.push(spreadOf.marks - spreadOf.replanned);
      spreads.marks += spreadOf.marks / 200;
      spreads.replanned += spreadOf.replanned / 200;
    }
    const mean = differences.reduce((sum, each) => sum + each, 0) / differences.length;
    const error = Math.sqrt(
      differences.reduce((sum, each) => sum + (each - mean) ** 2, 0) /
        (differences.length - 1) /
        differences.length,
    );
    console.info(
      `spread of steaks: marks ${spreads.marks.toFixed(1)} g, planned again ${spreads.replanned.toFixed(1)} g; difference ${mean.toFixed(1)} ± ${(1.96 * error).toFixed(1)} g`,
    );
    expect(mean - 1.96 * error).toBeGreaterThan(0);
  });

  /** Standard deviation of the steaks, the last two left out: they take up what is left. */
  function spread(weights: readonly number[]): number {
    const steaks = weights.slice(0, -2);
    const mean = steaks.reduce((sum, each) => sum + each, 0) / steaks.length;
    return Math.sqrt(steaks.reduce((sum, each) => sum + (each - mean) ** 2, 0) / (steaks.length - 1));
  }
});
