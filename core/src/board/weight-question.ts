import { isUsable, type Destination } from '../ledger/destination';
import type { PartRange } from './part-ranges';

/** Something to look at on the board before going on. */
export interface WeightQuestion {
  readonly code: 'meat-on-it' | 'lean-on-it' | 'more-than-usual' | 'less-than-usual';
  /** Where it could go instead. */
  readonly destination: Destination | null;
}

/**
 * What a weight outside its usual range may mean. More than usual in the bin or the fat is meat
 * that can be saved; more or less of the rest is a slip, or the wrong part. The household's own
 * range counts where there is one.
 *
 * @param share all that came off as this part, of the weight bought
 * @param isDone whether no more of it is expected: less than usual says nothing before
 * @example 6 % as silver skin where 3 to 5 % are usual: "meat-on-it", could go to grind
 */
export function weightQuestion(
  share: number,
  { own, catalogue }: PartRange,
  destination: Destination,
  isDone: boolean,
): WeightQuestion | null {
  const [low, high] = own ?? catalogue;
  if (share > high) {
    if (destination === 'bin') return { code: 'meat-on-it', destination: 'grind' };
    if (destination === 'render') return { code: 'lean-on-it', destination: 'grind' };
    return { code: 'more-than-usual', destination: null };
  }
  return isDone && share < low && isUsable(destination)
    ? { code: 'less-than-usual', destination: null }
    : null;
}
