import type { Kind } from '../catalogue/kind-schema';
import { labelDoubts } from '../price/label-doubts';
import { labelOfLying, type LyingText } from '../price/read-lying';
import { readLabel } from '../price/read-label';
import type { Format } from './format';
import { askOfLabel, type AskedOfLabel } from './label-words';

/**
 * What is asked of a piece that lies there where its figures cannot be meant, with answers to press: nothing
 * counts them until one is.
 *
 * @param goingPerKg smallest coins a kilogram; null where nobody knows
 * @example a loin whose price is typed as 1545: 'The point may be missing.' with €15.45
 */
export function askOfLying(
  kind: Pick<Kind, 'usualG'>,
  typed: LyingText,
  goingPerKg: number | null,
  format: Format,
): AskedOfLabel | null {
  const text = labelOfLying(typed);
  const style = format.labelStyle();
  const known = { goingPerKg, usualG: kind.usualG };
  const [doubt] = labelDoubts(text, readLabel(text, style), style, known);
  if (!doubt) return null;
  const { says, answers } = askOfLabel(doubt, text, format);
  // A total has no field there.
  return { says, answers: answers.filter(({ mended }) => !('total' in mended)) };
}
