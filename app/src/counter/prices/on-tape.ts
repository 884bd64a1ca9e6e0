import type { Format } from '@core/format/format';
import type { Notch } from '../../ui/tape/tape-layout';

/** Smallest coins a kilogram of what is marked on a tape; what is not known is not marked. */
interface Marked {
  readonly even?: number | undefined;
  /** Whether even money is at least so much. */
  readonly isLowerBound?: boolean;
  readonly asked?: number | undefined;
  readonly going?: number | undefined;
  readonly best?: number | undefined;
}
/** The best seen is marked where it is this far below the going price: else the two lie on each other. */
const APART = 0.98;

/** Prices as they stand on a tape, which is in smallest coins for the household's unit. */
export class OnTape {
  constructor(private readonly format: Format) {}

  at(perKgMinor: number): number {
    return perKgMinor * this.format.kgPerUnit();
  }

  readonly say = (at: number): string => this.format.plainPerUnit(at / this.format.kgPerUnit());

  /** Even money above the tape, the others below it. */
  notches({ even, isLowerBound = false, asked, going, best }: Marked): Notch[] {
    const isBest = best !== undefined && best < (going ?? Infinity) * APART;
    const known = (id: string, word: string, perKg: number | undefined, side: Notch['side']): Notch[] => {
      if (perKg === undefined) return [];
      const at = this.at(perKg);
      return [{ id, at, side, text: `${word} ${this.say(at)}`.trim() }];
    };
    return [
      ...known('even', isLowerBound ? 'even ≥' : 'even', even, 'above'),
      ...known('asked', '', asked, 'below'),
      ...known('going', 'going', going, 'below'),
      ...known('best', 'best', isBest ? best : undefined, 'below'),
    ];
  }
}
