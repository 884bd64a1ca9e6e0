import { type Log, profileOf } from './profile';

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

/** Grams in a millimetre of the middle of a log, where most slices come from. */
function middleGramsAMm(log: Log): number {
  const { massTo, lengthMm } = profileOf(log);
  return (massTo(0.75 * lengthMm) - massTo(0.2 * lengthMm)) / (0.55 * lengthMm);
}
