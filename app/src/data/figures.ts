import { computed, inject, Injectable } from '@angular/core';
import { formatMass, massParts } from '@core/units/format-mass';
import { fromDg } from '@core/units/mass';
import { inInches } from '@core/units/inches';
import { currencySign, formatMoney, minorDigits, parseMoney } from '@core/units/money';
import { shopItem } from '@core/catalogue/shop-items';
import type { PriceNote } from '@core/journal/price-note';
import type { HowLow } from '@core/price/how-low';
import type { PriceQuestion } from '@core/price/price-questions';
import { formatNumber, parseNumber } from '@core/units/number-style';
import { toldIn } from '@core/units/prose';
import { parseMass, type TypedMass } from '@core/units/parse-mass';
import { convert } from '@core/units/convert';
import { daysBetween } from '@core/units/date';
import { timeOfDay } from '@core/units/time-of-day';
import { wallAt } from '@core/units/zone';
import { Clock } from './clock';
import { HouseholdStore } from './household-store';

const WEEKDAY = new Intl.DateTimeFormat('en-GB', {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  timeZone: 'UTC',
});
const DAY = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', timeZone: 'UTC' });
const MONTH_AND_YEAR = new Intl.DateTimeFormat('en-GB', { month: 'long', year: 'numeric', timeZone: 'UTC' });
const DAY_AND_YEAR = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'short',
  year: 'numeric',
  timeZone: 'UTC',
});

/** Quantities in the household's own units, at the edge of the screen and nowhere else. */
@Injectable()
export class Figures {
  private readonly store = inject(HouseholdStore);
  private readonly clock = inject(Clock);
  private readonly settings = this.store.settings;

  /** The unit in which a price is asked: a kilogram or a pound. */
  readonly priceUnit = computed<'kg' | 'lb'>(() => (this.settings().system === 'imperial' ? 'lb' : 'kg'));
  readonly smallUnit = computed(() => (this.settings().system === 'imperial' ? 'oz' : 'g'));
  /** How labels are read here. */
  readonly labelStyle = computed(() => {
    const { currency, decimal } = this.settings();
    return { currency, decimal, unit: this.priceUnit() };
  });
  readonly currencySign = computed(() => currencySign(this.settings().currency));

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

  /** The month of a day. */
  month(date: string): string {
    return MONTH_AND_YEAR.format(new Date(`${date}T12:00:00Z`));
  }

  /** A price for a unit as one would type it. */
  plainPerUnit(perKgMinor: number): string {
    const { currency, decimal } = this.settings();
    const digits = minorDigits(currency);
    return (Math.round(perKgMinor * this.kgPerUnit()) / 10 ** digits).toFixed(digits).replace('.', decimal);
  }

  /** What to ask about a price before it is written down. */
  priceQuestion(note: PriceNote, question: PriceQuestion): string {
    const name = shopItem(note.item)?.name ?? note.item;
    if (question.code === 'same-day')
      return `${name} at ${note.shop} is noted for ${this.day(note.on)} already, at ${this.perUnit(question.other.perKgMinor)}.`;
    const times =
      question.times > 1
        ? `${this.number(question.times, 1)} times`
        : `1/${this.number(1 / question.times, 0)} of`;
    const slip = question.meant
      ? ` Was it for ${question.meant === 'kg' ? 'a kg' : question.meant === 'lb' ? 'a lb' : '100 g'}?`
      : '';
    return `${name} at ${this.perUnit(note.perKgMinor)} is ${times} what it goes for, ${this.perUnit(question.going)}.${slip}`;
  }

  /** How a price stands among those seen. */
  howLow({ higher, lower, seen, since }: HowLow): string {
    return `${higher >= lower ? `lower than ${higher}` : `higher than ${lower}`} of ${seen} in ${daysBetween(since, this.clock.today()) > 300 ? 'a year' : `all, since ${this.month(since)}`}`;
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

  /** A typed volume, in litres: "7 cu ft", "200 L", or a bare figure in the household's unit. */
  parseVolume(text: string): number | null {
    const feet = /\s*(cu\.?\s*ft\.?|cubic\s*(feet|foot)|ft3|ft³)\s*$/i;
    const litres = /\s*l(it(er|re)s?)?\.?\s*$/i;
    const value = this.parseNumber(text.replace(feet, '').replace(litres, ''));
    if (value === null) return null;
    const isFeet = feet.test(text) || (this.isImperial() && !litres.test(text));
    return isFeet ? Math.round(convert(value, 'ft3', 'L') * 10) / 10 : value;
  }

  private isImperial(): boolean {
    return this.settings().system === 'imperial';
  }

  /** A typed temperature, in °C: "4 °C", "40 F", or a bare figure in the household's scale. */
  parseTemperature(text: string): number | null {
    const scale = /\s*(°\s*)?([cf])\s*$/i;
    const value = this.parseNumber(text.replace('−', '-').replace(scale, '').replace(/°\s*$/, ''));
    if (value === null) return null;
    const said = scale.exec(text)?.[2]?.toLowerCase() ?? (this.isImperial() ? 'f' : 'c');
    return said === 'f' ? Math.round(convert(value, 'F', 'C') * 10) / 10 : value;
  }

  /** A typed length, in mm: "32 mm", "3.2 cm", "1 1/4 in", or a bare figure in the household's unit. */
  parseLength(text: string): number | null {
    const value = this.parseFraction(text.replace(/\s*(mm|cm|inch(es)?|in|")\s*$/i, ''));
    if (value === null) return null;
    if (/cm\s*$/i.test(text)) return value * 10;
    const isInches =
      /(inch(es)?|in|")\s*$/i.test(text) || (this.settings().system === 'imperial' && !/mm\s*$/i.test(text));
    return isInches ? convert(value, 'in', 'mm') : value;
  }

  /** A number, or one with a fraction as rulers have it: "1 1/4", "3/8". */
  private parseFraction(text: string): number | null {
    const parts = /^\s*(?:(\d+)\s+)?(\d+)\s*\/\s*(\d+)\s*$/.exec(text);
    if (!parts) return this.parseNumber(text);
    const [, whole = '0', over, under] = parts.map((part) => part ?? '0');
    return Number(under) === 0 ? null : Number(whole) + Number(over) / Number(under);
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

  number(value: number, decimals: number): string {
    return formatNumber(value, decimals, this.settings().decimal);
  }

  percent(fraction: number, decimals = 1): string {
    return `${this.number(fraction * 100, decimals)} %`;
  }

  parseMass(text: string, assumed: 'large' | 'small'): TypedMass | null {
    return parseMass(
      text,
      assumed === 'large' ? this.priceUnit() : this.smallUnit(),
      this.settings().decimal,
    );
  }

  parseMoney(text: string): number | null {
    return parseMoney(text, this.settings().currency, this.settings().decimal);
  }

  /** A typed price a unit, as smallest coins a kilogram. */
  parsePerUnit(text: string): number | null {
    const minor = this.parseMoney(text);
    return minor === null ? null : Math.round(minor / this.kgPerUnit());
  }

  /** Kilograms in the unit that prices are asked for. */
  kgPerUnit(): number {
    return this.priceUnit() === 'lb' ? convert(1, 'lb', 'kg') : 1;
  }

  kg(massDg: number): number {
    return fromDg(massDg, 'kg');
  }

  /** A day, without its year where that is plain. */
  day(date: string): string {
    const style = date.slice(0, 4) === this.clock.today().slice(0, 4) ? DAY : DAY_AND_YEAR;
    return style.format(new Date(`${date}T12:00:00Z`));
  }

  /** A day with its year, for what is read long after. */
  dayAndYear(date: string): string {
    return DAY_AND_YEAR.format(new Date(`${date}T12:00:00Z`));
  }

  /** A least temperature: never rounded down. */
  temperature(celsius: number): string {
    return this.settings().system === 'imperial'
      ? `${Math.round(convert(celsius, 'C', 'F'))} °F`
      : `${Math.ceil(celsius)} °C`;
  }

  /** So many of something, one said as one. */
  count(count: number, word: string): string {
    return plural(count, word);
  }

  /** A time of day, `HH:MM`, on the household's own clock. */
  time(time: string): string {
    return timeOfDay(time, this.settings().system);
  }

  /** The time of a moment, where the household is. */
  timeOf(instant: string): string {
    return this.time(wallAt(instant, Intl.DateTimeFormat().resolvedOptions().timeZone).time);
  }

  /** A day of a plan: its weekday first. */
  weekday(date: string): string {
    return WEEKDAY.format(new Date(`${date}T12:00:00Z`));
  }

  /** How cold it is somewhere, to the degree. */
  air(celsius: number): string {
    const isImperial = this.settings().system === 'imperial';
    return `${String(Math.round(isImperial ? convert(celsius, 'C', 'F') : celsius)).replace('-', '−')} °${isImperial ? 'F' : 'C'}`;
  }

  /** How long ago a day was, or how far ahead. */
  age(date: string): string {
    const days = daysBetween(date, this.clock.today());
    if (days === 0) return 'today';
    const size = Math.abs(days);
    const length =
      size < 14
        ? plural(size, 'day')
        : size < 70
          ? plural(Math.round(size / 7), 'week')
          : plural(Math.round(size / 30.4), 'month');
    return days > 0 ? `${length} ago` : `in ${length}`;
  }
}

const plural = (count: number, word: string): string => `${count} ${word}${count === 1 ? '' : 's'}`;
