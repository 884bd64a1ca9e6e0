import { convert } from './convert';

/**
 * A length as a ruler in inches shows it: in whole parts of an inch, the fraction in its lowest terms.
 *
 * @param mm length in millimetres, not negative
 * @param parts of an inch that the ruler has; what is more than nothing is at least one of them
 * @example inInches(32, 8) // '1 1/4'
 */
export function inInches(mm: number, parts: 2 | 4 | 8 | 16 = 16): string {
  const all = mm > 0 ? Math.max(1, Math.round(convert(mm, 'mm', 'in') * parts)) : 0;
  const whole = Math.floor(all / parts);
  let [over, under] = [all % parts, parts as number];
  while (over > 0 && over % 2 === 0) [over, under] = [over / 2, under / 2];
  return [whole > 0 || over === 0 ? String(whole) : '', over > 0 ? `${over}/${under}` : '']
    .filter(Boolean)
    .join(' ');
}
