import type { Format } from '../format/format';
import type { FactOf } from '../ledger/entry';
import type { IsoDate } from '../units/date';
import { failure, success, type Result } from '../units/result';
import type { Deed } from './deed';

/**
 * Enters a pack that no piece here stands behind: it was there already, was bought cut, or is left over.
 *
 * @param place where it lies; empty where nobody says
 */
export function enterPack(
  pack: FactOf<'acquired'>,
  place: string,
  today: IsoDate,
  format: Format,
): Result<Deed> {
  // What was bought frozen has no days in the refrigerator to be counted from its purchase.
  const isBoughtFresh = pack.origin === 'bought-cut' && pack.kept !== 'bought-frozen';
  const day = isBoughtFresh ? pack.boughtOn : pack.on;
  if (isBoughtFresh && !day)
    return failure('Say when it was bought: its days count from then. Nothing was written down.');
  if (day && day > today)
    return failure(
      `${format.dayAndYear(day)} is still to come: it cannot have been then. Nothing was written down.`,
    );
  return success({
    facts: [pack, ...(place === '' ? [] : [{ type: 'placed' as const, lot: pack.lot, place }])],
    say: `${pack.name} is in`,
  });
}
