import { splitFacts } from '../dinner/use-facts';
import { keptAlike, type Reservations } from '../dinner/reservation';
import type { Lot } from '../ledger/lot';
import type { IsoDate } from '../units/date';
import { failure, success, type Result } from '../units/result';
import type { Deed } from './deed';
import { packNames } from './pack-names';

/**
 * Makes a pack of its own of so many pieces of a pack: as old as it, in its place, kept for the same.
 *
 * @param count at least one, and one is left
 */
export function splitPack(
  pack: Lot,
  count: number,
  {
    on,
    reserved,
    newId,
  }: { readonly on: IsoDate; readonly reserved: Reservations; readonly newId: () => string },
): Result<Deed> {
  const most = pack.countLeft - 1;
  if (!Number.isInteger(count) || count < 1 || count > most)
    return failure(`Split off a whole number of pieces from 1 to ${most}.`);
  const other = newId();
  const facts = splitFacts(pack, count, { loose: newId(), newId: other, on });
  return success({ facts, ...keptAlike(pack.id, other, reserved), say: `${packNames([pack])} split` });
}
