import type { ColdEvent, Lot, ThawedBy } from '../ledger/lot';
import { addDays, addHours, type Instant, type IsoDate } from '../units/date';
import { meatOf } from './meat-properties';
import {
  dayOfEvent,
  daysOf,
  earliest,
  latest,
  momentOf,
  type ColdContext,
  type Running,
  type Thaw,
} from './running';
import { daysUntilThrough, MORE_H, MOST_TIMES, refrigeratorHours, waterHours } from './thawing-time';

/** The clock of what comes out of a freezer, or goes on thawing another way. */
export function outOfFreezer(running: Running, event: ColdEvent, lot: Lot, context: ColdContext): Running {
  const way = event.way ?? 'refrigerator';
  const on = dayOfEvent(event, context);
  const { thaw } = running;
  // Taken out before it was frozen: as if it had stayed in the refrigerator.
  if (running.phase === 'freezing') return running.freezing?.before ?? running;
  if (thaw && (thaw.way === way || way === 'refrigerator')) return running;
  if (thaw?.cookByAt) return way === 'microwave' ? intoMicrowave(running, event, thaw, context) : running;
  // Out of the refrigerator into cold water it goes on thawing, faster; what is through does not thaw any more.
  if (thaw && thaw.throughOn <= on) return running;
  if (running.phase !== 'frozen' && thaw === null) return neverFrozen(running, event, lot, context);
  const before = thaw?.before ?? running;
  return way === 'refrigerator'
    ? inRefrigerator(running, event, lot, before, context)
    : inWater(running, event, way, before, context);
}

/** Told to thaw, though nobody wrote down that it was frozen: no date gets later by that. */
function neverFrozen(running: Running, event: ColdEvent, lot: Lot, context: ColdContext): Running {
  const way = event.way ?? 'refrigerator';
  const before: Running = { ...running, phase: 'frozen' };
  const told =
    way === 'refrigerator'
      ? inRefrigerator(running, event, lot, before, context)
      : inWater(running, event, way, before, context);
  const dueOn = earliest(told.dueOn, running.dueOn);
  return { ...told, dueOn, lastOn: earliest(told.lastOn, running.lastOn), basis: 'never-frozen' };
}

function inRefrigerator(
  running: Running,
  event: ColdEvent,
  lot: Lot,
  before: Running,
  context: ColdContext,
): Running {
  const on = dayOfEvent(event, context);
  const { from, to } = momentOf(event, context);
  const hours = refrigeratorHours(event.massDg, lot.thicknessMm, meatOf(lot.animal));
  const throughOn = addDays(on, daysUntilThrough(event.massDg));
  const readyAt = addHours(to, hours);
  const thaw: Thaw = {
    way: 'refrigerator',
    startedAt: from,
    throughOn,
    readyAt,
    softAt: null,
    cookByAt: null,
    moreTimes: 0,
    isForSale: false,
    before,
  };
  const readyOn = latest(throughOn, addDays(on, Math.ceil(hours / 24 - 1e-9)));
  const dates = thawedDates(running, throughOn, readyOn, context);
  return { ...running, phase: 'thawing', openOn: null, thaw, ...dates, basis: 'thawed' };
}

/** What a freezer without power let thaw: through, and as fresh meat from then on. */
export function thawedThere(running: Running, event: ColdEvent, context: ColdContext): Running {
  const on = dayOfEvent(event, context);
  const at = momentOf(event, context).from;
  const thaw: Thaw = {
    way: 'refrigerator',
    startedAt: at,
    throughOn: on,
    readyAt: at,
    softAt: null,
    cookByAt: null,
    moreTimes: 0,
    isForSale: false,
    before: running,
  };
  return { ...running, phase: 'thawing', thaw, ...thawedDates(running, on, on, context), basis: 'thawed' };
}

/** Due and last day of what is through on a day: the published days, less those that are used up; never before it is ready. */
function thawedDates(
  { daysThawed, keeping }: Running,
  throughOn: IsoDate,
  readyOn: IsoDate,
  { rules }: ColdContext,
): Pick<Running, 'dueOn' | 'lastOn'> {
  const [short, long] = daysOf(keeping).map((days) => Math.min(days, rules.thawedDays ?? days)) as [
    number,
    number,
  ];
  const after = (days: number): IsoDate => addDays(throughOn, Math.max(0, days - daysThawed));
  const lastOn = latest(after(long), readyOn);
  return { dueOn: earliest(after(short), lastOn), lastOn };
}

function inWater(
  running: Running,
  event: ColdEvent,
  way: Exclude<ThawedBy, 'refrigerator'>,
  before: Running,
  context: ColdContext,
): Running {
  const startedAt = momentOf(event, context).from;
  const { softH, readyH } = way === 'microwave' ? { softH: 0, readyH: 0 } : waterHours(event.massDg);
  const thaw: Thaw = {
    way,
    startedAt,
    ...wetTimes(addHours(startedAt, softH), addHours(startedAt, readyH), context),
    moreTimes: 0,
    isForSale: false,
    before,
  };
  return { ...running, phase: 'thawing', openOn: null, thaw, ...wetDates(thaw, context), basis: 'water' };
}

/** Out of cold water into the microwave: ready at once, and cooked no later than before. */
function intoMicrowave(running: Running, event: ColdEvent, water: Thaw, context: ColdContext): Running {
  const wet = inWater(running, event, 'microwave', water.before, context);
  if (!wet.thaw) return running;
  const thaw = { ...wet.thaw, cookByAt: earliest(wet.thaw.cookByAt, water.cookByAt) };
  return { ...wet, thaw, ...wetDates(thaw, context) };
}

function wetTimes(softAt: Instant, readyAt: Instant, { dayOf }: ColdContext) {
  return {
    softAt,
    readyAt,
    cookByAt: latest(addHours(softAt, COOK_WITHIN_H), readyAt),
    throughOn: dayOf(softAt),
  };
}

function wetDates({ readyAt, cookByAt }: Thaw, { dayOf }: ColdContext): Pick<Running, 'dueOn' | 'lastOn'> {
  return { dueOn: dayOf(readyAt), lastOn: dayOf(cookByAt ?? readyAt) };
}

/** Out of cold water it is cooked at once; at the latest so many hours after it may have been soft: our reading of the danger zone. */
const COOK_WITHIN_H = 2;

/** Somebody felt what lies in cold water: still ice, then it has half an hour more, a few times; or soft through, then it is ready. */
export function felt(running: Running, event: ColdEvent, context: ColdContext): Running {
  const { thaw } = running;
  if (!thaw?.softAt || thaw.way !== 'cold-water') return running;
  if (event.found === 'soft')
    return {
      ...running,
      thaw: { ...thaw, readyAt: earliest(momentOf(event, context).to, thaw.readyAt) as Instant },
    };
  if (event.found !== 'ice' || thaw.moreTimes >= MOST_TIMES) return running;
  const [softAt, readyAt] = [addHours(thaw.softAt, MORE_H), addHours(thaw.readyAt, MORE_H)];
  const more: Thaw = { ...thaw, ...wetTimes(softAt, readyAt, context), moreTimes: thaw.moreTimes + 1 };
  return { ...running, thaw: more, ...wetDates(more, context) };
}
