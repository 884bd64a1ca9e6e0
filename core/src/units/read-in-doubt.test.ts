import * as z from 'zod';
import { faultWords } from './fault-words';
import { massInDoubt } from './mass-in-doubt';
import type { DecimalSign } from './number-style';
import type { MassUnit } from './unit';
import { writtenWith } from './written-with';

describe('a weight whose sign may be meant the other way', () => {
  it.each<[string, MassUnit, DecimalSign, string | null]>([
    ['1.250 g', 'g', '.', '1250 g'],
    ['1.250', 'g', '.', '1250 g'],
    ['2,100 g', 'kg', ',', '2100 g'],
    ['1.050 lb', 'lb', ',', '1,050 lb'],
    ['4,120', 'kg', '.', '4.120 kg'],
    // These make sense as they stand.
    ['1,250 g', 'g', '.', null],
    ['1.250 kg', 'g', '.', null],
    ['12.5 g', 'g', '.', null],
    ['4,120', 'kg', ',', null],
    ['1.250 oz', 'oz', '.', null],
    ['2 lb 3 oz', 'lb', '.', null],
    ['heavy', 'kg', '.', null],
  ])('%s, in %s with a “%s”: %s', (text, unit, decimal, meant) => {
    expect(massInDoubt(text, unit, decimal)).toBe(meant);
  });
});

describe('the sign that numbers were written with', () => {
  it.each([
    [['27.9', '13.950'], '.'],
    [['27,90', '13.950'], ','],
    [['1,234.50'], '.'],
    [['1.234.567'], ','],
    [['0.125'], '.'],
    [['13.950', '12'], null],
    [['', 'dear'], null],
    [['27.9', '27,9'], { point: '27.9', comma: '27,9' }],
  ])('%j: %j', (numbers, sign) => {
    expect(writtenWith(numbers)).toEqual(sign);
  });
});

describe('what is wrong with a value', () => {
  const schema = z.strictObject({
    name: z.string().min(1).max(3),
    count: z.int().max(9),
    on: z.iso.date(),
    way: z.enum(['a', 'b']),
    list: z.array(z.string()),
    own: z.string().regex(/^x/, 'it begins with an x'),
    any: z.union([z.string(), z.number()]),
  });
  const good = { name: 'a', count: 1, on: '2026-01-01', way: 'a', list: [], own: 'x', any: 1 };

  it.each([
    [{ name: '' }, 'nothing is written there'],
    [{ name: 'long' }, 'it is longer than 3 letters'],
    [{ name: 1 }, 'a text is wanted'],
    [{ count: 10 }, 'at most 9 is taken'],
    [{ count: 1.5 }, 'a whole number is wanted'],
    [{ on: '3 March' }, 'a day like 2026-11-24 is wanted'],
    [{ way: 'c' }, 'it is none of a, b'],
    [{ list: 'x' }, 'a list is wanted'],
    [{ own: 'y' }, 'it begins with an x'],
    [{ any: true }, 'it cannot be read'],
    [{ more: 1 }, '“more” is not known here'],
  ])('%j: %s', (wrong, words) => {
    const { error } = schema.safeParse({ ...good, ...wrong });
    expect(error?.issues.map(faultWords)).toEqual([words]);
  });
});
