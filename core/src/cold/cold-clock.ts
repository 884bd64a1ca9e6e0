import type { Lot, LotId } from '../ledger/lot';
import type { State } from '../ledger/replay';
import { daysBetween, minutesBetween, type Instant } from '../units/date';
import { after } from './after';
import { BatchHours } from './batch-hours';
import { becauseOf } from './because';
import { boughtClock } from './bought';
import { inherited } from './inherited';
import type { Cold, ColdNow } from './cold';
import { rangeIfFrozen } from './keeping';
import { NOTHING_H } from './power-cut-note';
import { settled, type ColdContext, type Running } from './running';
import { MOST_TIMES } from './thawing-time';

/**
 * The clocks of a household's lots, from its entries alone: purchase, opening, cutting, freezing,
 * thawing and freezing again, through everything that a lot was made of. Whoever asks what keeps how
 * long asks here.
 *
 * @source USDA FSIS: cold storage chart, The Big Thaw, Freezing and Food Safety (from memory); what is
 *   ours is marked where it stands in this folder
 * @example chicken bought on 20 November, no date: due on the 21st, last day the 22nd
 */
export class ColdClocks {
  /** The clock of each lot as it was made, before anything happened to it. */
  private readonly starts = new Map<LotId, Running>();
  private readonly context: ColdContext;

  constructor(
    private readonly state: Pick<State, 'lots'>,
    context: Omit<ColdContext, 'hoursInBatch'>,
  ) {
    const batches = new BatchHours(state, context.coldOf);
    this.context = { ...context, hoursInBatch: (...given) => batches.of(...given) };
  }

  /** The clock of a lot at a moment. */
  at(lot: Lot, now: ColdNow): Cold {
    this.start(lot);
    const running = settled(this.until(lot, null), now.instant);
    return read(lot, running, this.isUnchecked(lot, now), now, this.context);
  }

  /** Whether a long power cut met it before it was frozen, and nobody has looked at it since. */
  private isUnchecked(lot: Lot, { instant }: ColdNow): boolean {
    return this.context.cuts.some(({ from, to = instant }) => {
      if (minutesBetween(from, to) / 60 <= NOTHING_H || lot.madeAt >= to) return false;
      const isSeen = lot.cold.some(({ what, at, clock }) => what === 'checked' && (clock ?? at) >= from);
      return !isSeen && settled(this.until(lot, from), from).phase !== 'frozen';
    });
  }

  /** Works out how a lot started, and all that it was made of before it: chains may be long, so without recursion. */
  private start(lot: Lot): void {
    const open = [lot];
    for (let next = open.at(-1); next; next = open.at(-1)) {
      const sources = next.sources.flatMap(({ lot: id }) => this.state.lots.get(id) ?? []);
      const unknown = sources.filter(({ id }) => !this.starts.has(id));
      if (unknown.length > 0) {
        open.push(...unknown);
        continue;
      }
      open.pop();
      if (!this.starts.has(next.id)) this.starts.set(next.id, this.startOf(next, sources));
    }
  }

  private startOf(lot: Lot, sources: readonly Lot[]): Running {
    if (sources.length === 0) return boughtClock(lot, this.context);
    const then = sources.map((source) => ({ lot: source, running: this.until(source, lot.madeAt) }));
    return inherited(lot, then, this.context);
  }

  /** The clock after what happened up to a moment; null for all of it. */
  private until(lot: Lot, moment: Instant | null): Running {
    return lot.cold
      .filter(({ at }) => moment === null || at <= moment)
      .reduce<Running>(
        (running, event) => after(running, event, lot, this.context),
        this.starts.get(lot.id) as Running,
      );
  }
}

function read(lot: Lot, running: Running, toCheck: boolean, now: ColdNow, context: ColdContext): Cold {
  const { phase, thaw, boughtOn, dueOn, lastOn, fault } = running;
  const isCold = phase === 'frozen' || phase === 'freezing';
  const isReady = thaw !== null && now.instant >= thaw.readyAt;
  const isPast = thaw?.cookByAt ? now.instant > thaw.cookByAt : lastOn !== null && now.today > lastOn;
  // What reached the freezer on its last day was in time.
  const overdue = fault !== null || (isPast && !isCold);
  const since = thaw ? Math.max(0, daysBetween(thaw.throughOn, now.today)) : 0;
  const cold: Omit<Cold, 'because'> = {
    state: phase === 'thawing' ? (isReady ? 'thawed' : 'thawing') : phase,
    boughtOn,
    daysThawed: running.daysThawed + since,
    refrozen: running.isRefrozen,
    frozenOn: isCold ? running.frozenOn : null,
    frozenAt: running.freezing?.frozenAt ?? null,
    frozenBy: running.freezing?.frozenAt ? context.dayOf(running.freezing.frozenAt) : null,
    bestBefore: isCold ? running.bestOn : null,
    bestRange: isCold && !running.isRefrozen ? rangeIfFrozen(running.keeping, running.frozenOn) : null,
    keeping: running.keeping,
    dueOn,
    cookBy: lastOn,
    cookByAt: thaw?.cookByAt ?? null,
    overdue,
    toCheck,
    faulty: fault !== null,
    mayRefreeze: isCold ? null : !toCheck && mayFreeze(running, overdue, context),
    readyAt: thaw?.readyAt ?? null,
    readyOn: thaw ? context.dayOf(thaw.readyAt) : null,
    softAt: thaw?.softAt ?? null,
    moreLeft: thaw?.way === 'cold-water' ? MOST_TIMES - thaw.moreTimes : 0,
    openOn: running.openOn,
  };
  return { ...cold, because: becauseOf(lot, running, cold) };
}

/** Fresh until its last day; thawed in a refrigerator too, unless local advice is stricter; never out of cold water. */
function mayFreeze({ thaw }: Running, overdue: boolean, { rules }: ColdContext): boolean {
  if (overdue) return false;
  return thaw === null || (thaw.way === 'refrigerator' && rules.refreezeRaw !== false);
}
