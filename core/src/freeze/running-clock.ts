import { toldAt } from '../ledger/told-at';
import { isBird } from '../ledger/animal';
import { sealedDays } from './keeping-rules';
import { kindById } from '../catalogue/kinds';
import type { ColdEvent, Lot, ThawedBy } from '../ledger/lot';
import type { KeepingRules } from './keeping-rules';
import { addHours, addDays, daysBetween, type Instant, type IsoDate } from '../units/date';
import { bestIfFrozen, keepingOf, SHORTEST_DAYS } from './keeping';
import { meatOf } from './meat-properties';
import { daysUntilThrough, THAWED, thawingHours, THAWING } from './thawing-time';

/** How something thaws. */
export interface Thaw {
  readonly way: ThawedBy;
  readonly startedAt: Instant;
  /** Through at the earliest on that day; ready for the pan on this one. */
  readonly throughOn: IsoDate;
  readonly readyOn: IsoDate;
  /** Out of cold water or the microwave, to the minute. */
  readonly throughAt: Instant | null;
  /** The shop thawed it. */
  readonly isForSale: boolean;
  /** What it was before, for a pack that is back in the freezer before anything has happened. */
  readonly before: Running;
}

/** The clock of a lot after some of what happened to it. */
export interface Running {
  readonly phase: 'sealed' | 'fresh' | 'frozen' | 'thawing';
  readonly boughtOn: IsoDate | null;
  /** The shorter published time, and the last day; null where there is none or nobody knows. */
  readonly dueOn: IsoDate | null;
  readonly lastOn: IsoDate | null;
  /** A sealed piece without a use-by: from that day on it is said to open or freeze it. */
  readonly openOn: IsoDate | null;
  /** The use-by on its label, which no opening prolongs. */
  readonly useBy: IsoDate | null;
  /** Best before, while it is frozen. */
  readonly bestOn: IsoDate | null;
  /** Days that it has been thawed, over all times. */
  readonly daysThawed: number;
  readonly isRefrozen: boolean;
  readonly thaw: Thaw | null;
  /** Something happened that no later date mends; in words. */
  readonly fault: string | null;
}

/** What the rules need beside the lot. */
export interface ColdContext {
  /** Whether a place is a freezer or a refrigerator; undefined where nobody knows. */
  readonly coldOf: (place: string) => 'freezer' | 'refrigerator' | undefined;
  readonly rules: KeepingRules;
  /** The day of a moment where the household is. */
  readonly dayOf: (at: Instant) => IsoDate;
}

/** Back in the freezer within so many hours, nothing has happened: less than the published two in all. */
const NOTHING_HAPPENED_H = 2;
/** A use-by later than this after the purchase is no date of fresh meat; ours. */
const BELIEVED_DAYS = { small: 21, red: 120 };

const earliest = (...days: readonly (IsoDate | null)[]): IsoDate | null =>
  days.reduce((best, day) => (best === null || (day !== null && day < best) ? day : best), null);
const latest = (a: IsoDate, b: IsoDate): IsoDate => (a > b ? a : b);

const daysOf = (lot: Lot): readonly [number, number] => keepingOf(lot)?.days ?? SHORTEST_DAYS;
const isRed = (animal: Lot['animal']): boolean => animal !== null && !isBird(animal);

const NOTHING: Running = {
  phase: 'fresh',
  boughtOn: null,
  dueOn: null,
  lastOn: null,
  openOn: null,
  useBy: null,
  bestOn: null,
  daysThawed: 0,
  isRefrozen: false,
  thaw: null,
  fault: null,
};

/** The clock of a lot that was bought, before anything happened to it. */
export function boughtClock(lot: Lot, context: ColdContext): Running {
  const on = lot.form === 'piece' ? lot.on : (lot.boughtOn ?? lot.on);
  const bought: Running = { ...NOTHING, boughtOn: on };
  if (cameFrozen(lot, context)) return { ...bought, phase: 'frozen', bestOn: bestOf(lot, lot.on) };
  if (on === null) return bought;
  const chart = { dueOn: addDays(on, daysOf(lot)[0]), lastOn: addDays(on, daysOf(lot)[1]) };
  if (lot.kept === 'frozen-before') return thawedForSale(bought, lot, on, context);
  const useBy = useByOf(lot, on);
  if (isInPackersBag(lot))
    return {
      ...bought,
      phase: 'sealed',
      useBy,
      dueOn: useBy,
      lastOn: useBy,
      openOn: useBy ? null : openOn(lot, on, context),
    };
  if (useBy !== null && lot.kept !== 'open')
    return { ...bought, phase: 'sealed', useBy, dueOn: useBy, lastOn: useBy };
  return { ...bought, useBy, dueOn: earliest(chart.dueOn, useBy), lastOn: earliest(chart.lastOn, useBy) };
}

/** A whole piece of red meat in its packer's bag has no clock of days but its own date. */
function isInPackersBag({ form, kind, animal, kept }: Lot): boolean {
  return form === 'piece' && isRed(animal) && kept !== 'open' && kindById(kind) !== undefined;
}

function openOn({ animal }: Lot, on: IsoDate, { rules }: ColdContext): IsoDate | null {
  const days = sealedDays(rules, animal);
  return days === null ? null : addDays(on, days);
}

/** The use-by of a label, where it says one that can be believed. */
function useByOf({ until, dated, animal, form }: Lot, on: IsoDate): IsoDate | null {
  if (until === null || (dated !== null && dated !== 'use-by')) return null;
  const most = isRed(animal) && form === 'piece' ? BELIEVED_DAYS.red : BELIEVED_DAYS.small;
  return daysBetween(on, until) <= most ? until : null;
}

/**
 * Whether it came frozen: it says so; or it was there already and nobody knows since when it was
 * bought, unless it was put into a refrigerator at once.
 */
function cameFrozen(lot: Lot, { coldOf }: ColdContext): boolean {
  if (lot.kept === 'bought-frozen') return true;
  if (lot.origin !== 'already-here' || lot.kept !== null || lot.boughtOn !== null) return false;
  const [first] = lot.cold;
  return !(
    first?.what === 'placed' &&
    coldOf(first.place ?? '') === 'refrigerator' &&
    addHours(lot.madeAt, NOTHING_HAPPENED_H) >= first.at
  );
}

/** "Previously frozen, thawed for sale": thawed on the day of purchase. */
function thawedForSale(bought: Running, lot: Lot, on: IsoDate, context: ColdContext): Running {
  const before: Running = { ...bought, phase: 'frozen' };
  const thaw: Thaw = {
    way: 'refrigerator',
    startedAt: lot.madeAt,
    throughOn: on,
    readyOn: on,
    throughAt: null,
    isForSale: true,
    before,
  };
  return { ...bought, phase: 'thawing', thaw, ...thawedDates(bought, lot, on, on, context) };
}

/** Due and last day of what is through on a day: the published days, less those that are used up. */
function thawedDates(
  { daysThawed }: Pick<Running, 'daysThawed'>,
  lot: Lot,
  throughOn: IsoDate,
  readyOn: IsoDate,
  { rules }: ColdContext,
): Pick<Running, 'dueOn' | 'lastOn'> {
  const [short, long] = daysOf(lot).map((days) => Math.min(days, rules.thawedDays ?? days)) as [
    number,
    number,
  ];
  const after = (days: number): IsoDate => addDays(throughOn, Math.max(0, days - daysThawed));
  const lastOn = latest(after(long), readyOn);
  return { dueOn: earliest(after(short), lastOn), lastOn };
}

/** Best before: the label's own date of what came frozen, else the longer published time from freezing. */
function bestOf(lot: Lot, frozenOn: IsoDate | null): IsoDate | null {
  if (lot.kept === 'bought-frozen' && lot.until !== null) return lot.until;
  return bestIfFrozen(lot, frozenOn);
}

/** The clock after one more thing has happened. */
export function after(running: Running, event: ColdEvent, lot: Lot, context: ColdContext): Running {
  const on = event.on ?? context.dayOf(toldAt(event));
  const cold = event.what === 'placed' ? context.coldOf(event.place ?? '') : undefined;
  if (event.what === 'opened') return opened(running, lot, on);
  if (event.what === 'refrozen' || cold === 'freezer') return frozen(running, event, lot, on);
  if (event.what === 'thawing') return thawing(running, event, lot, on, context);
  return cold === 'refrigerator' && running.phase === 'frozen'
    ? thawing(running, event, lot, on, context)
    : running;
}

/** Opening a bag starts the chart; never past the label's own use-by. */
function opened(running: Running, lot: Lot, on: IsoDate): Running {
  if (running.phase !== 'sealed') return running;
  const [short, long] = daysOf(lot);
  const { useBy } = running;
  return {
    ...running,
    phase: 'fresh',
    openOn: null,
    dueOn: earliest(addDays(on, short), useBy),
    lastOn: earliest(addDays(on, long), useBy),
  };
}

function frozen(running: Running, event: ColdEvent, lot: Lot, on: IsoDate): Running {
  const { phase, thaw, lastOn, daysThawed } = running;
  if (phase === 'frozen') return running;
  const isBackSoon = thaw !== null && isSoonAfter(toldAt(event), thaw.startedAt);
  if (isBackSoon && thaw.way === 'refrigerator' && !thaw.isForSale) return thaw.before;
  const late = lastOn !== null && on > lastOn ? 'It went into the freezer after its last day.' : null;
  const base = { ...running, phase: 'frozen', dueOn: null, lastOn: null, openOn: null, thaw: null } as const;
  if (!thaw) return { ...base, bestOn: bestOf(lot, on), fault: running.fault ?? late };
  const wet =
    thaw.way === 'refrigerator' ? null : `It was thawed ${THAWED[thaw.way].name} and frozen again raw.`;
  const fault = running.fault ?? wet ?? late;
  return {
    ...base,
    isRefrozen: true,
    daysThawed: daysThawed + Math.max(0, daysBetween(thaw.throughOn, on)),
    bestOn: halfLeft(thaw.isForSale ? bestOf(lot, on) : thaw.before.bestOn, on),
    fault,
  };
}

/** Within the time in which nothing has happened yet; clocks that disagree prove nothing. */
function isSoonAfter(at: Instant, start: Instant): boolean {
  return at >= start && at <= addHours(start, NOTHING_HAPPENED_H);
}

/** Frozen again, half of the quality time that was left is left; ours, nothing is published. */
function halfLeft(bestOn: IsoDate | null, on: IsoDate): IsoDate | null {
  return bestOn === null ? null : addDays(on, Math.max(0, Math.floor(daysBetween(on, bestOn) / 2)));
}

function thawing(running: Running, event: ColdEvent, lot: Lot, on: IsoDate, context: ColdContext): Running {
  // Out of the refrigerator into cold water it goes on thawing, faster. What thaws was frozen, also where nobody wrote that down.
  const before = running.thaw?.before ?? {
    ...running,
    phase: 'frozen',
    dueOn: null,
    lastOn: null,
    openOn: null,
  };
  const way = event.way ?? 'refrigerator';
  const startedAt = startOf(event, on, context);
  if (running.thaw && (running.thaw.way === way || running.thaw.throughOn <= on)) return running;
  const meat = meatOf(lot.animal);
  if (way !== 'refrigerator') {
    const hours = way === 'microwave' ? 0 : thawingHours(event.massDg, lot.thicknessMm, THAWING[way], meat);
    const throughAt = addHours(startedAt, hours);
    const day = context.dayOf(throughAt);
    const thaw: Thaw = {
      way,
      startedAt,
      throughOn: day,
      readyOn: day,
      throughAt,
      isForSale: false,
      before,
    };
    const lastOn = context.dayOf(addHours(throughAt, COOK_WITHIN_H));
    return { ...running, phase: 'thawing', openOn: null, thaw, dueOn: day, lastOn };
  }
  const hours = thawingHours(event.massDg, lot.thicknessMm, THAWING[way], meat);
  const throughOn = addDays(on, daysUntilThrough(event.massDg));
  const readyOn = latest(throughOn, addDays(on, Math.ceil(hours / 24 - 1e-9)));
  const thaw: Thaw = {
    way,
    startedAt,
    throughOn,
    readyOn,
    throughAt: null,
    isForSale: false,
    before,
  };
  return {
    ...running,
    phase: 'thawing',
    openOn: null,
    thaw,
    ...thawedDates(running, lot, throughOn, readyOn, context),
  };
}

/** When it came out; where it is written down on a later day, as early as that day may have been. */
function startOf(event: ColdEvent, on: IsoDate, { dayOf }: ColdContext): Instant {
  const at = toldAt(event);
  return dayOf(at) === on ? at : addHours(`${on}T00:00:00.000Z`, -EARLIEST_ZONE_H);
}

/** Where a day begins first it begins so many hours before it does in UTC. */
const EARLIEST_ZONE_H = 14;

/** Out of cold water it is cooked at once; at the latest so many hours after: our reading of the danger zone. */
export const COOK_WITHIN_H = 2;

/**
 * The clock of what was made from other lots, as it starts: the strictest of theirs; cut small it has
 * the shorter-lived class from then on, never past the last day of what it came from.
 */
export function inherited(lot: Lot, from: readonly ClockSource[], context: ColdContext): Running {
  const sources = from.map(({ running }) => running);
  const [first] = [...sources].sort(byStrictness);
  if (!first) return NOTHING;
  const all: Running = {
    ...first,
    boughtOn: earliest(...sources.map(({ boughtOn }) => boughtOn)),
    dueOn: first.phase === 'frozen' ? null : earliest(...sources.map(({ dueOn }) => dueOn)),
    lastOn: first.phase === 'frozen' ? null : earliest(...sources.map(({ lastOn }) => lastOn)),
    bestOn: earliest(...sources.map(({ bestOn }) => bestOn)),
    daysThawed: Math.max(...sources.map(({ daysThawed }) => daysThawed)),
    isRefrozen: sources.some(({ isRefrozen }) => isRefrozen),
    fault: sources.find(({ fault }) => fault !== null)?.fault ?? null,
  };
  const livedLonger = from.some(({ lot: source }) => daysOf(source)[1] > daysOf(lot)[1]);
  return livedLonger ? cutSmall(all, lot, context) : all;
}

/** A lot that another was made of, with its clock at that moment. */
export interface ClockSource {
  readonly lot: Lot;
  readonly running: Running;
}

/** What thaws counts before what is fresh, and that before what is frozen; of two the earlier last day. */
function byStrictness(a: Running, b: Running): number {
  const rank = { thawing: 0, fresh: 1, sealed: 2, frozen: 3 };
  return rank[a.phase] - rank[b.phase] || (a.lastOn ?? '9').localeCompare(b.lastOn ?? '9');
}

function cutSmall(running: Running, lot: Lot, { dayOf }: ColdContext): Running {
  const [short, long] = daysOf(lot);
  if (running.phase === 'frozen' || running.lastOn === null) return running;
  const on = lot.on ?? dayOf(lot.madeAt);
  const lastOn = earliest(addDays(on, long), running.lastOn);
  return { ...running, dueOn: earliest(addDays(on, short), lastOn), lastOn };
}
