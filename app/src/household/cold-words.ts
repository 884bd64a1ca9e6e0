import type { Cold } from '@core/cold/cold';
import type { Format } from '@core/format/format';

/** What a lot is, in words. */
export const STATE_WORDS: Record<Cold['state'], string> = {
  sealed: 'sealed',
  fresh: 'fresh',
  freezing: 'freezing',
  frozen: 'frozen',
  thawing: 'thawing',
  thawed: 'thawed',
};

type Said = Pick<Format, 'weekday' | 'day' | 'moment'>;

/** Until when something keeps, in words that a cook reads at a glance. */
export function keepsWords(cold: Cold, format: Said): string {
  const { overdue, faulty, toCheck, cookBy, cookByAt, dueOn, state, readyAt, openOn } = cold;
  if (overdue)
    return faulty || cookBy === null ? 'not to be eaten' : `overdue since ${format.weekday(cookBy)}`;
  if (toCheck) return 'look at it first: the power was out';
  const ready = state === 'thawing' && readyAt ? `ready about ${format.moment(readyAt)}, ` : '';
  if (cookByAt) return `${ready}cook by ${format.moment(cookByAt)}`;
  if (openOn)
    return `open or freeze it from ${format.weekday(openOn)} on${cookBy ? `, last day ${format.weekday(cookBy)}` : ''}`;
  if (state === 'freezing') return freezingWords(cold, format);
  if (state === 'frozen') return frozenWords(cold, format);
  if (cookBy === null) return 'nobody knows since when';
  return `${ready}cook by ${format.weekday(cookBy)}${dueOn && dueOn < cookBy ? `, better by ${format.weekday(dueOn)}` : ''}`;
}

function freezingWords({ frozenAt, cookBy }: Cold, format: Said): string {
  const hard = frozenAt ? `hard about ${format.moment(frozenAt)}` : 'the power is out';
  return cookBy ? `${hard}; fresh until ${format.weekday(cookBy)}` : hard;
}

function frozenWords({ refrozen, bestBefore, bestRange }: Cold, format: Said): string {
  const best = bestBefore ? `best before ${format.day(bestBefore)}` : 'no date';
  const range =
    bestRange && bestRange[0] !== bestRange[1]
      ? ` (${format.day(bestRange[0])} to ${format.day(bestRange[1])})`
      : '';
  return `${refrozen ? 'frozen again, ' : ''}${best}${range}`;
}
