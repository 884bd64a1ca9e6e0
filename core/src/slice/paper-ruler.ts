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
const TICK_MM = 10;

/**
 * A ruler at true scale to lay beside a log: the cuts with their numbers and a tick every
 * centimetre, over as many sheets as it takes. Each sheet begins again with the last 15 mm of the
 * one before, so that they are laid mark on mark.
 *
 * @param from the end where cutting starts; the ruler's zero
 */
export function paperRuler(
  { slices, rest }: Plan,
  lengthMm: number,
  from: 'start' | 'end',
  paper: Paper,
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
      text: `${index + 1}: ${slice.thicknessMm.toFixed(slice.thicknessMm % 1 === 0 ? 0 : 1)} mm, ${Math.round(slice.massG)} g`,
    })),
  ];
  const ticks = Array.from({ length: Math.floor(lengthMm / TICK_MM) + 1 }, (_, k) => ({
    logMm: k * TICK_MM,
    text: k % 5 === 0 ? `${k}` : '',
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
          .map((logMm) => mark('overlap')({ logMm, text: `lay on ${Math.round(logMm)} mm` })),
      ],
    };
  });
}
