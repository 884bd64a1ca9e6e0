import fc from 'fast-check';
import highs from 'highs';
import { wholeOptimum } from '../optimise/whole-optimum';
import { packsReport } from '../exchange/packs-report';
import { MIDDLING_TABLES } from '../testing/answers/middling-tables';
import { answerTo, storedAnswers } from '../testing/answers/question';
import { SMALL_TABLES } from '../testing/answers/small-tables';
import { PACK_INSTANCES, packInstance } from '../testing/pack-instances';
import optima from '../testing/pack-optima.json';
import { programText } from '../testing/program-text';
import { seededUniform } from '../units/random';
import { portionOf, servedName } from './half';
import { OUT_OF_PLACE } from './out-of-place';
import { packModel } from './pack-model';
import { packOut } from './pack-out';
import { packUnits } from './pack-units';
import type { PackPlan } from './pack-plan';
import { packRequestSchema, type PackRequest } from './pack-request';
import { planPacks } from './plan-packs';

const request = (some: object): PackRequest =>
  packRequestSchema.parse({
    portions: [],
    eaters: [
      { name: 'Ann', targetG: 200 },
      { name: 'Bo', targetG: 150 },
    ],
    packs: [{ name: 'dinner', eaters: ['Ann', 'Bo'] }],
    ...some,
  });
const steaks = (...masses: number[]): object[] =>
  masses.map((massG, index) => ({ id: `s${index + 1}`, part: 'steaks', massG }));
const heap = (massG: number, more: object = {}): object => ({
  divisible: [{ id: 'grind', part: 'grind', massG, minG: 100, maxG: 1000, ...more }],
});
const planned = (wish: PackRequest): PackPlan => {
  const { value: plan, problem: why } = planPacks(wish);
  if (why !== undefined) throw new Error(why);
  return plan;
};
const served = (plan: PackPlan): string[] =>
  plan.packs.flatMap(({ portions }) => portions.map(servedName)).sort();

describe('the plan', () => {
  it('four steaks of 200 g for two eaters of 200 g: two dinners, nothing out of place but two packs to wrap', () => {
    const plan = planned(
      request({
        portions: steaks(200, 200, 200, 200),
        eaters: [
          { name: 'Ann', targetG: 200 },
          { name: 'Bo', targetG: 200 },
        ],
      }),
    );
    expect(plan).toMatchObject({ outOfPlaceG: 10, boundG: 10, proven: true, left: [], collecting: [] });
    expect(plan.packs).toHaveLength(2);
  });

  it('gives the large steaks to the large eaters, and small ones in pairs', () => {
    const plan = planned(request({ portions: steaks(205, 148, 80, 72, 196) }));
    expect(plan.packs.map(({ plates }) => plates.map(({ massG }) => Math.round(massG)).sort())).toEqual([
      [152, 205],
      [148, 196],
    ]);
  });

  /** Whether nothing is served twice, or to whom it is not for; what comes of it, packs and bags that are kept. */
  function outOf(wish: PackRequest, plan: PackPlan): number {
    const all = [...served(plan), ...plan.collecting.flatMap(({ portions }) => portions.map(servedName))];
    expect(new Set(all).size).toBe(all.length);
    const collected = new Set(wish.portions.flatMap((portion) => (portion.collected ? [portion.id] : [])));
    const kept = [
      ...plan.collecting.map(({ portions: [first], massG }) => ({ id: portionOf(first!), massG })),
      ...plan.left,
    ].map(({ id, massG }) => massG * OUT_OF_PLACE[collected.has(id) ? 'collected' : 'left']);
    return [...plan.packs.map((pack) => packOut(wish, pack)), ...kept].reduce((sum, each) => sum + each, 0);
  }

  it('on 300 small tables equal to trying everything', () => {
    const stored = storedAnswers(SMALL_TABLES);
    for (const wish of SMALL_TABLES.inputs()) {
      const plan = planned(wish);
      expect({ out: plan.outOfPlaceG, proven: plan.proven }).toEqual({
        out: expect.closeTo(answerTo(stored, wish), 1),
        proven: true,
      });
      expect(outOf(wish, plan)).toBeCloseTo(plan.outOfPlaceG, 1);
    }
  });

  it('on 60 parts of larger ones equal to a solver from outside', () => {
    const stored = storedAnswers(MIDDLING_TABLES);
    const tables = new Map<PackRequest, number[]>();
    for (const { request, unit } of MIDDLING_TABLES.inputs())
      tables.set(request, [...(tables.get(request) ?? []), answerTo(stored, { request, unit })]);
    for (const [wish, theirs] of tables) {
      const plan = planned(wish);
      const nothing = packUnits(wish).map((_unit, at) => packModel(wish, packUnits(wish), [at]).nothingG);
      expect({ out: plan.outOfPlaceG, proven: plan.proven }).toEqual({
        out: expect.closeTo(
          [...theirs, ...nothing].reduce((sum, each) => sum + each, 0),
          1,
        ),
        proven: true,
      });
      expect(outOf(wish, plan)).toBeCloseTo(plan.outOfPlaceG, 1);
    }
  });

  it('on the stored tables never worse than a solver from outside in 20 s, and nearly always proven', () => {
    expect(optima).toHaveLength(PACK_INSTANCES);
    let proven = 0;
    for (const { seed, outOfPlaceG } of optima) {
      const work = { left: 20_000 };
      const plan = planPacks(packInstance(seed), () => 1 - (work.left -= 1) / 20_000).value!;
      proven += plan.proven ? 1 : 0;
      expect({ seed, isWorse: plan.outOfPlaceG > outOfPlaceG + 0.1 }).toEqual({ seed, isWorse: false });
    }
    expect(proven).toBeGreaterThanOrEqual(47);
  });

  it('every portion is in one place, no gram is lost, nobody gets what they never eat, and counts are kept', () => {
    const portion = fc.record({
      part: fc.constantFrom('a', 'b'),
      massG: fc.integer({ min: 30, max: 500 }),
      carved: fc.boolean(),
      boneIn: fc.boolean(),
      collected: fc.boolean(),
    });
    const lump = fc.record({
      part: fc.constantFrom('a', 'c'),
      massG: fc.integer({ min: 50, max: 2000 }),
      minG: fc.integer({ min: 20, max: 400 }),
    });
    fc.assert(
      fc.property(
        fc.array(portion, { maxLength: 10 }),
        fc.array(lump, { maxLength: 2 }),
        fc.array(fc.integer({ min: 80, max: 260 }), { minLength: 1, maxLength: 4 }),
        fc.constantFrom([], ['a'], ['b', 'c']),
        (portions, heaps, appetites, never) => {
          const eaters = appetites.map((targetG, e) => ({
            name: `e${e}`,
            targetG,
            ...(e === 0 ? { never } : {}),
          }));
          const wish = request({
            portions: portions.map((each, p) => ({ id: `p${p}`, ...each })),
            divisible: heaps.map((each, h) => ({ id: `h${h}`, ...each, maxG: each.minG + 500 })),
            eaters,
            packs: [{ name: 'all', eaters: eaters.map(({ name }) => name), count: [0, 4] }],
          });
          const plan = planned(wish);
          const partOf = new Map([...wish.portions, ...wish.divisible].map(({ id, part }) => [id, part]));
          const places = [
            ...plan.packs.flatMap((pack) => pack.portions.map(portionOf)),
            ...plan.collecting.flatMap((pack) => pack.portions),
            ...plan.left.map(({ id }) => id).filter((id) => id.startsWith('p')),
          ];
          expect([...places].sort()).toEqual(wish.portions.map(({ id }) => id).sort());
          const mass = (some: readonly { massG: number }[]): number =>
            some.reduce((sum, { massG }) => sum + massG, 0);
          expect(
            Math.abs(
              mass([...wish.portions, ...wish.divisible]) -
                mass([...plan.packs, ...plan.collecting, ...plan.left]),
            ),
          ).toBeLessThan(0.6 * (wish.divisible.length + 1));
          for (const pack of plan.packs) {
            const inIt = [...pack.portions.map(portionOf), ...Object.keys(pack.divisible)];
            expect(new Set(inIt.map((id) => partOf.get(id))).size).toBe(1);
            const isFor0 = pack.plates.some(({ eater }) => eater === 'e0');
            expect(isFor0 && new Set<string>(never).has(partOf.get(inIt[0]!)!)).toBe(false);
            for (const { massG, eater } of pack.plates)
              expect(massG).toBeGreaterThanOrEqual(
                eaters.find(({ name }) => name === eater)!.targetG / 2 - 0.5,
              );
          }
          expect(plan.packs.filter(({ isSmaller }) => !isSmaller).length).toBeLessThanOrEqual(4);
          for (const { id, massG } of wish.divisible)
            expect(
              mass(plan.packs.map(({ divisible }) => ({ massG: divisible[id] ?? 0 }))),
            ).toBeLessThanOrEqual(massG + 1e-6);
          expect(plan.outOfPlaceG).toBeGreaterThanOrEqual(plan.boundG - 1e-6);
          expect(plan.proven).toBe(true);
        },
      ),
      { numRuns: 120 },
    );
  });

  it('what packs are out of place by adds up to what the plan says', () => {
    for (let seed = 1; seed <= 20; seed++) {
      const wish = packInstance(seed * 2 + 1);
      const plan = planned(wish);
      const kept = plan.collecting.reduce((sum, { massG }) => sum + massG, 0);
      const packs = plan.packs.reduce((sum, pack) => sum + packOut(wish, pack), 0);
      expect(packs + kept).toBeCloseTo(plan.outOfPlaceG, 1);
    }
  });
});

describe('heaps', () => {
  it('make dinners in proportion to the appetites', () => {
    const plan = planned(request(heap(700)));
    expect(plan).toMatchObject({ outOfPlaceG: expect.closeTo(10, 6), proven: true, left: [] });
    expect(plan.packs.map(({ plates }) => plates.map(({ massG }) => Math.round(massG)))).toEqual([
      [200, 150],
      [200, 150],
    ]);
  });

  it('go round where they run short, everyone with as large a share less', () => {
    const plan = planned(request(heap(630)));
    expect(plan.packs.flatMap(({ plates }) => plates.map(({ massG }) => Math.round(massG)))).toEqual([
      180, 135, 180, 135,
    ]);
  });

  it('a bag that holds no more gives smaller plates; one that must hold more, larger', () => {
    expect(planned(request(heap(990, { maxG: 330 }))).packs.map(({ massG }) => Math.round(massG))).toEqual([
      330, 330, 330,
    ]);
    expect(planned(request(heap(370, { minG: 370 }))).packs.map(({ massG }) => Math.round(massG))).toEqual([
      370,
    ]);
  });

  it('of several heaps that go together one pack takes from both', () => {
    const plan = planned(
      request({
        divisible: [
          { id: 'thigh meat', part: 'a', massG: 200, minG: 50, maxG: 900 },
          { id: 'drumstick meat', part: 'b', massG: 150, minG: 50, maxG: 900 },
        ],
        together: [['a', 'b']],
      }),
    );
    expect(plan.packs).toEqual([
      expect.objectContaining({ divisible: { 'thigh meat': 200, 'drumstick meat': 150 } }),
    ]);
  });

  it('less than a dinner is kept until there is more', () => {
    expect(planned(request(heap(90)))).toMatchObject({
      packs: [],
      collecting: [{ divisible: { grind: 90 }, massG: 90 }],
      left: [],
    });
  });

  it('fill a plate beside portions only where the household lets them', () => {
    const some = {
      portions: steaks(200),
      divisible: [{ id: 'rest', part: 'steaks', massG: 160, minG: 100, maxG: 400 }],
    };
    expect(planned(request(some)).packs).toEqual([
      expect.objectContaining({ portions: ['s1'], divisible: { rest: 150 } }),
    ]);
    const apart = { ...some, divisible: [{ ...some.divisible[0], part: 'grind' }] };
    for (const { portions, divisible } of planned(request(apart)).packs)
      expect(portions.length > 0 && Object.keys(divisible).length > 0).toBe(false);
  });
});

describe('three ways to portion on one table', () => {
  it('thighs by four, grind by the pound, steaks by who eats', () => {
    const plan = planned(
      request({
        portions: [
          ...steaks(200, 150),
          ...[128, 120, 131, 140, 119, 122, 133].map((massG, n) => ({ id: `t${n}`, part: 'thigh', massG })),
        ],
        ...heap(1000),
        packs: [
          { name: 'dinner', eaters: ['Ann', 'Bo'] },
          { name: 'four', each: 4, parts: ['thigh'] },
          { name: 'pound', massG: 500, parts: ['grind'] },
        ],
      }),
    );
    expect(plan.packs.map(({ name, portions, massG }) => [name, portions.length, Math.round(massG)])).toEqual(
      [
        ['dinner', 2, 350],
        ['four', 4, expect.any(Number)],
        ['pound', 0, 500],
        ['pound', 0, 500],
        ['four', 3, expect.any(Number)],
      ],
    );
    expect(plan.left).toEqual([]);
  });

  it('without a word for which parts, portions go by number and heaps by weight', () => {
    const plan = planned(
      request({
        portions: steaks(200, 150, 180),
        ...heap(600),
        packs: [
          { name: 'pair', each: 2 },
          { name: 'bag', massG: 300 },
        ],
      }),
    );
    expect(plan.packs.map(({ name, portions }) => [name, portions.length])).toEqual([
      ['pair', 2],
      ['bag', 0],
      ['bag', 0],
      ['pair', 1],
    ]);
  });

  it('no more packs than are wanted; what is over says so', () => {
    const plan = planned(
      request({ portions: steaks(200, 150, 180), packs: [{ name: 'one', each: 1, count: [0, 2] }] }),
    );
    expect(plan.packs).toHaveLength(2);
    expect(plan.left).toEqual([{ id: 's2', massG: 150, why: 'not-wanted' }]);
  });
});

describe('who eats what', () => {
  it('what is liked goes to who likes it', () => {
    const plan = planned(
      request({
        portions: [
          { id: 'thigh', part: 'thigh', massG: 150 },
          { id: 'breast', part: 'breast', massG: 150 },
        ],
        together: [['thigh', 'breast']],
        eaters: [
          { name: 'Ann', targetG: 150, likes: ['breast'] },
          { name: 'Bo', targetG: 150 },
        ],
      }),
    );
    expect(plan.packs[0]?.plates).toMatchObject([{ portions: ['breast'] }, { portions: ['thigh'] }]);
  });

  it('what nobody eats stays on the table, and says why', () => {
    const plan = planned(
      request({
        portions: steaks(200),
        eaters: [{ name: 'Ann', targetG: 200, never: ['steaks'] }],
        packs: [{ name: 'dinner', eaters: ['Ann'] }],
      }),
    );
    expect(plan).toMatchObject({ packs: [], left: [{ id: 's1', why: 'nobody-eats' }] });
  });
});

describe('portions that may be cut', () => {
  it('are cut in two where two eaters want about as much together', () => {
    const plan = planned(
      request({
        portions: [
          { id: 's1', part: 'steaks', massG: 350, mayCut: true, boneIn: false },
          ...steaks(200, 152).map((each, k) => ({ ...each, id: `t${k}` })),
        ],
        packs: [{ name: 'dinner', eaters: ['Ann', 'Bo'] }],
      }),
    );
    expect(plan.left).toEqual([]);
    expect(plan.packs.reduce((sum, { massG }) => sum + massG, 0)).toBeCloseTo(702, 6);
  });
  it('make more dinners of fair portions, at the price of a cut each', () => {
    const some = steaks(250, 255, 245, 248);
    const [whole, cut] = [some, some.map((each) => ({ ...each, mayCut: true }))].map((portions) =>
      planned(
        request({ portions, eaters: [180, 180].map((targetG, e) => ({ name: ['Ann', 'Bo'][e], targetG })) }),
      ),
    );
    expect([whole!.packs.length, cut!.packs.length]).toEqual([2, 4]);
    expect(served(whole!)).toEqual(['s1', 's2', 's3', 's4']);
    expect(served(cut!)).toHaveLength(8);
  });
  it('are told from portions whose names look like pieces', () => {
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
    const portions = steaks(200, 150).map((each) => ({ ...each, mayCut: true }));
    expect(served(planned(request({ portions })))).toEqual(['s1', 's2']);
  });
});

describe('awkward tables', () => {
  it('an empty one; one portion; one that is far too large, with its bone', () => {
    expect(planned(request({}))).toMatchObject({ packs: [], left: [], outOfPlaceG: 0, proven: true });
    expect(served(planned(request({ portions: steaks(205) })))).toEqual(['s1']);
    const bone = planned(request({ portions: [{ id: 'b', part: 'steaks', massG: 900, boneIn: true }] }));
    expect(bone.collecting).toMatchObject([{ portions: ['b'] }]);
  });

  it('24 equal steaks are one thing 24 times', () => {
    const plan = planned(request({ portions: steaks(...Array.from({ length: 24 }, () => 172)) }));
    expect(plan.proven).toBe(true);
    expect(new Set(served(plan)).size).toBe(24);
  });

  it('200 portions are planned as far as time goes, with the gap', () => {
    const random = seededUniform(3);
    const many = request({
      portions: Array.from({ length: 200 }, (_, p) => ({
        id: `p${p}`,
        part: 'steaks',
        massG: Math.round(120 + 90 * random()),
      })),
    });
    let work = 0;
    const plan = planPacks(many, () => (work += 1) / 4000).value!;
    expect(served(plan).length + plan.collecting.flatMap(({ portions }) => portions).length).toBe(200);
    expect(plan.boundG).toBeGreaterThan(plan.outOfPlaceG * 0.9);
    expect(plan.outOfPlaceG).toBeGreaterThanOrEqual(plan.boundG);
  });

  it('with all of the time gone from the start it is a sensible plan still, with the gap', () => {
    for (const [table, parts] of [
      [steaks(205, 150, 190, 160, 198, 152), {}],
      [steaks(205, 150, 190), heap(900)],
    ] as const) {
      const wish = request({ portions: table, ...parts });
      const best = planned(wish);
      const late = planPacks(wish, () => 1).value!;
      expect(late.packs.length).toBeGreaterThan(0);
      expect(late.collecting).toEqual(best.collecting);
      expect(late.outOfPlaceG).toBeLessThanOrEqual(best.outOfPlaceG + 60);
    }
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
    ['no eaters', { eaters: [] }, /packs\[0\]\.eaters: nobody is called “Ann”/],
    [
      'a kind that is for eaters and by number at once',
      { packs: [{ name: 'all', eaters: ['Ann'], each: 4 }] },
      /packs\[0\]: a kind of pack has either eaters, each/,
    ],
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
