import { sum } from 'd3-array';
import type { Animal } from '../ledger/animal';
import type { Meal, Serving } from './meal';
import type { Lot } from '../ledger/lot';
import { lotName } from '../catalogue/lot-name';
import type { Plate } from '../cost/plates';
import { isInFreezer, keepsUpTo } from '../cold/cold';
import type { ClockOf } from '../cold/household-clocks';
import type { ThawingWay } from '../cold/thawing-time';
import { addHours, daysBetween, type Instant, type IsoDate } from '../units/date';
import { instantAt, weekdayOf } from '../units/zone';
import { USUAL_COOK_MINUTES } from './dinners';
import type { EatingHabits } from './eating-habits';
import { isCollected } from './collections';
import { platesOf } from './plates-of';
import { wayFor, type Now } from './take-out';
import type { PlannedDay } from './week';

/** Why a pack was put on a day. */
export type Why = 'cold-already' | 'near-its-date' | 'oldest' | 'variety' | 'habit';

/** A day of a proposal. */
export interface ProposedDay {
  readonly date: IsoDate;
  readonly meal: Meal;
  readonly why: readonly Why[];
}

export interface WeekRequest {
  readonly days: readonly PlannedDay[];
  readonly stock: readonly Lot[];
  readonly habits: EatingHabits;
  /** On how many of the days meat is wanted, those planned already among them. */
  readonly dinners: number;
  readonly plate: Plate;
  readonly clockOf: ClockOf;
  /** Minutes that meat has to be thawed before it is on the table. */
  readonly cookMinutes?: number;
  readonly today: IsoDate;
  readonly now: Now;
}

/** One way to serve a dinner. */
interface Option {
  readonly servings: readonly Serving[];
  readonly lots: readonly Lot[];
  readonly plates: number;
}

interface PartPlan {
  readonly cost: number;
  readonly used: ReadonlySet<string>;
  readonly chosen: readonly { readonly date: IsoDate; readonly option: Option }[];
}

/** A request with its packs in line, and how each can thaw for a day. */
interface Table extends WeekRequest {
  readonly faults: readonly Fault[];
  readonly packs: readonly Lot[];
  /** The last day for what is not frozen. */
  readonly until: (lot: Lot) => IsoDate | null;
  readonly way: (day: PlannedDay, lot: Lot) => ThawingWay | 'from-frozen';
  /** When the cooking of a day's dinner starts. */
  readonly panAt: (day: PlannedDay) => Instant;
}

/** So many of an animal are looked at, the most urgent: a week eats fewer. */
const OF_AN_ANIMAL = 16;
/** Plans that are followed at once: of sixty random weeks 56 came out as with 4,000. */
const WIDTH = 60;
/** Near its date: what is left of its best is this many days or fewer. */
export const NEAR_DAYS = 30;
/** A day without any dinner, in plates' worth of annoyance. */
const NOTHING_COSTS = 20;

/** A dinner that is looked at, with those before and after it. */
interface Candidate {
  readonly day: PlannedDay;
  readonly option: Option;
  readonly table: Table;
  /** The animals of the dinners around it, in their order. */
  readonly before: readonly (Animal | null)[];
  readonly after: readonly (Animal | null)[];
}

/** Something that a proposed dinner should not be, and how much that weighs: estimates, in plates' worth of annoyance. */
export interface Fault {
  readonly weight: number;
  /** How far it is so, 0 to 1; below zero where it is good. */
  readonly of: (dinner: Candidate) => number;
}

const mean = ({ lots }: Option, of: (lot: Lot) => number): number =>
  sum(lots, (lot) => of(lot)) / lots.length;
const isAsBefore = ({ option }: Candidate, animal: Animal | null | undefined): number =>
  animal !== undefined && animal === option.lots[0]?.animal ? 1 : 0;

/** The faults that a proposed week avoids. A new one is a line here. */
const FAULTS: readonly Fault[] = [
  { weight: 4, of: ({ day, option }) => Math.max(0, day.wanted - option.plates) / day.wanted },
  { weight: 1.2, of: ({ day, option }) => Math.max(0, option.plates - day.wanted) / day.wanted },
  { weight: 1.5, of: (dinner) => isAsBefore(dinner, dinner.before.at(-1)) },
  { weight: 1.5, of: (dinner) => isAsBefore(dinner, dinner.after[0]) },
  { weight: 0.5, of: (dinner) => isAsBefore(dinner, dinner.before.at(-2)) },
  // Not the oldest.
  {
    weight: 2,
    of: ({ option, table: { packs } }) =>
      mean(option, (lot) => packs.indexOf(lot) / Math.max(1, packs.length)),
  },
  // What would go off is good to eat, and what is near its date no worse than that it is.
  { weight: -6, of: ({ option, table }) => mean(option, (lot) => (table.until(lot) !== null ? 1 : 0)) },
  {
    weight: 1.5,
    of: ({ option, table: { until, clockOf, today } }) =>
      mean(option, (lot) => (until(lot) !== null || isNear(lot, clockOf, today) ? 0 : 1)),
  },
  // Not what the household usually has on that weekday.
  {
    weight: 0.8,
    of: ({ day, option, table: { habits } }) =>
      1 - habits.animalOn(weekdayOf(day.date), option.lots[0]?.animal ?? null),
  },
  {
    weight: 1,
    of: ({ day, option, table: { until, way } }) =>
      option.lots.some((lot) => until(lot) === null && way(day, lot) === 'cold-water') ? 1 : 0,
  },
];

/**
 * Proposes dinners for the free days: what is thawing and what is near its date first, then the
 * oldest; no animal twice running where it can be helped; what the household usually has on that
 * weekday; as many plates as are wanted; and nothing that cannot be thawed in time. Days on which
 * the household seldom has meat stay free. A beam search over the days in their order.
 *
 * @returns the days that get something; days that are planned already stay as they are
 */
export function proposeWeek(request: WeekRequest, faults: readonly Fault[] = FAULTS): ProposedDay[] {
  const { days } = request;
  const planned = days.filter(({ servings }) => servings.length > 0).length;
  const used = new Set(days.flatMap(({ servings }) => servings.map(({ serving }) => serving.lot)));
  const table = tableOf(request, used, faults);
  const free = freeDays(table, request.dinners - planned);
  let beam: PartPlan[] = [{ cost: 0, used, chosen: [] }];
  const { packs } = table;
  for (const day of free) {
    const plans = beam
      .flatMap((plan) => {
        const options = optionsFor(
          day,
          packs.filter(({ id }) => !plan.used.has(id)),
          table,
        );
        if (options.length === 0) return [{ ...plan, cost: plan.cost + NOTHING_COSTS }];
        return options.map((option): PartPlan => ({
          cost: plan.cost + costOf(day, option, plan, table),
          used: new Set([...plan.used, ...option.lots.map(({ id }) => id)]),
          chosen: [...plan.chosen, { date: day.date, option }],
        }));
      })
      .sort((a, b) => a.cost - b.cost);
    // Of plans that leave the same packs and end alike only the best goes on: what follows is the same for both.
    const seen = new Set<string>();
    beam = plans.filter((plan) => !seen.has(endOf(plan)) && seen.add(endOf(plan))).slice(0, WIDTH);
  }
  const [best] = beam;
  return (best?.chosen ?? []).map(({ date, option }) => {
    const day = days.find((each) => each.date === date) as PlannedDay;
    return {
      date,
      meal: { ...day.meal, servings: [...option.servings] },
      why: whyOf(date, option, best as PartPlan, table),
    };
  });
}

/** What the rest of a plan depends on: the packs that are used, and the last two animals. */
function endOf({ used, chosen }: PartPlan): string {
  return `${[...used].sort().join(' ')} ${chosen
    .slice(-2)
    .map(({ option }) => option.lots[0]?.animal)
    .join(' ')}`;
}

/** The days that get a dinner: of those for which something can be ready, the ones on which the household most often has meat, in their order. */
function freeDays(table: Table, wanted: number): PlannedDay[] {
  const { days, habits, today, packs } = table;
  const isFree = ({ date, servings, isMeatless, wanted: plates }: PlannedDay): boolean =>
    date >= today && servings.length === 0 && !isMeatless && plates > 0;
  const free = days.filter((day) => isFree(day) && packs.some((lot) => isInTime(day, lot, table)));
  const usual = [...free].sort((a, b) => habits.meatOn(weekdayOf(b.date)) - habits.meatOn(weekdayOf(a.date)));
  const chosen = new Set(usual.slice(0, Math.max(0, wanted)));
  return free.filter((day) => chosen.has(day));
}

function tableOf(request: WeekRequest, used: ReadonlySet<string>, faults: readonly Fault[]): Table {
  const known = new Map<string, ThawingWay | 'from-frozen'>();
  const way = (day: PlannedDay, lot: Lot): ThawingWay | 'from-frozen' => {
    const key = `${day.date} ${lot.id}`;
    const { frozenAt } = request.clockOf(lot);
    const found = known.get(key) ?? wayFor(day, lot, request.now, request.cookMinutes, frozenAt);
    known.set(key, found);
    return found;
  };
  const until = (lot: Lot): IsoDate | null => {
    const cold = request.clockOf(lot);
    return isInFreezer(cold) ? null : cold.cookBy;
  };
  const { zone } = request.now;
  const cookH = (request.cookMinutes ?? USUAL_COOK_MINUTES) / 60;
  const panAt = ({ date, at }: PlannedDay): Instant => addHours(instantAt(date, at, zone), -cookH);
  const packs = inLine(request, until).filter(({ id }) => !used.has(id));
  return { ...request, faults, packs, until, way, panAt };
}

/** Packs that make plates, the most urgent first, some of each animal. */
function inLine({ stock, plate, today, clockOf }: WeekRequest, until: Table['until']): Lot[] {
  const rank = (lot: Lot): string =>
    until(lot) !== null
      ? `0 ${until(lot)}`
      : isNear(lot, clockOf, today)
        ? `1 ${clockOf(lot).bestBefore ?? ''}`
        : `2 ${lot.on ?? ''}`;
  const ranked = stock
    .filter(
      (lot) =>
        platesOf(lot, plate) > 0 && !isCollected(lot) && !clockOf(lot).overdue && !clockOf(lot).toCheck,
    )
    .map((lot) => ({ lot, rank: rank(lot) }));
  ranked.sort((a, b) => (a.rank < b.rank ? -1 : a.rank > b.rank ? 1 : a.lot.id < b.lot.id ? -1 : 1));
  const seen = new Map<Animal | null, number>();
  return ranked.flatMap(({ lot }) => {
    seen.set(lot.animal, (seen.get(lot.animal) ?? 0) + 1);
    return (seen.get(lot.animal) ?? 0) <= OF_AN_ANIMAL ? [lot] : [];
  });
}

function isNear(lot: Lot, clockOf: ClockOf, today: IsoDate): boolean {
  const until = clockOf(lot).bestBefore;
  return until !== null && daysBetween(today, until) <= NEAR_DAYS;
}

const likeness = (lot: Lot): string => `${lot.animal} ${lot.kind} ${lotName(lot)} ${lot.count}`;

/** The first of packs that are alike, alone or with a second one of the same animal where one is too small. */
function optionsFor(day: PlannedDay, packs: readonly Lot[], table: Table): Option[] {
  const firsts = [...new Map([...packs].reverse().map((lot) => [likeness(lot), lot])).values()]
    .reverse()
    .filter((lot) => isInTime(day, lot, table));
  return firsts.flatMap((lot) => {
    const alone = optionOf([lot], day.wanted, table.plate);
    if (alone.plates >= day.wanted * 0.8) return [alone];
    const second = packs
      .filter((other) => other.id !== lot.id && other.animal === lot.animal && isInTime(day, other, table))
      .map((other) => optionOf([lot, other], day.wanted, table.plate));
    const closest = [...second].sort(
      (a, b) => Math.abs(a.plates - day.wanted) - Math.abs(b.plates - day.wanted),
    )[0];
    return closest ? [alone, closest] : [alone];
  });
}

function optionOf(lots: readonly Lot[], wanted: number, plate: Plate): Option {
  let left = wanted;
  const servings = lots.map((lot): Serving => {
    const plates = platesOf(lot, plate);
    const each = plates / Math.max(1, lot.countLeft);
    const count = Math.ceil(left / each - 1e-9);
    const some = lot.singly && count > 0 && count < lot.countLeft;
    left -= some ? count * each : plates;
    return { lot: lot.id, amount: some ? { count } : 'all' };
  });
  return { servings, lots, plates: wanted - left };
}

/** Whether there is still time to thaw it, or it is out already and keeps until then. */
function isInTime(day: PlannedDay, lot: Lot, { way, clockOf, panAt }: Table): boolean {
  const cold = clockOf(lot);
  if (!keepsUpTo(cold, day.date)) return false;
  if (!isInFreezer(cold)) return cold.readyAt === null || cold.readyAt <= panAt(day);
  return way(day, lot) !== 'from-frozen';
}

function costOf(day: PlannedDay, option: Option, plan: PartPlan, table: Table): number {
  const dinner = { day, option, table, ...neighbours(day.date, plan, table.days) };
  return sum(table.faults, ({ weight, of }) => weight * of(dinner));
}

/** The animals of the dinners before and after a day, planned ones and proposed ones, in their order. */
function neighbours(
  date: IsoDate,
  { chosen }: PartPlan,
  days: readonly PlannedDay[],
): { before: (Animal | null)[]; after: (Animal | null)[] } {
  const planned = days.flatMap(({ date: on, servings }) =>
    servings[0]?.lot ? [{ on, animal: servings[0].lot.animal }] : [],
  );
  const proposed = chosen.flatMap(({ date: on, option }) =>
    option.lots[0] ? [{ on, animal: option.lots[0].animal }] : [],
  );
  const all = [...planned, ...proposed].sort((a, b) => (a.on < b.on ? -1 : 1));
  return {
    before: all.filter(({ on }) => on < date).map(({ animal }) => animal),
    after: all.filter(({ on }) => on > date).map(({ animal }) => animal),
  };
}

function whyOf(
  date: IsoDate,
  { lots }: Option,
  plan: PartPlan,
  { days, packs, habits, today, until, clockOf }: Table,
): Why[] {
  const [lot] = lots as [Lot];
  const why: Why[] = [];
  if (until(lot) !== null) why.push('cold-already');
  else if (isNear(lot, clockOf, today)) why.push('near-its-date');
  else if (packs.filter(({ animal }) => animal === lot.animal)[0]?.id === lot.id) why.push('oldest');
  const { before } = neighbours(date, plan, days);
  if (before.length > 0 && before.at(-1) !== lot.animal) why.push('variety');
  if (habits.weeks >= 6 && habits.animalOn(weekdayOf(date), lot.animal) > 0.4) why.push('habit');
  return why;
}
