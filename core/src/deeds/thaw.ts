import { thawFacts } from '../dinner/use-facts';
import { NO_MEAL, type Meal, type Serving } from '../dinner/meal';
import { keptAlike, type Reservations } from '../dinner/reservation';
import type { Lot, ThawedBy } from '../ledger/lot';
import type { IsoDate } from '../units/date';
import type { Deed } from './deed';
import { packNames, packsAre } from './pack-names';

/** How packs are taken out. */
export interface Thawing {
  readonly way: ThawedBy;
  /** Where what thaws lies; null where the household has no refrigerator by name. */
  readonly refrigerator: string | null;
  readonly on: IsoDate;
  /** What is kept for something: a part of it is kept for the same. */
  readonly reserved: Reservations;
  /** Makes the id of what comes out of a pack. */
  readonly newId: () => string;
}

/** Takes packs, or some of each, out to thaw. */
export function thaw(packs: readonly Lot[], amount: Serving['amount'], thawing: Thawing): Deed {
  const taken = packs.map((pack) => ({
    pack,
    ...thawFacts(pack, amount, { ...thawing, newId: thawing.newId() }),
  }));
  const records = taken.flatMap(({ pack, lot }) => keptAlike(pack.id, lot, thawing.reserved).records ?? []);
  const what = amount === 'all' ? packsAre(packs) : `Some of ${packNames(packs)} is`;
  return {
    facts: taken.flatMap(({ facts }) => facts),
    ...(records.length > 0 ? { records } : {}),
    say: `${what} out, to thaw`,
  };
}

/**
 * Takes a planned pack out; where it is only some of it, the plan of that day goes on with what was
 * taken out.
 *
 * @param meals the plan, by day
 */
export function thawForDinner(
  pack: Lot,
  { date, serving }: { readonly date: IsoDate; readonly serving: Serving },
  meals: ReadonlyMap<IsoDate, Meal>,
  thawing: Thawing,
): Deed {
  const { facts, lot } = thawFacts(pack, serving.amount, { ...thawing, newId: thawing.newId() });
  const meal = meals.get(date) ?? NO_MEAL;
  const servings = meal.servings.map((each): Serving =>
    each.lot === pack.id ? { lot, amount: 'all', way: each.way } : each,
  );
  return {
    facts,
    records:
      lot === pack.id
        ? []
        : [
            { type: 'meal', key: date, value: { ...meal, servings } },
            ...(keptAlike(pack.id, lot, thawing.reserved).records ?? []),
          ],
    say: `${packsAre([pack])} out, to thaw`,
  };
}
