import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { answer, type Answer } from './answer';

const FILE = 'core/src/testing/lived-in.json';

const run = (...args: string[]): Answer => answer(args);

const folder = mkdtempSync(join(tmpdir(), 'vendicus-cli-'));
afterAll(() => rmSync(folder, { recursive: true }));
let asked = 0;

/** What a command says to a request in a file. */
function asking(command: string, request: object, ...options: string[]): Answer {
  const file = join(folder, `${asked++}.json`);
  writeFileSync(file, JSON.stringify(request));
  return run(command, file, ...options);
}

describe('vendicus report', () => {
  it('reports on a household of two years, with the gaps it has', () => {
    const { status, stdout, stderr } = run('report', FILE, '--school', 'by-weight');
    expect(stderr).toBe('');
    expect(status).toBe(0);
    const { purchases, stock } = JSON.parse(stdout) as {
      purchases: {
        kind: string;
        paidMinor: number;
        parts: { costMinor: number }[];
        shop: { complete: boolean; missing: string[] };
      }[];
      stock: object[];
    };
    expect(purchases).toHaveLength(33);
    expect(new Set(purchases.map(({ kind }) => kind)).size).toBe(3);
    for (const { paidMinor, parts } of purchases)
      expect(parts.reduce((sum, part) => sum + part.costMinor, 0)).toBe(paidMinor);
    expect(purchases.some(({ shop }) => !shop.complete && shop.missing.length > 0)).toBe(true);
    expect(stock.length).toBeGreaterThan(33);
  });

  it.each(['store-value', 'by-weight', 'by-product-credit', 'by-dinner'])(
    'under %s, shares sum to what was paid',
    (school) => {
      const { purchases } = JSON.parse(run('report', FILE, '--method', school).stdout) as {
        purchases: { paidMinor: number; parts: { costMinor: number }[] }[];
      };
      for (const { paidMinor, parts } of purchases)
        expect(parts.reduce((sum, part) => sum + part.costMinor, 0)).toBe(paidMinor);
    },
  );

  const bad = join(folder, 'bad.json');
  writeFileSync(bad, '{"format":');
  it.each([
    ['a file that is not there', ['report', '/nowhere.json'], 'cannot be read'],
    ['a broken file', ['report', bad], 'breaks off'],
    [
      'a method of cost that is none',
      ['report', FILE, '--method', 'by-magic'],
      'There is no method of cost "by-magic"',
    ],
    ['an option that is none', ['report', FILE, '--loud'], 'Unknown option --loud'],
    ['no file', ['report'], 'Name one file'],
    [
      'a kind that is none',
      ['predict', FILE, '--kind', 'whale', '--price', '1', '--weight', '1'],
      'Known: strip-loin',
    ],
    [
      'a price that is none',
      ['predict', FILE, '--kind', 'strip-loin', '--price', 'x', '--weight', '1'],
      '--price wants a number',
    ],
    [
      'a mark that is none',
      ['predict', FILE, '--kind', 'strip-loin', '--price', '1', '--weight', '1', '--marks', 'dents'],
      'There is no mark "dents"',
    ],
    ['no command', [], 'vendicus report FILE'],
  ])('%s: exit 1, a message, and nothing on standard output', (_what, args, words) => {
    const { status, stdout, stderr } = run(...args);
    expect(status).toBe(1);
    expect(stdout).toBe('');
    expect(stderr).toContain(words);
  });
});

describe('vendicus predict', () => {
  const ask = (...more: string[]) =>
    JSON.parse(
      run('predict', FILE, '--kind', 'strip-loin', '--price', '13.95', '--weight', '5.3', ...more).stdout,
    ) as Record<string, never> & {
      shares: { part: string; share: number; low: number; high: number }[];
      chance: number;
      savingMinor: number;
      breakEvenPerKgMinor: number;
      ownPieces: number;
    };

  it('gives shares with ranges, chance and break-even from the household’s own pieces', () => {
    const answer = ask();
    expect(answer.ownPieces).toBeGreaterThan(5);
    expect(answer.shares.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
    for (const { low, share, high } of answer.shares) expect(low <= share && share <= high).toBe(true);
    expect(answer.savingMinor).toBeCloseTo((answer.breakEvenPerKgMinor - 1395) * 5.3, -1);
    expect(answer).toEqual(ask());
  });

  it('a large oval and a higher price make it worse', () => {
    expect(ask('--marks', 'oval').breakEvenPerKgMinor).toBeLessThan(ask().breakEvenPerKgMinor);
    expect(ask('--price', '21').chance).toBeLessThan(ask().chance);
  });
});

describe('vendicus packs', () => {
  const ask = (request: object, ...more: string[]) => asking('packs', request, ...more);
  const request = {
    portions: [205, 148, 80, 72, 196].map((massG, k) => ({ id: `s${k + 1}`, part: 'steaks', massG })),
    divisible: [{ id: 'grind', part: 'grind', massG: 720, minG: 100, maxG: 1000 }],
    eaters: [
      { name: 'Ann', targetG: 200 },
      { name: 'Bo', targetG: 150 },
    ],
    packs: [{ name: 'dinner', eaters: ['Ann', 'Bo'], count: [0, 20] }],
    tolerance: 0.15,
  };

  it('says which portions and how much of a heap go into which pack, that nothing is left, and that no plan is better', () => {
    const { status, stdout } = ask(request, '--seconds', '20');
    expect(status).toBe(0);
    const answer = JSON.parse(stdout) as {
      packs: { portions: string[]; divisible: Record<string, number>; massG: number; targetG: number }[];
      outOfPlaceG: number;
      boundG: number;
    };
    expect(answer).toMatchObject({
      proven: true,
      left: [],
      notes: [expect.stringContaining('tolerance is ignored')],
    });
    expect(answer.packs.flatMap(({ portions }) => portions).sort()).toEqual(['s1', 's2', 's3', 's4', 's5']);
    expect(answer.packs.filter(({ divisible }) => divisible['grind'] === 360)).toHaveLength(2);
    expect(answer.outOfPlaceG).toBeCloseTo(answer.boundG, 1);
  });

  it('portions by number, heaps by weight, what one likes and another never eats; and why something is left', () => {
    const { stdout } = ask({
      portions: [
        ...request.portions,
        ...[1, 2, 3].map((k) => ({ id: `t${k}`, part: 'thigh', massG: 120 })),
        { id: 'liver', part: 'liver', massG: 90 },
      ],
      divisible: request.divisible,
      eaters: [
        { name: 'Ann', targetG: 200, likes: ['steaks'], never: ['liver'] },
        { name: 'Bo', targetG: 150, never: ['liver'] },
      ],
      packs: [
        { name: 'dinner', eaters: ['Ann', 'Bo'] },
        { name: 'pair', each: 2, parts: ['thigh'] },
        { name: 'bag', massG: 240 },
      ],
    });
    expect(JSON.parse(stdout)).toMatchObject({
      packs: [
        { name: 'dinner' },
        { name: 'dinner' },
        { name: 'pair', portions: ['t1', expect.any(String)] },
        { name: 'bag', divisible: { grind: 240 } },
        { name: 'bag', divisible: { grind: 240 } },
        { name: 'bag', divisible: { grind: 240 } },
        { name: 'pair', portions: [expect.any(String)] },
      ],
      left: [{ id: 'liver', massG: 90, why: 'nobody who eats here eats this' }],
    });
  });

  it('what is wrong is one sentence on standard error, and exit 1', () => {
    const { status, stdout, stderr } = ask({
      ...request,
      eaters: [
        { name: 'Ann', targetG: 0 },
        { name: 'Bo', targetG: 150 },
      ],
    });
    expect([status, stdout]).toEqual([1, '']);
    expect(stderr).toContain('eaters[0].targetG');
  });
});

describe('vendicus freeze', () => {
  const ask = (request: object) => asking('freeze', request);
  const request = {
    shape: 'sphere',
    thicknessMm: 70,
    startC: 10,
    airC: -40,
    endC: -10,
    h: 50,
    meat: 'custom',
    properties: { densityKgM3: 1000, freezingC: -1.25, frozenConductivity: 1.2, latentKjKg: 250 },
  };

  it('gives the textbook’s time by Plank, a longer one by Pham, and what was assumed', () => {
    const answer = JSON.parse(ask(request).stdout) as {
      plankH: number;
      phamH: number;
      assumptions: string[];
    };
    expect(answer.plankH).toBeCloseTo(0.72, 2);
    expect(answer.phamH).toBeGreaterThan(answer.plankH);
    expect(answer.assumptions.length).toBeGreaterThan(0);
  });

  it('air that does not freeze is a sentence, and exit 1', () => {
    const { status, stdout, stderr } = ask({ ...request, airC: 2 });
    expect([status, stdout]).toEqual([1, '']);
    expect(stderr).toContain('does not freeze it');
  });
});

describe('vendicus purchase', () => {
  it.each([
    ['20 lb at 4.99 a pound', { weight: '20 lb', price: '4.99/lb', currency: 'USD' }, 9980],
    ['a comma, and euros', { weight: '5,320', price: '13,95', currency: 'EUR', decimal: ',' }, 7421],
    ['by the 100 g', { weight: '250 g', price: '1.99/100g', currency: 'EUR' }, 498],
    ['four turkeys by the bird', { count: 4, weight: '44 lb', price: '25/each', currency: 'USD' }, 10_000],
    ['yen, which have no smaller coin', { weight: '2.6 kg', price: '2795', currency: 'JPY' }, 7267],
    [
      'three, pay two',
      {
        count: 3,
        weight: '6 kg',
        price: '6/kg',
        currency: 'EUR',
        discount: { kind: 'multi-buy', amount: '3', pay: '2' },
      },
      2400,
    ],
  ])('%s comes to what the till takes', (_what, request, paidMinor) => {
    const { stdout, stderr } = asking('purchase', request);
    expect(stderr).toBe('');
    expect(JSON.parse(stdout)).toMatchObject({ paidMinor });
  });

  it.each([
    ['nothing but a weight', { weight: '2 kg', currency: 'EUR' }, 'Two of weight, price and total'],
    ['a price for a stone', { weight: '2 kg', price: '3/stone', currency: 'EUR' }, 'kg, lb, 100g or each'],
    ['no currency', { weight: '2 kg', price: '3' }, 'currency'],
  ])('%s is a sentence, and exit 1', (_what, request, sentence) => {
    const { status, stdout, stderr } = asking('purchase', request);
    expect([status, stdout]).toEqual([1, '']);
    expect(stderr).toContain(sentence);
  });
});

describe('vendicus keeps', () => {
  const household = (kept?: string) => ({
    format: 'vendicus-household',
    version: 5,
    entries: [
      {
        id: 'a-0',
        at: '2026-11-20T10:00:00.000Z',
        device: 'a',
        seq: 0,
        type: 'received',
        lot: 'bird',
        kind: 'whole-chicken',
        count: 1,
        massDg: 18_000,
        paidMinor: 1200,
        on: '2026-11-20',
        kept,
      },
    ],
    records: [],
  });
  const rows = (day: string) =>
    JSON.parse(asking('keeps', household(), '--on', day, '--at', '10:00').stdout) as object[];

  it('a fresh bird keeps one day, at the latest two; then it is overdue and not for tonight', () => {
    expect(rows('2026-11-21')).toMatchObject([
      { state: 'fresh', cookBy: '2026-11-22', overdue: false, mayRefreeze: true, tonight: { ready: true } },
    ]);
    expect(rows('2026-11-23')).toMatchObject([{ overdue: true, mayRefreeze: false, tonight: null }]);
  });

  it.each([
    ['no day', [], '--on wants a day'],
    ['a day that is none', ['--on', '31.11.2026'], 'is no day'],
    ['an hour that is none', ['--on', '2026-11-21', '--at', '25:00'], 'is no time of day'],
  ])('%s is a sentence, and exit 1', (_what, options, sentence) => {
    const { status, stdout, stderr } = asking('keeps', household(), ...options);
    expect([status, stdout]).toEqual([1, '']);
    expect(stderr).toContain(sentence);
  });
});
