import type * as z from 'zod';
import { faultWords } from '../units/fault-words';

/** What a field is called at a kitchen table. */
const FIELDS: Record<string, string> = {
  massDg: 'the weight',
  grossDg: 'the weight with its tray',
  tareDg: 'the weight of the tray',
  count: 'how many there are',
  plates: 'the number of plates',
  paidMinor: 'what was paid',
  minor: 'the amount',
  on: 'the day',
  until: 'the date on the label',
  name: 'the name',
  part: 'the name of the part',
  thicknessMm: 'the thickness',
  note: 'the note',
  reason: 'the reason',
  shop: 'the shop',
  to: 'to whom it was given',
  typed: 'what was typed',
};

/** The most that a field may be, as a person would say it. */
const MOST: Record<string, string> = {
  massDg: '500 kg (1,100 lb)',
  grossDg: '500 kg (1,100 lb)',
  tareDg: '500 kg (1,100 lb)',
  count: '1,000',
  plates: '1,000',
  thicknessMm: '500 mm',
};

/**
 * What is wrong with something that was to be written down, in words and with what to do.
 *
 * @example a massDg of 6,000,000: 'the weight is more than 500 kg (1,100 lb): look at the figure and its unit'
 */
export function malformation(error: z.ZodError): string {
  const issue = error.issues[0];
  const field = String(issue?.path.findLast((key) => typeof key === 'string') ?? '');
  const name = FIELDS[field] ?? (field === '' ? 'it' : `“${field}”`);
  if (issue?.code === 'too_big')
    return MOST[field]
      ? `${name} is more than ${MOST[field]}: look at the figure and its unit`
      : issue.origin === 'string'
        ? `${name} is longer than ${issue.maximum} letters: make it shorter`
        : `${name} is too large`;
  if (issue?.code === 'too_small')
    return issue.origin === 'string' ? `${name} is empty` : `${name} must be more than nothing`;
  return `${name} cannot be read${issue ? ` (${faultWords(issue)})` : ''}`;
}
