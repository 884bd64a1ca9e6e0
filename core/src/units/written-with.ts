import type { DecimalSign } from './number-style';

/** What one number says of the decimal sign it was written with; null where it says nothing. */
function signOf(text: string): DecimalSign | null {
  const compact = text.trim().replace(/[\s\u00a0\u202f'’]/g, '');
  const [dot, comma] = [compact.lastIndexOf('.'), compact.lastIndexOf(',')];
  if (!/^[+-]?[\d.,]+$/.test(compact) || (dot < 0 && comma < 0)) return null;
  if (dot >= 0 && comma >= 0) return dot > comma ? '.' : ',';
  const sign: DecimalSign = dot >= 0 ? '.' : ',';
  const parts = compact.split(sign);
  // Twice is thousands; once with three digits after it may be either.
  if (parts.length > 2) return sign === '.' ? ',' : '.';
  return (parts[1] ?? '').length === 3 && !/^[+-]?0?$/.test(parts[0] ?? '') ? null : sign;
}

/**
 * The decimal sign that a list of numbers was written with, from those that can be read one way only.
 *
 * @returns null where none of them says; 'both' with an example of each where they disagree
 * @example writtenWith(['13.950', '27,90']) // ','
 */
export function writtenWith(
  numbers: Iterable<string>,
): DecimalSign | null | { readonly point: string; readonly comma: string } {
  let point: string | null = null;
  let comma: string | null = null;
  for (const text of numbers) {
    const sign = signOf(text);
    if (sign === '.') point ??= text.trim();
    if (sign === ',') comma ??= text.trim();
  }
  if (point !== null && comma !== null) return { point, comma };
  return point !== null ? '.' : comma !== null ? ',' : null;
}
