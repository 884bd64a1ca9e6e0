import type { Instant } from '../units/date';
import { lotName } from '../catalogue/lot-name';
import type { FactOf } from '../ledger/entry';
import type { Lot } from '../ledger/lot';
import { noteChange } from '../records/change';
import type { Deed } from './deed';

/** The piece is cut another way. */
export function changeWay(piece: Lot, way: { readonly id: string; readonly name: string }): Deed {
  return {
    facts: [{ type: 'corrected', entry: piece.made, set: { way: way.id } }],
    say: `Now: ${way.name}`,
  };
}

/** What is said of a piece when it is closed, where something about it is odd. */
export type SaidAtClosing = Pick<FactOf<'closed'>, 'reason' | 'loss' | 'bones'>;

/** Nothing more comes off; what was not found is unaccounted, with what was said of it. */
export function closePiece(piece: Lot, { reason, loss, bones }: SaidAtClosing = {}): Deed {
  return {
    facts: [{ type: 'closed', lot: piece.id, reason: reason?.trim() || undefined, loss, bones }],
    say: `${lotName(piece)} closed.`,
  };
}

/** More comes off after all. */
export function reopenPiece(piece: Lot): Deed {
  return { facts: [{ type: 'reopened', lot: piece.id }], say: `${lotName(piece)} is open again.` };
}

/** Work stands still, or goes on where it stood still. */
export function pauseWork(piece: Lot, isPaused: boolean, now: Instant): Deed {
  return {
    records: [
      noteChange(piece.id, ({ pauses = [] }) => ({
        pauses: isPaused
          ? pauses.map((pause) => (pause.to === undefined ? { ...pause, to: now } : pause))
          : [...pauses, { from: now }],
      })),
    ],
    say: isPaused ? 'The clock runs again.' : 'The clock stands still.',
  };
}

/** It lay in the refrigerator in a stretch that nobody had said anything about. */
export function wasCold(piece: Lot, { from, to }: { readonly from: Instant; readonly to: Instant }): Deed {
  return {
    records: [noteChange(piece.id, ({ cold = [] }) => ({ cold: [...cold, { from, to }] }))],
    say: 'Time in the refrigerator does not count.',
  };
}

/** It is cut above 32 °C, or is not: how long it may be out. */
export function workInHeat(piece: Lot, isHot: boolean): Deed {
  return {
    records: [noteChange(piece.id, () => ({ hot: isHot ? (true as const) : undefined }))],
    say: isHot ? 'In heat it may be out for 1 hour in all.' : 'It may be out for 2 hours in all.',
  };
}

/** What is to be remembered of a piece. */
export function noteOnPiece(piece: Lot, text: string): Deed {
  return { records: [noteChange(piece.id, () => ({ text: text.trim() }))], say: 'Note kept.' };
}

/** The working time is so many minutes, whatever the entries say; zero counts it again. */
export function correctMinutes(piece: Lot, minutes: number): Deed {
  return {
    records: [noteChange(piece.id, () => ({ minutes: minutes > 0 ? minutes : undefined }))],
    say: minutes > 0 ? `Working time is ${minutes} minutes.` : 'Working time is counted again.',
  };
}
