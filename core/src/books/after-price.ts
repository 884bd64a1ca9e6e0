import type { CostMethod } from '../cost/method';
import { costOfLots } from '../cost/cost-of-lots';
import type { Deed } from '../deeds/deed';
import { lotName } from '../catalogue/lot-name';
import type { LotId } from '../ledger/lot';
import type { Minor } from '../units/money';
import { householdOf, type Household } from '../records/household';
import type { HouseholdRecord, NewRecord } from '../records/record';
import { basisOf } from './basis-of';

/** A pack that costs something else once a price is put right. */
export interface MovedPack {
  readonly lot: LotId;
  readonly name: string;
  readonly wasMinor: Minor;
  readonly becomesMinor: Minor;
}

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
  const [was, becomes] = [household, then].map((each) => costOfLots(state, method, basisOf(each)));
  return [...state.lots.values()].flatMap((lot): MovedPack[] => {
    const [wasMinor, becomesMinor] = [was?.get(lot.id)?.minor ?? 0, becomes?.get(lot.id)?.minor ?? 0];
    return lot.form === 'pack' && wasMinor !== becomesMinor
      ? [{ lot: lot.id, name: lotName(lot), wasMinor, becomesMinor }]
      : [];
  });
}
