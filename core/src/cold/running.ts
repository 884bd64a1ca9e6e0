import type { ColdEvent, Lot, ThawedBy } from '../ledger/lot';
import { toldAt } from '../ledger/told-at';
import { addDays, addHours, type Instant, type IsoDate } from '../units/date';
import { keepingOf, SHORTEST_DAYS, type Keeping } from './keeping';
import type { KeepingRules } from './keeping-rules';
import type { PowerCut } from './power-cut-note';

/** How something thaws. */
export interface Thaw {
  readonly way: ThawedBy;
  readonly startedAt: Instant;
  /** Through at the earliest on that day: the days of fresh meat are counted from it. */
  readonly throughOn: IsoDate;
  /** Ready for the pan from then on. */
  readonly readyAt: Instant;
  /** In cold water or the microwave: soft at the earliest, and the last moment to cook it. */
  readonly softAt: Instant | null;
  readonly cookByAt: Instant | null;
  /** How often somebody felt ice in it, and gave it half an hour more. */
  readonly moreTimes: number;
  /** The shop thawed it. */
  readonly isForSale: boolean;
  /** What it was before, for a pack that is back in the freezer before anything has happened. */
  readonly before: Running;
}

/** On its way to be frozen. */
export interface Freezing {
  /** Null while the power is out. */
  readonly frozenAt: Instant | null;
  /** So long it takes, all of its batch. */
  readonly hours: number;
  /** What it was before, and goes on being until then. */
  readonly before: Running;
}

/** Where the dates of something that is not frozen come from. */
export type Basis =
  | 'chart'
  /** The chart, for a whole piece of red meat of which nobody said how it was packed. */
  | 'chart-bag-unsaid'
  /** The chart, beside a date on the label that no fresh meat has. */
  | 'chart-date-unbelieved'
  | 'use-by'
  | 'opened'
  | 'bag'
  | 'bag-sell-by'
  | 'bag-packed-on'
  | 'thawed-for-sale'
  | 'thawed'
  | 'water'
  /** Told to thaw, though nobody wrote down that it was frozen. */
  | 'never-frozen';

/** What no later date mends: frozen past its last day, a bag that leaked, warm for hours, frozen raw out of cold water. */
export type Fault = 'late' | 'leaked' | 'warm' | 'wet-again';

/** The clock of a lot after some of what happened to it. */
export interface Running {
  readonly phase: 'sealed' | 'fresh' | 'freezing' | 'frozen' | 'thawing';
  readonly boughtOn: IsoDate | null;
  /** The shorter published time, and the last day; null where there is none or nobody knows. */
  readonly dueOn: IsoDate | null;
  readonly lastOn: IsoDate | null;
  /** A sealed piece without a use-by: from that day on it is said to open or freeze it. */
  readonly openOn: IsoDate | null;
  /** The last day in its unopened bag, which no opening prolongs. */
  readonly useBy: IsoDate | null;
  /** On which day it went into the freezer, and best before, while it freezes or is frozen. */
  readonly frozenOn: IsoDate | null;
  readonly bestOn: IsoDate | null;
  /** The strictest class of what is in it. */
  readonly keeping: Keeping | null;
  /** Days that it has been thawed, over all times. */
  readonly daysThawed: number;
  readonly isRefrozen: boolean;
  readonly thaw: Thaw | null;
  readonly freezing: Freezing | null;
  readonly basis: Basis;
  /** Something happened that no later date mends. */
  readonly fault: Fault | null;
}

/** A freezer as the clock has to know it. */
export interface FreezerFacts {
  readonly id: string;
  readonly airC: number;
  /** How its air takes heat off a pack, W/(m²·K). */
  readonly h: number;
}

/** What the rules need beside the lot. */
export interface ColdContext {
  /** What a place is: a freezer, a refrigerator; undefined where nobody knows. One that does not freeze is a refrigerator. */
  readonly coldOf: (place: string) => FreezerFacts | 'refrigerator' | undefined;
  readonly rules: KeepingRules;
  /** When the power was out, in its order. */
  readonly cuts: readonly PowerCut[];
  /** The day of a moment where the household is. */
  readonly dayOf: (at: Instant) => IsoDate;
  /** Hours until what went into a freezer with something is frozen, all of it. */
  readonly hoursInBatch: (lot: Lot, event: ColdEvent, freezer: FreezerFacts) => number;
}

export const earliest = (...days: readonly (IsoDate | null)[]): IsoDate | null =>
  days.reduce((best, day) => (best === null || (day !== null && day < best) ? day : best), null);
export const latest = <T extends string>(a: T, b: T): T => (a > b ? a : b);

/** The published days of a class, shortest and longest. */
export const daysOf = (of: Keeping | null): Keeping['days'] => of?.days ?? SHORTEST_DAYS;

/** A lot of which nothing is known. */
export function nothingKnown(lot: Lot): Running {
  return {
    phase: 'fresh',
    boughtOn: null,
    dueOn: null,
    lastOn: null,
    openOn: null,
    useBy: null,
    frozenOn: null,
    bestOn: null,
    keeping: keepingOf(lot),
    daysThawed: 0,
    isRefrozen: false,
    thaw: null,
    freezing: null,
    basis: 'chart',
    fault: null,
  };
}

/** The day of something that happened. */
export function dayOfEvent(event: ColdEvent, { dayOf }: ColdContext): IsoDate {
  return event.on ?? event.day ?? dayOf(toldAt(event));
}

/** Where a day begins first, and where it ends last, in hours before and after it does in UTC. */
const [FIRST_ZONE_H, LAST_ZONE_H] = [14, 12];

/**
 * The moment of something that happened: as it was said, or as it was written down where that was on its
 * day. Of what was written down later only the day is known, and the moment lies between two.
 */
export function momentOf(event: ColdEvent, context: ColdContext): { from: Instant; to: Instant } {
  const told = toldAt(event);
  const on = dayOfEvent(event, context);
  if (on === (event.day ?? context.dayOf(told))) return { from: told, to: told };
  const [begins, ends] = [`${on}T00:00:00.000Z`, `${addDays(on, 1)}T00:00:00.000Z`];
  return { from: addHours(begins, -FIRST_ZONE_H), to: addHours(ends, LAST_ZONE_H) };
}

/** What freezes is frozen once its hour has come: no date of the refrigerator counts any more. */
export function settled(running: Running, at: Instant): Running {
  if (running.phase !== 'freezing' || running.freezing === null) return running;
  const { frozenAt } = running.freezing;
  if (frozenAt === null || at < frozenAt) return running;
  return { ...running, phase: 'frozen', dueOn: null, lastOn: null, openOn: null, freezing: null };
}
