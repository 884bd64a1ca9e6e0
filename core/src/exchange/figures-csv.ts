import { minorDigits, type Currency } from '../units/money';
import { fromDg } from '../units/mass';
import type { DecimalSign } from '../units/number-style';
import { writeCsv, type Cell } from './csv';

/** What the figures of a column are: they are written in a household's units, or in base units. */
export type Quantity = 'text' | 'number' | 'mass' | 'money' | 'money-per-mass';

/** One column of a table of figures. */
export interface Column<T> {
  readonly head: string;
  readonly is: Quantity;
  /** Masses in tenths of a gram, money in smallest coins (a kilogram); null is an empty cell. */
  readonly of: (row: T) => string | number | null;
}

/** How a table of figures is written. */
export interface FiguresStyle {
  /** Base units are grams, kilograms and a point, for other programs. */
  readonly units: 'household' | 'base';
  readonly system: 'metric' | 'imperial';
  readonly decimal: DecimalSign;
  readonly currency: Currency;
}

/** Decimals of a weight: a scale shows no more. */
const DECIMALS = { kg: 3, lb: 2, g: 1 } as const;
type Unit = keyof typeof DECIMALS;

/**
 * A table of figures as CSV: every column says its unit in its head, a figure is a figure, rounded, and
 * what nobody knows is an empty cell. A household that writes commas gets semicolons between cells, as its
 * spreadsheets read them; in base units it is always a point and a comma.
 *
 * @example a weight of 51,900 tenths of a gram: head "weight (kg)", cell 5.190
 */
export function figuresCsv<T>(
  columns: readonly Column<T>[],
  rows: readonly T[],
  { units, system, decimal, currency }: FiguresStyle,
): string {
  const isBase = units === 'base';
  const large: Unit = isBase || system === 'metric' ? 'kg' : 'lb';
  const unit: Unit = isBase ? 'g' : large;
  const [digits, sign] = [minorDigits(currency), isBase ? '.' : decimal];
  const money = (minor: number): string => figure(minor / 10 ** digits, digits, sign);
  const cell = (is: Quantity, value: string | number | null): Cell => {
    if (value === null || typeof value === 'string') return value;
    if (is === 'mass') return figure(fromDg(value, unit), DECIMALS[unit], sign);
    if (is === 'money') return money(value);
    if (is === 'money-per-mass') return money((value * fromDg(1, 'kg')) / fromDg(1, large));
    return figure(value, Number.isInteger(value) ? 0 : 1, sign);
  };
  const head = ({ head: text, is }: Column<T>): string => {
    if (is === 'mass') return `${text} (${unit})`;
    if (is === 'money') return `${text} (${currency})`;
    return is === 'money-per-mass' ? `${text} (${currency}/${large})` : text;
  };
  return writeCsv(
    columns.map(head),
    rows.map((row) => columns.map(({ is, of }) => cell(is, of(row)))),
    sign === ',' ? ';' : ',',
  );
}

/** A figure with so many decimals and no signs of groups; nothing below nothing that rounds to it. */
function figure(value: number, decimals: number, sign: DecimalSign): string {
  const text = value.toFixed(decimals);
  return (/[1-9]/.test(text) ? text : text.replace('-', '')).replace('.', sign);
}
