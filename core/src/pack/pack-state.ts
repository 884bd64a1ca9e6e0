import { flowedDg, totalDg, type Lot } from '../ledger/lot';

/** Where a pack is in its life. */
export type PackState =
  | 'frozen'
  | 'thawing'
  | 'part-used'
  | 'eaten'
  | 'given'
  | 'discarded'
  | 'shrunk'
  | 'unpacked';

const ENDS: readonly Extract<PackState, 'eaten' | 'given' | 'discarded' | 'shrunk' | 'unpacked'>[] = [
  'eaten',
  'given',
  'discarded',
  'shrunk',
  'unpacked',
];

/** Where a pack is in its life: what most of it became, once nothing is left. */
export function packState(lot: Lot): PackState {
  if (lot.leftDg > 0) {
    if (lot.thawingDg > 0) return 'thawing';
    return lot.leftDg < totalDg(lot) ? 'part-used' : 'frozen';
  }
  const masses = ENDS.map((way) => ({ way, massDg: flowedDg(lot, way) }));
  return masses.reduce((most, each) => (each.massDg > most.massDg ? each : most)).way;
}
