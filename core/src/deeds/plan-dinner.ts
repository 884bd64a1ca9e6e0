import { NO_MEAL, type Meal, type Serving } from '../dinner/meal';
import { withServing, without } from '../dinner/week';
import { lotName } from '../catalogue/lot-name';
import { keepsUpTo, type Cold } from '../freeze/cold-clock';
import type { Format } from '../format/format';
import type { Lot } from '../ledger/lot';
import type { IsoDate } from '../units/date';
import { failure, success, type Result } from '../units/result';
import type { Deed } from './deed';
import { packsAre } from './pack-names';

type Meals = ReadonlyMap<IsoDate, Meal>;

/** Writes the plan of some days. */
export function planDays(days: Meals, say: string): Deed {
  return { records: [...days].map(([key, value]) => ({ type: 'meal', key, value })), say };
}

/**
 * Plans a pack for a day, or moves it there from another. What does not keep until then is no dinner.
 *
 * @param from the day that it was planned for
 */
export function planDinner(
  pack: Lot,
  { date, from, cold, meals }: { date: IsoDate; from?: IsoDate; cold: Cold; meals: Meals },
  format: Format,
): Result<Deed> {
  const name = lotName(pack);
  if (!keepsUpTo(cold, date)) {
    const until = cold.cookBy ? format.weekday(cold.cookBy) : 'nobody knows when';
    return failure(`${name} keeps until ${until}: it is not for ${format.weekday(date)}.`);
  }
  const known = from === undefined ? undefined : meals.get(from)?.servings.find(({ lot }) => lot === pack.id);
  const serving: Serving = known ?? { lot: pack.id, amount: 'all' };
  return success(
    planDays(
      withServing(meals, date, serving, from),
      `${packsAre([pack])} planned for ${format.weekday(date)}`,
    ),
  );
}

/** Takes a pack off the plan of a day. */
export function unplanDinner(lot: string, name: string, date: IsoDate, meals: Meals): Deed {
  return planDays(new Map([[date, without(meals.get(date) ?? NO_MEAL, lot)]]), `${name} is off the plan`);
}
