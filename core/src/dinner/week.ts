import { sum } from 'd3-array';
import { type Eater, plateOf } from '../pack/eater';
import { type Dinners, USUAL_DINNERS } from './dinners';
import { type Meal, NO_MEAL, type Serving } from './meal';
import type { Lot } from '../ledger/lot';
import { addDays, type Instant, type IsoDate } from '../units/date';
import { weekdayOf, type ClockTime } from '../units/zone';
import { platesIn, type Skin } from '../cost/plates';
import { isInFreezer, keepsUpTo, type Cold } from '../cold/cold';
import type { ClockOf } from '../cold/household-clocks';
import { atTable } from './at-table';
import { servedPlates, servedShare } from './served-of';

/** What a plan says of a pack that the pack no longer bears out. */
export type ServingTrouble =
  /** Eaten, given away, thrown away or not found since. */
  | 'gone'
  /** All days together want more of it than is left. */
  | 'too-little'
  /** The journal has no such pack: another device's file may be missing. */
  | 'unknown'
  /** It is past its last day, or will be on that day. */
  | 'past-its-day'
  /** The power was out, and nobody has looked at it since. */
  | 'look-first';

/** One pack on a day. */
export interface PlannedServing {
  readonly serving: Serving;
  readonly lot: Lot | null;
  readonly plates: number;
  readonly trouble: ServingTrouble | null;
  /** Some of it was eaten on the day. */
  readonly isServed: boolean;
  /** It lies in a freezer and does not thaw. */
  readonly isFrozen: boolean;
  /** It is on its way to be frozen: fresh up to a day, and hard from a moment on. */
  readonly fresh: { readonly to: IsoDate | null; readonly frozenAt: Instant | null } | null;
}

/** A day of the plan. */
export interface PlannedDay {
  readonly date: IsoDate;
  readonly at: ClockTime;
  readonly meal: Meal;
  readonly isMeatless: boolean;
  /** Plates wanted. */
  readonly wanted: number;
  readonly plates: number;
  readonly servings: readonly PlannedServing[];
}

/** What a plan is read with. */
export interface PlanSources {
  readonly meals: ReadonlyMap<string, Meal>;
  readonly lots: ReadonlyMap<string, Lot>;
  readonly clockOf: ClockOf;
  readonly settings: { readonly eaters: readonly Eater[]; readonly skin?: Skin; readonly dinners?: Dinners };
}

/**
 * The plan of some days, with what no longer holds of it: a pack that was eaten or thrown away
 * since, or of which the days together want more than there is. The later day is in the wrong.
 *
 * @param from the first day
 * @param days how many
 */
export function plannedDays(
  from: IsoDate,
  days: number,
  { meals, lots, clockOf, settings }: PlanSources,
): PlannedDay[] {
  const plate = plateOf(settings);
  const taken = new Map<string, number>();
  const dinners = settings.dinners ?? USUAL_DINNERS;
  return Array.from({ length: days }, (_, index): PlannedDay => {
    const date = addDays(from, index);
    const meal = meals.get(date) ?? NO_MEAL;
    const servings = meal.servings.map((serving): PlannedServing => {
      const lot = lots.get(serving.lot) ?? null;
      if (!lot)
        return { serving, lot, plates: 0, trouble: 'unknown', isServed: false, isFrozen: false, fresh: null };
      const eaten = lot.flows.filter(({ way, on }) => way === 'eaten' && on === date);
      if (eaten.length > 0)
        return {
          serving,
          lot,
          plates: sum(eaten, ({ plates, massDg }) => (plates > 0 ? plates : platesIn(lot, massDg, plate))),
          trouble: null,
          isServed: true,
          isFrozen: false,
          fresh: null,
        };
      if (lot.leftDg === 0)
        return { serving, lot, plates: 0, trouble: 'gone', isServed: false, isFrozen: false, fresh: null };
      const share = (taken.get(lot.id) ?? 0) + servedShare(lot, serving.amount);
      taken.set(lot.id, share);
      const cold = clockOf(lot);
      return {
        serving,
        lot,
        plates: servedPlates(lot, serving.amount, plate),
        trouble: troubleOf(cold, date, share),
        isServed: false,
        isFrozen: isInFreezer(cold),
        fresh: cold.state === 'freezing' ? { to: cold.cookBy, frozenAt: cold.frozenAt } : null,
      };
    });
    const isMeatless =
      meal.meatless ?? (meal.servings.length === 0 && dinners.meatless.includes(weekdayOf(date)));
    return {
      date,
      at: meal.at ?? dinners.at,
      meal,
      isMeatless,
      wanted: atTable(settings, meal),
      plates: sum(servings, ({ plates }) => plates),
      servings,
    };
  });
}

function troubleOf(cold: Cold, date: IsoDate, share: number): ServingTrouble | null {
  if (!keepsUpTo(cold, date)) return 'past-its-day';
  if (cold.toCheck) return 'look-first';
  return share > 1 + 1e-9 ? 'too-little' : null;
}

/** The days on which a pack is planned. */
export function daysOfPack(lot: string, meals: ReadonlyMap<string, Meal>): IsoDate[] {
  return [...meals]
    .filter(([, { servings }]) => servings.some((serving) => serving.lot === lot))
    .map(([date]) => date)
    .sort();
}

/** A plan with a pack put on a day; from another day it goes away with all that was said of it. */
export function withServing(
  meals: ReadonlyMap<string, Meal>,
  date: IsoDate,
  serving: Serving,
  from?: IsoDate,
): Map<IsoDate, Meal> {
  const changed = new Map<IsoDate, Meal>();
  if (from !== undefined && from !== date)
    changed.set(from, without(meals.get(from) ?? NO_MEAL, serving.lot));
  const meal = without(meals.get(date) ?? NO_MEAL, serving.lot);
  return changed.set(date, { ...meal, meatless: undefined, servings: [...meal.servings, serving] });
}

/** A dinner without a pack. */
export function without(meal: Meal, lot: string): Meal {
  return { ...meal, servings: meal.servings.filter((serving) => serving.lot !== lot) };
}
