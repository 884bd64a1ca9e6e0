import { convert } from '../units/convert';
import { addDays, daysBetween, type Instant, type IsoDate } from '../units/date';
import { formatMass, massParts } from '../units/format-mass';
import { inInches } from '../units/inches';
import { fromDg } from '../units/mass';
import { currencySign, formatMoney, minorDigits, parseMoney } from '../units/money';
import { formatNumber, parseNumber, type DecimalSign } from '../units/number-style';
import { toldIn } from '../units/prose';
import { timeOfDay } from '../units/time-of-day';
import { wallAt } from '../units/zone';
import type { Settings } from '../records/settings';
import { ageWords, dayAndYear, dayWords, monthWords, weekdayWords } from './days';
import { plural } from './plural';

/** What figures are written by. */
export interface FormatBy {
  readonly settings: () => Pick<Settings, 'system' | 'decimal' | 'currency'>;
  readonly today: () => IsoDate;
  /** Of the time-zone database, such as `Europe/Paris`. */
  readonly zone: () => string;
}

/**
 * Quantities in a household's own words and units, at the edge of a screen, a label or a file and
 * nowhere else. It asks how the household counts at every figure, so that a page whose settings
 * change is written anew.
 *
 * @example new Format({ settings: () => settings, today: () => '2026-01-01', zone: () => 'UTC' }).mass(53180) // '5.318 kg'
 */
export class Format {
  private readonly settings: FormatBy['settings'];
  private readonly today: FormatBy['today'];
  private readonly zone: FormatBy['zone'];

  constructor({ settings, today, zone }: FormatBy) {
    this.settings = settings;
    this.today = today;
    this.zone = zone;
  }

  /** The unit in which a price is asked: a kilogram or a pound. */
  priceUnit(): 'kg' | 'lb' {
    return this.isImperial() ? 'lb' : 'kg';
  }

  /** How figures are written here, for who reads them. */
  style(): Pick<Settings, 'system' | 'decimal' | 'currency'> {
    const { system, decimal, currency } = this.settings();
    return { system, decimal, currency };
  }

  smallUnit(): 'g' | 'oz' {
    return this.isImperial() ? 'oz' : 'g';
  }

  /** How labels are read here. */
  labelStyle(): { currency: string; decimal: DecimalSign; unit: 'kg' | 'lb' } {
    const { currency, decimal } = this.settings();
    return { currency, decimal, unit: this.priceUnit() };
  }

  currencySign(): string {
    return currencySign(this.settings().currency);
  }

  mass(massDg: number): string {
    return formatMass(massDg, this.settings());
  }

  massParts(massDg: number): { value: string; unit: string } {
    return massParts(massDg, this.settings());
  }

  money(minor: number): string {
    return formatMoney(minor, this.settings().currency, this.settings().decimal);
  }

  /** What to say after a saving that leaves out what nobody knows the price of. */
  bound(minor: number, complete: boolean): string {
    if (complete) return '';
    return minor < 0 ? 'or better' : 'or more';
  }

  /** An amount without its cents, where they would say more than is known. */
  wholeMoney(minor: number): string {
    const { currency, decimal } = this.settings();
    const coins = 10 ** minorDigits(currency);
    const sign = Math.round(minor / coins) < 0 ? '−' : '';
    return `${sign}${this.currencySign()}${formatNumber(Math.abs(Math.round(minor / coins)), 0, decimal)}`;
  }

  /** An amount for a table that another program reads: a point, no sign, no groups. */
  readonly plainMoney = (minor: number): string => {
    const digits = minorDigits(this.settings().currency);
    return (minor / 10 ** digits).toFixed(digits);
  };

  /** An amount as one would type it. */
  plainMoneyTyped(minor: number): string {
    return this.plainMoney(minor).replace('.', this.settings().decimal);
  }

  /** The month of a day. */
  month(date: IsoDate): string {
    return monthWords(date);
  }

  /** A price for a unit as one would type it. */
  plainPerUnit(perKgMinor: number): string {
    const { currency, decimal } = this.settings();
    const digits = minorDigits(currency);
    return (Math.round(perKgMinor * this.kgPerUnit()) / 10 ** digits).toFixed(digits).replace('.', decimal);
  }

  /** A mass where grams would say more than is known. */
  roughMass(massDg: number): string {
    const [value, unit] = [fromDg(massDg, this.priceUnit()), this.priceUnit()];
    return `${formatNumber(value, value < 20 ? 1 : 0, this.settings().decimal)} ${unit}`;
  }

  /** From so much to so much, the unit said once. */
  roughSpan(lowDg: number, highDg: number): string {
    const [low, high] = [
      this.massParts(Math.round(lowDg / 50) * 50),
      this.massParts(Math.round(highDg / 50) * 50),
    ];
    return low.unit === high.unit
      ? `${low.value} to ${high.value} ${high.unit}`
      : `${low.value} ${low.unit} to ${high.value} ${high.unit}`;
  }

  /** A length as a ruler of this household shows it. */
  length(mm: number): string {
    const { system, decimal } = this.settings();
    return system === 'imperial'
      ? `${inInches(mm)} in`
      : `${formatNumber(mm, Number.isInteger(Math.round(mm * 10) / 10) ? 0 : 1, decimal)} mm`;
  }

  /** The unit that a bare length is read in. */
  lengthUnit(): 'in' | 'mm' {
    return this.isImperial() ? 'in' : 'mm';
  }

  /** A sentence with quantities, as this household measures. */
  told(text: string): string {
    return toldIn(text, this.settings());
  }

  /** A volume as this household's freezers are sold. */
  volume(litres: number): string {
    return this.isImperial()
      ? `${this.number(convert(litres, 'L', 'ft3'), 1)} cu ft`
      : `${this.number(litres, 0)} L`;
  }

  /** The same without its unit, as one would type it. */
  plainVolume(litres: number): string {
    return this.isImperial() ? this.number(convert(litres, 'L', 'ft3'), 1) : this.number(litres, 0);
  }

  private isImperial(): boolean {
    return this.settings().system === 'imperial';
  }

  /** Decimals of the currency's coins. */
  moneyDigits(): number {
    return minorDigits(this.settings().currency);
  }

  parseNumber(text: string): number | null {
    return parseNumber(text, this.settings().decimal);
  }

  /** A price for a kilogram, in the unit the household knows. */
  perUnit(perKgMinor: number): string {
    const minor = Math.round(perKgMinor * this.kgPerUnit());
    return `${this.money(minor)}/${this.priceUnit()}`;
  }

  /** A rate between two currencies, with all the places that somebody typed. */
  rate(rate: number): string {
    return String(rate).replace('.', this.settings().decimal);
  }

  number(value: number, decimals: number): string {
    return formatNumber(value, decimals, this.settings().decimal);
  }

  percent(fraction: number, decimals = 1): string {
    return `${this.number(fraction * 100, decimals)} %`;
  }

  parseMoney(text: string): number | null {
    return parseMoney(text, this.settings().currency, this.settings().decimal);
  }

  /** Kilograms in the unit that prices are asked for. */
  kgPerUnit(): number {
    return this.priceUnit() === 'lb' ? convert(1, 'lb', 'kg') : 1;
  }

  kg(massDg: number): number {
    return fromDg(massDg, 'kg');
  }

  /** A day, without its year where that is plain. */
  day(date: IsoDate): string {
    return dayWords(date, this.today());
  }

  /** A day in a field: its year only where it is far. */
  dayInField(date: IsoDate): string {
    return Math.abs(daysBetween(date, this.today())) < 120 ? this.day(date) : dayAndYear(date);
  }

  /** The day so many days from today. */
  dayFromToday(days: number): IsoDate {
    return addDays(this.today(), days);
  }

  /** A day with its year, for what is read long after. */
  dayAndYear(date: IsoDate): string {
    return dayAndYear(date);
  }

  /** A least temperature: never rounded down. */
  temperature(celsius: number): string {
    return this.isImperial() ? `${Math.round(convert(celsius, 'C', 'F'))} °F` : `${Math.ceil(celsius)} °C`;
  }

  /** A least temperature on both scales, the household's first: “63 °C (145 °F)”. */
  heat(celsius: number): string {
    const [metric, imperial] = [`${Math.ceil(celsius)} °C`, `${Math.round(convert(celsius, 'C', 'F'))} °F`];
    return this.isImperial() ? `${imperial} (${metric})` : `${metric} (${imperial})`;
  }

  /** So many of something, one said as one. */
  count(count: number, word: string): string {
    return plural(count, word);
  }

  /** The keys that a time of day is typed with: digits and a point, where nobody writes am and pm. */
  timeKeys(): 'decimal' | 'text' {
    return this.isImperial() ? 'text' : 'decimal';
  }

  /** A time of day, `HH:MM`, on the household's own clock. */
  time(time: string): string {
    return timeOfDay(time, this.settings().system);
  }

  /** The time of a moment, where the household is. */
  timeOf(instant: Instant): string {
    return this.time(wallAt(instant, this.zone()).time);
  }

  /** A moment: its time, and its day where that is not today. */
  moment(instant: Instant): string {
    const { date, time } = wallAt(instant, this.zone());
    return date === this.today() ? this.time(time) : `${this.time(time)}, ${weekdayWords(date)}`;
  }

  /** A day of a plan: its weekday first. */
  weekday(date: IsoDate): string {
    return weekdayWords(date);
  }

  /** How cold it is somewhere, to the degree. */
  air(celsius: number): string {
    const isImperial = this.isImperial();
    return `${String(Math.round(isImperial ? convert(celsius, 'C', 'F') : celsius)).replace('-', '−')} °${isImperial ? 'F' : 'C'}`;
  }

  /** How long ago a day was, or how far ahead. */
  age(date: IsoDate): string {
    return ageWords(date, this.today());
  }
}
