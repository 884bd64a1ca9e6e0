import type { Dated } from '../ledger/entry';
import { daysBetween, type IsoDate } from '../units/date';
import { BELIEVED_DAYS } from './bought';

/** A date as it is typed off a label. */
export interface TypedDate {
  readonly dated: Dated | '';
  readonly until: IsoDate | '';
  /** The day of the purchase. */
  readonly on: IsoDate;
  /** A whole piece of red meat, which a packer's bag keeps for long. */
  readonly isWholeRed: boolean;
}

/** A sell-by further ahead than so many days is asked about; ours. */
const FAR_DAYS = 45;

/**
 * What to ask about a date before it decides anything; empty where it is usual.
 *
 * @example a use-by of 2062 on a chicken: 'That is years ahead. Is the year right? Until then …'
 */
export function dateDoubt({ dated, until, on, isWholeRed }: TypedDate): string {
  if (dated === '' || until === '') return '';
  const ahead = daysBetween(on, until);
  if (dated === 'packed-on') return ahead > 0 ? 'Packed after it was bought? Mend one of the two days.' : '';
  if (ahead < 0) return 'That day was past when it was bought. Is the day right?';
  if (ahead > BELIEVED_DAYS[isWholeRed ? 'red' : 'small'])
    return `${ahead > 365 ? 'That is years ahead. Is the year right?' : 'That is later than fresh meat keeps. Is the day right?'} It does not count; the published days from the purchase do.`;
  return dated === 'sell-by' && ahead > FAR_DAYS
    ? 'A sell-by so far ahead is rare on fresh meat. Is the day right?'
    : '';
}
