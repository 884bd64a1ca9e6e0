import type { Plan } from './wish';

/** Sheets to print on, in mm. */
export const PAPERS = { A4: [297, 210], Letter: [279.4, 215.9] } as const;
export type Paper = keyof typeof PAPERS;

/** A mark on the ruler; `atMm` from the left edge of the sheet. */
export interface RulerMark {
  readonly atMm: number;
  /** Along the log, from the end where cutting starts. */
  readonly logMm: number;
  readonly of: 'cut' | 'tick' | 'end' | 'overlap';
  readonly text: string;
}

export interface RulerSheet {
  readonly number: number;
  readonly marks: readonly RulerMark[];
  /** Left end of the 100 mm check line. */
  readonly checkFromMm: number;
}

/** What printers leave white, and how far sheets overlap to be glued. */
const MARGIN_MM = 12;
const OVERLAP_MM = 15;
/** Between two ticks, how many to a number, and what a number counts. */
const SCALES = {
  metric: { tickMm: 10, every: 5, counts: 1 },
  imperial: { tickMm: 25.4 / 4, every: 4, counts: 1 / 4 },
} as const;

/** How the reader of a ruler measures. */
export interface RulerReader {
  readonly system: keyof typeof SCALES;
  readonly length: (mm: number) => string;
  readonly mass: (g: number) => string;
}

/**
 * A ruler at true scale to lay beside a log: the cuts with their numbers and a tick every
 * centimetre or quarter of an inch, over as many sheets as it takes. Each sheet begins again with the last 15 mm of the
 * one before, so that they are laid mark on mark.
 *
 * @param from the end where cutting starts; the ruler's zero
 */
export function paperRuler(
  { slices, rest }: Plan,
  lengthMm: number,
  from: 'start' | 'end',
  paper: Paper,
  say: RulerReader,
): RulerSheet[] {
  const along = (mm: number): number => (from === 'start' ? mm : lengthMm - mm);
  const order = [...slices].sort((a, b) => along(a.fromMm) - along(b.fromMm));
  const squareOff = rest.find(({ why }) => why === 'square-off');
  const cuts = [
    ...(squareOff
      ? [{ logMm: along(from === 'start' ? squareOff.toMm : squareOff.fromMm), text: 'square off' }]
      : []),
    ...order.map((slice, index) => ({
      logMm: Math.max(along(slice.fromMm), along(slice.toMm)),
      text: `${index + 1}: ${say.length(slice.thicknessMm)}, ${say.mass(slice.massG)}`,
    })),
  ];
  const { tickMm, every, counts } = SCALES[say.system];
  const ticks = Array.from({ length: Math.floor(lengthMm / tickMm) + 1 }, (_, k) => ({
    logMm: k * tickMm,
    text: k % every === 0 ? `${k * counts}` : '',
  }));
  const room = PAPERS[paper][0] - 2 * MARGIN_MM;
  const step = room - OVERLAP_MM;
  const count = Math.max(1, Math.ceil((lengthMm - OVERLAP_MM) / step));
  return Array.from({ length: count }, (_, sheet) => {
    const begin = sheet * step;
    const onSheet = ({ logMm }: { readonly logMm: number }): boolean =>
      logMm >= begin - 1e-9 && logMm <= begin + room + 1e-9;
    const mark =
      (of: RulerMark['of']) =>
      ({ logMm, text }: { readonly logMm: number; readonly text: string }): RulerMark => ({
        atMm: MARGIN_MM + logMm - begin,
        logMm,
        of,
        text,
      });
    const seams = [
      ...(sheet > 0 ? [begin, begin + OVERLAP_MM] : []),
      ...(sheet < count - 1 ? [begin + step, begin + room] : []),
    ];
    return {
      number: sheet + 1,
      checkFromMm: MARGIN_MM,
      marks: [
        ...ticks.filter(onSheet).map(mark('tick')),
        ...cuts.filter(onSheet).map(mark('cut')),
        ...[{ logMm: lengthMm, text: 'end' }].filter(onSheet).map(mark('end')),
        ...seams
          .filter((logMm) => logMm <= lengthMm)
          .map((logMm) => mark('overlap')({ logMm, text: `lay on ${say.length(Math.round(logMm))}` })),
      ],
    };
  });
}
