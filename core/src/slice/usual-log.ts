import { type Log, profileOf } from './profile';
import type { Section } from './section';

interface Shape {
  readonly section: Section;
  /** Length of a log of one kilogram; longer ones grow with the cube root. */
  readonly mmForOneKg: number;
  /** Width and height at shares of the length, from the end where one starts to cut; only their proportions count. */
  readonly stations: readonly (readonly [at: number, width: number, height: number])[];
}

/** Usual shapes of the pieces that are sliced like a log; estimates, the first to give way to a ruler. */
const SHAPES: Readonly<Record<string, Shape>> = {
  'strip-loin': {
    section: 'rounded-rectangle',
    mmForOneKg: 235,
    stations: [
      [0, 185, 78],
      [0.5, 182, 76],
      [1, 165, 68],
    ],
  },
  'beef-tenderloin': {
    section: 'ellipse',
    mmForOneKg: 330,
    stations: [
      [0, 105, 72],
      [0.35, 88, 66],
      [0.75, 66, 50],
      [1, 30, 18],
    ],
  },
  ribeye: {
    section: 'rounded-rectangle',
    mmForOneKg: 227,
    stations: [
      [0, 190, 110],
      [0.5, 182, 104],
      [1, 168, 92],
    ],
  },
  'eye-of-round': {
    section: 'ellipse',
    mmForOneKg: 231,
    stations: [
      [0, 98, 84],
      [0.5, 100, 86],
      [0.85, 80, 66],
      [1, 45, 36],
    ],
  },
  'pork-loin': {
    section: 'rounded-rectangle',
    mmForOneKg: 395,
    stations: [
      [0, 122, 76],
      [0.5, 116, 70],
      [1, 110, 64],
    ],
  },
};

/** Lean meat with its fat, g/cm³. */
const USUAL_DENSITY = 1.04;
/** A log of any other kind is taken for a round one. */
const ROUND: Shape = {
  section: 'ellipse',
  mmForOneKg: 240,
  stations: [
    [0, 100, 80],
    [1, 90, 72],
  ],
};

/** Whether a kind of piece is sliced like a log. */
export function isLog(kind: string | null): boolean {
  return kind !== null && SHAPES[kind] !== undefined;
}

/**
 * The usual shape of a kind of log, scaled to a weight and a length: enough for a first plan
 * before anything but those two was measured.
 *
 * @param lengthMm null for the usual length of that weight
 */
export function usualLog(kind: string | null, massG: number, lengthMm: number | null): Log {
  const { section, mmForOneKg, stations } = SHAPES[kind ?? ''] ?? ROUND;
  const length = lengthMm ?? Math.round(mmForOneKg * Math.cbrt(massG / 1000));
  const at = (scale: number): Log => ({
    lengthMm: length,
    massG,
    section,
    stations: stations.map(([place, width, height]) => ({
      atMm: Math.round(place * length),
      widthMm: Math.round(width * scale),
      heightMm: Math.round(height * scale),
    })),
  });
  // The area, and with it the density, goes with the square of the scale.
  return at(Math.sqrt(profileOf(at(10)).densityGPerCm3 / USUAL_DENSITY) * 10);
}
