import { servedName } from './half';
import fc from 'fast-check';
import highs from 'highs';
import { wholeOptimum } from '../optimise/whole-optimum';
import { everyPacking } from '../testing/every-packing';
import { PACK_INSTANCES, packInstance } from '../testing/pack-instances';
import optima from '../testing/pack-optima.json';
import { programText } from '../testing/program-text';
import { seededUniform } from '../units/random';
import { packModel } from './pack-model';
import type { PackPlan } from './pack-plan';
import { packRequestSchema, type PackRequest } from './pack-request';
import { packsReport } from '../exchange/packs-report';
import { planPacks } from './plan-packs';

const request = (some: object): PackRequest =>
  packRequestSchema.parse({
    portions: [],
    eaters: [
      { name: 'Ann', targetG: 200 },
      { name: 'Bo', targetG: 150 },
    ],
    packs: [{ name: 'dinner', eaters: ['Ann', 'Bo'], count: [0, 20] }],
    ...some,
  });
const steaks = (...masses: number[]): object[] =>
  masses.map((massG, index) => ({ id: `s${index + 1}`, part: 'steaks', massG }));
const planned = (wish: PackRequest): PackPlan => {
  const { value: plan, problem: why } = planPacks(wish);
  if (why !== undefined) throw new Error(why);
  return plan;
};

function randomInstance(seed: number): PackRequest {
  const random = seededUniform(seed);
  const pick = (from: number, to: number): number => from + Math.floor(random() * (to - from + 1));
  const eaters = Array.from({ length: pick(1, 3) }, (_, e) => ({
    name: `e${e}`,
    targetG: pick(12, 24) * 10,
  }));
  const names = eaters.map(({ name }) => name);
  const parts = random() < 0.4 ? ['thigh', 'drumstick'] : ['steaks'];
  return request({
    portions: Array.from({ length: pick(1, 6) }, (_, p) => ({
      id: `p${p}`,
      part: parts[pick(0, parts.length - 1)],
      massG: random() < 0.3 ? pick(5, 12) * 20 : pick(60, 240),
    })),
    eaters,
    packs: [
      { name: 'all', eaters: names, count: [0, 3] },
      ...(random() < 0.6 ? [{ name: 'one', eaters: [names[0]], count: [0, 2] }] : []),
    ],
    tolerance: [0.05, 0.15, 0.25][pick(0, 2)],
    ...(random() < 0.5 ? { together: [['thigh', 'drumstick']] } : {}),
  });
}

describe('packs', () => {
  it('four steaks of 200 g for two eaters of 200 g: two dinners, nothing off', () => {
    const plan = planned(
      request({
        portions: steaks(200, 200, 200, 200),
        eaters: [
          { name: 'Ann', targetG: 200 },
          { name: 'Bo', targetG: 200 },
        ],
      }),
    );
    expect(plan).toMatchObject({ plates: 4, platesBound: 4, objective: 0, bound: 0, proven: true, left: [] });
    expect(plan.packs).toHaveLength(2);
  });

  it('gives the large steaks to the large eaters, and small ones in pairs', () => {
    const plan = planned(request({ portions: steaks(205, 148, 80, 72, 196) }));
    expect(plan.packs.map(({ plates }) => plates.map(({ massG }) => Math.round(massG)).sort())).toEqual([
      [148, 205],
      [152, 196],
    ]);
    expect(plan.left).toEqual([]);
  });

  it('on 200 small tables, equal to trying everything', () => {
    for (let seed = 1; seed <= 200; seed++) {
      const wish = randomInstance(seed);
      const best = everyPacking(wish)!;
      const plan = planned(wish);
      expect({ seed, plates: plan.plates, packs: plan.packs.length, proven: plan.proven }).toEqual({
        seed,
        plates: best.plates,
        packs: best.packs,
        proven: true,
      });
      expect(Math.abs(plan.objective - best.objective)).toBeLessThan(1e-6);
    }
  });

  it('on the stored tables serves as many plates as a solver from outside found in 20 s, as evenly or better', () => {
    expect(optima).toHaveLength(PACK_INSTANCES);
    let proven = 0;
    for (const { seed, plates, objective } of optima) {
      const work = { left: 3_000 };
      const plan = planPacks(packInstance(seed), () => 1 - (work.left -= 1) / 3_000).value!;
      proven += plan.proven ? 1 : 0;
      expect({ seed, plates: plan.plates }).toEqual({ seed, plates });
      expect(plan.objective).toBeLessThan(objective + 1e-6);
    }
    expect(proven).toBeGreaterThanOrEqual(0.9 * PACK_INSTANCES);
  });

  it('on three of them the solver from outside still says the same', async () => {
    const solver = await highs();
    for (const seed of [2, 13, 36]) {
      const { columns, rows, served } = packModel(packInstance(seed));
      const most = solver.solve(
        programText({ columns: columns.map((column, j) => ({ ...column, cost: -served[j]! })), rows }),
      );
      expect(Math.round(-most.ObjectiveValue)).toBe(planned(packInstance(seed)).plates);
    }
  });

  it('every portion is in one place, no gram is lost, and tolerances and counts are kept', () => {
    const portion = fc.record({ part: fc.constantFrom('a', 'b'), massG: fc.integer({ min: 30, max: 400 }) });
    const heap = fc.record({
      part: fc.constantFrom('a', 'c'),
      massG: fc.integer({ min: 50, max: 2000 }),
      minG: fc.integer({ min: 20, max: 400 }),
    });
    fc.assert(
      fc.property(
        fc.array(portion, { maxLength: 12 }),
        fc.array(heap, { maxLength: 2 }),
        fc.array(fc.integer({ min: 80, max: 260 }), { minLength: 1, maxLength: 4 }),
        fc.constantFrom(0, 0.1, 0.15, 0.3),
        (portions, heaps, appetites, tolerance) => {
          const eaters = appetites.map((targetG, e) => ({ name: `e${e}`, targetG }));
          const wish = request({
            portions: portions.map((each, p) => ({ id: `p${p}`, ...each })),
            divisible: heaps.map(({ minG, ...each }, h) => ({
              id: `h${h}`,
              ...each,
              minG,
              maxG: minG + 500,
            })),
            eaters,
            packs: [
              { name: 'all', eaters: eaters.map(({ name }) => name), count: [0, 4] },
              { name: 'one', eaters: ['e0'], count: [0, 3] },
            ],
            tolerance,
          });
          const plan = planned(wish);
          const places = [
            ...plan.packs.flatMap((pack) => pack.portions.map(servedName)),
            ...plan.left.map(({ id }) => id).filter((id) => id.startsWith('p')),
          ];
          expect([...places].sort()).toEqual(wish.portions.map(({ id }) => id).sort());
          const before = [...wish.portions, ...wish.divisible].reduce((sum, { massG }) => sum + massG, 0);
          const after = [...plan.packs, ...plan.left].reduce((sum, { massG }) => sum + massG, 0);
          expect(Math.abs(before - after)).toBeLessThan(0.06 * (wish.divisible.length + 1));
          for (const pack of plan.packs) {
            for (const { eater, massG } of pack.plates)
              expect(
                Math.abs(massG - eaters.find(({ name }) => name === eater)!.targetG),
              ).toBeLessThanOrEqual(tolerance * eaters.find(({ name }) => name === eater)!.targetG + 1e-6);
            for (const [id, massG] of Object.entries(pack.divisible)) {
              const { minG, maxG } = wish.divisible.find((each) => each.id === id)!;
              expect(massG).toBeGreaterThanOrEqual(minG - 1e-6);
              expect(massG).toBeLessThanOrEqual(maxG + 1e-6);
            }
            const parts = new Set(
              [...pack.portions.map(servedName), ...Object.keys(pack.divisible)].map(
                (id) => [...wish.portions, ...wish.divisible].find((each) => each.id === id)!.part,
              ),
            );
            expect(parts.size).toBe(1);
          }
          for (const { id, massG } of wish.divisible)
            expect(
              plan.packs.reduce((sum, { divisible }) => sum + (divisible[id] ?? 0), 0),
            ).toBeLessThanOrEqual(massG + 1e-6);
          expect(plan.proven).toBe(true);
          expect(plan.objective).toBeGreaterThanOrEqual(plan.bound - 1e-9);
        },
      ),
      { numRuns: 150 },
    );
  });
});

describe('heaps', () => {
  const heap = (massG: number, minG = 100, maxG = 1000): object => ({
    divisible: [{ id: 'grind', part: 'grind', massG, minG, maxG }],
  });

  it('a heap makes dinners of exactly what everyone eats', () => {
    const plan = planned(request(heap(720)));
    expect(plan).toMatchObject({ plates: 4, objective: 0, proven: true, left: [{ id: 'grind', massG: 20 }] });
  });

  it('where it runs short the largest plates are smaller, which is the least of all', () => {
    // Two dinners want 700 g of 680: 20 g less on plates of 200 is 0.1.
    const plan = planned(request(heap(680)));
    expect(plan.plates).toBe(4);
    expect(plan.objective).toBeCloseTo(0.1, 9);
    expect(
      plan.packs
        .flatMap(({ plates }) => plates)
        .filter(({ eater }) => eater === 'Bo')
        .map(({ massG }) => massG),
    ).toEqual([150, 150]);
  });

  it('a bag that holds no more gives smaller plates; one that must hold more, larger', () => {
    expect(planned(request(heap(2000, 100, 330))).objective).toBeCloseTo(6 * (20 / 200), 9);
    expect(
      planned(
        request({ ...heap(370, 370), packs: [{ name: 'dinner', eaters: ['Ann', 'Bo'], count: [0, 1] }] }),
      ).packs[0]?.plates.map(({ massG }) => massG),
    ).toEqual([220, 150]);
  });

  it('less than the least bag stays on the table', () => {
    expect(planned(request(heap(150, 200)))).toMatchObject({
      plates: 0,
      packs: [],
      left: [{ id: 'grind', massG: 150 }],
      proven: true,
    });
  });

  it('fills up a dinner of portions of the same part', () => {
    const plan = planned(
      request({
        portions: steaks(200),
        divisible: [{ id: 'rest', part: 'steaks', massG: 160, minG: 100, maxG: 400 }],
      }),
    );
    expect(plan.packs).toEqual([expect.objectContaining({ portions: ['s1'], divisible: { rest: 150 } })]);
  });
});

describe('portions that may be cut', () => {
  it('are cut in two where two eaters want about as much together', () => {
    const plan = planned(
      request({
        portions: [
          { id: 's1', part: 'steaks', massG: 350, mayCut: true },
          { id: 's2', part: 'steaks', massG: 200 },
          { id: 's3', part: 'steaks', massG: 152 },
        ],
      }),
    );
    expect(plan).toMatchObject({ plates: 4, left: [], proven: true });
    expect(plan.packs.flatMap(({ portions }) => portions.map(servedName)).sort()).toEqual([
      's1/1',
      's1/2',
      's2',
      's3',
    ]);
    expect(plan.packs.reduce((sum, { massG }) => sum + massG, 0)).toBeCloseTo(702, 6);
  });
  it('are told from portions whose names look like pieces', () => {
    const plan = planned(
      request({
        portions: [
          { id: 'loin/1', part: 'steaks', massG: 200 },
          { id: 'loin/2', part: 'steaks', massG: 150 },
          { id: 'loin', part: 'steaks', massG: 400 },
        ],
      }),
    );
    expect(plan.packs.flatMap(({ portions }) => portions.map(servedName)).sort()).toEqual([
      'loin/1',
      'loin/2',
    ]);
    expect(plan.left).toEqual([{ id: 'loin', massG: 400 }]);
    expect(
      packsReport({
        ...request({}),
        portions: [
          { id: 'a', part: 'b', massG: 200, mayCut: true },
          { id: 'a/1', part: 'b', massG: 100 },
        ],
      }).problem,
    ).toMatch(/its pieces would be called “a\/1”/);
  });
  it('stay whole where they are a plate as they are', () => {
    expect(
      planned(
        request({
          portions: [
            { id: 'a', part: 'steaks', massG: 200, mayCut: true },
            { id: 'b', part: 'steaks', massG: 150, mayCut: true },
          ],
        }),
      )
        .packs.flatMap(({ portions }) => portions.map(servedName))
        .sort(),
    ).toEqual(['a', 'b']);
  });
});

describe('awkward tables', () => {
  it('an empty one, a single portion, and a target nobody meets', () => {
    expect(planned(request({}))).toMatchObject({ plates: 0, packs: [], left: [], proven: true });
    expect(planned(request({ portions: steaks(205) }))).toMatchObject({
      plates: 0,
      left: [{ id: 's1', massG: 205 }],
    });
    expect(planned(request({ portions: steaks(900, 950) }))).toMatchObject({ plates: 0, proven: true });
  });

  it('24 equal steaks are one thing 24 times', () => {
    const plan = planned(request({ portions: steaks(...Array.from({ length: 24 }, () => 172)) }));
    expect(plan).toMatchObject({ plates: 24, proven: true });
    expect(new Set(plan.packs.flatMap(({ portions }) => portions.map(servedName))).size).toBe(24);
  });

  it('200 portions are planned at once, or as far as time goes, with the gap', () => {
    const random = seededUniform(3);
    const small = request({
      portions: Array.from({ length: 200 }, (_, p) => ({
        id: `p${p}`,
        part: 'wings',
        massG: Math.round(50 + 60 * random()),
      })),
    });
    let work = 0;
    const plan = planPacks(small, () => (work += 1) / 60).value!;
    expect(plan.plates).toBeGreaterThan(30);
    expect(plan.platesBound).toBeGreaterThanOrEqual(plan.plates);
    expect(plan.objective).toBeGreaterThanOrEqual(plan.bound);
  });

  it('a least count that cannot be kept is named', () => {
    expect(
      planPacks(
        request({
          portions: steaks(200, 150),
          packs: [{ name: 'dinner', eaters: ['Ann', 'Bo'], count: [2, 4] }],
        }),
      ).problem,
    ).toMatch(/At least 2 of “dinner” cannot be filled/);
  });

  it.each<[string, object, RegExp]>([
    [
      'zero appetite',
      { eaters: [{ name: 'Ann', targetG: 0 }] },
      /eaters\[0\]\.targetG: targetG is more than zero/,
    ],
    [
      'an unknown eater',
      { packs: [{ name: 'all', eaters: ['Zoe'], count: [0, 1] }] },
      /packs\[0\]\.eaters: nobody is called “Zoe”/,
    ],
    [
      'least above most',
      { packs: [{ name: 'all', eaters: ['Ann'], count: [3, 1] }] },
      /packs\[0\]\.count: the least count is above the most/,
    ],
    [
      'the same id twice',
      { portions: [...steaks(100), ...steaks(200)] },
      /portions\[1\]\.id: “s1” is there twice/,
    ],
    [
      'a least bag above the most',
      { divisible: [{ id: 'h', part: 'g', massG: 500, minG: 300, maxG: 200 }] },
      /divisible\[0\]\.minG: the least bag is above the most/,
    ],
    [
      'text for a weight',
      { portions: [{ id: 'a', part: 'b', massG: '200' }] },
      /portions\[0\]\.massG: massG is a number of grams/,
    ],
    ['NaN', { portions: [{ id: 'a', part: 'b', massG: NaN }] }, /portions\[0\]\.massG/],
    ['no eaters', { eaters: [] }, /eaters: name one eater at least/],
  ])('%s: one sentence that names the field and the mend', (_what, wrong, answer) => {
    const good = {
      portions: steaks(200),
      eaters: [
        { name: 'Ann', targetG: 200 },
        { name: 'Bo', targetG: 150 },
      ],
      packs: [{ name: 'dinner', eaters: ['Ann'], count: [0, 20] }],
    };
    expect(packsReport({ ...good, ...wrong }).problem).toMatch(answer);
  });
});

describe('whole optima', () => {
  it('on random programs equal to a solver from outside', async () => {
    const solver = await highs();
    for (let seed = 1; seed <= 40; seed++) {
      const random = seededUniform(seed);
      const pick = (from: number, to: number): number => from + Math.floor(random() * (to - from + 1));
      const rows = Array.from({ length: pick(1, 5) }, () => ({
        sense: (['≤', '≥', '='] as const)[pick(0, 2)]!,
        rhs: pick(-2, 12),
      }));
      const own = Array.from({ length: pick(2, 8) }, () => ({
        cost: pick(0, 20) + random(),
        isWhole: random() < 0.8,
        rows: rows.map((_, i) => i),
        values: rows.map(() => pick(-1, 5)),
      }));
      const program = { columns: own, rows: [...rows, { sense: '≤' as const, rhs: 30 }] };
      const columns = own.map((column) => ({
        ...column,
        rows: [...column.rows, rows.length],
        values: [...column.values, 1],
      }));
      const ours = wholeOptimum(
        { ...program, columns },
        () => null,
        () => false,
      );
      const theirs = solver.solve(programText({ ...program, columns }));
      if (theirs.Status === 'Optimal')
        expect({ seed, value: ours.objective }).toEqual({
          seed,
          value: expect.closeTo(theirs.ObjectiveValue, 6),
        });
      else expect({ seed, values: ours.values }).toEqual({ seed, values: null });
    }
  });
});
