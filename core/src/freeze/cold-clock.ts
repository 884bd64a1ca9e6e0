import type { Lot, LotId } from '../ledger/lot';
import type { State } from '../ledger/replay';
import { isUsable } from '../ledger/destination';
import { THAWED } from './thawing-time';
import { addHours, daysBetween, type Instant, type IsoDate } from '../units/date';
import {
  after,
  boughtClock,
  COOK_WITHIN_H,
  inherited,
  type ColdContext,
  type Running,
} from './running-clock';

/** What a lot is, between warm and cold. */
export type ColdState = 'sealed' | 'fresh' | 'frozen' | 'thawing' | 'thawed';

/** The one clock of a lot: what it is at a moment, and until when. */
export interface Cold {
  readonly state: ColdState;
  readonly boughtOn: IsoDate | null;
  /** Whole days that it has been thawed, over all times. */
  readonly daysThawed: number;
  readonly refrozen: boolean;
  /** For quality, while it is frozen. */
  readonly bestBefore: IsoDate | null;
  /** The shorter published time; after it, it should be cooked. */
  readonly dueOn: IsoDate | null;
  /** The last day. */
  readonly cookBy: IsoDate | null;
  /** To the minute, out of cold water. */
  readonly cookByAt: Instant | null;
  readonly overdue: boolean;
  /** Whether it may go into the freezer now, raw; null for what lies there. */
  readonly mayRefreeze: boolean | null;
  /** From then on what thaws is ready for the pan; null for what does not thaw. */
  readonly readyOn: IsoDate | null;
  /** The same to the minute, out of cold water. */
  readonly readyAt: Instant | null;
  /** A sealed piece without a use-by: open or freeze it from that day on, and ask the shop. */
  readonly openOn: IsoDate | null;
  /** One sentence that says where the dates come from, or what is wrong. */
  readonly why: string;
}

/** Whether something may still be eaten on a day, as it stands now. */
export function keepsUpTo({ overdue, cookBy }: Pick<Cold, 'overdue' | 'cookBy'>, day: IsoDate): boolean {
  return !overdue && (cookBy === null || day <= cookBy);
}

/** A moment, and the day that the household's calendar shows. */
export interface ColdNow {
  readonly instant: Instant;
  readonly today: IsoDate;
}

/**
 * The clocks of a household's lots, from its entries alone: purchase, opening, cutting, freezing,
 * thawing and freezing again, through everything that a lot was made of. Whoever asks what keeps how
 * long asks here.
 *
 * @source USDA FSIS: cold storage chart, The Big Thaw, Freezing and Food Safety (from memory); what is
 *   ours is marked where it stands in `running-clock.ts`
 * @example chicken bought on 20 November, no date: due on the 21st, last day the 22nd
 */
export class ColdClocks {
  /** The clock of each lot as it was made, before anything happened to it. */
  private readonly starts = new Map<LotId, Running>();

  constructor(
    private readonly state: Pick<State, 'lots'>,
    private readonly context: ColdContext,
  ) {}

  /** The clock of a lot at a moment. */
  at(lot: Lot, now: ColdNow): Cold {
    this.start(lot);
    return read(lot, this.until(lot, null), now, this.context);
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

function read(lot: Lot, running: Running, now: ColdNow, context: ColdContext): Cold {
  const { phase, thaw, boughtOn, dueOn, lastOn, bestOn, openOn, fault, isRefrozen } = running;
  const cookByAt = thaw?.throughAt ? addHours(thaw.throughAt, COOK_WITHIN_H) : null;
  const isReady =
    thaw !== null && (thaw.throughAt ? now.instant >= thaw.throughAt : now.today >= thaw.readyOn);
  const isPast = cookByAt ? now.instant > cookByAt : lastOn !== null && now.today > lastOn;
  const overdue = isPast || fault !== null;
  const since = thaw ? Math.max(0, daysBetween(thaw.throughOn, now.today)) : 0;
  const cold: Omit<Cold, 'why'> = {
    state: phase === 'thawing' ? (isReady ? 'thawed' : 'thawing') : phase,
    boughtOn,
    daysThawed: running.daysThawed + since,
    refrozen: isRefrozen,
    bestBefore: phase === 'frozen' ? bestOn : null,
    dueOn,
    cookBy: lastOn,
    cookByAt,
    overdue,
    mayRefreeze: phase === 'frozen' ? null : mayFreeze(running, overdue, context),
    readyOn: thaw?.readyOn ?? null,
    readyAt: thaw?.throughAt ?? null,
    openOn,
  };
  return { ...cold, why: whyOf(lot, running, cold) };
}

/** Fresh until its last day; thawed in a refrigerator too, unless local advice is stricter; never out of cold water. */
function mayFreeze({ thaw }: Running, overdue: boolean, { rules }: ColdContext): boolean {
  if (overdue) return false;
  return thaw === null || (thaw.way === 'refrigerator' && rules.refreezeRaw !== false);
}

function whyOf(lot: Lot, running: Running, cold: Omit<Cold, 'why'>): string {
  const { thaw, fault, openOn, lastOn, boughtOn, useBy } = running;
  if (fault) return fault;
  if (cold.state === 'frozen' && cold.bestBefore === null)
    return `Frozen${cold.refrozen ? ' again' : ''}; held at −18 °C (0 °F) it stays safe. How long it stays good nobody can say: it is not known since when, or of what, or nothing is published.`;
  if (cold.state === 'frozen')
    return cold.refrozen
      ? 'Frozen again: half of the quality time that was left (ours; nothing is published).'
      : 'Frozen; the date is for quality only, held at −18 °C (0 °F) it stays safe.';
  if (thaw && thaw.way !== 'refrigerator')
    return `Thawed ${THAWED[thaw.way].name}: cook it when it is through, at the latest two hours after (our reading of the danger zone). Frozen again only cooked.`;
  if (thaw?.isForSale) return 'Frozen before and thawed for sale: the published days from the purchase.';
  if (thaw)
    return 'Thawed in the refrigerator: the published days from when it is through, less those that it was thawed before.';
  if (openOn)
    return 'In its sealed bag without a use-by date: from then on open or freeze it, and ask the shop (ours; nothing is published).';
  if (lastOn === null) return 'Nobody knows since when it lies there.';
  if (cold.state === 'sealed') return 'Unopened: the use-by date on its label.';
  if (useBy !== null && lastOn === useBy)
    return 'Opened: the published days from opening, never past the use-by date.';
  if (!isUsable(lot.destination))
    return 'Nothing is published for raw bones and fat: as short as the shortest.';
  return boughtOn === null
    ? 'The published days.'
    : 'The published days, counted from the purchase through cutting and wrapping.';
}
