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
