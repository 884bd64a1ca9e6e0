import type { CostBasis } from '../cost/carriers';
import type { Fact } from '../ledger/entry';
import type { State } from '../ledger/replay';
import type { ItemChoice } from '../price/item-choice';
import { priceBook } from '../price/price-book';
import type { PriceNote } from '../price/price-note';
import { JournalBuilder } from './journal-builder';

export const on = '2026-01-02';

/** A strip loin of 1.000 kg at 10.01, the smallest piece that still rounds. */
export const received: Fact = {
  type: 'received',
  lot: 'p',
  kind: 'strip-loin',
  count: 1,
  massDg: 10_000,
  paidMinor: 1001,
  on,
};

/** Steaks off it, or off something that came off it. */
export const cut = (
  lot: string,
  massDg: number,
  destination: 'main' | 'grind' | 'stock' | 'bin' = 'main',
  from = 'p',
): Fact => ({ type: 'cut', from, lot, part: 'steaks', destination, massDg, count: 1, on });

/** Prices and what is thought of shop items; a plate is 200 g. */
export const basis = (notes: PriceNote[] = [], choices: [string, ItemChoice][] = []): CostBasis => ({
  pricing: { book: priceBook(notes.map((note, index) => [`k${index}`, note])), choices: new Map(choices) },
  plate: { dg: 2000 },
});

export const stateOf = (...facts: Fact[]): State =>
  new JournalBuilder().add(...facts).household().journal.state;
