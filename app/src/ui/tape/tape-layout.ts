import { ticks } from 'd3-array';

/** Something on a tape: where, and what stands beside it. */
export interface Notch {
  readonly id: string;
  /** In the unit of the tape. */
  readonly at: number;
  readonly text: string;
  /** Where its words stand: what matters above the tape, what is only known below it. */
  readonly side: 'above' | 'below';
}

/** From where to where a tape goes. */
export interface Span {
  readonly from: number;
  readonly to: number;
}

/** Words on a tape, in pixels from its left edge; rows count away from the tape. */
export interface PlacedNotch extends Notch {
  readonly x: number;
  readonly textX: number;
  readonly row: number;
}

/** A tape is no shorter than this share of what is marked on it, to either side. */
const ROOM = 0.12;
/** A letter is about so wide, in pixels, in the size of a tape's words. */
const LETTER = 7.6;
const GAP = 12;
/** What reckoning leaves of a round figure. */
const HAIR = 1e-6;

/**
 * From where to where a tape goes so that all of it lies on it, with some room at both ends, and round
 * figures there.
 *
 * @example spanOf([19.3, 24.5]) // { from: 18, to: 26 }
 */
export function spanOf(values: readonly number[]): Span {
  const [low, high] = [Math.min(...values), Math.max(...values)];
  const room = Math.max((high - low) * 0.2, high * ROOM, 1e-9);
  const step = ticks(low - room, high + room, 8);
  const size = (step[1] ?? 1) - (step[0] ?? 0);
  return {
    from: Math.max(0, Math.floor((low - room) / size + HAIR) * size),
    to: Math.ceil((high + room) / size - HAIR) * size,
  };
}

/** Where on a tape of a width something lies; at its ends where it lies beyond them. */
export function xOn({ from, to }: Span, width: number, at: number): number {
  return Math.min(1, Math.max(0, (at - from) / (to - from))) * width;
}

/**
 * Puts words beside their notches, none over another: within the tape, and in the next row away from
 * it where the one before is taken. Those that come first are placed first.
 */
export function placeNotches(notches: readonly Notch[], span: Span, width: number): PlacedNotch[] {
  const placed: (PlacedNotch & { readonly half: number })[] = [];
  for (const notch of notches) {
    const half = (notch.text.length * LETTER) / 2;
    const x = xOn(span, width, notch.at);
    const textX = Math.min(Math.max(x, half), Math.max(half, width - half));
    const isFree = (row: number): boolean =>
      placed.every(
        (other) =>
          other.side !== notch.side ||
          other.row !== row ||
          Math.abs(other.textX - textX) >= half + other.half + GAP,
      );
    let row = 0;
    while (!isFree(row)) row++;
    placed.push({ ...notch, x, textX, row, half });
  }
  return placed.map(({ half: _, ...each }) => each);
}
