/** What a cut through the log looks like. */
export const SECTIONS = ['ellipse', 'rounded-rectangle', 'half-round'] as const;
export type Section = (typeof SECTIONS)[number];

/** A rounded rectangle's corners are quarter ellipses of this share of each side. */
const CORNER = 0.25;

/**
 * Area of a section is width × height × this: π/4 for the ellipse and for the half-round (half an
 * ellipse, flat side down, of full height), and 1 − (4 − π)·¼² for the rounded rectangle. Exact.
 */
export const AREA_FACTOR: Readonly<Record<Section, number>> = {
  ellipse: Math.PI / 4,
  'rounded-rectangle': 1 - (4 - Math.PI) * CORNER * CORNER,
  'half-round': Math.PI / 4,
};

/**
 * How far a tape reaches round a section.
 *
 * @source Ramanujan's second approximation for the ellipse (error under 0.001 % for these shapes)
 */
export function girthOf(section: Section, width: number, height: number): number {
  switch (section) {
    case 'ellipse':
      return ellipse(width / 2, height / 2);
    case 'half-round':
      return ellipse(width / 2, height) / 2 + width;
    case 'rounded-rectangle':
      return 2 * (1 - 2 * CORNER) * (width + height) + ellipse(CORNER * width, CORNER * height);
  }
}

function ellipse(a: number, b: number): number {
  const h = a + b === 0 ? 0 : ((a - b) / (a + b)) ** 2;
  return Math.PI * (a + b) * (1 + (3 * h) / (10 + Math.sqrt(4 - 3 * h)));
}

/**
 * The height (or width) of a section of which the girth and the other were measured.
 *
 * @returns null where a tape that short cannot reach round
 * @example a circle of girth 314.16 and width 100 is 100 high
 */
export function fromGirth(
  section: Section,
  girth: number,
  known: number,
  wanted: 'width' | 'height',
): number | null {
  const reach = (other: number): number =>
    wanted === 'height' ? girthOf(section, known, other) : girthOf(section, other, known);
  if (reach(0) >= girth) return null;
  let [low, high] = [0, girth];
  for (let step = 0; step < 60; step++) {
    const middle = (low + high) / 2;
    if (reach(middle) < girth) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
