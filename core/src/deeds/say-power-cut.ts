import type { PowerCut } from '../cold/power-cut-note';
import { minutesBetween, type Instant } from '../units/date';
import { failure, success, type Result } from '../units/result';
import type { Deed } from './deed';

/** A cut of more than a week is no cut of the power, or a slip in the day. */
const MOST_H = 7 * 24;

/**
 * Writes down when the power was out, or that it is back.
 *
 * @param key of this cut
 * @example out at 18:00, back at 17:00: "The power came back before it went …"
 */
export function sayPowerCut(
  key: string,
  { from, to }: { readonly from: Instant; readonly to: Instant | null },
  now: Instant,
): Result<Deed> {
  if (from > now || (to !== null && to > now))
    return failure('That is still to come. Say a time that is past. Nothing was written down.');
  if (to !== null && to <= from)
    return failure('It came back before it went. Mend one of the two times. Nothing was written down.');
  if (minutesBetween(from, to ?? now) / 60 > MOST_H)
    return failure(
      'That is over a week without power: nothing that lay there is good any more. Mend the day, or throw all of it away. Nothing was written down.',
    );
  const value: PowerCut = to === null ? { from } : { from, to };
  return success({
    records: [{ type: 'power-cut', key, value }],
    say: to === null ? 'The power is out: written down' : 'The power is back: written down',
  });
}

/** There was no power cut. */
export function unsayPowerCut(key: string): Deed {
  return { records: [{ type: 'power-cut', key, value: null }], say: 'No power cut' };
}
