import fc from 'fast-check';
import { seededUniform } from '../units/random';
import { readFrame } from './frame';
import { frameOf } from './frame-of';
import { FrameReader, type Line } from './frame-reader';
import { GRADUATIONS, toGraduation, type Graduation } from './graduation';
import { HandsFree, type WeighMode } from './hands-free';
import type { Reading } from './reading';
import { KITCHEN_SCALE, SimulatedScale } from './simulated-scale';
import { SteadinessDetector } from './steadiness';

describe('a line of a scale', () => {
  // The common ASCII formats, from memory.
  it.each<[string, number, boolean | null]>([
    ['ST,GS,+  1.234kg', 12340, true],
    ['ST,GS,+0001234 g', 12340, true],
    ['US,NT,-   12 g', -120, false],
    ['S S     372.05 g', 3721, true],
    ['S D      38.0 g', 380, false],
    ['+   372 g', 3720, null],
    ['372.0 g ?', 3720, false],
    ['372.0g', 3720, null],
    ['- 3,5 g', -35, null],
    ['ST,GS,   0.82lb', 3719, true],
    ['N   13.125 oz', 3721, null],
    ['GROSS  1,250 kg', 12500, null],
    ['w + 0.000 kg', 0, null],
    ['\u0002 US , 5 g', 50, false],
  ])('%s', (line, massDg, isStable) => {
    expect(readFrame(line.replace('\u0002', ''))).toEqual({ massDg, isStable, isOverload: false });
  });

  it.each(['OL', 'ST,OL,+-----', '+ol kg', 'Overload'])('%s is more than it carries', (line) => {
    expect(readFrame(line)?.isOverload).toBe(true);
  });

  it.each([
    '',
    '   ',
    '372',
    'ST,GS,+ 12',
    '372 pcs',
    '12:30',
    'READY',
    'ERR 4',
    'ST,GS,+ kg',
    '1.2.3 kg',
    'TOTAL 12 g EUR',
    '{"g":12}',
    '12345678901 g',
  ])('%s is no weight', (line) => {
    expect(readFrame(line)).toBeNull();
  });

  it('never throws, whatever comes', () => {
    fc.assert(fc.property(fc.string({ maxLength: 80, unit: 'binary' }), (line) => void readFrame(line)));
  });
});

describe('a stream of chunks', () => {
  const masses = fc.array(fc.integer({ min: -9990, max: 149_990 }), { minLength: 1, maxLength: 30 });
  const cuts = fc.array(fc.nat(2000), { maxLength: 60 });
  const chunks = (text: string, at: readonly number[]): string[] => {
    const edges = [0, ...at.filter((each) => each < text.length).sort((a, b) => a - b), text.length];
    return edges.slice(1).map((edge, index) => text.slice(edges[index], edge));
  };
  const read = (parts: readonly string[]): Line[] => {
    const reader = new FrameReader();
    return parts.flatMap((part) => reader.push(part));
  };

  it('gives the same lines however it is cut, with any line end', () => {
    fc.assert(
      fc.property(masses, cuts, fc.constantFrom('\r\n', '\n', '\r', '\u0003\u0002'), (all, at, end) => {
        const text = all
          .map((massDg, index) => frameOf({ massDg, isStable: index % 2 === 0, isOverload: false }) + end)
          .join('');
        const lines = read(chunks(text, at));
        expect(lines).toEqual(
          all.map((massDg, index) => ({ frame: { massDg, isStable: index % 2 === 0, isOverload: false } })),
        );
      }),
    );
  });

  it('finds the weights between foreign lines, and hands those on', () => {
    const foreign = fc.constantFrom('READY', '????', 'TOTAL 3', '\u0000\u0001x', '12:31');
    fc.assert(
      fc.property(masses, fc.array(foreign, { minLength: 1, maxLength: 10 }), cuts, (all, noise, at) => {
        const lines = all.flatMap((massDg, index) => [
          frameOf({ massDg, isStable: true, isOverload: false }),
          noise[index % noise.length] ?? '',
        ]);
        const found = read(chunks(`${lines.join('\r\n')}\r\n`, at));
        expect(found.flatMap((line) => ('frame' in line ? line.frame.massDg : []))).toEqual(all);
        expect(found.filter((line) => 'rubbish' in line)).toHaveLength(all.length);
      }),
    );
  });

  it('half a line waits; two in one chunk are two; a line without end is given up', () => {
    const reader = new FrameReader();
    expect(reader.push('ST,GS,+   37')).toEqual([]);
    expect(reader.push('2.0 g\r\nUS,GS,+  1.0 g\r\nST')).toHaveLength(2);
    expect(reader.push('x'.repeat(500))).toHaveLength(1);
    expect(reader.push('\nST,GS,+   5.0 g\n')).toEqual([
      { frame: { massDg: 50, isStable: true, isOverload: false } },
    ]);
  });
});

describe('steadiness', () => {
  interface Outcome {
    readonly isRight: boolean;
    readonly lateMs: number;
    readonly isDuring: boolean;
    readonly errorSteps: number;
  }

  it('a scale that came to stand a step off goes to what it weighs, and stays there when it creeps', () => {
    const detector = new SteadinessDetector(10);
    const shown = [
      ...Array<number>(10).fill(-10),
      ...Array<number>(12).fill(0),
      ...Array<number>(40).fill(10),
    ].map((massDg, tenth) => detector.next({ massDg, atMs: tenth * 100, isStable: null, isOverload: false }));
    expect(shown[9]).toEqual({ state: 'steady', massDg: -10, plateau: 1 });
    expect(shown[21]).toEqual({ state: 'steady', massDg: 0, plateau: 1 });
    expect(shown.at(-1)).toMatchObject({ state: 'steady', plateau: 1 });
  });

  it('a scale that speaks once a second stands still after four lines that agree, and never while it is poured', () => {
    const states = (masses: readonly number[]): string[] => {
      const detector = new SteadinessDetector(10);
      return masses.map(
        (massDg, second) =>
          detector.next({ massDg, atMs: second * 1000, isStable: null, isOverload: false }).state,
      );
    };
    expect(states([3720, 3720, 3730, 3720, 3720])).toEqual([
      'moving',
      'moving',
      'moving',
      'steady',
      'steady',
    ]);
    expect(states([3700, 3710, 3720, 3730, 3740, 3750])).not.toContain('steady');
  });

  /** One weighing with everything that disturbs it, and what the detector made of it. */
  function weigh(seed: number): Outcome {
    const uniform = seededUniform(seed);
    const graduationDg = Object.values(GRADUATIONS)[seed % 3] as number;
    const between = (low: number, high: number): number => low + uniform() * (high - low);
    const scale = new SimulatedScale(
      {
        graduationDg,
        capacityDg: 200_000,
        settleMs: between(300, 1200),
        noiseSteps: 0.5,
        driftSteps: between(-1, 1),
      },
      uniform,
    );
    const detector = new SteadinessDetector(graduationDg);
    const loadDg = Math.round(between(300, 60_000));
    const putMs = between(1200, 2000);
    const pourMs = seed % 20 === 7 ? between(2000, 8000) : 0;
    scale.put(loadDg, putMs, pourMs);
    let settledMs = scale.settledAtMs();
    if (seed % 10 === 3) {
      const startMs = between(putMs, settledMs + 500);
      const endMs = startMs + between(80, 400);
      scale.bump(between(500, 8000), startMs, endMs);
      settledMs = Math.max(settledMs, endMs);
    }
    const stepMs = [100, 125, 200][seed % 3] as number;
    for (let atMs = 0; atMs < settledMs + 5000; atMs += stepMs) {
      const reading = { ...scale.read(atMs), isStable: null };
      const now = detector.next(reading);
      if (atMs < putMs || now.state !== 'steady' || now.massDg < 5 * graduationDg) continue;
      const errorSteps = Math.abs(now.massDg - loadDg) / graduationDg;
      // Taken before it has settled, it is right all the same where it is within a step; else it was taken on the way.
      const isDuring = atMs < settledMs && errorSteps > 1;
      // A hand that comes after the weight was taken is too late to disturb it.
      const lateMs = atMs - settledMs;
      return { isRight: !isDuring && errorSteps <= 1.01 && lateMs <= 1500, lateMs, isDuring, errorSteps };
    }
    return { isRight: false, lateMs: Infinity, isDuring: false, errorSteps: Infinity };
  }

  it('of 2,000 simulated weighings at least 99 in 100 are right, none taken on the way', () => {
    const outcomes = Array.from({ length: 2000 }, (_, seed) => weigh(seed + 1));
    const wrong = outcomes
      .map((outcome, seed) => ({ seed: seed + 1, ...outcome }))
      .filter(({ isRight }) => !isRight);
    expect(outcomes.filter(({ isDuring }) => isDuring).length).toBeLessThanOrEqual(2);
    expect({ wrong: wrong.length <= 20 ? [] : wrong.slice(0, 10) }).toEqual({ wrong: [] });
    console.info(
      `steadiness: ${((1 - wrong.length / 2000) * 100).toFixed(2)} % of 2,000 weighings right; slowest ${Math.round(Math.max(...outcomes.map(({ lateMs }) => lateMs)))} ms after settling`,
    );
    expect(1 - wrong.length / 2000).toBeGreaterThanOrEqual(0.99);
  });

  const reading = (massDg: number, atMs: number, more: Partial<Reading> = {}): Reading => ({
    massDg,
    atMs,
    isStable: null,
    isOverload: false,
    ...more,
  });
  const states = (readings: readonly Reading[]): string[] => {
    const detector = new SteadinessDetector(10);
    return readings.map((each) => detector.next(each).state);
  };
  const every100 = (count: number, mass: (index: number) => number): Reading[] =>
    Array.from({ length: count }, (_, index) => reading(mass(index), index * 100));

  it('does not follow a slow pour, though the device says it is stable', () => {
    const pour = every100(60, (index) => index * 20).map((each) => ({ ...each, isStable: true }));
    expect(states(pour)).not.toContain('steady');
  });

  it('waits for a device that says it moves', () => {
    expect(states(every100(30, () => 3720).map((each) => ({ ...each, isStable: false })))).not.toContain(
      'steady',
    );
  });

  it('says overload, and begins anew after it', () => {
    const readings = every100(40, () => 500).map((each, index) =>
      index === 15 ? { ...each, isOverload: true } : each,
    );
    const seen = states(readings);
    expect(seen[14]).toBe('steady');
    expect(seen[15]).toBe('overload');
    expect(seen.slice(16, 24)).not.toContain('steady');
    expect(seen.at(-1)).toBe('steady');
  });

  it('negative weights, jumps and a clock that goes back do not throw', () => {
    const step = fc.record({
      massDg: fc.integer({ min: -200_000, max: 200_000 }),
      atMs: fc.integer({ min: 0, max: 100_000 }),
      isStable: fc.constantFrom(true, false, null),
      isOverload: fc.boolean(),
    });
    fc.assert(fc.property(fc.array(step, { maxLength: 80 }), (readings) => void states(readings)));
  });
});

describe('hands free', () => {
  /** Steady loads one after another, each a second and a half; which were taken. */
  function taken(loads: readonly number[], mode: WeighMode): number[] {
    const [detector, hands] = [new SteadinessDetector(10), new HandsFree(10)];
    const weights: number[] = [];
    let tareDg = 0;
    for (const [index, load] of loads.entries()) {
      for (let each = 0; each < 15; each++) {
        const now = detector.next({
          massDg: load,
          atMs: index * 1500 + each * 100,
          isStable: null,
          isOverload: false,
        });
        if (now.state !== 'steady' || hands.wants(now, tareDg, mode) !== 'take') continue;
        weights.push(now.massDg - tareDg);
        hands.taken(now.massDg - tareDg);
        if (mode === 'into-container') tareDg = now.massDg;
      }
    }
    return weights;
  }

  it('says that it holds back what may be the last one set down again', () => {
    const hands = new HandsFree(10);
    const steady = (massDg: number, plateau: number) => ({ state: 'steady', massDg, plateau }) as const;
    expect(hands.wants(steady(3720, 1), 0, 'one-by-one')).toBe('take');
    hands.taken(3720);
    expect(hands.wants(steady(3740, 2), 0, 'one-by-one')).toBe('like-the-last');
    expect(hands.wants(steady(0, 3), 0, 'one-by-one')).toBe('no');
    expect(hands.wants(steady(3740, 4), 0, 'one-by-one')).toBe('take');
  });

  it.each<[string, WeighMode, number[], number[]]>([
    ['takes each thing once', 'one-by-one', [0, 3720, 0, 3500, 0], [3720, 3500]],
    ['takes two alike, when the first was taken off', 'one-by-one', [3720, 0, 3720], [3720, 3720]],
    ['does not take one again that was only shifted', 'one-by-one', [3720, 3740, 3720], [3720]],
    ['takes the next when it is changed at once', 'one-by-one', [3720, 3100], [3720, 3100]],
    ['takes what comes on top into a container', 'into-container', [500, 4220, 7900], [500, 3720, 3680]],
    [
      'takes nothing when something is taken out of the container',
      'into-container',
      [5000, 3000, 3000],
      [5000],
    ],
    ['takes no empty scale, and nothing below zero', 'one-by-one', [0, 10, -300, 0], []],
  ])('%s', (_what, mode, loads, weights) => {
    expect(taken(loads, mode)).toEqual(weights);
  });
});

describe('the practice scale', () => {
  const scale = (character = {}): SimulatedScale =>
    new SimulatedScale({ ...KITCHEN_SCALE, ...character }, seededUniform(4));

  it.each(Object.keys(GRADUATIONS) as Graduation[])('shows whole steps of %s', (name) => {
    const graduationDg = GRADUATIONS[name];
    const each = scale({ graduationDg });
    each.put(3718, 0);
    for (let atMs = 0; atMs < 2000; atMs += 100) {
      const { massDg } = each.read(atMs);
      expect(massDg).toBe(Math.round(toGraduation(massDg, graduationDg)));
    }
    expect(Math.abs(each.read(5000).massDg - 3718)).toBeLessThanOrEqual(graduationDg * 1.5);
  });

  it('swings in, then says it is stable', () => {
    const each = scale();
    each.put(10_000, 1000);
    expect(each.read(900).massDg).toBeLessThanOrEqual(20);
    expect(each.read(1200).isStable).toBe(false);
    expect(each.read(1700).isStable).toBe(true);
    expect(Math.abs(each.read(1700).massDg - 10_000)).toBeLessThanOrEqual(20);
  });

  it('says overload, and shows less than nothing when a tared tray is lifted', () => {
    const each = scale();
    each.put(200_000, 0);
    expect(each.read(2000).isOverload).toBe(true);
    each.put(1200, 3000);
    each.tare();
    expect(Math.abs(each.read(6000).massDg)).toBeLessThanOrEqual(20);
    each.put(0, 7000);
    expect(each.read(10_000).massDg).toBeLessThan(-1100);
  });
});
