import * as fc from 'fast-check';
import Papa from 'papaparse';
import { readPriceCsv, writePriceCsv } from './price-csv';
import { readCsv, writeCsv } from './csv';
import { addDays } from '../units/date';
import { priceBook } from '../price/price-book';
import { bookOf, priceNote as note } from '../testing/price-notes';

/** The apostrophe, at the start of a cell or where another country parts cells. */
const GUARD = /(?<=^|[;,\t\r\n])'(?=[=+\-−@\t\r])/g;

describe('CSV', () => {
  it('brings hostile text back, through papaparse and through our own reader; formulas are neutralised', () => {
    const hostile = fc.oneof(
      fc.string(),
      fc.constantFrom(
        '=1+1',
        '@SUM(A1)',
        '+44',
        '-1',
        '"',
        '""',
        'a,b',
        'a;b',
        'Bo;=cmd|x',
        '−5',
        'a\r\nb',
        '\t=1',
        'ä€',
        "'=x",
      ),
    );
    fc.assert(
      fc.property(fc.array(fc.tuple(hostile, hostile), { minLength: 1 }), (rows) => {
        const text = writeCsv(['first', 'second'], rows);
        const { data } = Papa.parse<string[]>(text, { delimiter: ',' });
        rows.forEach(([a], index) => {
          const cell = data[index + 1]?.[0] ?? '';
          // All that is added is the apostrophe.
          expect(cell.replace(GUARD, '')).toBe(a.replace(GUARD, ''));
        });
        for (const delimiter of [',', ';', '\t'])
          for (const cell of Papa.parse<string[]>(text, { delimiter }).data.flat())
            if (!/^-?\d+([.,]\d+)?$/.test(cell)) expect(cell).not.toMatch(/^[=+\-−@]/);
      }),
    );
    expect(readCsv('\ufeffItem;Price\r\n"a;b";\'=1\r\n').lines).toEqual([
      { line: 2, cells: { item: 'a;b', price: '=1' } },
    ]);
  });

  it('prices: out and in again is the same book', () => {
    const book = bookOf(
      note('2026-03-01', 2799, 'A, "the" shop', { asked: { minor: 2799, unit: 'kg' } }),
      note('2026-03-02', 100, '=cmd|x', { offer: true, note: '-sharp', asked: { minor: 100, unit: 'kg' } }),
      note('2026-03-03', 1872, 'A', { asked: { minor: 849, unit: 'lb' }, typed: '8.49/lb' }),
      note('2026-03-03', 1857, 'B', {
        asked: { minor: 650, unit: 'piece', eachDg: 3500 },
        typed: '6.50/piece',
      }),
    );
    const read = readPriceCsv(writePriceCsv(book, 'EUR'), priceBook([]), 'EUR', '.').value!;
    expect(read.good.map(({ note: each }) => each)).toEqual(
      [...book.byItem.values()].flat().map(({ key: _, ...each }) => each),
    );
    expect(readPriceCsv(writePriceCsv(book, 'EUR'), book, 'EUR', '.').value).toMatchObject({
      good: [],
      bad: [],
      known: 4,
    });
  });

  it('semicolons, decimal commas, units, a mark in front; a bad line by its number with the reason', () => {
    const text =
      '\ufeffItem;Shop;Date;Price;Unit;Weight g;Offer\r\nStrip steak;A;2026-03-01;27,90;;;\r\nstrip-steak;A;2026-03-02;2,79;100 g;;yes\r\nwhale;A;2026-03-02;1;;;\r\nstrip-steak;;2026-03-02;1;;;\r\nstrip-steak;A;3/2/26;1;;;\r\nstrip-steak;A;2026-03-02;minus;;;\r\nstrip-steak;A;2026-03-03;6;pack;;\r\nstrip-steak;A;2026-03-03;6;pack;400;\r\nstrip-steak;A;2026-03-04;5;stone;;';
    const read = readPriceCsv(text, priceBook([]), 'EUR', ',').value!;
    expect(
      read.good.map(({ line, note: { perKgMinor, offer } }) => [line, perKgMinor, offer ?? false]),
    ).toEqual([
      [2, 2790, false],
      [3, 2790, true],
      [9, 1500, false],
    ]);
    expect(read.bad.map(({ line, reason }) => `${line}: ${reason}`)).toEqual([
      '4: “whale” is no known item',
      '5: the shop has no name, or one of over 200 letters',
      '6: the date must be like 2026-11-24',
      '7: “minus” is no price',
      '8: a price for a pack needs weight_g',
      '10: “stone” is no unit; known are kg, lb, 100g, piece, pack',
    ]);
  });

  it('a file has one way of writing numbers, whatever the household’s is', () => {
    const file = (...prices: string[]): string =>
      [
        'item;shop;date;price',
        ...prices.map((price, at) => `strip-steak;A;2026-03-0${at + 1};${price}`),
      ].join('\n');
    const perKg = (text: string, decimal: '.' | ','): unknown =>
      readPriceCsv(text, priceBook([]), 'EUR', decimal).value?.good.map(({ note: each }) => each.perKgMinor);
    expect(perKg(file('13.950', '27.9'), ',')).toEqual([1395, 2790]);
    expect(perKg(file('1.013,95', '27,90'), '.')).toEqual([101395, 2790]);
    // Our own files part cells by commas, so a point is a fraction also with three digits after it.
    expect(perKg(file('13.950').replaceAll(';', ','), ',')).toEqual([1395]);
    const unsure = readPriceCsv(file('13.950'), priceBook([]), 'EUR', ',').value;
    expect(unsure).toMatchObject({ isSure: false, decimal: ',', good: [{ note: { perKgMinor: 1395000 } }] });
    expect(readPriceCsv(file('13.95', '27,90'), priceBook([]), 'EUR', ',').problem).toContain(
      'two ways: “13.95” and “27,90”',
    );
  });

  it('says which prices are far from what the same goes for', () => {
    const book = bookOf(note('2026-03-01', 2790), note('2026-03-02', 2690));
    const text = 'item;shop;date;price\nstrip-steak;B;2026-03-03;27,90\nstrip-steak;B;2026-03-04;2790';
    expect(readPriceCsv(text, book, 'EUR', ',').value?.farOff).toEqual([3]);
  });

  it('another table is refused with the columns it lacks', () => {
    expect(readPriceCsv('a,b\n1,2', priceBook([]), 'EUR', '.').problem).toContain(
      'item, shop, date, price are missing',
    );
  });

  it('100,000 lines', () => {
    const lines = Array.from(
      { length: 100_000 },
      (_, index) => `strip-steak,A,${addDays('1950-01-01', index % 27_000)},${10 + (index % 7)}.5`,
    );
    const read = readPriceCsv(`item,shop,date,price\n${lines.join('\n')}`, priceBook([]), 'EUR', '.').value!;
    expect(read.good.length + read.known).toBe(100_000);
  });
});
