import { USUAL_DINNERS } from './dinners';
import type { IsoDate } from '../units/date';
import { dueWithin, takeOuts, type Now, type TakeOut } from './take-out';
import { plannedDays, type PlanSources } from './week';

/** So long ahead somebody is told; so many days ahead are looked at, for a large bird thaws for days. */
const [AHEAD_H, DAYS] = [6, 10];

/** What a household has to take out of the freezer now or soon, by its plan: soonest first. */
export function dueSoon(known: PlanSources, today: IsoDate, now: Now): TakeOut[] {
  const all = takeOuts(plannedDays(today, DAYS, known), now, known.settings.dinners ?? USUAL_DINNERS);
  return dueWithin(all, now.instant, AHEAD_H);
}
