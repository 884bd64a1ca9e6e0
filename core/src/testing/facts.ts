import type { FactOf } from '../ledger/entry';

const on = '2026-01-02';

/** A strip loin of 5 kg for 60.00. */
export function received(lot = 'p'): FactOf<'received'> {
  return { type: 'received', lot, kind: 'strip-loin', count: 1, massDg: 50_000, paidMinor: 6000, on };
}

/** A steak off it. */
export function steak(lot: string, massDg = 3500, from = 'p', count = 1): FactOf<'cut'> {
  return { type: 'cut', from, lot, part: 'steaks', destination: 'main', massDg, count, on };
}
