import { comparableItem } from '../cost/part-price';
import { isUsable } from '../ledger/destination';
import { findKinds } from './find-kinds';
import { kindProblems } from './kind-problems';
import { kindSchema, type Kind, type Way } from './kind-schema';
import { KINDS, kindById } from './kinds';
import { partsOfWay } from './parts-of-way';
import { perPieceOf } from './per-piece';
import { leastHeat } from './safe-temperature';
import { shopItem } from './shop-items';
import { otherSchool, waysByFamily } from './ways-by-family';
import { convert } from '../units/convert';

describe.each(KINDS.map((kind) => [kind.id, kind] as const))('%s', (_id, kind) => {
  const partIds = kind.parts.map(({ id }) => id);

  it('is what the schema says', () => {
    expect(kindSchema.parse(kind)).toEqual(kind);
  });

  it('is complete: shares of every way sum to one, every part is reached, no step without part or purpose', () => {
    expect(kindProblems(kind)).toEqual([]);
    for (const way of kind.ways)
      expect(Object.values(way.shares).reduce((a, b) => a + b, way.lossShare)).toBeCloseTo(1, 9);
  });

  it('uses every step and part, and compares parts with what shops sell', () => {
    const used = new Set(kind.ways.flatMap(({ steps }) => steps));
    expect(kind.steps.map(({ id }) => id).filter((id) => !used.has(id))).toEqual([]);
    for (const part of kind.parts)
      for (const item of [part.shopItem, part.orElse?.item]) if (item) expect(shopItem(item)).toBeDefined();
    const usable = kind.parts.filter(({ destination }) => isUsable(destination));
    for (const { id, destination } of usable)
      expect(comparableItem({ kind: kind.id, part: id, animal: kind.animal }, destination)).not.toBeNull();
    for (const { item, holds } of kind.readyCut ?? []) {
      expect(shopItem(item)?.animal).toBe(kind.animal);
      if (holds !== 'all') expect([...partIds, 'loss']).toEqual(expect.arrayContaining(holds));
    }
  });

  it('takes nothing off a price unless the item says by its own name that it is on it', () => {
    const links = kind.parts.flatMap(({ shopItem: item, leftOn = 0, orElse }) => [
      { item, leftOn },
      { item: orElse?.item, leftOn: orElse?.leftOn ?? 0 },
    ]);
    for (const { item, leftOn } of links)
      if (leftOn > 0) expect(shopItem(item ?? '')?.name).toMatch(/bone-in|skin|shank|untrimmed/i);
  });

  it('marks move shares between parts that it has', () => {
    const known = [...partIds, 'loss'];
    for (const { from, to } of kind.marks)
      for (const part of [...(from === 'all' ? [] : from), ...(to === 'all' ? [] : to)])
        expect(known).toContain(part);
  });

  it('cautions wherever a blade meets meat', () => {
    const blade = kind.steps.filter(({ tool, frees }) => /knife|shears/.test(tool) && frees.length > 0);
    const bare = blade.filter(({ caution }) => caution === undefined).map(({ id }) => id);
    expect(bare).toEqual([]);
  });
});

describe('the parts of a way', () => {
  const parts = (kindId: string, wayId: string): string[] => {
    const kind = kindById(kindId)!;
    return partsOfWay(
      kind,
      kind.ways.find(({ id }) => id === wayId)!,
    ).map(({ id }) => id);
  };

  it('come in the order of work, and then what may turn up', () => {
    expect(parts('strip-loin', 'trim-first')).toEqual([
      'strip-and-tail',
      'fat-cap',
      'ends',
      'steaks',
      'trimmings',
    ]);
    expect(parts('beef-tenderloin', 'muscles-apart').at(-1)).toBe('trimmings');
  });

  it('a leg that is parted again is none of them', () => {
    expect(parts('whole-chicken', 'eight-pieces')).not.toContain('leg-quarters');
    expect(parts('whole-chicken', 'legs-and-breasts')).toContain('leg-quarters');
  });
});

describe('check values (common practice)', () => {
  it('chicken: bone-in parts, and boneless breast about 69 % of bone-in', () => {
    const [eight, boneless] = ['eight-pieces', 'boneless-breast'].map(
      (id) => kindById('whole-chicken')?.ways.find((way) => way.id === id)?.shares,
    );
    expect(eight).toEqual({
      breast: 0.39,
      thighs: 0.175,
      drumsticks: 0.135,
      wings: 0.115,
      back: 0.16,
      'fat-skin': 0.015,
    });
    expect((boneless?.['breast-boneless'] ?? 0) / (eight?.['breast'] ?? 1)).toBeCloseTo(0.69, 2);
  });

  it('strip loin 180, tenderloin 189 (from memory)', () => {
    expect(['strip-loin', 'beef-tenderloin'].map((id) => kindById(id)?.itemNumber)).toEqual(['180', '189']);
  });

  const main = { destination: 'main', prepared: null } as const;
  const red = { animal: 'beef', ...main };
  it.each([
    ['a bird', { animal: 'chicken', ...main }, {}, 165, null],
    ['its giblets', { animal: 'turkey', destination: 'stock', prepared: 'organ' }, {}, 165, null],
    ['a steak', red, {}, 145, 3],
    ['ground', { ...red, destination: 'grind' }, {}, 160, null],
    ['liver', { ...red, prepared: 'organ' }, {}, 160, null],
    ['tenderised', { ...red, prepared: 'tenderised' }, {}, 160, null],
    ['a steak for somebody at risk', red, { atRisk: true }, 160, null],
    ['a steak in the United Kingdom', red, { heat: 'uk' }, 158, 2],
    ['for somebody at risk there', red, { atRisk: true, heat: 'uk' }, 160, null],
    ['ground there: advice only raises', { ...red, destination: 'grind' }, { heat: 'uk' }, 160, null],
  ] as const)('%s: the least heat (USDA FSIS, from memory)', (_what, meat, rules, fahrenheit, minutes) => {
    const { celsius, then } = leastHeat(meat, rules);
    expect([Math.round(convert(celsius, 'C', 'F')), then?.minutes ?? null]).toEqual([fahrenheit, minutes]);
  });
});

describe('finding a kind', () => {
  it.each([
    ['eye fillet', 'beef-tenderloin'],
    ['SIRLOIN britain', 'strip-loin'],
    ['189', 'beef-tenderloin'],
    ['bird', 'whole-chicken'],
    ['contre', 'strip-loin'],
    ['PSMO', 'beef-tenderloin-peeled'],
    ['frenched wing', 'whole-chicken'],
    ['country-style ribs', 'pork-shoulder-butt'],
    ['airline breast', 'whole-chicken'],
    ['ground beef', 'strip-loin'],
    // By the steak that it gives, and as other languages call it.
    ['new york strip', 'strip-loin'],
    ['NY strip', 'strip-loin'],
    ['filet mignon', 'beef-tenderloin'],
    ['tomahawk', 'rib-seven-bones'],
    ['lamb cutlet', 'lamb-rack'],
    ['hähnchen', 'whole-chicken'],
    ['hahnchen', 'whole-chicken'],
    ['lomo alto', 'ribeye'],
  ])('“%s” is %s', (text, id) => {
    expect(findKinds(KINDS, text)[0]?.id).toBe(id);
  });

  it('finds all for nothing, none for nonsense', () => {
    expect(findKinds(KINDS, ' ')).toHaveLength(KINDS.length);
    // A brisket is no rib, a ham no hamburger, chuck no round.
    for (const none of ['zebra', 'brisket', 'ham', 'chuck']) expect(findKinds(KINDS, none)).toEqual([]);
  });
});

describe('what the catalogue says of the trade', () => {
  const all = JSON.stringify(KINDS);
  it('names no restaurant and no person, and a bird’s number by another example than the usual ones', () => {
    expect(all).not.toMatch(/delmonico|chateaubriand|size 16/i);
    expect(all).toContain('size 14 is 1.4 kg');
  });
  it('carries no rule of thumb where the program can compute the household’s own answer', () => {
    for (const { about, id } of KINDS)
      expect([id, /feeds \d|\d (generous )?packs|\d to \d+ % more/.test(about)]).toEqual([id, false]);
  });
  it('tenderloin is sold in two states with shares of their own', () => {
    const shares = (id: string) => kindById(id)?.ways[0]?.shares;
    expect(shares('beef-tenderloin')).toMatchObject({ centre: 0.39, fat: 0.26 });
    expect(shares('beef-tenderloin-peeled')).toMatchObject({ centre: 0.49, head: 0.16, fat: 0.07 });
    expect(kindById('beef-tenderloin-peeled')?.itemNumber).toBe('189A');
  });
  it('how many a piece gives belongs to the way: chops single and double, thick and thin', () => {
    const count = (id: string, way: string, part: string): number => {
      const kind = kindById(id)!;
      return perPieceOf(
        kind.parts.find((each) => each.id === part)!,
        kind.ways.find((each) => each.id === way)!,
      );
    };
    expect([count('lamb-rack', 'chops', 'chops'), count('lamb-rack', 'chops-double', 'chops')]).toEqual([
      8, 4,
    ]);
    expect([count('pork-loin', 'chops', 'chops'), count('pork-loin', 'chops-thin', 'chops')]).toEqual([
      20, 50,
    ]);
  });
  it('top round: steak, roast, cubes and thin cost 37 % more than the label says, all that is usable 15 %', () => {
    const { shares } = kindById('top-round')!.ways[0]!;
    const sum = (...parts: string[]): number => parts.reduce((total, part) => total + (shares[part] ?? 0), 0);
    expect(1 / sum('steaks', 'roast', 'cubes') - 1).toBeCloseTo(0.37, 2);
    expect(1 / sum('steaks', 'roast', 'cubes', 'scraps') - 1).toBeCloseTo(0.15, 2);
    expect(kindById('top-round')!.ways[1]!.steps).toContain('roast-off');
  });
});

describe('schools inside a way', () => {
  const families = (id: string): Record<string, Record<string, readonly string[]>> =>
    Object.fromEntries(
      waysByFamily(kindById(id)!).map(({ name, choices }) => [
        name,
        Object.fromEntries(choices.map(({ question, answers }) => [question, answers])),
      ]),
    );

  it.each([
    ['beef-tenderloin', 'Steaks', 'Side muscles', ['all muscles apart first', 'chain and head stay on']],
    ['strip-loin', 'Steaks', 'Trim', ['the whole loin first', 'each steak after slicing']],
    ['whole-chicken', 'Whole boneless', 'Drumsticks', ['tunnel-boned', 'opened along']],
    [
      'rib-seven-bones',
      'Roasts of two bones',
      'Bones',
      ['bones left on', 'bones cut clean off, tied back', 'bones left attached at the last bit'],
    ],
    [
      'rib-seven-bones',
      'Roasts of two bones',
      'Tie',
      ['tied along each bone', 'tied across, one lengthwise'],
    ],
    ['pork-spare-ribs', 'Squared rack', 'Membrane', ['membrane off', 'membrane left on']],
    ['lamb-leg', 'Boned leg', 'Form', ['flat', 'rolled and tied']],
    ['lamb-rack', 'Chops', 'Thickness', ['single', 'double']],
  ])('%s, %s: %s', (kind, family, question, answers) => {
    expect(families(kind)[family]?.[question]).toEqual(answers);
  });

  it('every combination of a family is a way of its own', () => {
    for (const kind of KINDS) {
      for (const { ways, choices } of waysByFamily(kind)) {
        expect(ways).toHaveLength(choices.reduce((n, { answers }) => n * answers.length, 1));
        expect(new Set(ways.map(({ schools }) => JSON.stringify(schools))).size).toBe(ways.length);
      }
    }
  });

  it('one question is answered otherwise and the rest stays', () => {
    const rib = waysByFamily(kindById('rib-seven-bones')!).find(
      ({ name }) => name === 'Roasts of two bones',
    )!;
    const across = otherSchool(rib, rib.ways[2]!, 'Tie', 'tied across, one lengthwise');
    expect(across.schools).toEqual({
      Bones: 'bones cut clean off, tied back',
      Tie: 'tied across, one lengthwise',
    });
    expect(across.steps).toEqual(['open', 'membrane-off', 'part-roasts', 'bones-tied-back', 'tie-across']);
  });
});

describe('what is wrong with a kind is said', () => {
  const kind = kindById('eye-of-round')!;
  const [way] = kind.ways as [Way];
  it.each<[string, Partial<Kind>, RegExp]>([
    [
      'shares over one',
      { ways: [{ ...way, shares: { ...way.shares, steaks: 1 } }] },
      /come to 117 %, 17 % too much/,
    ],
    ['shares under one', { ways: [{ ...way, lossShare: 0 }] }, /4 % too little/],
    [
      'two parts of one name',
      { parts: [...kind.parts, { id: 'other', name: ' steaks ', destination: 'main' }] },
      /two parts called/,
    ],
    [
      'a step without part or purpose',
      { steps: kind.steps.map((step) => ({ ...step, frees: [], purpose: undefined })) },
      /gives no part/,
    ],
    ['a part that no step reaches', { ways: [{ ...way, steps: ['open'] }] }, /no step gives “Steaks”/],
    [
      'an item that holds itself',
      { readyCut: [{ item: `piece-${kind.id}`, holds: 'all' as const }] },
      /piece itself is no ready-cut item/,
    ],
    [
      'an item with a part that is none',
      { readyCut: [{ item: 'strip-steak', holds: ['wool'] }] },
      /said to hold “wool”/,
    ],
    ['weights the wrong way round', { usualG: [3000, 200] }, /Exchange them/],
    [
      'a share of nothing',
      { ways: [{ ...way, shares: { ...way.shares, wool: 0 } }] },
      /“wool”, which is no part/,
    ],
  ])('%s', (_what, change, problem) => {
    expect(kindProblems({ ...kind, ...change }).join('\n')).toMatch(problem);
  });
});

describe('check values of more kinds (common practice; item numbers from memory)', () => {
  const shares = (kind: string, way = 0): Record<string, number> => kindById(kind)!.ways[way]!.shares;

  it('item numbers', () => {
    const numbers = Object.fromEntries(
      KINDS.flatMap(({ id, itemNumber }) => (itemNumber ? [[id, itemNumber]] : [])),
    );
    expect(numbers).toEqual({
      'beef-tenderloin-peeled': '189A',
      'strip-loin': '180',
      'beef-tenderloin': '189',
      ribeye: '112A',
      'rib-seven-bones': '109',
      'top-round': '169',
      'eye-of-round': '171C',
      'pork-loin': '413',
      'pork-shoulder-butt': '406',
      'pork-spare-ribs': '416',
      'lamb-leg': '233A',
      'lamb-rack': '204C',
    });
  });

  it('seven ribs, 6 to 12 of the animal', () => {
    expect(kindById('rib-seven-bones')!.knife.why).toMatch(/Ribs 6 to 12 .* seven bones/);
    expect(12 - 6 + 1).toBe(7);
  });

  it('pork shoulder butt: 83 % lean; 3.5 kg are 13 to 19 plates of 150 to 225 g', () => {
    const { roasts = 0, strips = 0, 'odd-bits': odd = 0 } = shares('pork-shoulder-butt');
    expect(roasts + strips + odd).toBeCloseTo(0.83, 9);
    expect([225, 150].map((plate) => Math.round((3500 * 0.83) / plate))).toEqual([13, 19]);
  });

  it('turkey, spare ribs, lamb leg', () => {
    expect(shares('whole-turkey')).toEqual({
      'breast-boneless': 0.32,
      thighs: 0.18,
      drumsticks: 0.13,
      wings: 0.11,
      carcass: 0.24,
      'fat-skin': 0.01,
    });
    expect(shares('pork-spare-ribs')).toMatchObject({
      rack: 0.71,
      tips: 0.2,
      flap: 0.04,
      'loose-ends': 0.02,
    });
    expect(shares('lamb-leg')).toEqual({ 'boneless-leg': 0.65, shank: 0.11, bones: 0.13, waste: 0.09 });
  });
});
