import { computed, inject, Injectable } from '@angular/core';
import { formatMass, massParts } from '@core/units/format-mass';
import { fromDg } from '@core/units/mass';
import { currencySign, formatMoney, parseMoney } from '@core/units/money';
import { formatNumber } from '@core/units/number-style';
import { parseMass, type TypedMass } from '@core/units/parse-mass';
import { convert } from '@core/units/convert';
import { daysBetween } from '@core/units/date';
import { Clock } from './clock';
import { HouseholdStore } from './household-store';

const DAY = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', timeZone: 'UTC' });
const DAY_AND_YEAR = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' });

/** Quantities in the household's own units, at the edge of the screen and nowhere else. */
@Injectable()
export class Figures {
  private readonly store = inject(HouseholdStore);
  private readonly clock = inject(Clock);
  private readonly settings = this.store.settings;

  /** The unit in which a price is asked: a kilogram or a pound. */
  readonly priceUnit = computed(() => (this.settings().system === 'imperial' ? 'lb' : 'kg'));
  readonly smallUnit = computed(() => (this.settings().system === 'imperial' ? 'oz' : 'g'));
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
    return parseMass(text, assumed === 'large' ? this.priceUnit() : this.smallUnit(), this.settings().decimal);
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

  /** How long ago a day was, or how far ahead. */
  age(date: string): string {
    const days = daysBetween(date, this.clock.today());
    if (days === 0) return 'today';
    const size = Math.abs(days);
    const length = size < 14 ? plural(size, 'day') : size < 70 ? plural(Math.round(size / 7), 'week') : plural(Math.round(size / 30.4), 'month');
    return days > 0 ? `${length} ago` : `in ${length}`;
  }
}

const plural = (count: number, word: string): string => `${count} ${word}${count === 1 ? '' : 's'}`;
