import { kindById } from '../catalogue/kinds';
import { isBird } from '../ledger/animal';
import type { Lot } from '../ledger/lot';
import { addDays, addHours, daysBetween, type IsoDate } from '../units/date';
import { bestIfFrozen } from './keeping';
import { sealedDays } from './keeping-rules';
import {
  daysOf,
  earliest,
  latest,
  nothingKnown,
  type Basis,
  type ColdContext,
  type Running,
  type Thaw,
} from './running';

/** A date later than this after the purchase is no date of fresh meat; ours. */
export const BELIEVED_DAYS = { small: 21, red: 120 };
/** What was put into a refrigerator within so many hours was there already, and fresh. */
const AT_ONCE_H = 2;

type Dates = Pick<Running, 'dueOn' | 'lastOn' | 'openOn' | 'useBy' | 'basis'>;

/** The clock of a lot that was bought, before anything happened to it. */
export function boughtClock(lot: Lot, context: ColdContext): Running {
  const on = lot.form === 'piece' ? lot.on : (lot.boughtOn ?? lot.on);
  const bought: Running = { ...nothingKnown(lot), boughtOn: on };
  if (cameFrozen(lot, context))
    return { ...bought, phase: 'frozen', frozenOn: lot.on, bestOn: bestOf(lot, bought, lot.on) };
  if (on === null) return bought;
  if (lot.kept === 'frozen-before') return thawedForSale(bought, lot, on);
  const bag = inItsBag(bought, lot, on, context);
  if (bag) return { ...bought, phase: 'sealed', ...bag };
  const useBy = useByOf(lot, on);
  if (useBy !== null && lot.kept !== 'open')
    return { ...bought, phase: 'sealed', useBy, dueOn: useBy, lastOn: useBy, basis: 'use-by' };
  const chart = chartFrom(bought, on);
  return {
    ...bought,
    useBy,
    dueOn: earliest(chart.dueOn, useBy),
    lastOn: earliest(chart.lastOn, useBy),
    basis: basisOf(lot, on),
  };
}

function basisOf(lot: Lot, on: IsoDate): Basis {
  if (isDated(lot, 'use-by') && useByOf(lot, on) === null) return 'chart-date-unbelieved';
  return lot.kept === null && isWholeRed(lot) ? 'chart-bag-unsaid' : 'chart';
}

function chartFrom({ keeping }: Running, on: IsoDate): { dueOn: IsoDate; lastOn: IsoDate } {
  const [short, long] = daysOf(keeping);
  return { dueOn: addDays(on, short), lastOn: addDays(on, long) };
}

const isRed = (animal: Lot['animal']): boolean => animal !== null && !isBird(animal);
const isWholeRed = ({ form, kind, animal }: Lot): boolean =>
  form === 'piece' && isRed(animal) && kindById(kind) !== undefined;
/** What its label says of its date; a label that says nothing of it means "use by". */
const isDated = ({ until, dated }: Lot, as: NonNullable<Lot['dated']>): boolean =>
  until !== null && (dated ?? 'use-by') === as;

/**
 * A whole piece of red meat in its packer's sealed bag. Without a use-by nobody publishes days for it,
 * because its age is unknown: ours, from the purchase; a sell-by that is later prolongs them to itself,
 * and the day of packing only shortens them. Nothing that was needled, injected or brined is one.
 */
function inItsBag(bought: Running, lot: Lot, on: IsoDate, { rules }: ColdContext): Dates | null {
  const days = sealedDays(rules, lot.animal);
  if (lot.kept !== 'sealed' || !isWholeRed(lot) || lot.prepared !== null || days === null) return null;
  const useBy = useByOf(lot, on);
  if (useBy !== null) return { dueOn: useBy, lastOn: useBy, openOn: null, useBy, basis: 'use-by' };
  const is = (dueOn: IsoDate, lastOn: IsoDate, basis: Basis): Dates => ({
    dueOn,
    lastOn,
    openOn: dueOn,
    useBy: lastOn,
    basis,
  });
  const chart = chartFrom(bought, on);
  const until = lot.until !== null && isBelieved(lot, on) ? lot.until : null;
  if (until !== null && isDated(lot, 'sell-by'))
    return is(latest(until, chart.dueOn), latest(until, chart.lastOn), 'bag-sell-by');
  const own = { dueOn: addDays(on, days.due), lastOn: addDays(on, days.last) };
  if (until === null || !isDated(lot, 'packed-on')) return is(own.dueOn, own.lastOn, 'bag');
  const packed = addDays(until, days.fromPacking);
  const lastOn = latest(chart.lastOn, packed < own.lastOn ? packed : own.lastOn);
  return is(earliest(own.dueOn, lastOn) as IsoDate, lastOn, 'bag-packed-on');
}

/** Whether fresh meat can have such a date. */
function isBelieved({ until, animal, form }: Lot, on: IsoDate): boolean {
  const most = isRed(animal) && form === 'piece' ? BELIEVED_DAYS.red : BELIEVED_DAYS.small;
  return until !== null && daysBetween(on, until) <= most;
}

/** The use-by of a label, where it says one that can be believed. */
function useByOf(lot: Lot, on: IsoDate): IsoDate | null {
  return isDated(lot, 'use-by') && isBelieved(lot, on) ? lot.until : null;
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
    addHours(lot.madeAt, AT_ONCE_H) >= first.at
  );
}

/** "Previously frozen, thawed for sale": the chart from the purchase, bounded by a use-by; a sell-by says nothing. */
function thawedForSale(bought: Running, lot: Lot, on: IsoDate): Running {
  const thaw: Thaw = {
    way: 'refrigerator',
    startedAt: lot.madeAt,
    throughOn: on,
    readyAt: lot.madeAt,
    softAt: null,
    cookByAt: null,
    moreTimes: 0,
    isForSale: true,
    before: { ...bought, phase: 'frozen' },
  };
  const [chart, useBy] = [chartFrom(bought, on), useByOf(lot, on)];
  const [dueOn, lastOn] = [earliest(chart.dueOn, useBy), earliest(chart.lastOn, useBy)];
  return { ...bought, phase: 'thawing', thaw, useBy, dueOn, lastOn, basis: 'thawed-for-sale' };
}

/** Best before: the label's own date of what came frozen, else the middle of the published range. */
export function bestOf(lot: Lot, { keeping }: Running, frozenOn: IsoDate | null): IsoDate | null {
  if (lot.kept === 'bought-frozen' && lot.until !== null) return lot.until;
  return bestIfFrozen(keeping, frozenOn);
}
