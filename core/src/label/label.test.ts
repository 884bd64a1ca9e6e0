import { success } from '../units/result';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import {
  BarcodeFormat,
  BinaryBitmap,
  DecodeHintType,
  HybridBinarizer,
  MultiFormatReader,
  RGBLuminanceSource,
} from '@zxing/library';
import fc from 'fast-check';
import { checkDigit, isChecked } from './check-digit';
import { readElements } from './element-string';
import { DESTINATION_IDS } from '../ledger/destination';
import { edgeTexture } from './edge-texture';
import type { PackLabel } from './label-content';
import { LabelFonts } from './label-fonts';
import { layLabel, type LaidLabel } from './label-layout';
import { labelPdf } from './label-pdf';
import { qrText, readQrText } from './qr-text';
import { pageMm, SHEETS, sheetProblem, spotsOf, type Sheet } from './sheet';
import { readByLayout, learnLayouts, readShopNumber } from './shop-code';
import { readShortNumber, shortNumber } from './short-number';

const file = (name: string): Uint8Array => new Uint8Array(readFileSync(`node_modules/@fontsource/${name}`));
const faces = (weight: number): Uint8Array[] =>
  ['latin', 'latin-ext']
    .map((set) =>
      file(`atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-${set}-${weight}-normal.woff`),
    )
    .concat(
      ['cyrillic', 'greek'].map((set) => file(`noto-sans/files/noto-sans-${set}-${weight}-normal.woff`)),
    );
const fonts = new LabelFonts({ regular: faces(400), bold: faces(700) });

const LABEL: PackLabel = {
  id: 'x7f3k2m9q1w8e5',
  number: 'K7Q2',
  title: '5 steaks, dinner for all',
  mass: '861 g',
  beside: 'beef, 5 plates',
  days: [{ word: 'best before', day: '24 Nov 2027' }],
  destination: 'main',
  frozen: 'frozen 24 Nov 2026',
  cost: '16.84, 3.37 a plate',
  hint: 'Cook to 63 °C, rest 3 min',
  cautions: ['Thaw in the refrigerator'],
  note: '',
  qr: qrText({
    id: 'x7f3k2m9q1w8e5',
    number: 'K7Q2',
    title: '5 steaks, dinner for all',
    mass: '861 g',
    on: '2026-11-24',
  }),
};

/** A label's code as a printer of 203 dpi burns it: 8 dots to the millimetre, each dark or not. */
function decodeAt203dpi({ qr }: LaidLabel, [width, height]: readonly [number, number]): string {
  const dots = 8;
  const [w, h] = [Math.round(width * dots), Math.round(height * dots)];
  const grey = new Uint8ClampedArray(w * h).fill(255);
  const size = (qr.sizeMm * dots) / qr.modules.length;
  for (let y = 0; y < h; y++) {
    for (let x = 0; x < w; x++) {
      const [column, row] = [
        Math.floor((x + 0.5 - qr.xMm * dots) / size),
        Math.floor((y + 0.5 - qr.yMm * dots) / size),
      ];
      if (qr.modules[row]?.[column]) grey[y * w + x] = 0;
    }
  }
  const reader = new MultiFormatReader();
  const hints = new Map<DecodeHintType, unknown>([
    [DecodeHintType.POSSIBLE_FORMATS, [BarcodeFormat.QR_CODE]],
    [DecodeHintType.TRY_HARDER, true],
  ]);
  return reader
    .decode(new BinaryBitmap(new HybridBinarizer(new RGBLuminanceSource(grey, w, h))), hints)
    .getText();
}

describe('check digits', () => {
  it.each([
    ['61414100003', 6],
    ['629104150021', 3],
    ['0950600013435', 2],
  ])('of %s is %i (GS1 General Specifications and common examples, from memory)', (digits, digit) => {
    expect(checkDigit(digits)).toBe(digit);
    expect(isChecked(`${digits}${digit}`)).toBe(true);
  });
  it('any one digit read wrong is noticed', () => {
    fc.assert(
      fc.property(
        fc.stringMatching(/^\d{12}$/),
        fc.integer({ min: 0, max: 12 }),
        fc.integer({ min: 1, max: 9 }),
        (digits, at, by) => {
          const right = `${digits}${checkDigit(digits)}`;
          const wrong = [...right]
            .map((digit, k) => (k === at ? String((Number(digit) + by) % 10) : digit))
            .join('');
          expect(isChecked(wrong)).toBe(false);
        },
      ),
    );
  });
});

describe('a shop’s numbers', () => {
  const ean = `211704507942${checkDigit('211704507942')}`;
  it('one label with its printed price teaches the layout; the next is read by it', () => {
    const [layout] = learnLayouts(ean, { priceMinor: 7942, massDg: 53_000 });
    expect(layout).toMatchObject({ length: 13, value: [7, 12], of: 'price', item: [2, 7], innerCheck: null });
    const next = `211704501250${checkDigit('211704501250')}`;
    expect(readByLayout(next, layout!)).toEqual({ item: '17045', priceMinor: 1250, massDg: null });
    expect(readByLayout('2'.repeat(12), layout!)).toBeNull();
  });
  it('weights to the gram and to a hundredth of a pound are found', () => {
    const grams = learnLayouts(`281704505300${checkDigit('281704505300')}`, {
      priceMinor: 7942,
      massDg: 53_000,
    })[0]!;
    expect(grams).toMatchObject({ of: 'weight', unit: 10 });
    expect(readByLayout(`281704501234${checkDigit('281704501234')}`, grams)?.massDg).toBe(12_340);
    const pounds = learnLayouts(`21704501168${checkDigit('21704501168')}`, {
      priceMinor: null,
      massDg: Math.round(11.68 * 4535.9237),
    });
    expect(pounds[0]).toMatchObject({ length: 12, of: 'weight', unit: 45.359237 });
  });
  it('what is not in the number teaches nothing', () => {
    expect(learnLayouts(ean, { priceMinor: 1111, massDg: null })).toEqual([]);
  });
  it('what a camera gives as 13 digits with a nought before is the shop’s 12', () => {
    const upca = `21704501999${checkDigit('21704501999')}`;
    expect(readShopNumber(`0${upca}`)).toEqual(success(upca));
    expect(readShopNumber(` ${upca.slice(0, 6)} ${upca.slice(6)} `)).toEqual(success(upca));
  });
  it.each([
    ['2117045079421', /last digit does not fit/],
    ['9506000134352', /fixed weight/],
    ['12345', /5 digits/],
    ['steak', /no number/],
  ])('%s: what is wrong, and what to do', (text, problem) => {
    expect(readShopNumber(text).problem).toMatch(problem);
  });
});

describe('element strings', () => {
  it('weight, price and dates are read, in brackets and as a scanner gives them', () => {
    const wanted = {
      item: '09506000134352',
      massDg: 53_000,
      price: 79.42,
      packedOn: null,
      bestBefore: '2026-12-12',
      expires: null,
    };
    expect(readElements('(01)09506000134352(3103)005300(3922)7942(15)261212')).toEqual(success(wanted));
    expect(readElements(']C1010950600013435231030053003922794\u001d15261212').valueOf()).toMatchObject({
      value: { price: 7.94 },
    });
    expect(readElements('\u001d01095060001343523103005300392279' + '42\u001d15261212')).toEqual(
      success(wanted),
    );
  });
  it('pounds, the last day of a month, and the century', () => {
    expect(readElements('(3202)001168(17)260200')).toMatchObject({
      value: { massDg: Math.round(11.68 * 4535.9237), expires: '2026-02-28' },
    });
    expect(readElements('(13)991231')).toMatchObject({ value: { packedOn: '1999-12-31' } });
  });
  it.each([
    ['(01)09506000134353', /check digit does not fit/],
    ['(15)261340', /no date/],
    ['(3103)0053', /wants 6 signs, and has 4/],
    ['(3103)000000', /A weight of nothing/],
    ['(99)77', /\(99\) is not known here/],
    ['XYZ', /begins with nothing that is known/],
  ])('%s: what is wrong', (text, problem) => {
    expect(readElements(text).problem).toMatch(problem);
  });
});

describe('codes and numbers of packs', () => {
  it('the code’s text gives its id back, whatever is written on the pack', () => {
    fc.assert(
      fc.property(fc.stringMatching(/^[A-Za-z0-9_-]{1,40}$/), fc.string(), (id, title) => {
        expect(readQrText(qrText({ id, number: shortNumber(id), title, mass: '1 kg', on: null }))).toBe(id);
      }),
    );
    expect(readQrText('https://example.org')).toBeNull();
  });
  it('a short number is four signs that cannot be mistaken, and reads back as typed', () => {
    fc.assert(
      fc.property(fc.uuid(), (id) => {
        expect(shortNumber(id)).toMatch(/^[0-9A-HJKMNP-TV-Z]{4}$/);
        expect(
          readShortNumber(` ${shortNumber(id).toLowerCase().replace(/0/g, 'o').replace(/1/g, 'l')} `),
        ).toBe(shortNumber(id));
      }),
    );
    const numbers = new Set(Array.from({ length: 1000 }, (_, k) => shortNumber(`pack-${k}`)));
    expect(numbers.size).toBeGreaterThan(995);
  });
});

describe('sheets', () => {
  it('the grids that ship fit their paper, and no label lies on another or over the edge', () => {
    for (const sheet of SHEETS) {
      expect([sheet.name, sheetProblem(sheet)]).toEqual([sheet.name, null]);
      const [width, height] = pageMm(sheet);
      for (const { xMm, yMm } of spotsOf(sheet, 1, sheet.rows * sheet.columns)) {
        expect(xMm + sheet.labelMm[0]).toBeLessThanOrEqual(width + 0.05);
        expect(yMm + sheet.labelMm[1]).toBeLessThanOrEqual(height + 0.05);
      }
    }
  });
  it('a started sheet is used up, then the next begins at its first label', () => {
    const [sheet] = SHEETS;
    expect(spotsOf(sheet!, 24, 2)).toEqual([
      { page: 0, xMm: 140, yMm: 0.5 + 7 * 37 },
      { page: 1, xMm: 0, yMm: 0.5 },
    ]);
  });
  it('a grid that does not fit, and a label too small to read, are said', () => {
    expect(sheetProblem({ ...SHEETS[0]!, rows: 9 })).toMatch(/9 rows need 333\.5 mm, and A4 has 297 mm/);
    expect(sheetProblem({ ...SHEETS[0]!, columns: 4 })).toMatch(/4 columns need 280\.0 mm/);
    expect(sheetProblem({ ...SHEETS[0]!, labelMm: [30, 20] })).toMatch(/too small to read/);
  });
});

describe('labels', () => {
  it.each(SHEETS.map((sheet) => [sheet.name, sheet] as const))(
    'on “%s” everything that must be on it is, within its edges, at 8 pt at least; the code reads back at 203 dpi',
    (_name, { labelMm }) => {
      const laid = layLabel(LABEL, labelMm, fonts);
      const text = laid.lines.map((line) => line.text).join(' ');
      for (const must of [
        '5 steaks',
        '861 g',
        'beef',
        '24 Nov 2026',
        'best before',
        '24 Nov 2027',
        'refrigerator',
        'K7Q2',
        '63 °C',
      ])
        expect(text).toContain(must);
      for (const { text: line, xMm, yMm, sizeMm, weight } of laid.lines) {
        expect(sizeMm).toBeGreaterThanOrEqual(2.8);
        expect(xMm + fonts.width(line, weight, sizeMm)).toBeLessThanOrEqual(labelMm[0] - 1.9);
        expect(yMm).toBeLessThanOrEqual(labelMm[1] - 1);
      }
      expect(decodeAt203dpi(laid, labelMm)).toBe(LABEL.qr);
    },
  );

  const sizeOf = ({ lines }: LaidLabel, text: string): number =>
    (lines.find((line) => line.text.includes(text))?.sizeMm ?? 0) * (72 / 25.4);

  it.each(
    SHEETS.filter(({ labelMm: [w, h] }) => w >= 70 && h >= 37).map((sheet) => [sheet.name, sheet] as const),
  )(
    'on “%s” the name has 14 pt, the weight 18 and the day 12 at least; the code 16 mm at most',
    (_name, { labelMm }) => {
      for (const cautions of [
        ['Thaw in the refrigerator'],
        ['Raw poultry: wash board, knife, hands', 'Thaw cold: refrigerator, or cold water in its bag'],
      ]) {
        const laid = layLabel({ ...LABEL, cautions, cost: null }, labelMm, fonts);
        expect(sizeOf(laid, '5 steaks')).toBeGreaterThanOrEqual(13.99);
        expect(sizeOf(laid, '861 g')).toBeGreaterThanOrEqual(17.99);
        expect(sizeOf(laid, '24 Nov 2027')).toBeGreaterThanOrEqual(11.99);
        expect(laid.qr.sizeMm).toBeLessThanOrEqual(16);
        expect(laid.lines.map(({ text }) => text).join(' ')).toContain(cautions.at(-1)!.split(' ').at(-1)!);
      }
    },
  );

  it('no line lies on another, on the code, or on the texture; on the smallest label too', () => {
    for (const size of [...SHEETS.map(({ labelMm }) => labelMm), [45, 25] as const]) {
      const cautions = ['Raw poultry: wash board, knife, hands', 'Frozen again: cook it once it is thawed'];
      const { lines, qr, edge } = layLabel({ ...LABEL, cautions }, size, fonts);
      const right = Math.max(...edge.flat().map(([x]) => x));
      for (const { text, xMm, yMm, sizeMm, weight } of lines) {
        expect(xMm).toBeGreaterThan(right);
        const end = xMm + fonts.width(text, weight, sizeMm);
        const besideCode = yMm - sizeMm * 0.7 < qr.yMm + qr.sizeMm && yMm > qr.yMm;
        if (besideCode && text !== LABEL.number) expect(end).toBeLessThanOrEqual(qr.xMm - 1);
      }
      const rows = [...new Set(lines.map(({ yMm }) => yMm))].sort((a, b) => a - b);
      for (const [k, y] of rows.slice(1).entries()) {
        const above = lines.filter(({ yMm, text }) => yMm === rows[k] && text !== LABEL.number);
        const own = lines.filter(({ yMm, text }) => yMm === y && text !== LABEL.number);
        for (const { sizeMm } of own)
          if (above.length > 0) expect(y - sizeMm * 0.72).toBeGreaterThanOrEqual((rows[k] ?? 0) - 0.2);
      }
    }
  });

  it('each destination has a texture of its own at the edge, inside of its strip', () => {
    const strip = { xMm: 1, yMm: 2, widthMm: 2, heightMm: 30 };
    const drawn = DESTINATION_IDS.map((id) => JSON.stringify(edgeTexture(id, strip)));
    expect(new Set(drawn).size).toBe(DESTINATION_IDS.length);
    for (const id of DESTINATION_IDS)
      for (const [x, y] of edgeTexture(id, strip).flat()) {
        expect(x).toBeGreaterThanOrEqual(1);
        expect(x).toBeLessThanOrEqual(3.0001);
        expect(y).toBeGreaterThanOrEqual(2);
        expect(y).toBeLessThanOrEqual(32.0001);
      }
  });

  it('200 letters end in an ellipsis; what has no room is named; other scripts are written, what no file has is told', () => {
    const long = layLabel(
      {
        ...LABEL,
        title: 'Aged rib end with a very long name indeed, '.repeat(5).slice(0, 200),
        note: 'n'.repeat(200),
        qr: LABEL.qr,
      },
      [62, 40],
      fonts,
    );
    expect(long.lines.some(({ text }) => text.endsWith('…'))).toBe(true);
    expect(long.dropped.length).toBeGreaterThan(0);
    expect(fonts.missing('Стейк, μπριζόλα, řízek')).toEqual([]);
    expect(fonts.missing('肉 🥩')).toEqual(['肉', '🥩']);
    expect(
      fonts
        .runs('Стейк 肉', 'bold')
        .map(({ text }) => text)
        .join(''),
    ).toBe('Стейк ?');
  });

  it('read back from the PDF: the text is there, and each label within 0.3 mm of its place', async () => {
    const sheet = SHEETS[0] as Sheet;
    const laid = [LABEL, { ...LABEL, number: 'AAAA', title: 'Стейк' }].map((label) =>
      layLabel(label, sheet.labelMm, fonts),
    );
    const path = join(mkdtempSync(join(tmpdir(), 'vendicus-labels-')), 'labels.pdf');
    writeFileSync(path, await labelPdf(laid, sheet, fonts, 3, 2));
    const pages = JSON.parse(
      execFileSync('node', ['core/src/testing/pdf-text.mjs', path], { encoding: 'utf8' }),
    ) as { text: string; xMm: number; yMm: number }[][];
    const all = pages.flat();
    expect(all.map(({ text }) => text).join(' ')).toContain('5 steaks');
    expect(all.filter(({ text }) => text === 'Стейк')).toHaveLength(2);
    const numbers = all.filter(({ text }) => text === 'K7Q2' || text === 'AAAA');
    expect(numbers).toHaveLength(4);
    const number = laid[0]!.lines.at(-1)!;
    for (const [index, { xMm, yMm }] of spotsOf(sheet, 3, 4).entries()) {
      expect(Math.abs(numbers[index]!.yMm - (yMm + number.yMm))).toBeLessThan(0.3);
      if (index < 2) expect(Math.abs(numbers[index]!.xMm - (xMm + number.xMm))).toBeLessThan(0.3);
    }
  });
});
