import { isUsable } from '../ledger/destination';
import type { Lot } from '../ledger/lot';
import type { Because, Cold } from './cold';
import type { Running } from './running';

/** Where the dates of a lot come from, or what is wrong with it. */
export function becauseOf(
  { destination }: Pick<Lot, 'destination'>,
  { fault, basis, lastOn, useBy, boughtOn, keeping, thaw }: Running,
  { state, bestBefore, refrozen, toCheck }: Pick<Cold, 'state' | 'bestBefore' | 'refrozen' | 'toCheck'>,
): Because {
  if (fault !== null) return fault;
  if (toCheck) return 'unchecked';
  if (state === 'freezing') return 'freezing';
  if (state === 'frozen')
    return bestBefore === null ? 'frozen-unknown' : refrozen ? 'frozen-again' : 'frozen';
  if (lastOn === null) return 'unknown';
  if (basis.startsWith('chart') && !isUsable(destination) && keeping === null) return 'bones-and-fat';
  if (basis === 'chart' && boughtOn === null) return 'chart-day-unknown';
  if (basis === 'opened' && useBy === lastOn) return 'opened-to-its-last-day';
  return basis === 'water' && thaw?.way === 'microwave' ? 'microwave' : basis;
}
