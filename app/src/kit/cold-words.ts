import type { Cold } from '@core/freeze/cold-clock';
import type { Figures } from '../data/figures';

/** What a lot is, in words. */
export const STATE_WORDS: Record<Cold['state'], string> = {
  sealed: 'sealed',
  fresh: 'fresh',
  frozen: 'frozen',
  thawing: 'thawing',
  thawed: 'thawed',
};

/** Until when something keeps, in words that a cook reads at a glance. */
export function keepsWords(cold: Cold, figures: Pick<Figures, 'weekday' | 'day' | 'timeOf'>): string {
  const { overdue, cookBy, cookByAt, dueOn, state, readyOn, openOn, bestBefore, refrozen } = cold;
  if (overdue) return cookBy === null ? 'overdue' : `overdue since ${figures.weekday(cookBy)}`;
  if (cookByAt) return `cook by ${figures.timeOf(cookByAt)}${cookBy ? `, ${figures.weekday(cookBy)}` : ''}`;
  if (openOn) return `open or freeze it from ${figures.day(openOn)} on`;
  if (state === 'frozen')
    return `${refrozen ? 'frozen again, ' : ''}${bestBefore ? `best before ${figures.day(bestBefore)}` : 'no date'}`;
  if (cookBy === null) return 'nobody knows since when';
  const ready = state === 'thawing' && readyOn ? `ready ${figures.weekday(readyOn)}, ` : '';
  return `${ready}cook by ${figures.weekday(cookBy)}${dueOn && dueOn < cookBy ? `, better by ${figures.weekday(dueOn)}` : ''}`;
}
