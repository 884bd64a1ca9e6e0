import { lotName } from '../catalogue/lot-name';
import type { Lot } from '../ledger/lot';
import type { IsoDate } from '../units/date';
import { failure, success, type Result } from '../units/result';
import type { Deed } from './deed';

/** What became of something that is past its last day: mostly a deed was not written down. */
export type Became = 'eaten' | 'frozen' | 'bought';

/**
 * Writes down late what was not written down then.
 *
 * @param on the day of it, as somebody says; today at the latest
 * @param freezer where it lies frozen; null where the household has no freezer
 */
export function settleOverdue(
  lot: Lot,
  became: Became,
  { on, today, freezer }: { readonly on: IsoDate; readonly today: IsoDate; readonly freezer: string | null },
): Result<Deed> {
  if (on === '' || on > today)
    return failure('Say the day first, today or before. Nothing was written down.');
  const came = lot.form === 'piece' ? lot.on : (lot.boughtOn ?? lot.on);
  if (became !== 'bought' && came !== null && on < came)
    return failure(
      'That is before it was bought or wrapped. Mend one of the two days. Nothing was written down.',
    );
  const say = `${lotName(lot)} ${became}`;
  if (became === 'eaten') return success({ facts: [{ type: 'eaten', lot: lot.id, amount: 'all', on }], say });
  // What was bought has a day that can be mended; what was made here follows from it.
  if (became === 'bought') {
    const set = lot.form === 'piece' ? { on } : { boughtOn: on };
    return success({ facts: [{ type: 'corrected', entry: lot.came, set }], say });
  }
  return freezer === null
    ? failure('Say first which freezer there is, under Places. Nothing was written down.')
    : success({ facts: [{ type: 'placed', lot: lot.id, place: freezer, on }], say });
}
