import { monotoneCubic, valueOf, type CubicPiece } from './monotone-cubic';
import { AREA_FACTOR, type Section } from './section';

/** Width and height of a log at a place along it, in mm. */
export interface Station {
  readonly atMm: number;
  readonly widthMm: number;
  readonly heightMm: number;
}

/** A log as it was measured. */
export interface Log {
  readonly lengthMm: number;
  readonly massG: number;
  readonly section: Section;
  /** Two to nine, in order, from end to end. */
  readonly stations: readonly Station[];
}

/** A log whose mass up to any place is known. */
export interface Profile {
  readonly lengthMm: number;
  readonly massG: number;
  readonly densityGPerCm3: number;
  widthAt(mm: number): number;
  heightAt(mm: number): number;
  /** Area of the face there, mm². */
  areaAt(mm: number): number;
  /** Mass from the start of the log up to there, g. */
  massTo(mm: number): number;
}

/** Four points integrate polynomials of degree 7 exactly; width × height is of degree 6. */
const GAUSS = [
  { at: 0.861136311594052575, weight: 0.347854845137453857 },
  { at: 0.339981043584856265, weight: 0.652145154862546143 },
].flatMap(({ at, weight }) => [
  { at, weight },
  { at: -at, weight },
]);

/**
 * The profile of a log: width and height run as monotone cubics between the stations, the volume
 * is integrated exactly (four-point Gauss–Legendre), and all of it is scaled so that the whole
 * weighs what the scale says. Before the first and after the last station the nearest holds.
 *
 * @source Gauss–Legendre nodes and weights: exact closed forms
 * @example a prism of 100 × 80 mm, 400 mm long, 2.5 kg: massTo(200) is 1250
 */
export function profileOf({ lengthMm, massG, section, stations }: Log): Profile {
  const all = toTheEnds(stations, lengthMm);
  const xs = all.map(({ atMm }) => atMm);
  const widths = monotoneCubic(
    xs,
    all.map(({ widthMm }) => widthMm),
  );
  const heights = monotoneCubic(
    xs,
    all.map(({ heightMm }) => heightMm),
  );
  const factor = AREA_FACTOR[section];
  const area = (k: number, x: number): number =>
    factor *
    Math.max(0, valueOf(widths[k] as CubicPiece, x)) *
    Math.max(0, valueOf(heights[k] as CubicPiece, x));
  const volume = (k: number, from: number, to: number): number => {
    const [half, middle] = [(to - from) / 2, (to + from) / 2];
    return half * GAUSS.reduce((sum, { at, weight }) => sum + weight * area(k, middle + half * at), 0);
  };
  const upTo = [0];
  for (const [k, { from, to }] of widths.entries()) upTo.push((upTo[k] as number) + volume(k, from, to));
  const whole = upTo.at(-1) as number;
  const scale = massG / whole;
  const pieceAt = (mm: number): number =>
    Math.min(
      widths.length - 1,
      Math.max(
        0,
        xs.findLastIndex((x) => x <= mm),
      ),
    );
  return {
    lengthMm,
    massG,
    densityGPerCm3: scale * 1000,
    widthAt: (mm) => valueOf(widths[pieceAt(mm)] as CubicPiece, mm),
    heightAt: (mm) => valueOf(heights[pieceAt(mm)] as CubicPiece, mm),
    areaAt: (mm) => area(pieceAt(mm), mm),
    massTo: (mm) => {
      const [x, k] = [Math.min(lengthMm, Math.max(0, mm)), pieceAt(Math.min(lengthMm, Math.max(0, mm)))];
      return scale * ((upTo[k] as number) + volume(k, (widths[k] as CubicPiece).from, x));
    },
  };
}

function toTheEnds(stations: readonly Station[], lengthMm: number): Station[] {
  const [first, last] = [stations[0] as Station, stations.at(-1) as Station];
  return [
    ...(first.atMm > 0 ? [{ ...first, atMm: 0 }] : []),
    ...stations,
    ...(last.atMm < lengthMm ? [{ ...last, atMm: lengthMm }] : []),
  ];
}

/** The log seen from its other end. */
export function turned(profile: Profile): Profile {
  const { lengthMm, massG } = profile;
  return {
    ...profile,
    widthAt: (mm) => profile.widthAt(lengthMm - mm),
    heightAt: (mm) => profile.heightAt(lengthMm - mm),
    areaAt: (mm) => profile.areaAt(lengthMm - mm),
    massTo: (mm) => massG - profile.massTo(lengthMm - mm),
  };
}

/** Meat and its fat lie in here; a log outside was measured wrong, or is not one piece. */
const PLAUSIBLE_G_PER_CM3 = [0.85, 1.15] as const;

/**
 * Whether weight and measures fit together. Lean muscle is 1.06 g/cm³ (Mendez and Keys 1960, from
 * memory), fat about 0.9.
 */
export function isPlausibleDensity(gPerCm3: number): boolean {
  return gPerCm3 >= PLAUSIBLE_G_PER_CM3[0] && gPerCm3 <= PLAUSIBLE_G_PER_CM3[1];
}
