import type { Entry, Fact } from '@core/ledger/entry';
import { append, stampOfNext, type Journal } from '@core/ledger/journal';
import type { Household } from '@core/records/household';
import { registerOf, type HouseholdRecord } from '@core/records/record';
import { factOf } from '@core/testing/random-journal';
import type { Chance } from '../chance';
import { moments } from './tab';

/** A fact that may happen next; the first are a piece bought and something cut from it. */
export function factAt(journal: Journal, n: number, number: Chance, lot: string): Fact {
  const choice = {
    what: n < 2 ? n : number(1e6),
    which: number(1e6),
    other: number(1e6),
    size: number(1200),
  };
  return factOf(journal, choice, lot);
}

/** A shop's price as it was noted the n-th time. */
export const priceAt = (n: number) => ({
  item: 'strip-steak' as const,
  shop: 'Corner Stall',
  perKgMinor: 2790 + n,
  on: '2026-11-27',
});

/** A shop's price that only this deed writes. */
export const priceOf = (deed: string) => ({
  type: 'price' as const,
  key: deed,
  value: priceAt(0),
});

/** A household as it would be after one large deed on another device. */
export function withDeed(
  household: Household,
  deed: string,
  tries: number,
  number: Chance,
): { after: Household; entries: number } {
  let { journal } = household;
  for (let n = 0; n < tries; n++) {
    const stamp = stampOfNext(journal, moments.instant(), 'other');
    const fact = factAt(journal, journal.entries.length === 0 ? 0 : 2, number, `${deed}-lot${n}`);
    journal = append(journal, { ...fact, id: moments.newId(), ...stamp } as Entry).value ?? journal;
  }
  const stamp = { at: moments.instant(), device: 'other', seq: 0 };
  const record = { ...priceOf(deed), stamp } as HouseholdRecord;
  const records = new Map(household.records).set(registerOf(record), record);
  const entries = journal.entries.length - household.journal.entries.length;
  return { after: { ...household, journal, records }, entries };
}
