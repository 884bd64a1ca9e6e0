import { findKinds } from './find-kinds';
import { kindSchema } from './kind-schema';
import { drawingOf } from './drawings';
import { KINDS, kindById } from './kinds';
import { partsOfWay } from './parts-of-way';
import { safeTemperature } from './safe-temperature';
import { shopItem } from './shop-items';
import { convert } from '../units/convert';

describe.each(KINDS.map((kind) => [kind.id, kind] as const))('%s', (_id, kind) => {
  const partIds = kind.parts.map(({ id }) => id);

  it('is what the schema says', () => {
    expect(kindSchema.parse(kind)).toEqual(kind);
  });

  it('names no part, step or way twice', () => {
    for (const list of [kind.parts, kind.steps, kind.ways]) {
      const ids = list.map(({ id }) => id);
      expect(new Set(ids).size).toBe(ids.length);
    }
  });

  it.each(kind.ways.map((way) => [way.id, way] as const))('%s: the shares sum to one, every part is reached by a step', (_way, way) => {
    const sum = Object.values(way.shares).reduce((a, b) => a + b, way.lossShare);
    expect(sum).toBeCloseTo(1, 9);
    const steps = way.steps.map((id) => kind.steps.find((step) => step.id === id));
    expect(steps).not.toContain(undefined);
    const freed = new Set(steps.flatMap((step) => step?.frees ?? []));
    for (const part of Object.keys(way.shares)) {
      expect(partIds).toContain(part);
      expect([...freed]).toContain(part);
    }
  });

  it('frees only parts that it has, and compares them with what shops sell', () => {
    for (const step of kind.steps) for (const part of step.frees) expect(partIds).toContain(part);
    for (const part of kind.parts) if (part.shopItem) expect(shopItem(part.shopItem)).toBeDefined();
  });

  it('has a drawing whose parts are its own', () => {
    const drawing = drawingOf(kind.id);
    for (const [part, regions] of Object.entries(drawing?.parts ?? {})) {
      expect(partIds).toContain(part);
      for (const region of regions) expect(drawing?.regions).toHaveProperty(region);
    }
    expect(drawing).toBeDefined();
  });

  it('cautions where a blade is used', () => {
    expect(kind.steps.some(({ caution }) => caution)).toBe(true);
  });
});

describe('the parts of a way', () => {
  const parts = (kindId: string, wayId: string): string[] => {
    const kind = kindById(kindId)!;
    return partsOfWay(kind, kind.ways.find(({ id }) => id === wayId)!).map(({ id }) => id);
  };

  it('come in the order of work, and then what may turn up', () => {
    expect(parts('strip-loin', 'trim-first')).toEqual(['strip-and-tail', 'fat-cap', 'ends', 'steaks', 'trimmings']);
    expect(parts('beef-tenderloin', 'muscles-apart').at(-1)).toBe('trimmings');
  });

  it('a leg that is parted again is none of them', () => {
    expect(parts('whole-chicken', 'eight-pieces')).not.toContain('leg-quarters');
    expect(parts('whole-chicken', 'legs-and-breasts')).toContain('leg-quarters');
  });
});

describe('check values (common practice)', () => {
  it('chicken: bone-in parts, and boneless breast about 69 % of bone-in', () => {
    const [eight, boneless] = ['eight-pieces', 'boneless-breast'].map((id) => kindById('whole-chicken')?.ways.find((way) => way.id === id)?.shares);
    expect(eight).toEqual({ breast: 0.39, thighs: 0.175, drumsticks: 0.135, wings: 0.115, back: 0.16, 'fat-skin': 0.015 });
    expect((boneless?.['breast-boneless'] ?? 0) / (eight?.['breast'] ?? 1)).toBeCloseTo(0.69, 2);
  });

  it('strip loin 180, tenderloin 189 (from memory)', () => {
    expect(['strip-loin', 'beef-tenderloin'].map((id) => kindById(id)?.itemNumber)).toEqual(['180', '189']);
  });

  it('safe temperatures (USDA FSIS, from memory)', () => {
    const fahrenheit = (celsius: number): number => Math.round(convert(celsius, 'C', 'F'));
    expect(fahrenheit(safeTemperature('chicken').celsius)).toBe(165);
    expect(fahrenheit(safeTemperature('beef').celsius)).toBe(145);
    expect(fahrenheit(safeTemperature('beef').groundCelsius)).toBe(160);
  });
});

describe('finding a kind', () => {
  it.each([
    ['eye fillet', 'beef-tenderloin'],
    ['SIRLOIN britain', 'strip-loin'],
    ['189', 'beef-tenderloin'],
    ['bird', 'whole-chicken'],
    ['contre', 'strip-loin'],
  ])('“%s” is %s', (text, id) => {
    expect(findKinds(KINDS, text)[0]?.id).toBe(id);
  });

  it('finds all for nothing, none for nonsense', () => {
    expect(findKinds(KINDS, ' ')).toHaveLength(KINDS.length);
    expect(findKinds(KINDS, 'zebra')).toEqual([]);
  });
});
