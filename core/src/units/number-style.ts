/** Which sign a household writes between whole numbers and fractions. */
export type DecimalSign = '.' | ',';

/**
 * Reads a number as people write it: grouping signs and either decimal sign.
 * The household's own decimal sign decides where the other reading is possible ("1,250");
 * a sign that cannot be grouping (not followed by exactly three digits) is a decimal sign.
 *
 * @returns the number, or null when the text is not one
 * @example parseNumber('1,250', '.') // 1250
 * @example parseNumber('1,25', '.') // 1.25
 */
export function parseNumber(text: string, decimal: DecimalSign): number | null {
  const compact = text.trim().replace(/[\s\u00a0\u202f'’]/g, '');
  if (!/^[+-]?(\d[\d.,]*|[.,]\d+)$/.test(compact)) return null;
  const plain = withPointOnly(compact, decimal);
  if (plain === null) return null;
  const value = Number(plain);
  return Number.isFinite(value) ? value : null;
}

function withPointOnly(text: string, decimal: DecimalSign): string | null {
  const last = Math.max(text.lastIndexOf('.'), text.lastIndexOf(','));
  if (last < 0) return text;
  const sign = text[last] as DecimalSign;
  const whole = text.slice(0, last);
  const isDecimal = whole.includes(sign) ? false : sign === decimal || !isGroup(text, last);
  const grouping = isDecimal ? (sign === '.' ? ',' : '.') : sign;
  const [integer, fraction] = isDecimal ? [whole, text.slice(last + 1)] : [text, ''];
  if (!isDecimal && whole.includes(sign === '.' ? ',' : '.')) return null;
  if (!groupsOfThree(integer ?? '', grouping)) return null;
  return `${(integer ?? '').split(grouping).join('')}.${fraction}`;
}

/** Exactly three digits follow, and something other than a lone zero stands before. */
function isGroup(text: string, at: number): boolean {
  const before = text.slice(0, at).replace(/^[+-]/, '');
  return /^\d{3}$/.test(text.slice(at + 1)) && before !== '' && before !== '0';
}

function groupsOfThree(integer: string, sign: string): boolean {
  const [first = '', ...rest] = integer.replace(/^[+-]/, '').split(sign);
  if (rest.length === 0) return !/[.,]/.test(first);
  return /^\d{1,3}$/.test(first) && rest.every((group) => /^\d{3}$/.test(group));
}

/**
 * Writes a number with a fixed count of decimals, in groups of three, in the household's style.
 *
 * @example formatNumber(1250.5, 1, ',') // '1.250,5'
 */
export function formatNumber(value: number, decimals: number, decimal: DecimalSign): string {
  const [whole = '0', fraction] = Math.abs(value).toFixed(decimals).split('.');
  const grouped = whole.replace(/\B(?=(\d{3})+$)/g, decimal === '.' ? ',' : '.');
  const digits = fraction === undefined ? grouped : grouped + decimal + fraction;
  return value < 0 && /[1-9]/.test(digits) ? `−${digits}` : digits;
}
