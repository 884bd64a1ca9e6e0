import { demandKinds, type Appetite } from './demand';
import { type Log, profileOf } from './profile';
import type { SliceKind } from './wish';

/** What slices of a kind usually are: the weight aimed at, and thickness at the least, usually, at the most. */
interface Usual {
  readonly targetG: number;
  readonly thinnestMm: number;
  readonly usualMm: number;
  readonly thickestMm: number;
}

const usual = (targetG: number, thinnestMm: number, usualMm: number, thickestMm: number): Usual => ({
  targetG,
  thinnestMm,
  usualMm,
  thickestMm,
});

/** By kind, and by kind and way where the way decides; common practice. */
const USUAL: Readonly<Record<string, Usual>> = {
  'beef-tenderloin': usual(165, 25, 38, 50),
  'strip-loin': usual(340, 20, 30, 40),
  ribeye: usual(370, 20, 30, 40),
  'eye-of-round': usual(150, 12, 22, 35),
  'top-round': usual(225, 15, 22, 40),
  'pork-loin': usual(180, 25, 30, 40),
  'pork-loin/thin': usual(75, 10, 12, 15),
  'pork-shoulder-butt': usual(250, 15, 22, 35),
};
const ANY: Usual = usual(250, 15, 25, 40);

/** A first wish for a log, to be changed by whoever cuts. */
export interface FirstWish {
  readonly targetG: number;
  readonly minThicknessMm: number;
  readonly maxThicknessMm: number;
}

/** A slice at the very limit of its thickness everywhere is no plan that a cook would follow. */
const INSIDE = 0.92;

/**
 * What to wish of a log at first: the household's plate where a slice of that weight is neither too
 * thin nor too thick, else the kind's usual weight, else what a slice of the usual thickness weighs;
 * then it is carved, or two go on a plate.
 *
 * @param kind the kind that it is drawn as
 * @param way thin chops are wished otherwise than thick ones
 * @param plateG what an eater has on a plate; null where nobody has said
 * @example a usual tenderloin's centre, plates of 180 g: slices of 180 g, 25 to 50 mm
 */
export function usualWish(
  kind: string | null,
  way: string | null,
  log: Log,
  plateG: number | null,
): FirstWish {
  const isThin = way !== null && /(^|-)thin$/.test(way);
  const { targetG, thinnestMm, usualMm, thickestMm } =
    (isThin ? USUAL[`${kind}/thin`] : undefined) ?? USUAL[kind ?? ''] ?? ANY;
  const gramsAMm = middleGramsAMm(log);
  const fits = (massG: number): boolean =>
    massG / gramsAMm >= thinnestMm / INSIDE && massG / gramsAMm <= thickestMm * INSIDE;
  const wanted = isThin ? [targetG] : [...(plateG === null ? [] : [plateG]), targetG];
  const target = wanted.find(fits) ?? usualMm * gramsAMm;
  return { targetG: Math.round(target / 5) * 5, minThicknessMm: thinnestMm, maxThicknessMm: thickestMm };
}

/** A plate that a slice of the kind comes no nearer to than this is not served with one slice. */
const NEAR_PLATE = 0.25;

/**
 * A steak for each eater, the large eaters' thick ones: for as many whole dinners as the log gives.
 * Where one of them would be far from a plate, for it would be too thin or too thick, nothing: then
 * slices are as the kind's usually are, and are carved or shared.
 *
 * @param way thin chops are no plates
 * @returns kinds with their counts, the heaviest first; none where all eat alike, or it is no dinner
 * @example a tenderloin of 1.6 kg, plates of 150 and 200 g: four slices of each
 */
export function usualPlates(
  kind: string | null,
  way: string | null,
  log: Log,
  eaters: readonly Appetite[],
): SliceKind[] {
  if (way !== null && /(^|-)thin$/.test(way)) return [];
  const { thinnestMm, thickestMm } = USUAL[kind ?? ''] ?? ANY;
  const gramsAMm = middleGramsAMm(log);
  const [least, most] = [(thinnestMm / INSIDE) * gramsAMm, thickestMm * INSIDE * gramsAMm];
  const fitted = eaters.map(({ name, plateG }) => ({
    name,
    plateG: Math.round(Math.min(most, Math.max(least, plateG)) / 5) * 5,
    off: Math.abs(Math.min(most, Math.max(least, plateG)) / plateG - 1),
  }));
  if (fitted.some(({ off }) => off > NEAR_PLATE)) return [];
  const kinds = demandKinds(fitted, log.massG * OF_THE_LOG).sort(
    (a, b) => (b.targetG ?? 0) - (a.targetG ?? 0),
  );
  return kinds.length > 1 && kinds.length <= MOST_KINDS ? kinds : [];
}

/** What of a log is slices that one can count on: its ends are uneven. */
const OF_THE_LOG = 0.95;
/** A mix of more kinds than this is no longer looked through. */
const MOST_KINDS = 4;

/** Grams in a millimetre of the middle of a log, where most slices come from. */
function middleGramsAMm(log: Log): number {
  const { massTo, lengthMm } = profileOf(log);
  return (massTo(0.75 * lengthMm) - massTo(0.2 * lengthMm)) / (0.55 * lengthMm);
}
