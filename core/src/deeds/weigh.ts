import type { Practice } from '../ledger/entry';
import type { Format } from '../format/format';
import type { Destination } from '../ledger/destination';
import type { Lot } from '../ledger/lot';
import type { IsoDate } from '../units/date';
import type { MassDg } from '../units/mass';
import { failure, success, type Result } from '../units/result';
import type { Deed } from './deed';

/** A weight as a scale or a person gave it. */
export interface Weighed {
  readonly massDg: MassDg;
  readonly grossDg?: MassDg;
  readonly tareDg?: MassDg;
  /** What was typed, as it was typed. */
  readonly typed?: string;
  /** A scale that is not there gave it. */
  readonly practice?: Practice;
}

/** What came off a piece, and how many of it were weighed together. */
export interface CameOff {
  /** A part of the kind by its id, or the household's own word for it. */
  readonly part: string;
  /** What the part is called. */
  readonly name: string;
  readonly destination: Destination;
  readonly count: number;
}

/** Weighs what drained off a piece: from here on its true weight counts. */
export function drain(piece: Lot, weighed: Weighed, format: Format): Deed {
  const liquidDg = piece.leftDg - weighed.massDg;
  return {
    facts: [{ type: 'drained', lot: piece.id, ...weighed }],
    say: liquidDg > 0 ? `Drained: ${format.mass(liquidDg)} of liquid` : 'Drained: no liquid',
  };
}

/**
 * Weighs a part that came off a piece. What the scale finds beyond what was left is said; whether it
 * is within the scale's tolerance the ledger decides.
 */
export function weigh(
  piece: Lot,
  { part, name, destination, count }: CameOff,
  weighed: Weighed,
  { on, newId }: { readonly on: IsoDate; readonly newId: () => string },
  format: Format,
): Result<Deed> {
  if (part === '') return failure('Give the part a name first.');
  if (!Number.isInteger(count) || count < 1 || count > 1000)
    return failure('How many is a whole number from 1 to 1000.');
  const beyondDg = weighed.massDg - piece.leftDg;
  const more =
    beyondDg > 0
      ? ` The scale found ${format.mass(beyondDg)} more than was left; taken as a correction.`
      : '';
  return success({
    facts: [{ type: 'cut', from: piece.id, lot: newId(), part, destination, ...weighed, count, on }],
    say: `${name}${count > 1 ? ` × ${count}` : ''}: ${format.mass(weighed.massDg)}${more}`,
  });
}
