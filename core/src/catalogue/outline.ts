interface Point {
  readonly x: number;
  readonly y: number;
  readonly isCorner: boolean;
}

/** How far a curve swings out towards its neighbours; a sixth is Catmull and Rom's. */
const SWING = 1 / 6;

/**
 * A closed outline through points, smooth but at corners (marked "!"). An edge between two
 * corners depends on its own points alone, so two regions that share it fit without a gap.
 *
 * @param points "x,y x,y! …" in drawing units
 * @returns SVG path data
 * @source Catmull–Rom splines as Bézier curves (closed form)
 * @example outline('0,0! 10,0! 10,10!') // a triangle
 */
export function outline(points: string): string {
  return `${path(read(points), true)}Z`;
}

/** An open line through points, smooth but at corners. */
export function stroke(points: string): string {
  return path(read(points), false);
}

/**
 * The same points on the other side of a level line: the left wing made the right one.
 *
 * @param y the level of the line, in drawing units
 * @example across('10,20! 30,40', 50) // '10,80! 30,60'
 */
export function across(points: string, y: number): string {
  return read(points)
    .map((point) => `${point.x},${round(2 * y - point.y)}${point.isCorner ? '!' : ''}`)
    .join(' ');
}

/**
 * Dots scattered over an oval as evenly as seeds in a flower: the pores of a skin.
 *
 * @source Vogel, A better way to construct the sunflower head (1979): the n-th at √n, turned by the golden angle
 */
export function dots(x: number, y: number, rx: number, ry: number, count: number): string {
  return Array.from({ length: count }, (_, n) => {
    const [out, turned] = [Math.sqrt((n + 0.5) / count), n * 2.39996];
    return `M${round(x + rx * out * Math.cos(turned))} ${round(y + ry * out * Math.sin(turned))}h0`;
  }).join('');
}

/** An ellipse as path data. */
export function oval(x: number, y: number, rx: number, ry: number): string {
  return `M${x - rx} ${y}C${x - rx} ${round(y - ry * 1.33)} ${x + rx} ${round(y - ry * 1.33)} ${x + rx} ${y}C${x + rx} ${round(y + ry * 1.33)} ${x - rx} ${round(y + ry * 1.33)} ${x - rx} ${y}Z`;
}

/** Straight slices across a log: `count` cuts between two x, each bulging a little. */
export function slices(from: number, to: number, count: number, top: number, bottom: number): string[] {
  const step = (to - from) / (count + 1);
  return Array.from({ length: count }, (_, index) => {
    const x = round(from + step * (index + 1));
    return `M${x} ${top}C${x + 8} ${round(top + (bottom - top) / 3)} ${x + 8} ${round(bottom - (bottom - top) / 3)} ${x} ${bottom}`;
  });
}

/** Bones side by side: long rounded bars from `top` to `bottom`, leaning by `lean`. */
export function bones(
  from: number,
  to: number,
  count: number,
  [top, bottom]: readonly [number, number],
  lean = 0,
  half = 7,
): string[] {
  const step = (to - from) / (count - 1);
  return Array.from({ length: count }, (_, index) => {
    const x = round(from + step * index);
    const [left, right, low] = [x - half, x + half, x + lean];
    return `M${left} ${top}C${left} ${top - half} ${right} ${top - half} ${right} ${top}L${low + half} ${bottom}C${low + half} ${bottom + half} ${low - half} ${bottom + half} ${low - half} ${bottom}Z`;
  });
}

/** How rib bones stand side by side. */
interface Ribs {
  readonly from: number;
  readonly to: number;
  readonly count: number;
  readonly top: number;
  readonly bottom: number;
  /** How far the upper end leans back from the lower. */
  readonly bend: number;
  /** Half of a bone's width. */
  readonly half: number;
}

/** Rib bones side by side: curved, a little thicker at the upper end, open below where they enter the meat. */
export function ribs({ from, to, count, top, bottom, bend, half }: Ribs): string[] {
  const step = (to - from) / (count - 1);
  const middle = (top + bottom) / 2;
  return Array.from({ length: count }, (_, index) => {
    const x = from + step * index;
    const [head, waist] = [x - bend, x - bend * 0.35];
    return outline(
      `${x - half},${bottom}! ${waist - half * 0.9},${middle} ${head - half * 1.15},${top + half} ${head - half * 0.4},${top - half * 0.7} ${head + half * 0.9},${top - half * 0.2} ${head + half * 1.2},${top + half * 1.4} ${waist + half * 0.9},${middle} ${x + half},${bottom}!`,
    );
  });
}

function read(points: string): Point[] {
  return points
    .trim()
    .split(/\s+/)
    .map((each) => {
      const [x = NaN, y = NaN] = each.replace('!', '').split(',').map(Number);
      return { x, y, isCorner: each.endsWith('!') };
    });
}

function path(points: readonly Point[], isClosed: boolean): string {
  const at = (index: number): Point =>
    points[
      isClosed ? (index + points.length) % points.length : Math.min(Math.max(index, 0), points.length - 1)
    ] as Point;
  const count = isClosed ? points.length : points.length - 1;
  const start = at(0);
  let d = `M${start.x} ${start.y}`;
  for (let index = 0; index < count; index++) {
    const [before, a, b, after] = [at(index - 1), at(index), at(index + 1), at(index + 2)];
    const out = handle(a, before, b);
    const back = handle(b, after, a);
    d += `C${out.x} ${out.y} ${back.x} ${back.y} ${b.x} ${b.y}`;
  }
  return d;
}

/** Where the curve leaves a point on the way to the next; at a corner it goes straight for it. */
function handle(point: Point, before: Point, next: Point): { x: number; y: number } {
  const swing = point.isCorner
    ? { x: next.x - point.x, y: next.y - point.y }
    : { x: next.x - before.x, y: next.y - before.y };
  return { x: round(point.x + swing.x * SWING), y: round(point.y + swing.y * SWING) };
}

function round(value: number): number {
  return Math.round(value * 10) / 10;
}
