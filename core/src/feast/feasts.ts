import * as z from 'zod';
import type { IsoDate } from '../units/date';
import { feastDates, feastRuleSchema } from './feast-rule';
import { KNOWN_FEASTS, type KnownFeast } from './known-feasts';

const ownFeastSchema = z.strictObject({
  id: z.string().regex(/^own-[A-Za-z0-9_-]{1,60}$/),
  name: z.string().trim().min(1).max(60),
  rule: feastRuleSchema,
});

/** The feasts of a household: which of those that are known, and its own. */
export const feastsSchema = z.strictObject({
  /** Ids; one that no version knows any more counts for nothing. */
  known: z.array(z.string().regex(/^[a-z][a-z-]{0,60}$/)).max(60),
  own: z.array(ownFeastSchema).max(30),
});

export type Feasts = z.infer<typeof feastsSchema>;
/** A feast that the household added. */
export type OwnFeast = z.infer<typeof ownFeastSchema>;

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
