import { slicesReport } from './slices-report';

describe('what comes from outside', () => {
  const good = {
    lengthMm: 400,
    massG: 4800,
    section: 'ellipse',
    stations: [
      { atMm: 0, widthMm: 180, heightMm: 88 },
      { atMm: 400, widthMm: 160, heightMm: 80 },
    ],
    from: 'start',
    squareOffMm: 0,
    stopAtMm: null,
    minThicknessMm: 20,
    maxThicknessMm: 45,
    wish: { by: 'weight', targetG: 340 },
  };

  it('a good request is planned', () => {
    const { value: report } = slicesReport(good) as {
      value: { slices: { massG: number }[]; densityGPerCm3: number; gridMm: number };
    };
    expect(report.slices.length).toBeGreaterThan(10);
    expect(report.gridMm).toBe(1);
    const equal = slicesReport({ ...good, wish: { by: 'equal', count: 12 } }) as {
      value: { slices: { massG: number }[] };
    };
    for (const { massG } of equal.value.slices) expect(Math.abs(massG - 400)).toBeLessThan(0.1);
  });

  const stations = (...all: [number, number, number][]): object => ({
    ...good,
    stations: all.map(([atMm, widthMm, heightMm]) => ({ atMm, widthMm, heightMm })),
  });
  it.each<[string, unknown, RegExp]>([
    [
      'stations out of order',
      stations([0, 180, 80], [300, 170, 80], [200, 160, 80]),
      /stations\[2\]\.atMm: stations stand in order/,
    ],
    ['outside the length', stations([0, 180, 80], [500, 170, 80]), /stations\[1\]\.atMm: 500 mm lies beyond/],
    ['only one', stations([0, 180, 80]), /stations: measure two places at least/],
    [
      'forty',
      stations(...Array.from({ length: 40 }, (_, k): [number, number, number] => [k * 10, 180, 80])),
      /stations: measure 9 places at most/,
    ],
    [
      'negative size',
      stations([0, -5, 80], [400, 170, 80]),
      /stations\[0\]\.widthMm: widthMm is not negative/,
    ],
    [
      'zero in the middle',
      stations([0, 180, 80], [200, 0, 80], [400, 170, 80]),
      /stations\[1\]: a size of zero is right at an end only/,
    ],
    [
      'threefold mass',
      { ...good, massG: 16_000 },
      /massG and stations do not fit together.*3\.\d+ g\/cm³|massG and stations/,
    ],
    [
      'minimum above maximum',
      { ...good, minThicknessMm: 50 },
      /minThicknessMm: the least thickness is above the most/,
    ],
    ['a log of 2 m', { ...good, lengthMm: 2000 }, /lengthMm: lengthMm is at most 1500 mm/],
    ['NaN', { ...good, massG: NaN }, /massG: massG is a number of grams/],
    ['text', { ...good, lengthMm: '400' }, /lengthMm: lengthMm is a number/],
    ['missing keys', { lengthMm: 400 }, /massG: massG is a number of grams/],
    ['no wish', { ...good, wish: { by: 'magic' } }, /wish.*by is weight, thickness, equal or mix/],
    ['not an object', 7, /./],
    [
      'a target no slice meets',
      { ...good, wish: { by: 'weight', targetG: 2500 } },
      /No slice reaches the target/,
    ],
    [
      'a tape that is too short',
      {
        ...good,
        stations: [
          { atMm: 0, widthMm: 180, girthMm: 200 },
          { atMm: 400, widthMm: 160, heightMm: 80 },
        ],
      },
      /a tape of 200 mm does not reach round/,
    ],
  ])('%s: one sentence that names the field and the mend', (_what, input, problem) => {
    expect(slicesReport(input).problem).toMatch(problem);
  });
});
