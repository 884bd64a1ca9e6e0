import type { Currency } from './money';

const EURO = 'AD AT BE BG CY DE EE ES FI FR GR HR IE IT LT LU LV MC ME MT NL PT SI SK SM VA XK';
const DOLLAR = 'US AS EC GU MH FM MP PR PW SV TL VI';
const OTHERS =
  'AE AED,AR ARS,AU AUD,BA BAM,BR BRL,CA CAD,CH CHF,CL CLP,CN CNY,CO COP,CR CRC,CZ CZK,DK DKK,EG EGP,FO DKK,GB GBP,GE GEL,GG GBP,GL DKK,HK HKD,HU HUF,ID IDR,IL ILS,IM GBP,IN INR,IS ISK,JE GBP,JO JOD,JP JPY,KE KES,KR KRW,KW KWD,LI CHF,LR LRD,MA MAD,MD MDL,MK MKD,MM MMK,MX MXN,MY MYR,NG NGN,NO NOK,NZ NZD,OM OMR,PE PEN,PH PHP,PK PKR,PL PLN,PY PYG,QA QAR,RO RON,RS RSD,RU RUB,SA SAR,SE SEK,SG SGD,TH THB,TN TND,TR TRY,TW TWD,UA UAH,UY UYU,VN VND,ZA ZAR';

const OF_REGION: ReadonlyMap<string, Currency> = new Map([
  ...EURO.split(' ').map((region) => [region, 'EUR'] as const),
  ...DOLLAR.split(' ').map((region) => [region, 'USD'] as const),
  ...OTHERS.split(',').map((pair) => [pair.slice(0, 2), pair.slice(3)] as const),
]);

const LESS_COMMON =
  'AFN ALL AMD AOA AWG AZN BBD BDT BHD BIF BMD BND BOB BSD BTN BWP BYN BZD CDF CUP CVE DJF DOP DZD ERN ETB FJD FKP GHS GIP GMD GNF GTQ GYD HNL HTG IQD IRR JMD KGS KHR KMF KPW KYD KZT LAK LBP LKR LSL LYD MGA MNT MOP MRU MUR MVR MWK MZN NAD NIO NPR PAB PGK RWF SBD SCR SDG SHP SLE SOS SRD SSP STN SYP SZL TJS TMT TOP TTD TZS UGX UZS VES VUV WST XAF XCD XOF XPF YER ZMW ZWG';

/** The currencies that are paid with (ISO 4217, from memory), by code. */
export const CURRENCIES: readonly Currency[] = [
  ...new Set([...OF_REGION.values(), ...LESS_COMMON.split(' ')]),
].sort();

/** Regions that weigh in pounds: the United States, Liberia, Myanmar (common practice). */
const POUNDS = new Set(['US', 'LR', 'MM', 'PR', 'GU', 'VI', 'AS', 'MP']);

/** How people count where somebody lives, as far as the region tells. */
export interface RegionalHabits {
  readonly currency: Currency;
  readonly system: 'metric' | 'imperial';
}

/**
 * What to offer first: the currency and the weights of a region.
 *
 * @param region two letters (ISO 3166); of one that is not known, euros and kilograms
 * @example habitsOf('US') // { currency: 'USD', system: 'imperial' }
 */
export function habitsOf(region: string): RegionalHabits {
  return {
    currency: OF_REGION.get(region) ?? 'EUR',
    system: POUNDS.has(region) ? 'imperial' : 'metric',
  };
}
