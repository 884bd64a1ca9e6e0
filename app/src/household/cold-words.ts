import type { Cold } from '@core/cold/cold-clock';
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

/** Until when something keeps, in words that a cook reads at a glance. */
export function keepsWords(cold: Cold, format: Pick<Format, 'weekday' | 'day' | 'timeOf'>): string {
  const { overdue, cookBy, cookByAt, dueOn, state, readyOn, openOn, bestBefore, refrozen } = cold;
  if (overdue) return cookBy === null ? 'overdue' : `overdue since ${format.weekday(cookBy)}`;
  if (cookByAt) return `cook by ${format.timeOf(cookByAt)}${cookBy ? `, ${format.weekday(cookBy)}` : ''}`;
  if (openOn) return `open or freeze it from ${format.day(openOn)} on`;
  if (state === 'frozen')
    return `${refrozen ? 'frozen again, ' : ''}${bestBefore ? `best before ${format.day(bestBefore)}` : 'no date'}`;
  if (cookBy === null) return 'nobody knows since when';
  const ready = state === 'thawing' && readyOn ? `ready ${format.weekday(readyOn)}, ` : '';
  return `${ready}cook by ${format.weekday(cookBy)}${dueOn && dueOn < cookBy ? `, better by ${format.weekday(dueOn)}` : ''}`;
}
