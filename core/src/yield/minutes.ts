import type { Kind, Way } from '../catalogue/kind-schema';
import type { Entry } from '../journal/entry';
import { lotsOfEntry } from '../journal/lots-of-entry';
import type { Journal } from '../journal/journal';
import type { LotId } from '../journal/lot';
import type { State } from '../journal/replay';
import { minutesBetween, type Instant } from '../units/date';

/** A longer pause between two acts is not work; an estimate of our own. */
const LONGEST_PAUSE_MINUTES = 20;
const AT_THE_BOARD: ReadonlySet<Entry['type']> = new Set<Entry['type']>(['drained', 'cut', 'changed', 'closed', 'combined', 'packed']);

/** The pieces that stand behind each lot: itself, or those of what it was made of. */
function piecesBehind(state: State): Map<LotId, readonly LotId[]> {
  const behind = new Map<LotId, readonly LotId[]>();
  for (const lot of state.lots.values()) {
    const [source, ...others] = lot.sources.map(({ lot: id }) => behind.get(id) ?? []);
    if (lot.form === 'piece') behind.set(lot.id, [lot.id]);
    else if (source) behind.set(lot.id, others.length === 0 ? source : [...new Set([...source, ...others.flat()])]);
  }
  return behind;
}

/**
 * Working time of every piece, from when its entries were made: the time between acts at the
 * board and in the wrapping, without pauses of more than twenty minutes.
 *
 * @returns minutes by piece; a piece without two acts to measure between is not in it
 */
export function workingMinutes({ entries, state }: Pick<Journal, 'entries' | 'state'>): Map<LotId, number> {
  const behind = piecesBehind(state);
  const last = new Map<LotId, Instant>();
  const minutes = new Map<LotId, number>();
  for (const entry of entries) {
    if (!AT_THE_BOARD.has(entry.type) || state.voided.has(entry.id)) continue;
    for (const piece of new Set(lotsOfEntry(entry).flatMap((lot) => behind.get(lot) ?? []))) {
      const gap = minutesBetween(last.get(piece) ?? entry.at, entry.at);
      if (gap > 0 && gap <= LONGEST_PAUSE_MINUTES) minutes.set(piece, (minutes.get(piece) ?? 0) + gap);
      last.set(piece, entry.at);
    }
  }
  return minutes;
}

/** Usual minutes for cutting one piece a way, as the guide has them. */
export function usualMinutes(kind: Pick<Kind, 'steps'>, way: Pick<Way, 'steps'>): number {
  return way.steps.reduce((sum, id) => sum + (kind.steps.find((step) => step.id === id)?.minutes ?? 0), 0);
}
