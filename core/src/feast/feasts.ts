import type { IsoDate } from '../units/date';
import { feastDates } from './feast-rule';
import type { Feasts } from './feast-schemas';
import { KNOWN_FEASTS, type KnownFeast } from './known-feasts';

/** The feasts that count until the household has said otherwise. */
export const USUAL_FEASTS: Feasts = {
  known: ['new-year', 'easter', 'whitsun', 'midsummer', 'christmas'],
  own: [],
};

/** The day on which a feast falls. */
export interface FeastDay {
  readonly id: string;
  readonly name: string;
  readonly on: IsoDate;
}

/** All feasts of a household. */
export function feastsOf({ known, own }: Feasts): KnownFeast[] {
  return [...KNOWN_FEASTS.filter(({ id }) => known.includes(id)), ...own];
}

/**
 * The days of a year on which a household's feasts fall, the earliest first.
 *
 * @example feastDays(USUAL_FEASTS, 2026)[1] // { id: 'easter', name: 'Easter', on: '2026-04-05' }
 */
export function feastDays(feasts: Feasts, year: number): FeastDay[] {
  return feastsOf(feasts)
    .flatMap(({ id, name, rule }) => feastDates(rule, year).map((on) => ({ id, name, on })))
    .sort((a, b) => (a.on < b.on ? -1 : 1));
}
