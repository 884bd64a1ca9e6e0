import { toldAt } from '../ledger/told-at';
import type { Entry } from '../ledger/entry';
import type { Journal } from '../ledger/journal';
import type { LotId } from '../ledger/lot';
import { lotsOfEntry } from '../ledger/lots-of-entry';
import { minutesBetween, type Instant } from '../units/date';
import { pausedMinutes, type Pause } from '../yield/minutes';

/** Minutes out of the refrigerator, in all: from when on it is said, and how many there may be. */
const LIMITS = { mild: { soon: 90, most: 120 }, hot: { soon: 45, most: 60 } } as const;
/** A pause of this length may have been spent in the refrigerator: it is asked. */
const ASKED_MINUTES = 20;
const OUT: ReadonlySet<Entry['type']> = new Set<Entry['type']>(['drained', 'cut', 'changed']);

/** How long a piece has been out of the cold. */
export interface BoardTime {
  readonly minutes: number;
  /** How long it may be out in all, in minutes. */
  readonly most: number;
  readonly state: 'fine' | 'soon' | 'over';
  /** The longest stretch without an act that counts so far: was it in the refrigerator then? */
  readonly gap: { readonly from: Instant; readonly to: Instant } | null;
}

/**
 * The time of a piece at the board, added up from its first act on. Every gap counts, whether
 * somebody worked or not, until it is said that the piece lay in the refrigerator.
 *
 * @param lots the piece and what came off it
 * @param cold when it lay in the refrigerator; a pause of the work alone does not say so
 * @param isHot above 32 °C around it
 * @returns null before the first act
 * @source USDA FSIS (from memory): 2 hours in all between 40 and 140 °F, 1 hour above 90 °F; the
 *   warning before is ours
 * @example drained at 10:00, now 11:35, no pause: 95 minutes, "soon"
 */
export function boardTime(
  { entries, state }: Pick<Journal, 'entries' | 'state'>,
  lots: ReadonlySet<LotId>,
  cold: readonly Pause[],
  now: Instant,
  isHot: boolean,
): BoardTime | null {
  const acts = entries
    .filter(
      (entry) =>
        OUT.has(entry.type) && !state.voided.has(entry.id) && lotsOfEntry(entry).some((lot) => lots.has(lot)),
    )
    .map(toldAt)
    .filter((at) => at <= now)
    .sort();
  const [first] = acts;
  if (first === undefined) return null;
  const out = (from: Instant, to: Instant): number =>
    minutesBetween(from, to) - pausedMinutes(cold, from, to);
  const moments = [...acts, now];
  const gap = moments
    .slice(1)
    .map((to, index) => ({ from: moments[index] as Instant, to }))
    .reduce((longest, each) => (out(each.from, each.to) > out(longest.from, longest.to) ? each : longest), {
      from: first,
      to: first,
    });
  const minutes = out(first, now);
  const { soon, most } = LIMITS[isHot ? 'hot' : 'mild'];
  return {
    minutes,
    most,
    state: minutes > most ? 'over' : minutes >= soon ? 'soon' : 'fine',
    gap: out(gap.from, gap.to) > ASKED_MINUTES ? gap : null,
  };
}
