import type { CostMethod } from '../cost/method';
import { costOfLots } from '../cost/cost-of-lots';
import { lotName } from '../catalogue/lot-name';
import { householdOf, type Household } from '../records/household';
import type { HouseholdRecord, NewRecord } from '../records/record';
import { basisWithout } from '../books/basis-of';
import { takenBackPieces } from '../ledger/taken-back';
import type { MovedPack } from '../cost/moved-pack';
import type { Deed } from './deed';

/**
 * What becomes of packs when a deed that only writes records is done, before it is: to be looked over.
 *
 * @returns those that would cost something else, in the order of the journal
 */
export function afterPrice(household: Household, deed: Deed, method: CostMethod): MovedPack[] {
  const { state } = household.journal;
  const stamp = { at: '9999-12-31T00:00:00.000Z', device: 'trial', seq: 0 };
  const written = (deed.records ?? []).filter((record): record is NewRecord => 'value' in record);
  const then = householdOf(
    [],
    [...household.records.values(), ...written.map((record) => ({ ...record, stamp }) as HouseholdRecord)],
    household.identity,
  );
  const takenBack = takenBackPieces(household.journal);
  const [was, becomes] = [household, then].map((each) =>
    costOfLots(state, method, basisWithout(each, takenBack)),
  );
  return [...state.lots.values()].flatMap((lot): MovedPack[] => {
    const [wasMinor, becomesMinor] = [was?.get(lot.id)?.minor ?? 0, becomes?.get(lot.id)?.minor ?? 0];
    return lot.form === 'pack' && wasMinor !== becomesMinor
      ? [{ lot: lot.id, name: lotName(lot), wasMinor, becomesMinor }]
      : [];
  });
}
