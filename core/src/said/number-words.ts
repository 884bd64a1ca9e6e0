const ONES = (
  'zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen ' +
  'sixteen seventeen eighteen nineteen'
).split(' ');
const TENS = 'twenty thirty forty fifty sixty seventy eighty ninety'.split(' ');
const VALUE = new Map([
  ...ONES.map((word, value) => [word, value] as const),
  ...TENS.map((word, at) => [word, 20 + 10 * at] as const),
]);
const WORD = [...VALUE.keys(), 'hundred', 'thousand'].join('|');
const NUMBER = new RegExp(`\\b(?:${WORD})(?:[\\s-]+(?:and\\s+)?(?:${WORD}))*\\b`, 'gi');

/**
 * A sentence with its number words as figures: what is dictated comes partly in words.
 *
 * @example figuresFor('eight packs, three hundred and twenty grams') // '8 packs, 320 grams'
 */
export function figuresFor(text: string): string {
  const dozens = text.replace(/\bhalf a dozen\b/gi, '6').replace(/\b(?:an?|one) dozen\b/gi, '12');
  return dozens.replace(NUMBER, (words) => listed(words.toLowerCase().split(/[\s-]+/)).join(' '));
}

/** One number of the words; more where the next does not go on with it ("three four"). */
function listed(words: readonly string[]): number[] {
  const all: number[] = [];
  let [sum, last, isOpen] = [0, 0, false];
  for (const word of words) {
    if (word === 'and') continue;
    const value = VALUE.get(word);
    if (value !== undefined) {
      const goesOn = isOpen && (last >= 100 || (last >= 20 && last < 100 && value < 10 && value > 0));
      if (isOpen && !goesOn) {
        all.push(sum);
        sum = 0;
      }
      [sum, last, isOpen] = [sum + value, value, true];
      continue;
    }
    const by = word === 'hundred' ? 100 : 1000;
    sum = word === 'hundred' && sum > 100 ? sum - last + Math.max(1, last) * by : Math.max(1, sum) * by;
    [last, isOpen] = [by, true];
  }
  return isOpen ? [...all, sum] : all;
}
