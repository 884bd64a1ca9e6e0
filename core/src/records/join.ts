import { mergeEntries, type Contradiction } from '../ledger/merge';
import { failure, success, type Result } from '../units/result';
import { householdOf, holdsMoney, mergeRecords, settingsOf, valuesOf, type Household } from './household';
import { joinedIdentity } from './identity';
import { byAge, kinshipOf } from './kinship';
import type { HouseholdRecord } from './record';

/** Why two households cannot be one. */
export type CannotJoin =
  | Contradiction
  | { readonly reason: 'currency'; readonly ofOlder: string; readonly ofYounger: string };

/**
 * Joins what two devices know: whichever way and however often, the same. Of one household each register
 * is what was said last. Of two households the older one's settings and places stay, and of the other's
 * places only those come along in which something lies.
 *
 * @returns or why not: one entry id stands for two different entries, or amounts are in another currency
 */
export function mergeHouseholds(a: Household, b: Household): Result<Household, CannotJoin> {
  const entries = mergeEntries(a.journal.entries, b.journal.entries);
  if (!entries.ok) return entries;
  const [older, younger] = byAge(a, b);
  const isOne = kinshipOf(a, b) === 'same';
  const [ofOlder, ofYounger] = [settingsOf(older).currency, settingsOf(younger).currency];
  const areSaid = [older, younger].every(({ records }) => records.has('settings/currency'));
  // Of one household the same: what was paid here in one currency is not paid there in another.
  const isPaid = holdsMoney(younger) && (!isOne || holdsMoney(older));
  if (areSaid && ofOlder !== ofYounger && isPaid)
    return failure({ reason: 'currency', ofOlder, ofYounger } as const);
  const brought = [...younger.records.values()].filter(isOne ? () => true : comesAlong(younger, older));
  const records = mergeRecords([...older.records.values()], brought);
  const identity = joinedIdentity(older.identity, younger.identity, isOne);
  return success(householdOf(entries.value, [...records.values()], identity));
}

/** Registers that say how a household lives, of which there is one. */
const OF_THE_HOUSE: ReadonlySet<HouseholdRecord['type']> = new Set(['settings', 'printing']);

function comesAlong(household: Household, into: Household): (record: HouseholdRecord) => boolean {
  const [places, there] = [valuesOf(household, 'place'), valuesOf(into, 'place')];
  const full = new Set<string>();
  for (const { leftDg, place } of household.journal.state.lots.values()) {
    if (leftDg === 0 || place === null) continue;
    full.add(place);
    full.add(places.get(place)?.within ?? place);
  }
  // Where the older one has answered no question at all, it has no way of counting to stay.
  const hasSaid = valuesOf(into, 'settings').size > 0;
  return ({ type, key }) =>
    OF_THE_HOUSE.has(type) ? !hasSaid : type !== 'place' || (full.has(key) && !there.has(key));
}
