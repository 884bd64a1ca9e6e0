import { parseAmount } from '../units/amount';
import { convert } from '../units/convert';
import type { MassStyle } from '../units/format-mass';
import { parseNumber } from '../units/number-style';

/**
 * A typed length, in mm: "32 mm", "3.2 cm", "1 1/4 in", or a bare figure in the household's unit.
 *
 * @returns null where it is none
 * @example typedLength('1 1/4 in', { system: 'metric', decimal: '.' }) // 31.75
 */
export function typedLength(text: string, style: MassStyle): number | null {
  const value = parseAmount(text.replace(/\s*(mm|cm|inch(es)?|in\.?|"|″|”)\s*$/i, ''), style.decimal);
  if (value === null) return null;
  if (/cm\s*$/i.test(text)) return value * 10;
  const isInches =
    /(inch(es)?|in\.?|"|″|”)\s*$/i.test(text) || (style.system === 'imperial' && !/mm\s*$/i.test(text));
  return isInches ? convert(value, 'in', 'mm') : value;
}

/** A typed volume, in litres: "7 cu ft", "200 L", or a bare figure in the household's unit; null where it is none. */
export function typedVolume(text: string, { system, decimal }: MassStyle): number | null {
  const feet = /\s*(cu\.?\s*ft\.?|cubic\s*(feet|foot)|ft3|ft³)\s*$/i;
  const litres = /\s*l(it(er|re)s?)?\.?\s*$/i;
  const value = parseAmount(text.replace(feet, '').replace(litres, ''), decimal);
  if (value === null) return null;
  const isFeet = feet.test(text) || (system === 'imperial' && !litres.test(text));
  return isFeet ? Math.round(convert(value, 'ft3', 'L') * 10) / 10 : value;
}

/** A typed temperature, in °C: "4 °C", "40 F", or a bare figure in the household's scale; null where it is none. */
export function typedTemperature(text: string, { system, decimal }: MassStyle): number | null {
  const scale = /\s*(°\s*)?([cf])\s*$/i;
  const value = parseNumber(text.replace('−', '-').replace(scale, '').replace(/°\s*$/, ''), decimal);
  if (value === null) return null;
  const said = scale.exec(text)?.[2]?.toLowerCase() ?? (system === 'imperial' ? 'f' : 'c');
  return said === 'f' ? Math.round(convert(value, 'F', 'C') * 10) / 10 : value;
}
