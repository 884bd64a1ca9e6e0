/**
 * The check digit of a number of digits: weights 3 and 1 from the right, up to the next ten.
 *
 * @source GS1 General Specifications (exact)
 * @example checkDigit('629104150021') // 3
 */
export function checkDigit(digits: string): number {
  const sum = [...digits]
    .reverse()
    .reduce((total, digit, k) => total + Number(digit) * (k % 2 === 0 ? 3 : 1), 0);
  return (10 - (sum % 10)) % 10;
}

/** Whether the last digit of a number is its check digit. */
export function isChecked(digits: string): boolean {
  return /^\d{8,14}$/.test(digits) && checkDigit(digits.slice(0, -1)) === Number(digits.at(-1));
}
