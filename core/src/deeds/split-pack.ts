import { splitFacts } from '../dinner/use-facts';
import type { Lot } from '../ledger/lot';
import type { IsoDate } from '../units/date';
import { failure, success, type Result } from '../units/result';
import type { Deed } from './deed';
import { packNames } from './pack-names';

/**
 * Makes a pack of its own of so many pieces of a pack.
 *
 * @param count at least one, and one is left
 */
export function splitPack(
  pack: Lot,
  count: number,
  { on, newId }: { readonly on: IsoDate; readonly newId: () => string },
): Result<Deed> {
  const most = pack.countLeft - 1;
  if (!Number.isInteger(count) || count < 1 || count > most)
    return failure(`Split off a whole number of pieces from 1 to ${most}.`);
  const facts = splitFacts(pack, count, { loose: newId(), newId: newId(), on });
  return success({ facts, say: `${packNames([pack])} split` });
}
