import { whyOf } from '../cold/why';
import { lotName } from '../catalogue/lot-name';
import { isInFreezer, type Cold } from '../cold/cold';
import type { Format } from '../format/format';
import type { Lot } from '../ledger/lot';
import type { IsoDate } from '../units/date';
import { failure, success, type Result } from '../units/result';
import type { Deed } from './deed';

/**
 * Says on which day a piece is to be cut; null for none.
 *
 * @param cold what its clock says: what does not keep until then is not planned so
 */
export function planCutting(
  piece: Lot,
  on: IsoDate | null,
  { cold, today }: { readonly cold: Cold; readonly today: IsoDate },
  format: Format,
): Result<Deed> {
  const name = lotName(piece);
  const records = [{ type: 'cutting' as const, key: piece.id, value: on === null ? null : { on } }];
  if (on === null) return success({ records, say: `${name}: no day to cut it` });
  if (on < today) return failure('That day is past. Say today or a day to come. Nothing was changed.');
  const { cookBy, overdue } = cold;
  if (overdue) return failure(`${name} is past its last day. ${whyOf(cold)} Nothing was planned.`);
  if (!isInFreezer(cold) && cookBy !== null && on > cookBy)
    return failure(
      `${name} keeps until ${format.weekday(cookBy)}. Cut it by then, or freeze it whole. Nothing was planned.`,
    );
  return success({ records, say: `${name}: cut on ${format.weekday(on)}` });
}
