import { clockAt } from '../books/clock-at';
import type { Cold } from '../cold/cold';
import type { Entry, EntryOf, Fact } from '../ledger/entry';
import type { Lot, ThawedBy } from '../ledger/lot';
import { householdOf, type Household } from '../records/household';
import type { HouseholdRecord } from '../records/record';
import { JournalBuilder } from './journal-builder';

/*
 * Words to tell what happens to a lot, step by step. A day is one of November 2026 unless it says its
 * month: '3.12' is 3 December. What is bought is called `x`; packs wrapped of it `k`.
 */

/** '20' or '3.12', with a time or without: the day. */
export const day = (text: string): string => {
  const [date = '', month = '11'] = (text.split(' ')[0] ?? '').split('.');
  return `2026-${month.padStart(2, '0')}-${date.padStart(2, '0')}`;
};
export const instant = (when: string): string => `${day(when)}T${when.split(' ')[1] ?? '12:00'}:00.000Z`;

export interface Step {
  readonly at: string;
  readonly fact: Fact;
}
export const step = (when: string, fact: Fact): Step => ({ at: instant(when), fact });

export type Bought = Partial<EntryOf<'received'>>;
export const piece = (kind: string, massDg: number, when: string, more: Bought = {}): Step =>
  step(when, { type: 'received', lot: 'x', kind, count: 1, massDg, paidMinor: 1000, on: day(when), ...more });
export const chicken = (when: string, more: Bought = {}): Step => piece('whole-chicken', 16_000, when, more);
export const loin = (when: string, more: Bought = {}): Step => piece('strip-loin', 50_000, when, more);
export const bag = (when: string, more: Bought = {}, kind = 'strip-loin'): Step =>
  piece(kind, 50_000, when, { kept: 'sealed', ...more });
export const roast = (when: string): Step => piece('eye-of-round', 20_000, when, { kept: 'open' });
export const pack = (
  animal: NonNullable<EntryOf<'acquired'>['animal']>,
  massDg: number,
  when: string,
  more: Partial<EntryOf<'acquired'>> = {},
): Step => {
  const fact = {
    type: 'acquired',
    lot: 'x',
    name: 'Pack',
    animal,
    destination: 'main',
    massDg,
    count: 1,
  } as const;
  return step(when, { ...fact, paidMinor: 500, origin: 'bought-cut', on: day(when), ...more });
};
export const minced = (when: string): Step =>
  pack('beef', 4536, when, { destination: 'grind', kept: 'bought-frozen' });
export const drained = (when: string, massDg: number): Step =>
  step(when, { type: 'drained', lot: 'x', massDg });
export const cut = (
  when: string,
  lot: string,
  part: string,
  to: EntryOf<'cut'>['destination'],
  massDg = 5000,
  prepared?: EntryOf<'cut'>['prepared'],
): Step => {
  const made = { lot, part, destination: to, massDg, count: 1, prepared };
  return step(when, { type: 'cut', from: 'x', ...made, on: day(when) });
};
export const opened = (when: string): Step => step(when, { type: 'opened', lot: 'x', on: day(when) });
export const felt = (when: string, found: EntryOf<'checked'>['found']): Step =>
  step(when, { type: 'checked', lot: 'x', on: day(when), found });
const all = (lots: readonly string[]) => lots.map((lot) => ({ lot, amount: 'all' as const }));
export const wrapped = (when: string, ...from: string[]): Step =>
  step(when, { type: 'packed', lot: 'k', name: 'Pack', from: all(from), on: day(when) });
export const ground = (when: string, ...from: string[]): Step => {
  const made = { lot: 'g', from: all(from), added: [], name: 'Grind' };
  return step(when, { type: 'combined', ...made, destination: 'grind', on: day(when) });
};
export const single = (when: string, amount: EntryOf<'unpacked'>['amount']): Step =>
  step(when, { type: 'unpacked', from: 'x', lot: 's', amount, on: day(when) });
export const freezer = (when: string, lot = 'x'): Step =>
  step(when, { type: 'placed', lot, place: 'drawer' });
export const fridge = (when: string, lot = 'x'): Step => step(when, { type: 'placed', lot, place: 'fridge' });
export const thaw = (when: string, way: ThawedBy, on = when): Step =>
  step(when, { type: 'thawing', lot: 'x', amount: 'all', on: day(on), way });
export const out = (when: string): Step => thaw(when, 'refrigerator');
export const water = (when: string): Step => thaw(when, 'cold-water');
export const microwave = (when: string): Step => thaw(when, 'microwave');
export const again = (when: string): Step => step(when, { type: 'refrozen', lot: 'x', on: day(when) });

export const stamp = { at: '2026-01-01T00:00:00.000Z', device: 'tablet', seq: 0 };
const PLACES: HouseholdRecord[] = [
  { type: 'place', key: 'chest', stamp, value: { name: 'Chest', cold: 'freezer' } },
  { type: 'place', key: 'drawer', stamp, value: { name: 'Drawer', cold: 'freezer', within: 'chest' } },
  { type: 'place', key: 'fridge', stamp, value: { name: 'Refrigerator', cold: 'refrigerator' } },
];

/** A household in which that happened; what the ledger refuses is a mistake of the test. */
export function household(steps: readonly Step[], records: readonly HouseholdRecord[] = []): Household {
  const builder = new JournalBuilder();
  const entries = steps.map(({ at, fact }) => ({ ...builder.entry(fact), at }) as Entry);
  const made = householdOf(entries, [...PLACES, ...records]);
  const [refused] = made.journal.state.setAside;
  if (refused) throw new Error(`The ledger refuses it: ${JSON.stringify(refused)}`);
  return made;
}

/** The clock, at a moment, of the lot that was made last. */
export function clock(steps: readonly Step[], when: string, records: readonly HouseholdRecord[] = []): Cold {
  const made = household(steps, records);
  const lot = [...made.journal.state.lots.values()].at(-1) as Lot;
  return clockAt(made, 'Etc/UTC', instant(when))(lot);
}

export const useBy = (on: string) => ({ until: day(on), dated: 'use-by' as const });
export const sellBy = (on: string) => ({ until: day(on), dated: 'sell-by' as const });
export const packedOn = (on: string) => ({ until: day(on), dated: 'packed-on' as const });
