import type { FeastRule } from './feast-rule';

/** A feast around which shops' offers of meat move (common practice). */
export interface KnownFeast {
  readonly id: string;
  readonly name: string;
  readonly rule: FeastRule;
}

const day = (month: number, of: number): FeastRule => ({ by: 'day', month, day: of });
const easter = (offset: number): FeastRule => ({ by: 'easter', offset });
const orthodox = (offset: number): FeastRule => ({ by: 'orthodox-easter', offset });
const weekday = (month: number, of: number, nth: 1 | 2 | 3 | 4 | -1): FeastRule => ({
  by: 'weekday',
  month,
  weekday: of,
  nth,
});
const [MONDAY, THURSDAY] = [1, 4] as const;

const FEASTS: readonly (readonly [id: string, name: string, rule: FeastRule])[] = [
  ['new-year', 'New Year', day(1, 1)],
  ['burns-night', 'Burns Night', day(1, 25)],
  ['australia-day', 'Australia Day', day(1, 26)],
  ['lunar-new-year', 'Lunar New Year', { by: 'calendar', calendar: 'chinese', month: '1', day: 1 }],
  ['saint-patrick', 'Saint Patrick’s Day', day(3, 17)],
  ['eid-al-fitr', 'Eid al-Fitr', { by: 'calendar', calendar: 'islamic-umalqura', month: '10', day: 1 }],
  ['passover', 'Passover', { by: 'calendar', calendar: 'hebrew', month: 'Nisan', day: 15 }],
  ['easter', 'Easter', easter(0)],
  ['orthodox-easter', 'Orthodox Easter', orthodox(0)],
  ['may-day', 'May Day', day(5, 1)],
  ['whitsun', 'Whitsun', easter(49)],
  ['memorial-day', 'Memorial Day', weekday(5, MONDAY, -1)],
  ['eid-al-adha', 'Eid al-Adha', { by: 'calendar', calendar: 'islamic-umalqura', month: '12', day: 10 }],
  ['midsummer', 'midsummer', day(6, 24)],
  ['canada-day', 'Canada Day', day(7, 1)],
  ['fourth-of-july', 'the Fourth of July', day(7, 4)],
  ['fourteenth-of-july', 'the Fourteenth of July', day(7, 14)],
  ['swiss-day', 'the First of August', day(8, 1)],
  ['assumption', 'Assumption', day(8, 15)],
  ['labour-day', 'Labour Day', weekday(9, MONDAY, 1)],
  ['jewish-new-year', 'Rosh Hashanah', { by: 'calendar', calendar: 'hebrew', month: 'Tishri', day: 1 }],
  ['mid-autumn', 'Mid-Autumn', { by: 'calendar', calendar: 'chinese', month: '8', day: 15 }],
  ['thanksgiving-canada', 'Thanksgiving (Canada)', weekday(10, MONDAY, 2)],
  ['saint-martin', 'Saint Martin’s Day', day(11, 11)],
  ['thanksgiving', 'Thanksgiving', weekday(11, THURSDAY, 4)],
  ['christmas', 'Christmas', day(12, 25)],
];

/** All that a household can choose from, in the order of the year. */
export const KNOWN_FEASTS: readonly KnownFeast[] = FEASTS.map(([id, name, rule]) => ({ id, name, rule }));

const CHRISTIAN = ['new-year', 'easter', 'christmas'];
const MUSLIM = ['eid-al-fitr', 'eid-al-adha'];

/** Which of them move prices in a country, by its two letters (ISO 3166); from memory. */
export const FEASTS_OF_COUNTRY: Readonly<Record<string, readonly string[]>> = {
  AE: MUSLIM,
  AT: [...CHRISTIAN, 'whitsun', 'saint-martin'],
  AU: [...CHRISTIAN, 'australia-day'],
  BE: [...CHRISTIAN, 'whitsun'],
  CA: [...CHRISTIAN, 'canada-day', 'labour-day', 'thanksgiving-canada'],
  CH: [...CHRISTIAN, 'whitsun', 'swiss-day'],
  CN: ['lunar-new-year', 'mid-autumn'],
  CY: ['new-year', 'orthodox-easter', 'assumption', 'christmas'],
  DE: [...CHRISTIAN, 'may-day', 'whitsun', 'saint-martin'],
  DK: [...CHRISTIAN, 'whitsun', 'midsummer', 'saint-martin'],
  EG: MUSLIM,
  ES: [...CHRISTIAN, 'assumption'],
  FI: [...CHRISTIAN, 'may-day', 'midsummer'],
  FR: [...CHRISTIAN, 'whitsun', 'fourteenth-of-july', 'assumption'],
  GB: [...CHRISTIAN, 'burns-night', 'whitsun'],
  GR: ['new-year', 'orthodox-easter', 'assumption', 'christmas'],
  HK: ['lunar-new-year', 'mid-autumn', 'christmas'],
  IE: [...CHRISTIAN, 'saint-patrick'],
  IL: ['passover', 'jewish-new-year'],
  IT: [...CHRISTIAN, 'assumption'],
  MA: MUSLIM,
  NL: [...CHRISTIAN, 'whitsun'],
  NO: [...CHRISTIAN, 'whitsun', 'midsummer'],
  NZ: CHRISTIAN,
  PK: MUSLIM,
  PL: [...CHRISTIAN, 'may-day', 'assumption'],
  PT: [...CHRISTIAN, 'assumption'],
  RO: ['new-year', 'orthodox-easter', 'christmas'],
  SE: [...CHRISTIAN, 'whitsun', 'midsummer'],
  SG: ['lunar-new-year', ...MUSLIM, 'christmas'],
  TR: ['new-year', ...MUSLIM],
  US: [...CHRISTIAN, 'memorial-day', 'fourth-of-july', 'labour-day', 'thanksgiving'],
  ZA: CHRISTIAN,
};
