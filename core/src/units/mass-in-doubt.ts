import { toDg, type MassDg } from './mass';
import type { DecimalSign } from './number-style';
import { parseMass, type TypedMass } from './parse-mass';
import type { MassUnit } from './unit';

/** Lighter or heavier than this nothing is that a kitchen weighs. */
const [LEAST, MOST]: readonly [MassDg, MassDg] = [toDg(5, 'g'), toDg(100, 'kg')];

const isKitchen = ({ massDg }: TypedMass): boolean => massDg >= LEAST && massDg <= MOST;
/** One sign, and three digits after it: a fraction to one household, thousands to the next. */
const IN_DOUBT = /^\s*(\d{1,3})([.,])(\d{3})\s*([a-z]*)\.?\s*$/i;
/** No kitchen scale shows thousandths of a gram. */
const GRAMS = /^g(r|rams?)?$/i;

/**
 * What a weight would be if its sign were meant the other way, where only that makes sense in a
 * kitchen: somebody has copied it from a sticker or a scale that writes otherwise.
 *
 * @returns how to write what is probably meant; null where the household's own reading makes sense
 * @example massInDoubt('1.250 g', 'g', '.') // '1250 g': not a gram and a quarter
 */
export function massInDoubt(text: string, assumed: MassUnit, decimal: DecimalSign): string | null {
  const [, whole, sign, rest, unit = ''] = IN_DOUBT.exec(text) ?? [];
  if (whole === undefined || rest === undefined) return null;
  const [read, other] = [
    parseMass(text, assumed, decimal),
    parseMass(text, assumed, decimal === '.' ? ',' : '.'),
  ];
  if (!read || !other || !isKitchen(other)) return null;
  const isThousandths = GRAMS.test(unit || assumed) && sign === decimal;
  if (!isThousandths && isKitchen(read)) return null;
  return `${whole}${sign === decimal ? '' : decimal}${rest} ${unit || assumed}`;
}
