import { lotName } from '../catalogue/lot-name';
import { isInFreezer, type Cold } from '../cold/cold';
import type { ClockOf } from '../cold/household-clocks';
import { meatOf } from '../cold/meat-properties';
import { daysOf } from '../cold/running';
import { daysUntilThrough, refrigeratorHours } from '../cold/thawing-time';
import type { Lot } from '../ledger/lot';
import { addDays, addHours, type Instant, type IsoDate } from '../units/date';
import { instantAt, wallAt, type ClockTime } from '../units/zone';
import type { Cutting } from './cutting';
import type { Dinners } from './dinners';
import { whileAwake } from './while-awake';

/** What a piece that is not cut yet asks for, and when. */
export interface PiecePlan {
  readonly lot: Lot;
  readonly name: string;
  readonly cold: Cold;
  /** The day on which it is cut, as the household says; null where it has not said. */
  readonly cutOn: IsoDate | null;
  /** Frozen: out by then, at an hour at which somebody is awake; null for what lies in no freezer. */
  readonly outBy: Instant | null;
  /** The day up to which it is cut, or frozen whole: the day that is said, or its own. */
  readonly cutBy: IsoDate | null;
  /** The day up to which its packs are wrapped and in the freezer. */
  readonly wrapBy: IsoDate | null;
  readonly trouble: 'overdue' | 'day-past' | 'not-thawed-by-then' | 'too-late-by-then' | null;
}

export interface PiecesRequest {
  /** Pieces of which nothing is off yet. */
  readonly pieces: readonly Lot[];
  readonly cuttings: ReadonlyMap<string, Cutting>;
  readonly clockOf: ClockOf;
  readonly dinners: Pick<Dinners, 'awake'>;
  readonly now: { readonly instant: Instant; readonly today: IsoDate; readonly zone: string };
}

/** Cutting begins in the morning: by then it is thawed; an assumption. */
export const CUT_AT: ClockTime = '10:00';

/**
 * What the pieces that are not cut yet ask for, the most urgent first: a frozen one comes out in time
 * to be thawed, a sealed one is opened and cut by its day, and what is cut is wrapped while it keeps.
 *
 * @example a turkey of 7 kg, frozen, to be cut on Thursday: out by Sunday 10:00 (four days of thawing)
 */
export function piecesPlanned(request: PiecesRequest): PiecePlan[] {
  const plans = request.pieces.map((piece) => planOf(piece, request));
  const first = ({ outBy, cutBy, trouble }: PiecePlan): string =>
    trouble === 'overdue' ? '' : (outBy ?? (cutBy === null ? '~' : `${cutBy}T12`));
  return plans.sort((a, b) => (first(a) < first(b) ? -1 : first(a) > first(b) ? 1 : 0));
}

function planOf(lot: Lot, { cuttings, clockOf, dinners, now }: PiecesRequest): PiecePlan {
  const cold = clockOf(lot);
  const cutOn = cuttings.get(lot.id)?.on ?? null;
  const is = { lot, name: lotName(lot), cold, cutOn, outBy: null };
  if (cold.overdue) return { ...is, cutBy: cold.cookBy, wrapBy: cold.cookBy, trouble: 'overdue' };
  // Nobody did it: what was planned for a day that is past asks for another day, and for nothing else.
  if (cutOn !== null && cutOn < now.today)
    return { ...is, cutBy: cold.openOn ?? cold.dueOn, wrapBy: cold.cookBy, trouble: 'day-past' };
  if (isInFreezer(cold)) return frozenPlan(is, dinners, now);
  const cutBy = cutOn ?? cold.openOn ?? cold.dueOn;
  const isLate = cutOn !== null && cold.cookBy !== null && cutOn > cold.cookBy;
  const isHard = cutOn !== null && cold.readyOn !== null && cutOn < cold.readyOn;
  return {
    ...is,
    cutBy,
    wrapBy: wrapBy(cold, cutOn),
    trouble: isLate ? 'too-late-by-then' : isHard ? 'not-thawed-by-then' : null,
  };
}

/** A sealed piece that is opened on a day: the chart from that day, never past its own last day. */
function wrapBy({ state, cookBy, keeping }: Cold, cutOn: IsoDate | null): IsoDate | null {
  if (state !== 'sealed' || cutOn === null) return cookBy;
  const opened = addDays(cutOn, daysOf(keeping)[1]);
  return cookBy !== null && cookBy < opened ? cookBy : opened;
}

function frozenPlan(
  is: Pick<PiecePlan, 'lot' | 'name' | 'cold' | 'cutOn' | 'outBy'>,
  { awake }: Pick<Dinners, 'awake'>,
  { instant, zone }: PiecesRequest['now'],
): PiecePlan {
  const { lot, cold, cutOn } = is;
  if (cutOn === null) return { ...is, cutBy: null, wrapBy: null, trouble: null };
  const hours = refrigeratorHours(lot.leftDg, lot.thicknessMm, meatOf(lot.animal));
  const latest = addHours(instantAt(cutOn, CUT_AT, zone), -hours);
  const outBy = whileAwake(latest, zone, awake);
  // Out at the last moment, its days run from the day on which it may be through.
  const through = addDays(wallAt(outBy, zone).date, daysUntilThrough(lot.leftDg));
  const last = addDays(through, Math.max(0, daysOf(cold.keeping)[1] - cold.daysThawed));
  const trouble = latest < instant ? 'not-thawed-by-then' : null;
  return { ...is, outBy, cutBy: cutOn, wrapBy: last > cutOn ? last : cutOn, trouble };
}
