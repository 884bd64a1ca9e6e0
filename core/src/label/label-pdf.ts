import fontkit from '@cantoo/fontkit';
import { PDFDocument, rgb, type PDFFont, type PDFPage } from '@cantoo/pdf-lib';
import type { LabelFonts, Weight } from './label-fonts';
import type { LabelLine, LaidLabel } from './label-layout';
import { pageMm, spotsOf, type Sheet, type Spot } from './sheet';
import { stretches } from './stretches';

/** PDF measures in points, 72 to the inch. */
const PT_PER_MM = 72 / 25.4;
const INK = rgb(0, 0, 0);

/** Draws a line that no file of letters can write, as a PNG as wide as the line and as tall as its letters; null where nobody can. */
export type DrawLine = (line: LabelLine) => Promise<{
  readonly png: Uint8Array;
  readonly widthMm: number;
  /** How far the picture reaches above and below the baseline. */
  readonly aboveMm: number;
  readonly belowMm: number;
} | null>;

/**
 * Labels on sheets or a roll, with the letters' files inside.
 *
 * @param first the first free label of a started sheet, from 1
 * @param copies how many of each, side by side: an outer bag's and an inner one's
 * @param draw for scripts that the files do not have; without it such a letter is a question mark
 */
export async function labelPdf(
  labels: readonly LaidLabel[],
  sheet: Sheet,
  fonts: LabelFonts,
  first: number,
  copies: number,
  draw: DrawLine = () => Promise.resolve(null),
): Promise<Uint8Array> {
  const document = await PDFDocument.create();
  document.registerFontkit(fontkit);
  document.setTitle('Labels');
  const embedded = new Map<string, Promise<PDFFont>>();
  const fontOf = (weight: Weight, file: number): Promise<PDFFont> => {
    const key = `${weight} ${file}`;
    const known =
      embedded.get(key) ?? document.embedFont(fonts.files[weight][file] as Uint8Array, { subset: true });
    embedded.set(key, known);
    return known;
  };
  const [width, height] = pageMm(sheet);
  const all = labels.flatMap((label) => Array.from({ length: copies }, () => label));
  for (const [index, spot] of spotsOf(sheet, first, all.length).entries()) {
    while (document.getPageCount() <= spot.page) document.addPage([width * PT_PER_MM, height * PT_PER_MM]);
    await drawLabel(document.getPage(spot.page), all[index] as LaidLabel, spot, height, {
      fonts,
      fontOf,
      draw,
    });
  }
  return document.save();
}

interface Letters {
  readonly fonts: LabelFonts;
  readonly fontOf: (weight: Weight, file: number) => Promise<PDFFont>;
  readonly draw: DrawLine;
}

async function drawLabel(
  page: PDFPage,
  { lines, qr, edge }: LaidLabel,
  spot: Spot,
  heightMm: number,
  { fonts, fontOf, draw }: Letters,
): Promise<void> {
  const x = (mm: number): number => (spot.xMm + mm) * PT_PER_MM;
  const y = (mm: number): number => (heightMm - spot.yMm - mm) * PT_PER_MM;
  for (const line of lines) {
    const { text, xMm, yMm, sizeMm, weight } = line;
    const drawn = fonts.missing(text).length > 0 ? await draw(line) : null;
    if (drawn) {
      page.drawImage(await page.doc.embedPng(drawn.png), {
        x: x(xMm),
        y: y(yMm + drawn.belowMm),
        width: drawn.widthMm * PT_PER_MM,
        height: (drawn.aboveMm + drawn.belowMm) * PT_PER_MM,
      });
      continue;
    }
    let at = xMm;
    for (const run of fonts.runs(text, weight)) {
      page.drawText(run.text, {
        x: x(at),
        y: y(yMm),
        size: sizeMm * PT_PER_MM,
        font: await fontOf(weight, run.file),
        color: INK,
      });
      at += fonts.width(run.text, weight, sizeMm);
    }
  }
  for (const shape of edge) {
    const path = shape.map(([xMm, yMm]) => `${xMm * PT_PER_MM} ${yMm * PT_PER_MM}`).join('L');
    page.drawSvgPath(`M${path}Z`, { x: x(0), y: y(0), color: INK });
  }
  const module = qr.sizeMm / qr.modules.length;
  for (const [row, dots] of qr.modules.entries()) {
    for (const { from, length } of stretches(dots))
      page.drawRectangle({
        x: x(qr.xMm + from * module),
        y: y(qr.yMm + (row + 1) * module),
        width: length * module * PT_PER_MM,
        height: module * PT_PER_MM,
        color: INK,
      });
  }
}
