import { encode } from 'uqr';
import type { LabelFonts, Weight } from './label-fonts';
import type { PackLabel } from './label-content';

/** A line of text on a label; places in mm from its upper left corner, the baseline for y. */
export interface LabelLine {
  readonly text: string;
  readonly xMm: number;
  readonly yMm: number;
  readonly sizeMm: number;
  readonly weight: Weight;
}

export interface LaidLabel {
  readonly lines: readonly LabelLine[];
  readonly qr: {
    readonly xMm: number;
    readonly yMm: number;
    readonly sizeMm: number;
    readonly modules: readonly (readonly boolean[])[];
  };
  /** What there was no room for. */
  readonly dropped: readonly string[];
}

/** Inside of a label's edge that printers do not reach, or that is cut. */
const EDGE_MM = 2.2;
/** 8 pt: less cannot be read in the light of a freezer. */
const LEAST_MM = 2.8;
const LEADING = 1.18;

interface Wanted {
  readonly text: string;
  readonly sizeMm: number;
  readonly weight: Weight;
  readonly mostLines: number;
  /** The highest goes first where there is no room; none never goes. */
  readonly drop?: number;
}

/**
 * Lays a label out: square code at the right, text at the left, the important things large. Where it
 * is too much, the letters get smaller down to 8 pt; then what is least needed is left out, and named.
 */
export function layLabel(
  label: PackLabel,
  [width, height]: readonly [number, number],
  fonts: LabelFonts,
): LaidLabel {
  const modules = encode(label.qr, { ecc: 'M', border: 0 }).data;
  const qrSize = Math.min(height - 2 * EDGE_MM - 6, width * 0.34, 28);
  const qr = { xMm: width - EDGE_MM - qrSize, yMm: EDGE_MM + 1, sizeMm: qrSize, modules };
  const textWidth = width - 2 * EDGE_MM - qrSize - 2.5;
  const number: LabelLine = {
    text: label.number,
    xMm: qr.xMm + (qrSize - fonts.width(label.number, 'bold', 4.4)) / 2,
    yMm: qr.yMm + qrSize + 5,
    sizeMm: 4.4,
    weight: 'bold',
  };
  let wanted = wantedOf(label);
  const dropped: string[] = [];
  for (;;) {
    for (const scale of [1.15, 1, 0.9, 0.8, 0.7]) {
      const lines = laid(wanted, textWidth, height, scale, fonts);
      if (lines) return { lines: [...lines, number], qr, dropped };
    }
    const last = wanted
      .filter(({ drop }) => drop !== undefined)
      .sort((a, b) => (b.drop ?? 0) - (a.drop ?? 0))[0];
    if (!last)
      return { lines: [...(laid(wanted, textWidth, Infinity, 0.7, fonts) ?? []), number], qr, dropped };
    dropped.push(last.text);
    wanted = wanted.filter((each) => each !== last);
  }
}

function wantedOf({ title, amount, dates, cost, hint, cautions, note }: PackLabel): Wanted[] {
  const small = (text: string, drop?: number): Wanted => ({
    text,
    sizeMm: 3.2,
    weight: 'regular',
    mostLines: 2,
    drop,
  });
  return [
    { text: title, sizeMm: 5, weight: 'bold', mostLines: 2 },
    { text: amount, sizeMm: 4.2, weight: 'bold', mostLines: 1 },
    ...dates.map((text): Wanted => ({ text, sizeMm: 3.4, weight: 'regular', mostLines: 1 })),
    ...(cost === null ? [] : [small(cost, 2)]),
    ...(hint === null ? [] : [small(hint)]),
    ...cautions.map((text) => small(text)),
    ...(note === '' ? [] : [{ ...small(note, 1), mostLines: 3 }]),
  ];
}

/** The lines one under the other; null where they do not fit. */
function laid(
  wanted: readonly Wanted[],
  width: number,
  height: number,
  scale: number,
  fonts: LabelFonts,
): LabelLine[] | null {
  const lines: LabelLine[] = [];
  let y = EDGE_MM;
  for (const { text, sizeMm, weight, mostLines } of wanted) {
    const size = Math.max(LEAST_MM, sizeMm * scale);
    const parts = broken(text, width, mostLines, (part) => fonts.width(part, weight, size));
    for (const part of parts) {
      y += size * LEADING;
      lines.push({ text: part, xMm: EDGE_MM, yMm: y - size * 0.22, sizeMm: size, weight });
    }
  }
  return y <= height - EDGE_MM + 0.4 ? lines : null;
}

/** A text in lines of a width; what is beyond the last one allowed ends in an ellipsis. */
function broken(text: string, width: number, most: number, measure: (text: string) => number): string[] {
  const lines: string[] = [];
  let line = '';
  for (const word of text.split(/\s+/)) {
    const longer = line === '' ? word : `${line} ${word}`;
    if (measure(longer) <= width) {
      line = longer;
      continue;
    }
    if (line !== '') lines.push(line);
    const pieces = cutWord(word, width, measure);
    lines.push(...pieces.slice(0, -1));
    line = pieces.at(-1) ?? '';
  }
  if (line !== '') lines.push(line);
  if (lines.length <= most) return lines;
  let last = `${lines[most - 1]}…`;
  while (last.length > 1 && measure(last) > width) last = `${[...last].slice(0, -2).join('')}…`;
  return [...lines.slice(0, most - 1), last];
}

/** A word that is wider than a line, in pieces. */
function cutWord(word: string, width: number, measure: (text: string) => number): string[] {
  const pieces: string[] = [];
  let piece = '';
  for (const letter of word) {
    if (piece !== '' && measure(piece + letter) > width) {
      pieces.push(piece);
      piece = '';
    }
    piece += letter;
  }
  return [...pieces, piece];
}
