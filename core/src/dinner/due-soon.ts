import type { Lot } from '../ledger/lot';
import { addHours, type Instant, type IsoDate } from '../units/date';
import { instantAt } from '../units/zone';
import type { Cutting } from './cutting';
import { USUAL_DINNERS } from './dinners';
import { CUT_AT, piecesPlanned } from './pieces-planned';
import { dueWithin, takeOuts, type Now } from './take-out';
import { plannedDays, type PlanSources } from './week';

/** So long ahead somebody is told; so many days ahead are looked at, for a large bird thaws for days. */
const [AHEAD_H, DAYS] = [6, 10];

/** Something that has to be done now or soon. */
export interface DueNow {
  readonly what: 'out' | 'cut';
  readonly lot: Lot;
  readonly at: Instant;
}

/** What is known of a household's plans. */
export interface DueSources extends PlanSources {
  /** Pieces of which nothing is off yet, and when they are to be cut. */
  readonly pieces: readonly Lot[];
  readonly cuttings: ReadonlyMap<string, Cutting>;
}

/** What a household has to take out of the freezer, or to cut, now or soon, by its plans: soonest first. */
export function dueSoon(known: DueSources, today: IsoDate, now: Now): DueNow[] {
  const dinners = known.settings.dinners ?? USUAL_DINNERS;
  const all = takeOuts(plannedDays(today, DAYS, known), now, dinners);
  const packs = dueWithin(all, now.instant, AHEAD_H).map(({ lot, remindAt }): DueNow => ({
    what: 'out',
    lot,
    at: remindAt,
  }));
  return [...packs, ...piecesDue(known, today, now)].sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0));
}

function piecesDue(
  { pieces, cuttings, clockOf, settings }: DueSources,
  today: IsoDate,
  { instant, zone }: Now,
): DueNow[] {
  const dinners = settings.dinners ?? USUAL_DINNERS;
  const until = addHours(instant, AHEAD_H);
  return piecesPlanned({ pieces, cuttings, clockOf, dinners, now: { instant, today, zone } }).flatMap(
    ({ lot, outBy, cutBy, trouble }): DueNow[] => {
      if (trouble === 'overdue') return [];
      if (outBy !== null) return outBy <= until ? [{ what: 'out', lot, at: outBy }] : [];
      return cutBy !== null && cutBy <= today
        ? [{ what: 'cut', lot, at: instantAt(cutBy, CUT_AT, zone) }]
        : [];
    },
  );
}
