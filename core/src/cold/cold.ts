import type { Instant, IsoDate } from '../units/date';
import type { Keeping } from './keeping';
import type { Basis, Fault } from './running';

/** Where the dates of a lot come from, or what is wrong with it; in words in `why`. */
export type Because =
  | Basis
  | Fault
  | 'chart-day-unknown'
  | 'bones-and-fat'
  | 'opened-to-its-last-day'
  | 'microwave'
  | 'unknown'
  | 'unchecked'
  | 'freezing'
  | 'frozen'
  | 'frozen-again'
  | 'frozen-unknown';

/** What a lot is, between warm and cold. */
export type ColdState = 'sealed' | 'fresh' | 'freezing' | 'frozen' | 'thawing' | 'thawed';

/** The one clock of a lot: what it is at a moment, and until when. */
export interface Cold {
  readonly state: ColdState;
  readonly boughtOn: IsoDate | null;
  /** Whole days that it has been thawed, over all times. */
  readonly daysThawed: number;
  readonly refrozen: boolean;
  /** The day on which it went into the freezer; null where it lies in none, or nobody knows. */
  readonly frozenOn: IsoDate | null;
  /** The hour at which it is frozen, while it freezes; null too where the power is out. */
  readonly frozenAt: Instant | null;
  /** The day of that hour. */
  readonly frozenBy: IsoDate | null;
  /** For quality, while it freezes or is frozen: the middle of the published range, and its ends. */
  readonly bestBefore: IsoDate | null;
  readonly bestRange: readonly [IsoDate, IsoDate] | null;
  /** The strictest class of what is in it; null where nothing is published. */
  readonly keeping: Keeping | null;
  /** The shorter published time; after it, it should be cooked. */
  readonly dueOn: IsoDate | null;
  /** The last day. */
  readonly cookBy: IsoDate | null;
  /** To the minute, out of cold water. */
  readonly cookByAt: Instant | null;
  readonly overdue: boolean;
  /** The power was out for hours while it was not frozen, and nobody has looked at it since: no dinner before that. */
  readonly toCheck: boolean;
  /** Something happened that no date mends: it leaked, or was warm. */
  readonly faulty: boolean;
  /** Where the dates come from, or what is wrong. */
  readonly because: Because;
  /** Whether it may go into the freezer now, raw; null for what lies there. */
  readonly mayRefreeze: boolean | null;
  /** From then on what thaws is ready for the pan; null for what does not thaw. */
  readonly readyAt: Instant | null;
  readonly readyOn: IsoDate | null;
  /** From then on it is asked whether it is soft: in cold water. */
  readonly softAt: Instant | null;
  /** So often it can still be told that there is ice in it. */
  readonly moreLeft: number;
  /** A sealed piece without a use-by: open or freeze it from that day on, and ask the shop. */
  readonly openOn: IsoDate | null;
}

/**
 * Whether something may still be eaten on a day, as it stands now. What freezes is fresh to its old last
 * day; later than that it is no dinner before it is frozen.
 */
export function keepsUpTo(
  { overdue, cookBy, state, frozenBy }: Pick<Cold, 'overdue' | 'cookBy' | 'state' | 'frozenBy'>,
  day: IsoDate,
): boolean {
  const isFrozenThen = state === 'freezing' && frozenBy !== null && day > frozenBy;
  return !overdue && (cookBy === null || day <= cookBy || isFrozenThen);
}

/** Whether it lies in a freezer, frozen or on its way to be. */
export function isInFreezer({ state }: Pick<Cold, 'state'>): boolean {
  return state === 'frozen' || state === 'freezing';
}

/** A moment, and the day that the household's calendar shows. */
export interface ColdNow {
  readonly instant: Instant;
  readonly today: IsoDate;
}
