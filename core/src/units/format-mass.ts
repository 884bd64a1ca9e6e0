import { fromDg, type MassDg } from './mass';
import { formatNumber, type DecimalSign } from './number-style';
import type { MassUnit } from './unit';

/** The scales a household thinks in. */
export type MassSystem = 'metric' | 'imperial';

/** How a household reads masses. */
export interface MassStyle {
  readonly system: MassSystem;
  readonly decimal: DecimalSign;
}

/**
 * A mass as a person reads it: grams under a kilogram (ounces under a pound), else three
 * decimals of a kilogram (two of a pound).
 *
 * @example formatMass(53180, { system: 'metric', decimal: '.' }) // '5.318 kg'
 * @example formatMass(3720, { system: 'metric', decimal: '.' }) // '372 g'
 */
export function formatMass(massDg: MassDg, style: MassStyle): string {
  const { value, unit } = massParts(massDg, style);
  return `${value} ${unit}`;
}

/** The same, with figure and unit apart, for where they are set in different sizes. */
export function massParts(massDg: MassDg, style: MassStyle): { value: string; unit: MassUnit } {
  const unit = unitFor(massDg, style.system);
  const decimals = { g: massDg % 10 === 0 || Math.abs(massDg) >= 1000 ? 0 : 1, kg: 3, lb: 2, oz: 1 }[unit];
  return { value: formatNumber(fromDg(massDg, unit), decimals, style.decimal), unit };
}

function unitFor(massDg: MassDg, system: MassSystem): MassUnit {
  const size = Math.abs(massDg);
  // What is read as 16.0 oz is a pound already, as what is read as 1000 g is a kilogram.
  if (system === 'imperial') return fromDg(size, 'oz') >= 15.95 ? 'lb' : 'oz';
  return size >= 9995 ? 'kg' : 'g';
}
