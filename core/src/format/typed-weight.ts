import { unitInDoubt } from '../board/unit-in-doubt';
import type { MassDg } from '../units/mass';
import type { TypedMass } from '../units/parse-mass';
import { failure, success, type Result } from '../units/result';
import type { Format } from './format';

/** What a weight is typed for. */
export interface WeightAsked {
  /** The piece as it was bought, and what is left of it. */
  readonly inDg: MassDg;
  readonly leftDg: MassDg;
  /** It is the piece itself, drained; else something that came off it. */
  readonly isDrained: boolean;
  /** What the part usually weighs, in all and in tenths of a gram; null where nobody knows. */
  readonly usual: readonly [number, number] | null;
  readonly isPortioned: boolean;
}

/**
 * Reads a weight typed at the bench: a bare figure is in the small unit, the drained piece in the
 * large one; one that would be usual in the other unit is asked about.
 *
 * @returns null while nothing is typed
 */
export function typedWeight(
  text: string,
  asked: WeightAsked | null,
  format: Format,
): Result<TypedMass> | null {
  if (text.trim() === '') return null;
  const assumed = asked?.isDrained ? 'large' : 'small';
  const mass = format.massAsTyped(text, assumed);
  if (mass === null)
    return failure(
      `That is not a weight. Write it like 372 ${format.smallUnit()} or 1.2 ${format.priceUnit()}.`,
    );
  if (mass.massDg <= 0) return failure('A weight is more than zero.');
  const doubt = (asked && doubtOf(text, asked, format)) ?? format.massDoubt(text, assumed);
  return doubt ? failure(doubt) : success(mass);
}

/** What to ask about a figure without its unit that is a usual one in the other. */
function doubtOf(text: string, asked: WeightAsked, format: Format): string | null {
  const [small, large] = [format.massAsTyped(text, 'small'), format.massAsTyped(text, 'large')];
  if (!small || !large || small.massDg === large.massDg) return null;
  const { inDg, leftDg, isDrained, usual, isPortioned } = asked;
  const or = `${large.typed}, or ${small.typed}? Write the unit`;
  if (isDrained) return large.massDg > inDg * 1.05 && small.massDg >= inDg / 2 ? `${or}.` : null;
  const known = usual && { lowDg: usual[0], isPortioned };
  if (!unitInDoubt({ smallDg: small.massDg, largeDg: large.massDg }, known, leftDg)) return null;
  return usual ? `${or}: usually ${format.roughSpan(...usual)}${isPortioned ? ' in all' : ''}.` : `${or}.`;
}
