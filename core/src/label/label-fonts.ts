import { sum } from 'd3-array';
import fontkit, { type Font } from '@cantoo/fontkit';

/** The files of a face, the first that has a letter writes it. */
export interface LabelFontFiles {
  readonly regular: readonly Uint8Array[];
  readonly bold: readonly Uint8Array[];
}

export type Weight = keyof LabelFontFiles;

/** A stretch of text that one file writes. */
export interface Run {
  readonly text: string;
  readonly file: number;
}

/** What is written for a letter that no file has. */
const MISSING = '▯';
const INSTEAD = '?';

/** Letters, measured: which file writes them and how wide they are. */
export class LabelFonts {
  private readonly faces: Readonly<Record<Weight, readonly Font[]>>;

  constructor(readonly files: LabelFontFiles) {
    // A file of one face has no other to choose from.
    const open = (all: readonly Uint8Array[]): Font[] => all.map((bytes) => fontkit.create(bytes) as Font);
    this.faces = { regular: open(files.regular), bold: open(files.bold) };
  }

  /** Letters of a text that no file has, each once. */
  missing(text: string): string[] {
    return [
      ...new Set([...text].filter((letter) => !/\s/.test(letter) && this.fileOf(letter, 'regular') < 0)),
    ];
  }

  /** A text as runs of one file each; a letter that none has becomes a question mark. */
  runs(text: string, weight: Weight): Run[] {
    const runs: { text: string; file: number }[] = [];
    for (const letter of text.replaceAll(MISSING, INSTEAD)) {
      const found = this.fileOf(letter, weight);
      const [shown, file] = found < 0 ? [INSTEAD, 0] : [letter, found];
      const last = runs.at(-1);
      if (last?.file === file) last.text += shown;
      else runs.push({ text: shown, file });
    }
    return runs;
  }

  /** How wide a text is, in the unit of the size. */
  width(text: string, weight: Weight, size: number): number {
    return sum(this.runs(text, weight), (run) => {
      const face = this.faces[weight][run.file] as Font;
      return (face.layout(run.text).advanceWidth / face.unitsPerEm) * size;
    });
  }

  private fileOf(letter: string, weight: Weight): number {
    const code = letter.codePointAt(0) ?? 0;
    return this.faces[weight].findIndex((face) => face.hasGlyphForCodePoint(code));
  }
}
