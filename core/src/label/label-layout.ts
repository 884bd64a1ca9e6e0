import { encode } from 'uqr';
import type { LabelFonts, Weight } from './label-fonts';
import { edgeTexture, type EdgeShape } from './edge-texture';
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
  /** The texture of where it went, along the left edge. */
  readonly edge: readonly EdgeShape[];
  /** What there was no room for. */
  readonly dropped: readonly string[];
}

const MM_PER_PT = 25.4 / 72;
/** Inside of a label's edge that printers do not reach, or that is cut. */
const EDGE_MM = 2.2;
/** 8 pt: less cannot be read in the light of a freezer. */
const LEAST_MM = 8 * MM_PER_PT;
/** Sizes on a label of 70 × 37 mm and larger ones: read from above, in a drawer. */
const [NAME_MM, MASS_MM, DAY_MM] = [14 * MM_PER_PT, 18 * MM_PER_PT, 12 * MM_PER_PT];
const FULL = [70, 37] as const;
/** The strip of texture, and the gap beside it. */
const [STRIP_MM, GAP_MM] = [2.2, 1.4];
/** More is no easier to scan, and takes room from the letters. */
const MOST_CODE_MM = 16;
/** A printer of 203 dots to the inch: a dot of the code is so many whole dots of its. */
const DOTS_PER_MM = 8;
const LEADING = 1.13;

/** Stretches of text one after the other on a line, each of a size of its own. */
interface Row {
  readonly parts: readonly { readonly text: string; readonly sizeMm: number; readonly weight: Weight }[];
  readonly mostLines: number;
  /** The highest goes first where there is no room; none never goes. */
  readonly drop?: number;
}

/** Where text may stand: beside the code above, and below it over the whole width. */
interface Room {
  readonly leftMm: number;
  readonly narrowMm: number;
  readonly wideMm: number;
  readonly codeEndsMm: number;
  readonly heightMm: number;
}

/**
 * Lays a label out: a texture at the left edge, the code and the four signs at the right, and what is
 * looked for in a freezer large: name 14 pt, weight 18 pt, the day 12 pt, on smaller labels in
 * proportion. Where it is too much, what is least needed is left out, and named; then all letters get
 * smaller, down to 8 pt.
 */
export function layLabel(
  label: PackLabel,
  [width, height]: readonly [number, number],
  fonts: LabelFonts,
): LaidLabel {
  const factor = Math.min(1, width / FULL[0], height / FULL[1]);
  const qr = codeOf(label.qr, width, height, factor);
  const numberMm = 4.4 * Math.max(0.8, factor);
  const number: LabelLine = {
    text: label.number,
    xMm: Math.min(
      qr.xMm + (qr.sizeMm - fonts.width(label.number, 'bold', numberMm)) / 2,
      width - EDGE_MM - fonts.width(label.number, 'bold', numberMm),
    ),
    yMm: qr.yMm + qr.sizeMm + numberMm * 0.95,
    sizeMm: numberMm,
    weight: 'bold',
  };
  const edge = edgeTexture(label.destination, {
    xMm: EDGE_MM - 1,
    yMm: EDGE_MM,
    widthMm: STRIP_MM,
    heightMm: height - 2 * EDGE_MM,
  });
  const leftMm = EDGE_MM - 1 + STRIP_MM + GAP_MM;
  const room: Room = {
    leftMm,
    narrowMm: Math.min(qr.xMm, number.xMm) - 1.8 - leftMm,
    wideMm: width - EDGE_MM - leftMm,
    codeEndsMm: number.yMm + 0.6,
    heightMm: height,
  };
  const rest = (lines: readonly LabelLine[], dropped: readonly string[]): LaidLabel => ({
    lines: [...lines, number],
    qr,
    edge,
    dropped,
  });
  let rows = rowsOf(label);
  const dropped: string[] = [];
  for (;;) {
    const lines = fitted(rows, [1.25, 1.1, 1], factor, room, fonts);
    if (lines) return rest(lines, dropped);
    const last = rows
      .filter(({ drop }) => drop !== undefined)
      .sort((a, b) => (b.drop ?? 0) - (a.drop ?? 0))[0];
    if (!last) break;
    dropped.push(last.parts.map(({ text }) => text).join(' '));
    rows = rows.filter((each) => each !== last);
  }
  const small = fitted(rows, [0.9, 0.8, 0.7, 0.6, 0.5], factor, room, fonts);
  return rest(small ?? laid(rows, 0.5 * factor, { ...room, heightMm: Infinity }, fonts) ?? [], dropped);
}

/** The code in whole dots of a label printer, as large as there is use for. */
function codeOf(text: string, width: number, height: number, factor: number): LaidLabel['qr'] {
  const modules = encode(text, { ecc: 'M', border: 0 }).data;
  const most = Math.min(MOST_CODE_MM, height * 0.46, MOST_CODE_MM * Math.max(0.7, factor));
  const dots = Math.max(2, Math.floor((most * DOTS_PER_MM) / modules.length));
  const sizeMm = (modules.length * dots) / DOTS_PER_MM;
  const xMm = Math.floor((width - EDGE_MM - sizeMm) * DOTS_PER_MM) / DOTS_PER_MM;
  return { xMm, yMm: Math.ceil(EDGE_MM * DOTS_PER_MM) / DOTS_PER_MM, sizeMm, modules };
}

function rowsOf(label: PackLabel): Row[] {
  const { title, mass, beside, days, frozen, cost, hint, cautions, note } = label;
  const bold = (text: string, sizeMm: number): Row['parts'][number] => ({ text, sizeMm, weight: 'bold' });
  const small = (text: string): Row['parts'][number] => ({ text, sizeMm: LEAST_MM, weight: 'regular' });
  const told = [frozen, ...(hint === null ? [] : [hint]), ...cautions];
  return [
    { parts: [bold(title, NAME_MM)], mostLines: 2 },
    { parts: [bold(mass, MASS_MM), ...(beside === '' ? [] : [small(beside)])], mostLines: 1 },
    ...days.map(({ word, day }): Row => ({ parts: [small(word), bold(day, DAY_MM)], mostLines: 1 })),
    // One after the other: what must be on it takes as few lines as it can.
    { parts: [small(told.join(' · '))], mostLines: 6 },
    ...(cost === null ? [] : [{ parts: [small(cost)], mostLines: 1, drop: 2 }]),
    ...(note === '' ? [] : [{ parts: [small(note)], mostLines: 3, drop: 1 }]),
  ];
}

function fitted(
  rows: readonly Row[],
  scales: readonly number[],
  factor: number,
  room: Room,
  fonts: LabelFonts,
): LabelLine[] | null {
  for (const scale of scales) {
    const lines = laid(rows, scale * factor, room, fonts);
    if (lines) return lines;
  }
  return null;
}

/** The rows one under the other; null where they do not fit. */
function laid(rows: readonly Row[], scale: number, room: Room, fonts: LabelFonts): LabelLine[] | null {
  const lines: LabelLine[] = [];
  let y = EDGE_MM - 0.6;
  for (const { parts, mostLines } of rows) {
    const sized = parts.map((part) => ({ ...part, sizeMm: Math.max(LEAST_MM, part.sizeMm * scale) }));
    const tallMm = Math.max(...sized.map(({ sizeMm }) => sizeMm));
    const width = y + tallMm * 0.3 >= room.codeEndsMm ? room.wideMm : room.narrowMm;
    const row =
      sized.length === 1 ? brokenRow(sized[0]!, width, mostLines, fonts) : besideRow(sized, width, fonts);
    for (const line of row) {
      const lineMm = Math.max(...line.map(({ sizeMm }) => sizeMm));
      y += lineMm * LEADING;
      for (const { text, sizeMm, weight, atMm } of line)
        lines.push({ text, xMm: room.leftMm + atMm, yMm: y - lineMm * 0.2, sizeMm, weight });
    }
  }
  return y <= room.heightMm - EDGE_MM + 0.6 ? lines : null;
}

/** A stretch of text in its place on a line. */
interface Placed {
  readonly text: string;
  readonly sizeMm: number;
  readonly weight: Weight;
  readonly atMm: number;
}

function brokenRow(
  { text, sizeMm, weight }: Row['parts'][number],
  width: number,
  mostLines: number,
  fonts: LabelFonts,
): Placed[][] {
  return broken(text, width, mostLines, (part) => fonts.width(part, weight, sizeMm)).map((part) => [
    { text: part, sizeMm, weight, atMm: 0 },
  ]);
}

/** Two stretches beside each other; one under the other where that is too long: no day loses its year. */
function besideRow(parts: Row['parts'], width: number, fonts: LabelFonts): Placed[][] {
  let atMm = 0;
  const line = parts.map(({ text, sizeMm, weight }): Placed => {
    const placed = { text, sizeMm, weight, atMm };
    atMm += fonts.width(text, weight, sizeMm) + 1.4;
    return placed;
  });
  return atMm - 1.4 <= width
    ? [line]
    : line.flatMap(({ text, sizeMm, weight }) => {
        const own = fonts.width(text, weight, sizeMm);
        // Smaller rather than cut off.
        const size = own <= width ? sizeMm : (sizeMm * width) / own;
        return [[{ text, sizeMm: Math.max(LEAST_MM, size), weight, atMm: 0 }]];
      });
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
