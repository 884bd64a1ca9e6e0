import { toldAt } from '../ledger/told-at';
import { sum } from 'd3-array';
import type { Kind, Way } from '../catalogue/kind-schema';
import type { Entry } from '../ledger/entry';
import { lotsOfEntry } from '../ledger/lots-of-entry';
import type { Journal } from '../ledger/journal';
import type { LotId } from '../ledger/lot';
import type { State } from '../ledger/replay';
import { minutesBetween, type Instant } from '../units/date';

/** A longer pause between two acts is not work; an estimate of our own. */
const LONGEST_PAUSE_MINUTES = 20;
const AT_THE_BOARD: ReadonlySet<Entry['type']> = new Set<Entry['type']>([
  'drained',
  'cut',
  'changed',
  'closed',
  'combined',
  'packed',
]);

/** The pieces that stand behind each lot: itself, or those of what it was made of. */
function piecesBehind(state: State): Map<LotId, readonly LotId[]> {
  const behind = new Map<LotId, readonly LotId[]>();
  for (const lot of state.lots.values()) {
    const [source, ...others] = lot.sources.map(({ lot: id }) => behind.get(id) ?? []);
    if (lot.form === 'piece') behind.set(lot.id, [lot.id]);
    else if (source)
      behind.set(lot.id, others.length === 0 ? source : [...new Set([...source, ...others.flat()])]);
  }
  return behind;
}

/**
 * Working time of every piece, from when its entries were made: the time between acts at the
 * board and in the wrapping, without gaps of more than twenty minutes and without the pauses that
 * were taken.
 *
 * @param pauses by piece; those of a piece count for it alone
 * @returns minutes by piece; a piece without two acts to measure between is not in it
 */
export function workingMinutes(
  { entries, state }: Pick<Journal, 'entries' | 'state'>,
  pauses: ReadonlyMap<LotId, readonly Pause[]> = new Map(),
): Map<LotId, number> {
  const behind = piecesBehind(state);
  const last = new Map<LotId, Instant>();
  const minutes = new Map<LotId, number>();
  for (const entry of entries) {
    if (!AT_THE_BOARD.has(entry.type) || state.voided.has(entry.id)) continue;
    for (const piece of new Set(lotsOfEntry(entry).flatMap((lot) => behind.get(lot) ?? []))) {
      const at = toldAt(entry);
      const from = last.get(piece) ?? at;
      const gap = minutesBetween(from, at) - pausedMinutes(pauses.get(piece) ?? [], from, at);
      if (gap > 0 && gap <= LONGEST_PAUSE_MINUTES) minutes.set(piece, (minutes.get(piece) ?? 0) + gap);
      last.set(piece, at);
    }
  }
  return minutes;
}

/** When work stood still; without an end it still does. */
export interface Pause {
  readonly from: Instant;
  readonly to?: Instant;
}

/** How much of a stretch of time the pauses take; pauses may overlap. */
export function pausedMinutes(pauses: readonly Pause[], from: Instant, to: Instant): number {
  let [minutes, until] = [0, from];
  for (const pause of [...pauses].sort((a, b) => (a.from < b.from ? -1 : 1))) {
    const [start, end] = [
      pause.from > until ? pause.from : until,
      pause.to !== undefined && pause.to < to ? pause.to : to,
    ];
    if (start >= end) continue;
    minutes += minutesBetween(start, end);
    until = end;
  }
  return minutes;
}

/**
 * Working time of a piece that is on the board now: what its entries say, and the time since the
 * last of them, unless it is paused or has been left alone.
 *
 * @param done what {@link workingMinutes} says
 * @param lastAt the last act at the board, if any
 */
export function runningMinutes(
  done: number,
  lastAt: Instant | undefined,
  pauses: readonly Pause[],
  now: Instant,
): number {
  if (lastAt === undefined || now <= lastAt) return done;
  const gap = minutesBetween(lastAt, now) - pausedMinutes(pauses, lastAt, now);
  return gap <= LONGEST_PAUSE_MINUTES ? done + gap : done;
}

/** Usual minutes for cutting one piece a way, as the guide has them. */
export function usualMinutes(kind: Pick<Kind, 'steps'>, way: Pick<Way, 'steps'>): number {
  return sum(way.steps, (id) => kind.steps.find((step) => step.id === id)?.minutes ?? 0);
}
