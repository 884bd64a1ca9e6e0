import { gregorianEaster } from 'date-easter';
import { addDays, type IsoDate } from '../units/date';

/** A day around which the dear roasts go on sale (common practice). */
export interface FeastDay {
  readonly id: string;
  readonly name: string;
  readonly on: IsoDate;
}

const two = (value: number): string => String(value).padStart(2, '0');

/**
 * The feast days of a year that move what shops offer.
 *
 * @example feastDays(2026)[1] // { id: 'easter', name: 'Easter', on: '2026-04-05' }
 */
export function feastDays(year: number): FeastDay[] {
  const { month, day } = gregorianEaster(year);
  const easter = `${year}-${two(month)}-${two(day)}`;
  return [
    { id: 'new-year', name: 'New Year', on: `${year}-01-01` },
    { id: 'easter', name: 'Easter', on: easter },
    { id: 'whitsun', name: 'Whitsun', on: addDays(easter, 49) },
    { id: 'midsummer', name: 'midsummer', on: `${year}-06-24` },
    { id: 'christmas', name: 'Christmas', on: `${year}-12-25` },
  ];
}
