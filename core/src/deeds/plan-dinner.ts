import { NO_MEAL, type Meal, type Serving } from '../dinner/meal';
import type { ProposedDay } from '../dinner/propose-week';
import { withServing, without, type PlannedDay } from '../dinner/week';
import { lotName } from '../catalogue/lot-name';
import { whyOf } from '../cold/why';
import { keepsUpTo, type Cold } from '../cold/cold';
import type { Format } from '../format/format';
import type { Lot } from '../ledger/lot';
import type { IsoDate } from '../units/date';
import { failure, success, type Result } from '../units/result';
import type { Deed } from './deed';
import { packsAre } from './pack-names';

type Meals = ReadonlyMap<IsoDate, Meal>;

/** Writes the plan of some days. */
function planDays(days: Meals, say: string): Deed {
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
  if (cold.toCheck) return failure(`${name}: look at it first. ${whyOf(cold)} Nothing was planned.`);
  if (!keepsUpTo(cold, date)) {
    const until = cold.cookBy ? format.weekday(cold.cookBy) : 'nobody knows when';
    return failure(`${name} keeps until ${until}: it is not for ${format.weekday(date)}.`);
  }
  if (cold.readyOn !== null && cold.state === 'thawing' && date < cold.readyOn)
    return failure(`${name} thaws until ${format.weekday(cold.readyOn)}. Plan it for then, or later.`);
  const known = from === undefined ? undefined : meals.get(from)?.servings.find(({ lot }) => lot === pack.id);
  const serving: Serving = known ?? { lot: pack.id, amount: 'all' };
  return success(
    planDays(
      withServing(meals, date, serving, from),
      `${packsAre([pack])} planned for ${format.weekday(date)}`,
    ),
  );
}

/** Says something else of a day: its guests, its hour, that it is without meat. */
export function changeMeal(date: IsoDate, part: Partial<Meal>, say: string, meals: Meals): Deed {
  return planDays(new Map([[date, { ...(meals.get(date) ?? NO_MEAL), ...part }]]), say);
}

/** Serves a planned pack otherwise: less of it, thawed another way. */
export function changeServing(
  { lot, name }: { readonly lot: string; readonly name: string },
  date: IsoDate,
  part: Partial<Serving>,
  meals: Meals,
): Deed {
  const { servings } = meals.get(date) ?? NO_MEAL;
  const changed = servings.map((each) => (each.lot === lot ? { ...each, ...part } : each));
  return changeMeal(date, { servings: changed }, `${name} is changed`, meals);
}

/** Takes everything off the plan from today on; null where nothing is on it. */
export function clearPlan(days: readonly Pick<PlannedDay, 'date' | 'meal'>[], today: IsoDate): Deed | null {
  const planned = days.filter(({ date, meal }) => date >= today && meal.servings.length > 0);
  return planned.length === 0
    ? null
    : planDays(
        new Map(planned.map(({ date, meal }) => [date, { ...meal, servings: [] }])),
        'The plan is empty',
      );
}

/** Takes a proposal over. */
export function takeProposal(proposal: readonly ProposedDay[]): Result<Deed> {
  if (proposal.length === 0)
    return failure(
      'Nothing to propose: all days have their dinner or are without meat, or nothing in the cold can be ready.',
    );
  const meals = new Map(proposal.map(({ date, meal }) => [date, meal]));
  return success(
    planDays(meals, `${proposal.length} ${proposal.length === 1 ? 'dinner' : 'dinners'} proposed`),
  );
}

/** Takes a pack off the plan of a day. */
export function unplanDinner(lot: string, name: string, date: IsoDate, meals: Meals): Deed {
  return planDays(new Map([[date, without(meals.get(date) ?? NO_MEAL, lot)]]), `${name} is off the plan`);
}
