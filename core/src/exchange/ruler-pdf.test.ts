import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { profileOf } from '../slice/profile';
import { paperRuler, PAPERS, type Paper, type RulerReader } from '../slice/paper-ruler';
import { planSlices } from '../slice/plan';
import type { Plan, Request } from '../slice/wish';
import { convert } from '../units/convert';
import { inInches } from '../units/inches';
import { cutListCsv, cutListText } from './cut-list';
import { readCsv } from './csv';
import { rulerPdf } from './ruler-pdf';

const log = profileOf({
  lengthMm: 640,
  massG: 7000,
  section: 'ellipse',
  stations: [
    { atMm: 0, widthMm: 170, heightMm: 84 },
    { atMm: 640, widthMm: 120, heightMm: 66 },
  ],
});
const wish: Request = {
  wish: { by: 'equal', count: 17 },
  from: 'start',
  squareOffMm: 12,
  stopAtMm: null,
  minThicknessMm: 10,
  maxThicknessMm: 60,
};
const planned = (request: Request): Plan => planSlices(log, request).value!;

const MILLIMETRES: RulerReader = {
  system: 'metric',
  length: (mm) => `${Math.round(mm * 10) / 10} mm`,
  mass: (g) => `${Math.round(g)} g`,
};
const INCHES: RulerReader = {
  system: 'imperial',
  length: (mm) => `${inInches(mm)} in`,
  mass: (g) => `${Math.round(convert(g, 'g', 'oz'))} oz`,
};

interface Stroke {
  readonly x: number;
  readonly length: number;
  readonly isUpright: boolean;
}

/** Every straight line on each page of a PDF, in mm, as another program reads it. */
function strokesOf(bytes: Uint8Array): Stroke[][] {
  const folder = mkdtempSync(join(tmpdir(), 'vendicus-ruler-'));
  try {
    const file = join(folder, 'ruler.pdf');
    writeFileSync(file, bytes);
    return JSON.parse(
      execFileSync(process.execPath, ['core/src/testing/pdf-lines.mjs', file], {
        encoding: 'utf8',
        stdio: ['ignore', 'pipe', 'ignore'],
      }),
    ) as Stroke[][];
  } finally {
    rmSync(folder, { recursive: true });
  }
}

describe('the paper ruler', () => {
  it.each<[Paper, 'start' | 'end']>([
    ['A4', 'start'],
    ['Letter', 'start'],
    ['A4', 'end'],
  ])('on %s from the %s: every cut stands where it should, to 0.2 mm, across sheets', async (paper, from) => {
    const plan = planned({ ...wish, from });
    const sheets = paperRuler(plan, 640, from, paper, MILLIMETRES);
    const pages = strokesOf(await rulerPdf(sheets, paper, 'Strip loin'));
    expect(pages).toHaveLength(sheets.length);
    expect(pages.length).toBeGreaterThan(2);
    // Where each sheet begins along the log, from its own first tick.
    const room = PAPERS[paper][0] - 24;
    const found = pages.flatMap((strokes, sheet) =>
      strokes
        .filter(({ isUpright, length }) => isUpright && Math.abs(length - 60) < 0.1)
        .map(({ x }) => x - 12 + sheet * (room - 15)),
    );
    const cuts = plan.slices.map(({ fromMm, toMm }) => (from === 'start' ? toMm : 640 - fromMm));
    for (const cut of [12, ...cuts])
      expect(Math.min(...found.map((each) => Math.abs(each - cut)))).toBeLessThan(0.2);
    for (const each of found)
      expect(Math.min(...[12, ...cuts].map((cut) => Math.abs(each - cut)))).toBeLessThan(0.2);
    // The check line is a hundred millimetres on every sheet.
    for (const strokes of pages)
      expect(strokes.some(({ isUpright, length }) => !isUpright && Math.abs(length - 100) < 0.05)).toBe(true);
  });

  it('sheets overlap by 15 mm, mark on mark, and a short log is one sheet', () => {
    const [first, second] = paperRuler(planned(wish), 640, 'start', 'A4', MILLIMETRES);
    const seams = (sheet: typeof first): number[] =>
      sheet!.marks.filter(({ of }) => of === 'overlap').map(({ logMm }) => logMm);
    expect(seams(first)).toEqual(seams(second).slice(0, 2));
    expect(
      paperRuler(
        planSlices(
          profileOf({
            lengthMm: 200,
            massG: 2000,
            section: 'ellipse',
            stations: [
              { atMm: 0, widthMm: 120, heightMm: 80 },
              { atMm: 200, widthMm: 110, heightMm: 80 },
            ],
          }),
          { ...wish, wish: { by: 'thickness', thicknessMm: 28 } },
        ).value!,
        200,
        'start',
        'A4',
        MILLIMETRES,
      ),
    ).toHaveLength(1);
  });
});

describe('for a reader in inches', () => {
  it('the ruler has quarters of an inch, a number at each inch, and says cuts in inches and ounces', () => {
    const marks = paperRuler(planned(wish), 640, 'start', 'Letter', INCHES).flatMap((sheet) => sheet.marks);
    const numbered = marks.filter(({ of, text }) => of === 'tick' && text !== '');
    expect(numbered.find(({ text }) => text === '3')?.logMm).toBeCloseTo(76.2);
    expect(numbered.every(({ logMm, text }) => Math.abs(logMm - Number(text) * 25.4) < 1e-9)).toBe(true);
    for (const { text } of marks.filter(({ of, text }) => of === 'cut' && text !== 'square off'))
      expect(text).toMatch(/^\d+: ([\d/ ]+) in, \d+ oz$/);
  });

  it('the cut list speaks of no millimetre', () => {
    const text = cutListText(planned(wish), 'Strip loin', INCHES);
    expect(text).toMatch(/1\. slice: 1\/2 in to [\d/ ]+ in, [\d/ ]+ in thick, about \d+ oz/);
    expect(text).not.toMatch(/\bmm\b|\d g\b/);
  });
});

describe('the cut list', () => {
  it('is text to read out, and a table for other programs', () => {
    const plan = planned(wish);
    expect(cutListText(plan, 'Strip loin', MILLIMETRES).split('\n')).toHaveLength(1 + 17 + 1);
    expect(cutListText(plan, 'Strip loin', MILLIMETRES)).toMatch(/1\. slice: 12 mm to \d+(\.\d)? mm/);
    const { columns, lines } = readCsv(cutListCsv(plan));
    expect(columns).toEqual([
      'slice',
      'kind',
      'from_mm',
      'to_mm',
      'thickness_mm',
      'mass_g',
      'low_g',
      'high_g',
    ]);
    expect(lines).toHaveLength(17);
  });
});
