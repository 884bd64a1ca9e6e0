import { massDoubt, typedMass } from './typed-mass';
import type { MassDg } from '../units/mass';
import type { TypedMass } from '../units/parse-mass';
import { failure, success, type Result } from '../units/result';
import type { Format } from './format';
import { typedLength } from './typed';

/** Reads what was typed into a field, or says what is wrong with it. */
export type Reader<T> = (text: string) => Result<T>;

/** A field that may be left empty, and what that means. */
export function orEmpty<T, E>(empty: E, read: Reader<T>): Reader<T | E> {
  return (text) => (text.trim() === '' ? success(empty) : read(text));
}

/** Words, whatever they are; they may be none. */
export const readText: Reader<string> = (text) => success(text.trim());

/** @example countReader(0, 30, 'Guests are')('x') // { problem: 'Guests are a whole number from 0 to 30.' } */
export function countReader(least: number, most: number, what = 'How many is'): Reader<number> {
  return (text) => {
    const value = /^\s*\d+\s*$/.test(text) ? Number(text) : NaN;
    return value >= least && value <= most
      ? success(value)
      : failure(`${what} a whole number from ${least} to ${most}.`);
  };
}

/** A mass above zero, or from zero up where `least` is zero. */
export function massReader(
  format: Format,
  assumed: 'large' | 'small',
  limits: { readonly least?: number; readonly most?: number; readonly what?: string } = {},
): Reader<MassDg> {
  const read = typedMassReader(format, assumed, limits);
  return (text) => {
    const mass = read(text);
    return mass.ok ? success(mass.value.massDg) : mass;
  };
}

/** The same with what was typed, for the journal. */
export function typedMassReader(
  format: Format,
  assumed: 'large' | 'small',
  { least = 1, most = Infinity, what = 'weight' } = {},
): Reader<TypedMass> {
  return (text) => {
    const doubt = massDoubt(text, assumed, format);
    if (doubt) return failure(doubt);
    const mass = typedMass(text, assumed, format);
    if (mass === null || mass.massDg < least) return failure(`“${text}” is no ${what}.`);
    return mass.massDg > most ? failure(`${format.mass(most)} is the most.`) : success(mass);
  };
}

/** A length in mm, above zero or from zero up. */
export function lengthReader(
  format: Format,
  { zero = false, most = Infinity, what = 'length' } = {},
): Reader<number> {
  return (text) => {
    const mm = typedLength(text, format.style());
    const isFit = mm !== null && mm <= most && (mm > 0 || (zero && mm === 0));
    return isFit ? success(mm) : failure(`“${text}” is no ${what}.`);
  };
}

/** A number from so much to so much, however many decimals. */
export function numberReader(format: Format, least: number, most: number, what: string): Reader<number> {
  return (text) => {
    const value = format.parseNumber(text);
    return value !== null && value >= least && value <= most ? success(value) : failure(what);
  };
}
