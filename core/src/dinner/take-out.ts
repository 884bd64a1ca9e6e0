import type { Lot } from '../ledger/lot';
import { USUAL_COOK_MINUTES, type Dinners } from './dinners';
import { meatOf } from '../cold/meat-properties';
import { THAWING, thawingHours, type ThawingWay } from '../cold/thawing-time';
import { addHours, type Instant, type IsoDate } from '../units/date';
import type { MassDg } from '../units/mass';
import { instantAt } from '../units/zone';
import { servedShare } from './served-of';
import type { PlannedDay, PlannedServing } from './week';
import { whileAwake } from './while-awake';

/** When a planned pack leaves the freezer, and how it thaws. */
export interface TakeOut {
  /** The day of the dinner. */
  readonly date: IsoDate;
  readonly dinnerAt: Instant;
  /** When it must be thawed: so long before the dinner that there is time to cook. */
  readonly panAt: Instant;
  readonly serving: PlannedServing['serving'];
  readonly lot: Lot;
  readonly way: ThawingWay | 'from-frozen';
  readonly hours: number;
  /** Later than this it is not thawed for the dinner. */
  readonly latest: Instant;
  /** The last moment before it at which somebody is awake. */
  readonly remindAt: Instant;
  /** Whether it is out of the freezer already. */
  readonly isOut: boolean;
}

/** Where and when it is. */
export interface Now {
  readonly instant: Instant;
  readonly zone: string;
}

const WAYS = Object.keys(THAWING) as ThawingWay[];

/**
 * When the packs of a plan have to leave the freezer: by the way that the household chose, else the
 * gentlest that there is time for. Hours are true ones, also over a change of the clocks.
 *
 * @param awake between which hours somebody can take a pack out; `cookMinutes` before the dinner it is thawed
 */
export function takeOuts(
  days: readonly PlannedDay[],
  now: Now,
  { awake, cookMinutes = USUAL_COOK_MINUTES }: Pick<Dinners, 'awake' | 'cookMinutes'>,
): TakeOut[] {
  return days.flatMap((day) =>
    day.servings.flatMap((planned) =>
      planned.lot && planned.trouble === null && !planned.isServed
        ? [takeOut(day, planned, planned.lot, now, { awake, cookMinutes })]
        : [],
    ),
  );
}

function takeOut(
  { date, at }: PlannedDay,
  { serving, isFrozen, fresh }: PlannedServing,
  lot: Lot,
  now: Now,
  { awake, cookMinutes }: Required<Pick<Dinners, 'awake' | 'cookMinutes'>>,
): TakeOut {
  const dinnerAt = instantAt(date, at, now.zone);
  const panAt = addHours(dinnerAt, -cookMinutes / 60);
  const massDg = Math.max(1, Math.round(lot.leftDg * servedShare(lot, serving.amount)));
  const isOut = !isFrozen;
  // What came out of the microwave is out, and cooked at once as what was in cold water.
  const by = lot.thawingWay === 'microwave' ? 'cold-water' : (lot.thawingWay ?? 'refrigerator');
  const quickEnough = gentlest(lot, massDg, panAt, hardFrom(now.instant, fresh));
  // What is not frozen yet and is for a day up to which it is fresh comes out before it is.
  const isFresh = !isOut && quickEnough === 'from-frozen' && date <= (fresh?.to ?? '');
  const way = serving.way ?? (isOut ? by : isFresh ? 'refrigerator' : quickEnough);
  const hours = way === 'from-frozen' || isFresh ? 0 : hoursBy(way, lot, massDg);
  const latest = isFresh ? earlier(fresh?.frozenAt ?? panAt, panAt) : addHours(panAt, -hours);
  return {
    date,
    dinnerAt,
    panAt,
    serving,
    lot,
    way,
    hours,
    latest,
    remindAt: way === 'refrigerator' ? whileAwake(latest, now.zone, awake) : latest,
    isOut,
  };
}

const hoursBy = (way: ThawingWay, lot: Lot, massDg: MassDg): number =>
  thawingHours(massDg, lot.thicknessMm, THAWING[way], meatOf(lot.animal));

/** The gentlest way that there is time for, where it is hard from a moment on. */
function gentlest(lot: Lot, massDg: MassDg, panAt: Instant, from: Instant): TakeOut['way'] {
  return WAYS.find((way) => addHours(panAt, -hoursBy(way, lot, massDg)) >= from) ?? 'from-frozen';
}

const earlier = (a: Instant, b: Instant): Instant => (a < b ? a : b);

/** From when on it may come out to thaw: now, or once it is frozen. */
function hardFrom(now: Instant, freezing: PlannedServing['fresh']): Instant {
  const at = freezing?.frozenAt ?? now;
  return at > now ? at : now;
}

/**
 * The gentlest way to have a whole pack thawed for the dinner of a day.
 *
 * @param frozenAt when it is frozen, where it is on its way; it does not come out before
 */
export function wayFor(
  { date, at }: Pick<PlannedDay, 'date' | 'at'>,
  lot: Lot,
  now: Now,
  cookMinutes = USUAL_COOK_MINUTES,
  frozenAt: Instant | null = null,
): TakeOut['way'] {
  const from = frozenAt !== null && frozenAt > now.instant ? frozenAt : now.instant;
  return gentlest(lot, lot.leftDg, addHours(instantAt(date, at, now.zone), -cookMinutes / 60), from);
}

/** What has to leave the freezer now or before some hours are over, and is not out: soonest first. */
export function dueWithin(all: readonly TakeOut[], now: Instant, hours: number): TakeOut[] {
  const until = addHours(now, hours);
  return all
    .filter(({ isOut, way, remindAt }) => !isOut && way !== 'from-frozen' && remindAt <= until)
    .sort((a, b) => (a.remindAt < b.remindAt ? -1 : a.remindAt > b.remindAt ? 1 : 0));
}
