import { lotName } from '../catalogue/lot-name';
import { takenFrom } from '../dinner/use-facts';
import type { PlannedDay } from '../dinner/week';
import type { Fact } from '../ledger/entry';
import type { IsoDate } from '../units/date';
import { failure, success, type Result } from '../units/result';
import type { Deed } from './deed';

/** Serves what is planned for a day and still there: it leaves the stock, at its cost. Nobody eats ahead of today. */
export function serve({ date, servings }: PlannedDay, today: IsoDate): Result<Deed> {
  const on = date > today ? today : date;
  const there = servings.flatMap(({ serving, lot, trouble, isServed }) =>
    lot === null || trouble !== null || isServed ? [] : [{ lot, amount: serving.amount }],
  );
  if (there.length === 0) return failure('Nothing of that dinner is there to be eaten.');
  const facts = there.map(({ lot, amount }): Fact => {
    // Of a pack that holds less by now, all of it was eaten.
    const isLess = takenFrom(lot, amount, '', on).facts.length === 0;
    return { type: 'eaten', lot: lot.id, amount: isLess ? 'all' : amount, on };
  });
  return success({ facts, say: `${there.map(({ lot }) => lotName(lot)).join(', ')} eaten` });
}
