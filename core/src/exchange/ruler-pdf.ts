import { PDFDocument, StandardFonts, rgb } from '@cantoo/pdf-lib';
import { PAPERS, type Paper, type RulerSheet } from '../slice/paper-ruler';

/** PDF measures in points, 72 to the inch. */
const PT_PER_MM = 72 / 25.4;
const INK = rgb(0.14, 0.11, 0.09);
const CUT = rgb(0.54, 0.17, 0.16);

/** Length and place of each kind of mark, in mm above the edge that lies at the log. */
const MARKS = {
  tick: { height: 6, width: 0.4 },
  cut: { height: 60, width: 1 },
  end: { height: 40, width: 1 },
  overlap: { height: 90, width: 0.3 },
} as const;
const EDGE_MM = 14;

/**
 * The paper ruler as a PDF at true scale, one sheet a page, lying across.
 *
 * @param title what the log is
 * @returns the bytes of the file
 */
export async function rulerPdf(
  sheets: readonly RulerSheet[],
  paper: Paper,
  title: string,
): Promise<Uint8Array> {
  const document = await PDFDocument.create();
  const font = await document.embedFont(StandardFonts.Helvetica);
  const [width, height] = PAPERS[paper];
  const pt = (mm: number): number => mm * PT_PER_MM;
  document.setTitle(title);
  for (const sheet of sheets) {
    const page = document.addPage([pt(width), pt(height)]);
    const line = (x: number, from: number, to: number, thickness: number, color = INK): void =>
      page.drawLine({
        start: { x: pt(x), y: pt(from) },
        end: { x: pt(x), y: pt(to) },
        thickness: pt(thickness),
        color,
      });
    const write = (text: string, x: number, y: number, size: number, color = INK): void =>
      page.drawText(printable(text), { x: pt(x), y: pt(y), size, font, color });
    for (const { atMm, of, text } of sheet.marks) {
      const { height: up, width: thickness } = MARKS[of];
      const color = of === 'cut' ? CUT : INK;
      line(atMm, EDGE_MM, EDGE_MM + up, thickness, color);
      if (text) write(text, atMm + 1, EDGE_MM + up + (of === 'tick' ? 1 : -3), of === 'tick' ? 7 : 9, color);
    }
    page.drawLine({
      start: { x: pt(12), y: pt(EDGE_MM) },
      end: { x: pt(width - 12), y: pt(EDGE_MM) },
      thickness: pt(0.4),
      color: INK,
    });
    page.drawLine({
      start: { x: pt(sheet.checkFromMm), y: pt(130) },
      end: { x: pt(sheet.checkFromMm + 100), y: pt(130) },
      thickness: pt(0.6),
      color: INK,
    });
    write(
      'This line is 100 mm long. If it is not, print again at 100 %, without fitting to the page.',
      sheet.checkFromMm,
      133,
      9,
    );
    write(
      `${title}, sheet ${sheet.number} of ${sheets.length}. The lower edge lies along the log; zero is where cutting starts.`,
      sheet.checkFromMm,
      145,
      11,
    );
  }
  return document.save();
}

/** The built-in typeface knows Western letters only. */
function printable(text: string): string {
  return text.replace(/[^\u0020-\u007e\u00a0-\u00ff]/g, '?');
}
