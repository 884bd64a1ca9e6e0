import { drawingOf } from './drawings';
import { partOfRegion } from './drawing';
import { KINDS, kindById } from './kinds';
import type { Kind } from './kind-schema';
import { outline } from './outline';
import { partsOfWay } from './parts-of-way';

type Point = readonly [number, number];

/** A closed path of M, C and L as a polygon: each curve by twelve chords; the `h0` of a dot adds nothing. */
function flatten(d: string): Point[] {
  const tokens = d.match(/[MCLZh]|-?[\d.]+/g) ?? [];
  const points: Point[] = [];
  let command = '';
  for (let index = 0; index < tokens.length;) {
    if (/[MCLZh]/.test(tokens[index] ?? '')) command = tokens[index++] ?? '';
    if (command === 'Z') continue;
    if (command === 'h') {
      index += 1;
      continue;
    }
    const size = command === 'C' ? 6 : 2;
    const numbers = tokens.slice(index, index + size).map(Number);
    index += size;
    const [from, to] = [points.at(-1) ?? [0, 0], numbers.slice(-2) as unknown as Point];
    if (command !== 'C') {
      points.push(to);
      continue;
    }
    const [ax = 0, ay = 0, bx = 0, by = 0] = numbers;
    for (let step = 1; step <= 12; step++) {
      const [t, s] = [step / 12, 1 - step / 12];
      const along = (p: number, a: number, b: number, q: number): number =>
        s ** 3 * p + 3 * s * s * t * a + 3 * s * t * t * b + t ** 3 * q;
      points.push([along(from[0], ax, bx, to[0]), along(from[1], ay, by, to[1])]);
    }
  }
  return points;
}

function isInside([x, y]: Point, polygon: readonly Point[]): boolean {
  let inside = false;
  for (let i = 0, j = polygon.length - 1; i < polygon.length; j = i++) {
    const [[xi, yi], [xj, yj]] = [polygon[i] as Point, polygon[j] as Point];
    if (yi > y !== yj > y && x < ((xj - xi) * (y - yi)) / (yj - yi) + xi) inside = !inside;
  }
  return inside;
}

describe.each(KINDS.map((kind) => [kind.id, kind] as const))('the drawing of %s', (_id, kind) => {
  const { sides } = drawingOf(kind);
  const [first] = sides;

  it('has its own parts, regions and steps', () => {
    const [parts, steps] = [kind.parts.map(({ id }) => id), kind.steps.map(({ id }) => id)];
    for (const side of sides) {
      for (const [part, regions] of Object.entries(side.parts)) {
        expect(parts).toContain(part);
        for (const region of regions) expect(side.regions).toHaveProperty([region]);
      }
      for (const region of side.sliced?.regions ?? []) expect(side.regions).toHaveProperty([region]);
      for (const step of Object.keys(side.cuts)) expect(steps).toContain(step);
    }
  });

  it('draws the cut of every step that takes something off with a blade', () => {
    const drawn = new Set(sides.flatMap(({ cuts }) => Object.keys(cuts)));
    const wanted = kind.steps.filter(
      ({ frees, tool, id }) => frees.length > 0 && /knife|shears/.test(tool) && id !== 'open',
    );
    expect(wanted.map(({ id }) => id).filter((id) => !drawn.has(id))).toEqual([]);
  });

  it('shows every main part of every way on one side or the other, and all of a side belongs to a part', () => {
    for (const way of kind.ways) {
      const among = partsOfWay(kind, way).map(({ id }) => id);
      for (const { id, destination } of kind.parts.filter(
        (part) => way.shares[part.id] !== undefined && part.destination === 'main',
      )) {
        const left = among.slice(among.indexOf(id));
        const seen = sides.flatMap((side) =>
          Object.keys(side.regions).map((region) => partOfRegion(side, region, left)),
        );
        expect([way.id, destination, ...seen]).toContain(id);
      }
    }
    const owned = new Set(Object.values(first.parts).flat());
    expect(Object.keys(first.regions).filter((region) => !owned.has(region))).toEqual([]);
  });

  it.each(sides.map((side) => [side.name, side] as const))(
    '%s: parts do not overlap, and nothing leaves the sheet',
    (_name, side) => {
      const polygons = Object.values(side.regions).map(flatten);
      let [covered, doubly] = [0, 0];
      for (let x = 2; x < side.viewBox[0]; x += 8) {
        for (let y = 2; y < side.viewBox[1]; y += 8) {
          const count = polygons.filter((polygon) => isInside([x, y], polygon)).length;
          if (count > 0) covered += 1;
          if (count > 1) doubly += 1;
        }
      }
      expect(covered).toBeGreaterThan(350);
      expect(doubly / covered).toBeLessThan(0.005);
      for (const [x, y] of polygons.flat()) {
        expect(x).toBeGreaterThanOrEqual(0);
        expect(x).toBeLessThanOrEqual(side.viewBox[0]);
        expect(y).toBeGreaterThanOrEqual(0);
        expect(y).toBeLessThanOrEqual(side.viewBox[1]);
      }
    },
  );

  it('has its size, and every mark on a region lies on it', () => {
    for (const side of sides) {
      expect(side.tenCm).toBeGreaterThan(80);
      for (const region of Object.keys(side.stuff ?? {})) expect(side.regions).toHaveProperty([region]);
      for (const { on, d, of } of [...side.landmarks, ...(side.behind ?? [])]) {
        if (on === undefined) continue;
        const near = ([x, y]: Point, polygon: readonly Point[]): boolean =>
          isInside([x, y], polygon) || polygon.some(([a, b]) => Math.hypot(a - x, b - y) < 30);
        const own = flatten(side.regions[on] ?? '');
        const all = Object.values(side.regions).map(flatten);
        // A bone may reach under the next region, but not out of the piece.
        expect([of, on, d, flatten(d).some((point) => isInside(point, own))]).toEqual([of, on, d, true]);
        expect(flatten(d).filter((point) => !all.some((polygon) => near(point, polygon)))).toEqual([]);
      }
    }
  });

  it('writes its labels apart, also as large as a phone needs them', () => {
    for (const { labels, viewBox } of sides) {
      const boxes = labels.map(({ x, y, text }) => ({
        left: x - text.length * 5.6,
        right: x + text.length * 5.6,
        top: y - 20,
        bottom: y + 4,
      }));
      for (const [index, a] of boxes.entries()) {
        expect(a.left).toBeGreaterThanOrEqual(-6);
        expect(a.right).toBeLessThanOrEqual(viewBox[0] + 6);
        for (const b of boxes.slice(index + 1))
          expect(a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom).toBe(false);
      }
    }
  });
});

describe('drawing', () => {
  const loin = kindById('strip-loin') as Kind;

  it('a region goes to the part that has it nearest the front', () => {
    const [side] = drawingOf(kindById('top-round') as Kind).sides;
    expect(partOfRegion(side, 'cap', ['slices', 'cubes'])).toBe('cubes');
    expect(partOfRegion(side, 'block', ['roast', 'cubes'])).toBe('roast');
    expect(partOfRegion(side, 'block', ['cubes'])).toBe('cubes');
    expect(partOfRegion(side, 'block', ['waste'])).toBeUndefined();
  });

  it('a copied kind keeps the drawing; a new one is a block of its shares', () => {
    expect(drawingOf({ ...loin, id: 'own-loin', drawnAs: 'strip-loin' })).toBe(drawingOf(loin));
    const [side] = drawingOf({ ...loin, id: 'own-other' }).sides;
    const width = (region: string): number =>
      Math.max(...flatten(side.regions[region] ?? '').map(([x]) => x)) -
      Math.min(...flatten(side.regions[region] ?? '').map(([x]) => x));
    expect(width('steaks') / width('ends')).toBeGreaterThan(6);
  });

  it('a shared edge between corners is one line', () => {
    const above = outline('0,0! 20,0! 20,10! 10,14 0,10!');
    const below = outline('0,10! 10,14 20,10! 20,30! 0,30!');
    const on = flatten(above).filter(([, y]) => y >= 10);
    for (const point of on)
      expect(flatten(below).some(([x, y]) => Math.hypot(x - point[0], y - point[1]) < 0.2)).toBe(true);
  });
});
