import { FRACTION, parseAmount, spelled } from './amount';
import { exactMass, type ExactMass } from './exact-mass';
import { toDg, type MassDg } from './mass';
import type { DecimalSign } from './number-style';
import type { MassUnit } from './unit';

/** What a person typed, and what it means. */
export interface TypedMass {
  readonly massDg: MassDg;
  /** The text as typed, with the unit that was assumed when none was written. */
  readonly typed: string;
}

const UNIT_WORDS: Record<string, MassUnit> = {
  g: 'g',
  gr: 'g',
  gram: 'g',
  grams: 'g',
  kg: 'kg',
  kgs: 'kg',
  kilo: 'kg',
  kilos: 'kg',
  kilogram: 'kg',
  kilograms: 'kg',
  lb: 'lb',
  lbs: 'lb',
  pound: 'lb',
  pounds: 'lb',
  oz: 'oz',
  ounce: 'oz',
  ounces: 'oz',
};

/**
 * Reads a weight as people write it: "4.32 lb", "4 lb 5 oz", "4 lb 5", "2 1/2 lb", "1,250 g", "2.1kg", "372".
 * Zero and negative weights are read as they are; whether they make sense is for the caller.
 *
 * @param assumed the unit when none is written
 * @returns the mass in tenths of a gram with the text kept, or null when it cannot be read
 * Several stickers are added: "4.6 + 5.1".
 *
 * @example parseMass('4 lb 5 oz', 'g', '.') // { massDg: 19561, typed: '4 lb 5 oz' }
 */
export function parseMass(text: string, assumed: MassUnit, decimal: DecimalSign): TypedMass | null {
  const exact = parseExactMass(text, assumed, decimal);
  if (exact === null) return null;
  const hasUnit = /[a-z]/i.test(text);
  return {
    massDg: toDg(Number(exact) / 1e15, 'g'),
    typed: hasUnit ? text.trim() : `${text.trim()} ${assumed}`,
  };
}

/**
 * The same without rounding, for what is priced by it.
 *
 * @example parseExactMass('20 lb', 'kg', '.') // exactMass(20, 'lb')
 */
export function parseExactMass(text: string, assumed: MassUnit, decimal: DecimalSign): ExactMass | null {
  const several = text.split(/(?<=[\da-z.])\s*\+\s*(?=\d)/i);
  if (several.length > 1) return sumOf(several, assumed, decimal);
  const compact = spelled(text.trim().toLowerCase()).replace(/(?<=[a-z]\.?)\s*(?:,|and|&)\s*(?=\d)/g, ' ');
  const terms = [...compact.matchAll(TERM)];
  if (terms.length === 0 || terms.map((term) => term[0]).join('') !== compact) return null;
  const units = terms.map((term, index) => {
    if (term[2]) return UNIT_WORDS[term[2]];
    const before = UNIT_WORDS[terms[index - 1]?.[2] ?? ''];
    return terms.length === 1 ? assumed : before && SMALLER[before];
  });
  if (units.includes(undefined) || !isFallingSequence(units as MassUnit[])) return null;
  let exact: ExactMass = 0n;
  for (const [index, term] of terms.entries()) {
    const value = parseAmount(term[1] ?? '', decimal);
    if (value === null) return null;
    exact += exactMass(value, units[index] as MassUnit);
  }
  return exact;
}

/** A number, or one with a fraction, and its unit. */
const TERM = new RegExp(`(${FRACTION}|[+-]?[\\d.,'’\\s\\u00a0\\u202f]*\\d)\\s*([a-z]*)\\.?\\s*`, 'g');
/** "4 lb 5" is five ounces. */
const SMALLER: Partial<Record<MassUnit, MassUnit>> = { kg: 'g', lb: 'oz' };

/** "4.6 + 5.1 lb": several stickers; those without a unit have that of the last. */
function sumOf(texts: readonly string[], assumed: MassUnit, decimal: DecimalSign): ExactMass | null {
  const last = /([a-z]+)\.?\s*$/i.exec(texts.at(-1) ?? '')?.[1]?.toLowerCase();
  const unit = (last !== undefined ? UNIT_WORDS[last] : assumed) ?? assumed;
  const masses = texts.map((text) => parseExactMass(text, unit, decimal));
  return masses.reduce<ExactMass | null>(
    (sum, mass) => (sum === null || mass === null ? null : sum + mass),
    0n,
  );
}

const SIZE: Record<MassUnit, number> = { kg: 2, g: 1, lb: 2, oz: 1 };
const METRIC: ReadonlySet<MassUnit> = new Set<MassUnit>(['kg', 'g']);

/** "4 lb 5 oz" and "1 kg 250 g" are weights; "5 oz 4 lb" and "1 kg 4 oz" are slips. */
function isFallingSequence(units: MassUnit[]): boolean {
  return units.every((unit, index) => {
    const before = units[index - 1];
    return before === undefined || (SIZE[before] > SIZE[unit] && METRIC.has(before) === METRIC.has(unit));
  });
}
